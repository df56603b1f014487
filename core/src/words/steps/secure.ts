import { LEAD_LIMITS } from '../../catalog';
import { showTemperature, showThickness, type UnitSystem } from '../../units';
import { byCode, byKit, type CautionWords } from '../cautions';

/** What federal rules forbid on paint that holds lead, or may. */
export const forbiddenWays = (units: UnitSystem): CautionWords =>
  byCode(
    `No dry sanding, no dry scraping, no open flame, no machine without HEPA extraction, no heat gun at or above ${showTemperature(LEAD_LIMITS.heatGunCelsius.value, units)} (40 CFR 745.85).`,
  );

export const leadGate = {
  title: 'Test every layer for lead',
  because: (cutoffYear: number, status: string) =>
    `may carry paint from before ${cutoffYear}. ${status}`,
  how: [
    'Wet the spot. Cut a small slanting notch through all layers in a hidden place.',
    'Count the layers and record the count.',
    'Swab each layer by the kit’s leaflet and record each result; or send a chip to a laboratory, which decides.',
    'Wipe wet, bag the waste, wash your hands.',
  ],
  cautions: (units: UnitSystem): readonly CautionWords[] => [
    forbiddenWays(units),
    byCode('Keep children and pregnant women away until the result is in.'),
    byKit('A negative on the top layer says nothing about the layers below.'),
  ],
  question: 'Is there lead in any layer?',
  answers: {
    leadFound: [
      'Found in some layer',
      'Dry sanding drops out: seal it in, or take it off wet or with gel, contained.',
    ],
    leadNotFound: ['Found in no layer', 'The held steps below are open.'],
    leadUntested: ['Not tested', 'Nothing that makes dust may start here.'],
  },
} as const;

export const leadContained = {
  title: 'Set up for work with lead',
  how: [
    'Ask local rules first: disposal, and who may do this.',
    'Plastic sheet under the piece, taped; nothing else in the room.',
    'Wet methods only. Wipe wet, bag the waste, HEPA vacuum, wash before eating.',
  ],
  cautions: (units: UnitSystem): readonly CautionWords[] => [
    forbiddenWays(units),
    byCode('Keep children and pregnant women away.'),
  ],
  firm: {
    label: 'a certified firm',
    because:
      'it costs more, and takes risk and waste off your hands; the better way where in doubt',
  },
  takingItOff: {
    label: 'taking it all off',
    because: 'a sound film is sealed in under sound coats: next to no dust, less waste',
  },
} as const;

export const evictInsects = {
  title: 'Quarantine and get rid of the insects',
  because: 'Live insects spread to the other pieces in the shop.',
  how: [
    'Keep it apart and wrapped.',
    'Vacuum holes and joints.',
    'Have it treated by heat or cold, or by licensed pest control.',
  ],
  cautions: [byCode('No home-made poison: it stays in the wood.')],
} as const;

export const mouldOff = {
  title: 'Take the mould off outdoors',
  because: 'Mould spores fly as soon as the piece is moved or brushed.',
  how: [
    'Outdoors. HEPA vacuum, then wipe damp and throw the cloth away.',
    'Dry it in moving air; look for the cause of the damp.',
  ],
  cautions: [byCode('Large or returning growth belongs to a professional.')],
} as const;

export const substrateGate = {
  title: 'Make sure that it is wood',
  because: 'may be printed: a stain would not take, and stripper would lift the print.',
  how: [
    'Look into a chip or a hardware hole with a lamp.',
    'Look underneath. Record both on Look.',
  ],
  question: 'What does the chip show?',
  answers: {
    wood: ['Wood, or thin wood on a core', 'Strip and sand as planned.'],
    print: ['Paper, resin or board', 'No stain or clear: paint it, or lay new veneer.'],
  },
} as const;

export const veneerGate = {
  title: 'Measure the veneer',
  because: (substrate: string, usualUm: number, units: UnitSystem) =>
    `likely ${substrate}, thickness only guessed from its age (about ${showThickness(usualUm, units)}).`,
  how: ['At a chip, a hinge hole or an edge.', 'Rule or calliper under a lens. Record it on Look.'],
  question: 'How thick is the veneer?',
  /** @param neededUm what the ladder needs; null where no ladder fits */
  answers: (neededUm: number | null, units: UnitSystem) => ({
    veneerEnough: [
      neededUm === null ? 'More than assumed' : `${showThickness(neededUm, units)} or more`,
      'The ladder below holds.',
    ],
    veneerLess: ['Less', 'No ladder: gel and a light hand pass, or paint.'],
  }),
} as const;

export const photographs = {
  title: 'Photograph every side',
  because: 'Nobody remembers which screw sat where; the next owner asks what is under the paint.',
  how: [
    'All sides, inside, underneath, each damage with a rule beside it.',
    'Hardware in place, close up.',
  ],
} as const;
