import { COATINGS } from '../../catalog';
import { fillsGrain, paintPlanOf, primerOf } from '../finishing';
import type { SurfaceContext } from '../context';
import { capital, dullCoat, layCoat, type Rule, type Work } from '../rule';

/** Primer coats, each dulled and dusted before the next thing goes on. */
const coats = (s: SurfaceContext): readonly Work[] => {
  const chosen = primerOf(s);
  if (!chosen) return [];
  const { primer } = chosen;
  const tint = primer.id === 'clearShellac' ? null : (paintPlanOf(s)?.tint ?? null);
  const grey = tint === 'grey' ? ['Have it tinted grey: it saves coats of the colour.'] : [];
  return Array.from({ length: primer.coats }, (_, index): readonly Work[] => {
    const which = primer.coats > 1 ? `, coat ${index + 1} of ${primer.coats}` : '';
    return [
      {
        ...layCoat(s, primer.id, {
          variant: `${tint ?? ''}${index + 1}`,
          rank: 2 * index,
          title: `${capital(primer.label)}${which}`,
          how: grey,
        }),
        method: `prime-${primer.id}`,
        wait: { minutes: primer.recoatMinutes, until: 'it sands to powder' },
        waitsFor: ['bleed'],
      },
      {
        ...dullCoat(s, {
          id: `${primer.id}-${index + 1}`,
          grit: primer.scuffGrit,
          rank: 2 * index + 1,
          next: index + 1 === primer.coats ? 'Ready for colour.' : 'Ready for the next coat.',
        }),
        waitsFor: ['bleed'],
      },
    ];
  }).flat();
};

/** Grain filler, sanded back once it is hard. */
export const fillGrain = (s: SurfaceContext, rank: number): readonly Work[] => [
  layCoat(s, 'grainFiller', { rank, title: 'Fill the grain' }),
  {
    ...dullCoat(s, { id: 'grain', grit: 220, rank: rank + 1, next: 'Only the pores keep filler.' }),
    // Where it is sanded back the wood is bare again; what stays lies in the pores.
    leaves: null,
  },
];

/** Stain-blocking primer by need. */
export const BLOCK_RULES: readonly Rule[] = [
  {
    id: 'fill-pores-under-paint',
    phase: 'block',
    applies: (s) => s.aim.scheme.kind === 'painted' && fillsGrain(s),
    because: (s) =>
      `${s.surface.name}: ${s.wood.label}; its pores show through paint unless they are filled.`,
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) => fillGrain(s, -4),
  },
  {
    id: 'prime-by-risk',
    phase: 'block',
    applies: (s) => primerOf(s) !== undefined,
    because: (s) => `${s.surface.name}: ${primerOf(s)?.because ?? ''}`,
    evidence: (s) => [...s.beliefs.bleed.speaksFor, ...s.beliefs.wood.speaksFor],
    work: coats,
  },
  {
    id: 'caulk-after-primer',
    phase: 'block',
    applies: (s) =>
      s.aim.scheme.kind === 'painted' && s.findings.some((it) => it.damage === 'jointGap'),
    because: (s) =>
      `${s.surface.name}: an open joint shows as a black line in paint; caulk holds on primer, not on bare wood.`,
    work: (s) => [
      {
        ...layCoat(s, 'caulk', {
          rank: 10,
          title: 'Caulk the gaps at the joints',
          rate: 'caulk',
        }),
        method: 'caulk',
        wait: { minutes: COATINGS.get('caulk').recoatMinutes, until: 'a finger leaves no mark' },
        // A bead in the gap, no coat on the face.
        coating: null,
      },
    ],
  },
];
