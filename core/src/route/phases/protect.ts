import { CLEAR_COATS, COATINGS } from '../../catalog';
import { wearOf } from '../../piece';
import type { SurfaceContext } from '../context';
import { topcoatOf } from '../finishing';
import { atBorder, coatedFirst, maskBorder, tapeMinutesOf } from '../twoTone';
import { capital, dullCoat, layCoat, effort, type Rule, type Work } from '../rule';

const SHEENS = {
  G1: 'dead flat',
  G2: 'velvet',
  G3: 'eggshell',
  G4: 'satin',
  G5: 'semi-gloss',
  G6: 'gloss',
  G7: 'high gloss',
} as const;

const sheenOf = (s: SurfaceContext): string =>
  'sheen' in s.aim.scheme && s.aim.scheme.sheen ? SHEENS[s.aim.scheme.sheen] : SHEENS.G4;

const WEAR_WORDS = { high: 'used hard', middle: 'used a little', low: 'hardly touched' } as const;

const topcoatWork = (s: SurfaceContext): readonly Work[] => {
  const plan = topcoatOf(s);
  if (!plan) return [];
  const row = COATINGS.get(plan.coating);
  const film = row.wetUm > 0;
  const always = s.shop.schools.betweenCoats === 'always' && film;
  const sheen = film ? `, ${sheenOf(s)}` : '';
  const first = plan.dullFirst
    ? [
        dullCoat(s, {
          id: `under-${plan.coating}`,
          grit: 320,
          rank: 0,
          next: 'Ready for the clear coat.',
        }),
      ]
    : [];
  return [
    ...first,
    ...Array.from({ length: plan.coats }, (_, index): readonly Work[] => [
      layCoat(s, plan.coating, {
        variant: `${film ? sheenOf(s) : ''}${index + 1}`,
        rank: 1 + 2 * index,
        title: `${capital(row.label)}${sheen}, coat ${index + 1}`,
        how:
          index > 0 && film && !always
            ? ['Rough to the hand? P400, light, dust off; else straight on.']
            : [],
      }),
      ...(always && index + 1 < plan.coats
        ? [
            dullCoat(s, {
              id: `${plan.coating}-${index + 1}`,
              grit: 400,
              rank: 2 + 2 * index,
              next: 'Ready for the next coat.',
            }),
          ]
        : []),
    ]).flat(),
  ];
};

/** What shields the colour. */
export const PROTECT_RULES: readonly Rule[] = [
  {
    id: 'coats-by-wear',
    phase: 'protect',
    applies: (s) => topcoatOf(s) !== undefined,
    because: (s) => {
      const plan = topcoatOf(s);
      const wear = ('wear' in s.aim.scheme && s.aim.scheme.wear) || wearOf(s.surface);
      return plan && COATINGS.get(plan.coating).wetUm > 0
        ? `${s.surface.name}: ${WEAR_WORDS[wear]}, so ${CLEAR_COATS[wear]} ${CLEAR_COATS[wear] === 1 ? 'coat' : 'coats'}.`
        : `${s.surface.name}: two rounds, each wiped or buffed off.`;
    },
    work: topcoatWork,
  },
  {
    id: 'tape-on-hard-film-only',
    phase: 'protect',
    applies: (s) => atBorder(s) && coatedFirst(s),
    because: (s) =>
      `${s.surface.name}: done, and its neighbours get another coat; tape on soft film takes it along.`,
    work: (s) => [
      {
        method: 'harden',
        rank: 90,
        title: 'Let it harden before tape goes on',
        minutes: 1,
        how: ['Press a thumbnail in where it is not seen: no mark, and tape may sit on it.'],
        wait: { minutes: tapeMinutesOf(s), until: 'tape may sit on it' },
      },
      {
        ...maskBorder(s),
        rank: 91,
        title: 'Mask the border, on the hard film',
        how: [
          'Low-tack tape along the border, no longer than the other coats take.',
          'Pull it back on itself while the coat next to it is still soft.',
        ],
      },
    ],
  },
  {
    id: 'freshen-inside',
    phase: 'protect',
    applies: (s) => s.aim.scheme.kind === 'freshened',
    because: (s) => `${s.surface.name}: clean and sweet-smelling, no new coat.`,
    work: (s) => [
      {
        method: 'freshen',
        rank: 0,
        title: 'Freshen up inside',
        ...effort('freshen', s),
        how: [
          'Wipe with alcohol and water half and half, leave open to dry.',
          'Odour: open bowls of baking soda or charcoal for some days; if it stays, clear shellac.',
          'Raw wood: a thin coat of wax, buffed. Line with paper, with snips at the curves.',
        ],
        materials: ['Denatured alcohol', 'Cloths', 'Paste wax'],
        protection: ['Nitrile gloves', 'No flame'],
        wait: { minutes: 120, until: 'dry' },
      },
    ],
  },
];
