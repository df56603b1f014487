import { CHILDS_BED, LEAD_LIMITS, line, type Told } from '../../catalog';
import { showLength, showTemperature, showThickness, type UnitSystem } from '../../units';
import { aChance, listed } from '../language';
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
  how: (names: readonly string[], child: boolean, notch: boolean): readonly Told[] => [
    ...(names.length > 1
      ? [
          `One sample speaks for what is painted alike: ${listed(names.map((it) => it.toLowerCase()))}. Other colours or another number of layers at an edge? Then sample that part too.`,
        ]
      : []),
    'Where you see only wood, look into a chip first: wood right up to the film is no paint. Painted graining under varnish is.',
    ...(notch
      ? [
          line(
            'Wet a hidden spot. Cut a small slanting notch through all layers, down to the wood; count them and record the count.',
            ['cutsWet'],
          ),
          child
            ? 'Cut one chip through all layers, wet, and send it to a laboratory, or have it read by X-ray fluorescence: for a child a swab is not enough.'
            : 'One full-depth chip to a laboratory answers for all layers. A swab reads only what it touches: check the kit on its control card, break, mix, rub each layer 30 seconds; pink or red means lead.',
        ]
      : [
          'Don’t notch metal, glass, vitreous enamel, laminate, leather or cane. Have them read by X-ray fluorescence, where nothing is cut.',
          'If paint is loose on them already, wet one flake, take it off with tweezers and send it to a laboratory. Vitreous enamel can hold lead in the glass itself: don’t chip it.',
        ]),
    'Record each result. Wipe wet, bag the waste, wash your hands.',
  ],
  cautions: (units: UnitSystem, child: boolean): readonly CautionWords[] => [
    forbiddenWays(units),
    ...(child
      ? [
          byCode(
            'It is for a child: if you would rather not cut into it, hand it to a certified firm now, or leave it as it is.',
          ),
        ]
      : []),
    byCode('Keep children and pregnant women away until the result is in.'),
    byKit('A negative on the top layer says nothing about the layers below.'),
  ],
  question: 'Is there lead in any layer?',
  answers: (child: boolean) =>
    ({
      leadFound: [
        'Found in some layer',
        child
          ? 'Don’t work on it yourself: a certified firm, or leave it as it is and out of the child’s reach.'
          : 'Dry sanding drops out: seal it in, or take it off wet or with gel, contained.',
      ],
      leadNotFound: ['Found in no layer', 'The held steps below are open.'],
      leadUntested: [
        'Not tested',
        child
          ? 'Nothing starts here. A certified firm, or leave it as it is and out of the child’s reach.'
          : 'Nothing that scrapes, strips, washes, cuts or sands starts here. A certified firm, or leave it.',
      ],
    }) as const,
} as const;

export const cleanUpAfter = {
  title: 'Clean up after work on paint with lead',
  because: (found: boolean) =>
    found
      ? 'was worked before lead was found on it: dust or sludge of that paint may be in the room.'
      : 'was worked, and whether there is lead in its paint is open again: dust of it may be in the room.',
  how: [
    'Stop all work on the piece. Keep children and pregnant women away.',
    'Put on the respirator, overall and gloves before you touch anything.',
    'Wipe the piece, the bench and the floor with damp disposable cloths, then with fresh ones and clean water. A vacuum only with a HEPA filter.',
    'Wipe the other pieces and tools that stood in the room then.',
    'Bag the cloths, the used papers and the overall. Wash hands and face, and the clothes worn then apart from the others.',
    'Write down who was there, and tell them. A doctor can test blood for lead: children and pregnant women first.',
  ],
  cautions: [
    byCode('Dust of old paint may contain lead. Don’t sweep, don’t blow, no household vacuum.'),
  ],
} as const;

