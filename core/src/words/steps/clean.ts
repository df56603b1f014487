import { line, type Told } from '../../catalog';
import { aChance, listed } from '../language';
import { byCode, byLabel } from '../cautions';

export const vacuum = {
  title: 'Vacuum inside and out',
  because: 'Vacuumed first, the wash water stays clean longer.',
  how: [
    line(
      'Soft brush on the nozzle, low suction over loose veneer and flaking paint.',
      ['vacuums'],
      'A vacuum with a HEPA filter and no other: loose dust may hold lead. Soft brush, low suction, never over flaking paint: that is misted and wiped up.',
    ),
    'From the top down: faces, corners, joints, runners, underneath; drawers inside and out.',
    'A white cloth drawn over it picks up nothing loose.',
  ],
} as const;

export const residueOff = {
  title: 'Take sticker and felt residue off',
  because: 'Glue residue sheds every coat over it.',
  how: [
    line(
      'A few drops of oil-based remover on each, about ten minutes, then take it off with plastic, flat to the face; twice for old ones.',
      ['scrapesWet'],
    ),
    'Felt on water-soluble glue: keep it wet under a cloth, it peels.',
    'Nothing sticky is left under a fingertip. The degreasing that follows takes the oil off.',
  ],
} as const;

export const cementOff = {
  title: 'Chip the cement off, wet',
  because: 'cement, mortar or plaster holds no coat, and ground dry it makes silica dust.',
  how: [
    line(
      'Mist it and keep it wet: chisel flat to the face in small bites, a wet scraper for the rest.',
      ['scrapesWet'],
    ),
    'Never grind it dry. Wipe the slurry up before it dries, bag it.',
    'What stays in the pores is sealed, not sanded.',
  ],
  cautions: [
    byCode(
      'Silica dust scars lungs: limit 0.05 mg/m³ in the air (29 CFR 1910.1053 in shops, 1926.1153 on building sites). Outdoors or with extraction, always wet.',
    ),
    byCode('Adhesive under old tiles may hold asbestos: have it tested before it is disturbed.'),
  ],
} as const;

export const waxOff = {
  title: 'Take the wax off with mineral spirits',
  because: (certain: boolean) =>
    `wax ${certain ? 'very much in question' : 'possible'}; no paint or film sticks over it.`,
  how: [
    line(
      'Rag or fine nylon pad, wet with mineral spirits, with the grain, half a face at a time.',
      ['rubsWet'],
    ),
    'Wipe with clean rags, turned often, until none comes away smeared: two or three rounds.',
    'A drop of water spreads instead of beading: the wax is off. It beads? Once more.',
  ],
} as const;

export const airOut = {
  title: 'Air the smell out',
  because: 'smoke and pets smell through water-based coats; what is aired out need not be shut in.',
  how: [
    'Drawers out, doors open, in moving air and sun if you can; raw wood inside wiped with a cloth damp with water and a little vinegar, dried at once.',
    'Bowls of baking soda or charcoal in every space for three days; smell it closed up for an hour.',
    'Gone? Go on. Still there: it sits in the wood, and is shut in with shellac, or stays in the room that has it.',
  ],
} as const;

export const powderOff = {
  title: 'Wash off what powders',
  because: (finish: string) =>
    `${finish} that comes off on a wet rag takes every water-based coat down with it.`,
  how: (damp: boolean): readonly Told[] => [
    line(
      damp
        ? 'A well-wrung sponge and warm water, a hand’s breadth at a time, dried at once: there is a thin face or board below.'
        : 'Warm water and a soft sponge, let it soak for a few minutes, rub in circles; clean water as soon as it clouds.',
      ['rubsWet'],
    ),
    'Go on until a white rag comes away clean. What no water takes is bound, and stays.',
    'Then dry overnight. Chalk on the hand tomorrow? Once more.',
  ],
} as const;

export const degrease = {
  title: (damp: boolean, twice: boolean) =>
    `${damp ? 'Degrease with a damp cloth' : 'Degrease and rinse'}${twice ? ', twice' : ''}`,
  because: 'Sanding over grease and polish drives it into the wood and clogs the paper.',
  becauseGreasy: 'greasy. Sanding over grease drives it into the wood; two passes.',
  how: (damp: boolean): readonly Told[] =>
    damp
      ? [
          'Degreaser by its label on a well wrung-out cloth: damp, not wet. Along the grain, a face at a time.',
          'A cloth of clear water after it, as damp, and dry at once with a third.',
          'The cloth stays clean, and the face squeaks under a fingertip. It does not? Once more, still damp.',
        ]
      : [
          line(
            'Degreaser by its label, a couple of teaspoons to a bucket of warm water, stronger on kitchen film; sponge or nylon pad, along the grain.',
            ['water', 'rubsWet'],
          ),
          'Change the water when you can’t see the bottom. A second pass if the first water was dark.',
          'Rinse with clear water twice, wipe dry. Right: no film under a fingertip, and water spreads instead of beading.',
        ],
  cautions: (damp: boolean) => [
    byLabel(
      damp
        ? 'Water lifts thin or loose veneer and swells board.'
        : 'No silicone polish anywhere near.',
    ),
  ],
} as const;

export const bleedPatch = {
  title: 'Set a bleed patch',
  because: (chance: number, wood: string) =>
    `likely ${wood}, with ${aChance(chance)} that it bleeds through a light colour. A stamp of primer tells, and spares the blocker where it stays white.`,
  how: (names: readonly string[], wet: boolean): readonly Told[] => [
    ...(names.length > 1
      ? [
          `One patch speaks for what is of one wood: ${listed(names.map((it) => it.toLowerCase()))}.`,
        ]
      : []),
    wet
      ? line(
          'Rub a hidden spot the size of a stamp dull with wet-or-dry paper, wet; wipe, bag the wipe, let it dry.',
          ['rubsWet'],
        )
      : line(
          'Sand a hidden spot the size of a stamp, on the darkest grain or on a knot where there is one; dust off.',
          ['abrades'],
        ),
    'Dab on white water-based primer, thick enough to hide.',
    'Read it after four hours, better overnight, beside a fresh dab on white card: any tint means bleed. Record it on Look.',
  ],
  question: 'What colour is the patch?',
  answers: {
    staysWhite: ['Stayed white', 'A plain acrylic primer will do.'],
    turnsYellow: ['Yellow, brown or orange', 'Pigmented shellac, two coats.'],
    turnsPink: ['Pink or red', 'Old dye: pigmented shellac, two coats, spots again.'],
  },
} as const;
