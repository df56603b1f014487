import { COATINGS, WAITS, type Coating } from '../../catalog';
import { isLightColour, visibilityOf } from '../../piece';
import { chanceOfPeeling, fillsGrain, paintPlanOf, primerOf } from '../finishing';
import { behind, type SurfaceContext } from '../context';
import { waxLeft } from './clean';
import { capital, dullCoat, layCoat, type Rule, type Work } from '../rule';
import { atBorder, coatedFirst, maskBorder } from '../twoTone';

/** What else would have done, and why it is not taken. */
const insteadOf = (s: SurfaceContext, primer: Coating): Work['insteadOf'] => {
  if (primer !== 'pigmentedShellac') return [];
  return [
    {
      label: 'waterborne primer',
      because: 'water draws the bleed out, and it comes through coat after coat',
    },
    ...(isLightColour(s.aim.scheme)
      ? [
          {
            label: 'a darker colour',
            because:
              'it would hide what comes through and spare the blocker; change the aim if you like it',
          },
        ]
      : []),
  ];
};

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
          risks: index === 0 ? { peel: chanceOfPeeling(s), wax: waxLeft(s) } : {},
        }),
        method: `prime-${primer.id}`,
        wait: { minutes: primer.recoatMinutes, until: 'it sands to powder' },
        waitsFor: ['bleed', 'patch'],
        insteadOf: insteadOf(s, primer.id),
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

/** A slick face that is painted in full view: the bond is tried before the whole piece is coated. */
const wantsTestPatch = (s: SurfaceContext): boolean =>
  s.aim.scheme.kind === 'painted' &&
  s.lead !== 'found' &&
  s.bond !== 'holds' &&
  s.bond !== 'fails' &&
  primerOf(s)?.primer.id === 'bonding' &&
  visibilityOf(s.surface) === 'high';

/** Stain-blocking primer by need. */
export const BLOCK_RULES: readonly Rule[] = [
  {
    id: 'try-the-bond-first',
    phase: 'block',
    applies: wantsTestPatch,
    because: (s) =>
      `${s.surface.name}: ${s.substrate.wood ? s.finish.label : s.substrate.label} sheds paint; a patch the size of a hand tells before the whole face is coated.`,
    evidence: (s) => behind(s.beliefs.substrate),
    work: () => [
      {
        method: 'test-patch',
        rank: -10,
        title: 'Set a test patch and cross-cut it',
        minutes: 15,
        how: [
          'On the scuffed face, where it will not be seen: primer, and paint once that is dry.',
          'After four hours for a hint, two weeks for an answer: six cuts each way, tape on, pull.',
          'Count the squares that are gone and record them on Look.',
        ],
        materials: ['Waterborne bonding primer', 'A blade', 'Tape'],
        wait: { minutes: WAITS.testPatch, until: 'it can be cut' },
        protection: ['Nitrile gloves', 'Ventilation'],
        gate: {
          kind: 'patch',
          testId: 'cross-cut',
          question: 'How many of 25 squares are gone?',
          answers: [
            { id: 'bondHolds', answer: 'None or one', then: 'It holds: prime the whole face.' },
            {
              id: 'bondFair',
              answer: 'Two or three',
              then: 'Fair: degrease and scuff again, then another patch.',
            },
            {
              id: 'bondFails',
              answer: 'More',
              then: 'It will peel: another primer, or new veneer.',
            },
          ],
        },
      },
    ],
  },
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
    id: 'mask-what-is-coated-later',
    phase: 'block',
    applies: (s) => atBorder(s) && !coatedFirst(s),
    because: (s) =>
      `${s.surface.name}: gets another coat than its neighbours, which are coated first.`,
    work: (s) => [
      {
        ...maskBorder(s),
        rank: 50,
        title: 'Mask the border, before the other coats',
        how: [
          'Low-tack tape along the border, pressed down with a fingernail; film or paper over the rest.',
          'Dedusted face only: tape on dust lets paint creep under.',
          'Pull it back on itself while the last coat next to it is still soft.',
        ],
      },
    ],
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