export const leadContained = {
  title: 'Set up for work with lead',
  how: (slides: boolean): readonly string[] => [
    'Ask local rules first: disposal, and who may do this.',
    'Plastic sheet under the piece, taped; nothing else in the room.',
    'Wet methods only. Wipe wet, bag the waste, HEPA vacuum, wash before eating.',
    ...(slides
      ? [
          'Runners, drawer sides and door edges rub: paint with lead there makes dust each time they move. Don’t slide them dry: leave the drawers out, and have a certified firm deal with these faces.',
        ]
      : []),
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
    'Carry it out of the shop first, wrapped in film and taped; look over what stood beside it.',
    line(
      'Vacuum holes and joints.',
      ['vacuums'],
      'Vacuum holes and joints with a HEPA filter only.',
    ),
    'Have it treated by heat or cold, or by licensed pest control. Nothing is washed or opened before: water and shaking drive them into the next piece.',
    'Then it stands apart on clean paper. Fresh dust on the paper: have it treated again.',
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
  title: 'Look for veneer at the edge, and measure it',
  because: (said: string, chanceThin: number, usualUm: number, units: UnitSystem) =>
    `${said} so far, with ${aChance(chanceThin)} of a thin face, of which only the age says how thick it is (about ${showThickness(usualUm, units)}). A machine goes through it in seconds.`,
  how: [
    'At a fitting’s hole, a hinge recess, a chip or the end of the board, with a lamp and a lens.',
    line(
      'A thin line along the edge, or another wood below it: veneer. Scrape the edge clean of film and glue, read a steel rule or calliper, and record the thickness on Look.',
      ['scrapes'],
      'A thin line along the edge, or another wood below it: veneer. Read it where there is no paint, in a hole or on the back, with a steel rule or calliper, and record the thickness on Look.',
    ),
    'Face grain that turns the corner into end grain: solid wood. Record that on Look.',
  ],
  question: 'How thick is the veneer?',
  /**
   * @param neededUm what the ladder needs; null where no ladder fits
   * @param maybeSolid it may be no veneer at all
   */
  answers: (neededUm: number | null, maybeSolid: boolean, units: UnitSystem) => ({
    ...(maybeSolid
      ? { noVeneer: ['Solid wood', 'It is sanded as solid wood is, by machine on the flats.'] }
      : {}),
    veneerEnough: [
      neededUm === null ? 'More than assumed' : `${showThickness(neededUm, units)} or more`,
      'The ladder below holds.',
    ],
    veneerLess: ['Less', 'No ladder: gel and a light hand pass, or paint.'],
  }),
} as const;

export const childsBed = {
  title: {
    crib: 'Check the crib against today’s rules',
    bunk: 'Check the bunk bed against today’s rules',
  },
  because: {
    crib: 'Children have died in old cribs: no work on the finish makes up for a gap, a drop side or a missing part.',
    bunk: 'Children have died in bunk beds: no work on the finish makes up for a gap or a missing rail.',
  },
  how: {
    crib: (units: UnitSystem): readonly string[] => [
      'A side that drops or folds: stop here. Such cribs may not be sold, given away or let (16 CFR 1219 and 1220).',
      `Slats no more than ${showLength(CHILDS_BED.crib.slatGap, units)} apart (2 3/8 in), none loose, split or missing. Corner posts no more than ${showThickness(CHILDS_BED.crib.postAbove * 1000, units)} above the ends.`,
      'Every screw, bolt and bracket of its own, none mended with wire or string; the mattress fits so that two fingers don’t go in beside it.',
      'Anything missing, or made before mid-2011: it doesn’t meet today’s rules. Tell the owner so in writing, before the work.',
    ],
    bunk: (units: UnitSystem): readonly string[] => [
      `Guard rails on both long sides of the upper bed, fast to the frame, at least ${showLength(CHILDS_BED.bunk.railAboveMattress, units)} (5 in) above the mattress.`,
      `No gap wider than ${showLength(CHILDS_BED.bunk.gap, units)} (3 1/2 in) in rails, ends and under them (16 CFR 1213 and 1513).`,
      'Ladder fast, every bolt there, the label with the size of the mattress legible. Anything missing: tell the owner so in writing, before the work.',
    ],
  },
  cautions: [
    byCode('Don’t sell it or pass it on unless it meets the rules of today where you are.'),
  ],
} as const;

export const photographs = {
  title: 'Photograph every side',
  because: 'Nobody remembers which screw sat where; the next owner asks what is under the paint.',
  how: [
    'All sides, inside, underneath, each damage with a rule beside it.',
    'Hardware in place, close up.',
  ],
} as const;
