import { SUBSTRATES, WAITS } from '../../catalog';
import { behind, chanceOfAny, has, isSuspect, type SurfaceContext } from '../context';
import { CODE, LABEL, SOLVENT_RAGS, effort, type Rule } from '../rule';

const waxed = (s: SurfaceContext): boolean =>
  s.finish.id === 'wax' || s.beliefs.finish.distribution.wax >= 0.3;

/** Chance that wax lies there and is not taken off. */
export const waxLeft = (s: SurfaceContext): number =>
  waxed(s) || s.strips ? 0 : s.beliefs.finish.distribution.wax;

/** Chance that the face is one that water does not go with, whatever it is planned as. */
const chanceShunsWater = ({ beliefs: { substrate } }: SurfaceContext): number =>
  chanceOfAny(
    substrate.distribution,
    SUBSTRATES.rows.filter((row) => row.shunsWater),
  );

/** From this chance on a bleed patch is worth its stamp of primer, up to where it is sure. */
const PATCH_FROM = 0.15;
const PATCH_TO = 0.75;

/** Everything that has to come off before anything is sanded in. */
export const CLEAN_RULES: readonly Rule[] = [
  {
    id: 'vacuum-first',
    phase: 'clean',
    regardless: true,
    applies: (s) =>
      (s.worked && !(s.lead === 'found' && s.piece.childsRoom)) ||
      s.aim.scheme.kind === 'freshened',
    because: () => 'Vacuumed first, the wash water stays clean longer.',
    work: (s) => [
      {
        method: 'vacuum',
        variant: isSuspect(s) ? 'hepa' : '',
        rank: 0,
        title: 'Vacuum inside and out',
        ...effort('vacuum', s),
        how: [
          ...(isSuspect(s) ? ['HEPA filter in the vacuum: loose dust may hold lead.'] : []),
          'Soft brush on the nozzle.',
          'Corners, joints, runners, underneath.',
        ],
        protection: [isSuspect(s) ? 'P100 filter' : 'Dust mask'],
      },
    ],
  },
  {
    id: 'residue-off',
    phase: 'clean',
    applies: (s) => s.worked && has(s, 'residue'),
    because: () => 'Glue residue sheds every coat over it.',
    work: (s) => [
      {
        method: 'residue',
        rank: 1,
        title: 'Take sticker and felt residue off',
        ...effort('residue', s),
        how: [
          'Oil-based remover, about ten minutes, scrape with plastic.',
          'Felt on water-soluble glue: keep it wet, it peels.',
          'The degreasing that follows takes the oil off.',
        ],
        materials: ['Oil-based residue remover', 'Plastic scraper'],
        protection: ['Nitrile gloves', 'Ventilation'],
        cautions: [
          {
            text: 'Oily rags heat up by themselves: flat outdoors, or under water in a lidded can.',
            lastWord: LABEL,
          },
        ],
      },
    ],
  },
  {
    id: 'cement-comes-off-wet',
    phase: 'clean',
    applies: (s) => s.worked && has(s, 'cementResidue'),
    because: (s) =>
      `${s.surface.name}: cement, mortar or plaster holds no coat, and ground dry it makes silica dust.`,
    work: (s) => [
      {
        method: 'cement-off',
        rank: 1,
        title: 'Chip the cement off, wet',
        ...effort('cementOff', s),
        how: [
          'Mist it and keep it wet. Chisel flat to the face, small bites; a scraper for the rest.',
          'Never grind it dry. Wipe the slurry up before it dries, bag it.',
          'What stays in the pores is sealed, not sanded.',
        ],
        materials: ['Spray bottle', 'Chisel', 'Waste bags'],
        wait: { minutes: WAITS.afterWash, until: 'dry, overnight' },
        protection: ['P100 respirator', 'Goggles', 'Gloves'],
        cautions: [
          {
            text: 'Silica dust scars lungs: limit 0.05 mg/m³ in the air (29 CFR 1926.1153).',
            lastWord: CODE,
          },
        ],
      },
    ],
  },
  {
    id: 'nothing-sticks-over-wax',
    phase: 'clean',
    applies: (s) => s.worked && waxed(s),
    because: (s) =>
      `${s.surface.name}: wax ${s.finish.id === 'wax' ? 'very much in question' : 'possible'}; no paint or film sticks over it.`,
    evidence: (s) => behind(s.beliefs.finish),
    work: (s) => [
      {
        method: 'wax-off',
        rank: 2,
        leaves: 'dewaxed',
        title: 'Take the wax off with mineral spirits',
        ...effort('waxOff', s),
        how: [
          'Rag or fine nylon pad, wet with mineral spirits, with the grain.',
          'Wipe with clean rags until none comes away smeared.',
        ],
        materials: ['Mineral spirits', 'Rags'],
        wait: { minutes: WAITS.afterSpirits, until: 'the spirits are off' },
        protection: ['Nitrile gloves', 'Open window, no flame'],
        cautions: [SOLVENT_RAGS],
      },
    ],
  },
  {
    id: 'clean-before-abrasive',
    phase: 'clean',
    applies: (s) => s.worked,
    because: (s) =>
      has(s, 'grime')
        ? `${s.surface.name}: greasy. Sanding over grease drives it into the wood; two passes.`
        : 'Sanding over grease and polish drives it into the wood and clogs the paper.',
    work: (s) => [
      {
        method: s.dampOnly ? 'damp-wipe' : 'degrease',
        variant: has(s, 'grime') ? 'twice' : 'once',
        rank: 3,
        title: `${s.dampOnly ? 'Degrease with a damp cloth' : 'Degrease and rinse'}${has(s, 'grime') ? ', twice' : ''}`,
        setUp: s.dampOnly ? 'dampWipe' : 'degrease',
        minutes:
          (effort(s.dampOnly ? 'dampWipe' : 'degrease', s).minutes + effort('rinse', s).minutes) *
          (has(s, 'grime') ? 2 : 1),
        how: s.dampOnly
          ? [
              'Degreaser by its label on a wrung-out cloth: damp, not wet.',
              'Wipe with clear water, damp, and dry at once.',
            ]
          : [
              'Degreaser by its label; change the water when it is dirty.',
              'A second pass if the first water is dark.',
              'Rinse with clear water, dry.',
            ],
        materials: ['Phosphate-free degreaser', 'Cloths'],
        wait: s.dampOnly
          ? { minutes: WAITS.afterDampWipe, until: 'it feels dry' }
          : { minutes: WAITS.afterWash, until: 'dry, overnight' },
        protection: ['Nitrile gloves'],
        risks: s.dampOnly ? {} : { water: chanceShunsWater(s) },
        cautions: s.dampOnly
          ? [{ text: 'Water lifts thin or loose veneer and swells board.', lastWord: LABEL }]
          : [{ text: 'No silicone polish anywhere near.', lastWord: LABEL }],
      },
    ],
  },
  {
    id: 'bleed-patch-decides',
    phase: 'clean',
    applies: (s) => {
      const chance = 1 - s.beliefs.bleed.distribution.none;
      return (
        s.lead !== 'found' &&
        s.aim.scheme.kind === 'painted' &&
        s.aim.scheme.shade !== 'dark' &&
        !s.beliefs.bleed.confirmed &&
        chance >= PATCH_FROM &&
        chance <= PATCH_TO
      );
    },
    because: (s) =>
      `${s.surface.name}: a ${Math.round((1 - s.beliefs.bleed.distribution.none) * 100)} % chance that it bleeds through a light colour. A stamp of primer tells.`,
    evidence: (s) => [...s.beliefs.bleed.speaksFor, ...s.beliefs.wood.speaksFor],
    work: () => [
      {
        method: 'bleed-patch',
        rank: 4,
        title: 'Set a bleed patch',
        minutes: 5,
        how: [
          'Sand a hidden spot the size of a stamp, dust off.',
          'Dab on white water-based primer.',
          'Read it after four hours, better overnight, and record it on Look.',
        ],
        materials: ['White water-based primer', 'P150 paper'],
        wait: { minutes: WAITS.bleedPatch, until: 'overnight (four hours at least)' },
        protection: ['Dust mask'],
        makesDust: true,
        dedusts: true,
        grits: [150],
        gate: {
          kind: 'bleed',
          testId: 'bleed-patch',
          question: 'What colour is the patch?',
          answers: [
            { id: 'staysWhite', answer: 'Stayed white', then: 'A plain acrylic primer will do.' },
            {
              id: 'turnsYellow',
              answer: 'Yellow, brown or orange',
              then: 'Pigmented shellac, two coats.',
            },
            {
              id: 'turnsPink',
              answer: 'Pink or red',
              then: 'Old dye: pigmented shellac, two coats, spots again.',
            },
          ],
        },
      },
    ],
  },
];
