import { choosePrimer, type PrimerNeed } from '../../coating';
import { has, type SurfaceContext } from '../context';
import { CODE, LABEL, SOLVENT_RAGS, minutesFor, type Rule, type Work } from '../rule';

const needOf = (s: SurfaceContext): PrimerNeed => {
  const { bleed } = s.beliefs;
  const kinds = (['tannin', 'resin', 'dye'] as const).map((kind) => ({
    kind,
    p: bleed.distribution[kind],
  }));
  const worst = kinds.reduce((a, b) => (b.p > a.p ? b : a));
  return {
    scheme: s.aim.scheme,
    substrate: s.substrate.id,
    film: s.strips ? 'bare' : s.finish.id,
    glossy: s.finish.glossy,
    bleed: worst.kind,
    bleedChance: 1 - bleed.distribution.none,
    knots: bleed.likeliest === 'resin',
    odour: has(s, 'mould'),
  };
};

type PrimerRow = NonNullable<ReturnType<typeof choosePrimer>>['primer'];

/** Dulls a coat of primer and takes the dust off; wet where there is lead under it. */
const dulling = (s: SurfaceContext, primer: PrimerRow, coat: number): Work => {
  const wet = s.lead === 'found';
  return {
    method: 'dull',
    variant: `${primer.id}-${coat}${wet ? '-wet' : ''}`,
    rank: 2 * coat - 1,
    title: wet
      ? `Dull wet with P${primer.scuffGrit}, wipe`
      : `Dull with P${primer.scuffGrit}, dedust`,
    minutes: minutesFor('primerScuff', s) * (wet ? 1.5 : 1),
    how: [
      wet
        ? `Wet-or-dry P${primer.scuffGrit} and a sponge, light; do not cut through to the old paint.`
        : `P${primer.scuffGrit} by hand, light; do not cut through at edges.`,
      wet
        ? 'Wipe the slurry up, bag the wipes, let it dry.'
        : 'Vacuum, lint-free cloth, tack cloth.',
      coat === primer.coats ? 'Ready for colour.' : 'Ready for the next coat.',
    ],
    materials: [`P${primer.scuffGrit} paper`, wet ? 'Sponge' : 'Tack cloth'],
    wait: wet ? { minutes: 120, until: 'dry' } : null,
    protection: wet ? ['P100 respirator', 'Nitrile gloves'] : ['Dust mask'],
    cautions: wet ? [{ text: 'Lead below: nothing dry, nothing hot.', lastWord: CODE }] : [],
    grits: [primer.scuffGrit],
    makesDust: !wet,
    dedusts: true,
    waitsFor: ['bleed'],
  };
};

/** Primer coats, each dulled and dusted before the next thing goes on. */
const coats = (s: SurfaceContext): readonly Work[] => {
  const chosen = choosePrimer(needOf(s));
  if (!chosen) return [];
  const { primer } = chosen;
  return Array.from({ length: primer.coats }, (_, index): readonly Work[] => {
    const which = primer.coats > 1 ? `, coat ${index + 1} of ${primer.coats}` : '';
    return [
      {
        method: `prime-${primer.id}`,
        variant: String(index + 1),
        rank: 2 * index,
        title: `${primer.label.charAt(0).toUpperCase()}${primer.label.slice(1)}${which}`,
        minutes: minutesFor('primerCoat', s),
        how: primer.steps,
        materials: [primer.label],
        wait: { minutes: primer.recoatMinutes, until: 'it sands to powder' },
        protection: primer.protection,
        cautions: [
          { text: `Clean tools with ${primer.cleaner}.`, lastWord: LABEL },
          ...(primer.cleaner === 'water' ? [] : [SOLVENT_RAGS]),
        ],
        coats: true,
        waitsFor: ['bleed'],
      },
      dulling(s, primer, index + 1),
    ];
  }).flat();
};

/** Stain-blocking primer by need: school "prime by risk". */
export const BLOCK_RULES: readonly Rule[] = [
  {
    id: 'prime-by-risk',
    phase: 'block',
    applies: (s) => choosePrimer(needOf(s)) !== undefined,
    because: (s) => {
      const chosen = choosePrimer(needOf(s));
      return `${s.surface.name}: ${chosen?.because ?? ''}`;
    },
    evidence: (s) => [...s.beliefs.bleed.speaksFor, ...s.beliefs.wood.speaksFor],
    work: coats,
  },
];
