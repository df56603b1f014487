import { LEAD_LIMITS, SANDING_MODEL } from '../../catalog';
import { showTemperature, showThickness } from '../../units';
import { UNSTAINABLE, behind, has, leadObservations, type SurfaceContext } from '../context';
import { ladderFor } from '../faceSanding';
import { CODE, KIT, type Rule } from '../rule';

const forbiddenWays = (s: SurfaceContext): string =>
  `No dry sanding, no dry scraping, no open flame, no machine without HEPA extraction, no heat gun at or above ${showTemperature(LEAD_LIMITS.heatGunCelsius.value, s.shop.units)} (40 CFR 745.85).`;

/** From this chance of an unstainable face on, the substrate is asked about before staining. */
const WORTH_ASKING = 0.15;

/** What has to be known or made harmless before anything else. */
export const SECURE_RULES: readonly Rule[] = [
  {
    id: 'lead-gate',
    phase: 'secure',
    applies: (s) => s.worked && s.lead === 'open',
    because: (s) =>
      `${s.surface.name}: may carry paint from before ${s.shop.leadCutoffYear}. ${s.beliefs.leadStatus.text}`,
    evidence: leadObservations,
    work: (s) => [
      {
        method: 'lead-gate',
        rank: 0,
        title: 'Test every layer for lead',
        minutes: 10,
        how: [
          'Wet the spot. Cut a small slanting notch through all layers in a hidden place.',
          'Count the layers and record the count.',
          'Swab each layer by the kit’s leaflet and record each result; or send a chip to a laboratory, which decides.',
          'Wipe wet, bag the waste, wash your hands.',
        ],
        materials: ['Lead test kit', 'Wet wipes', 'Waste bag'],
        protection: ['Nitrile gloves'],
        cautions: [
          { text: forbiddenWays(s), lastWord: CODE },
          { text: 'Keep children and pregnant women away until the result is in.', lastWord: CODE },
          {
            text: 'A negative on the top layer says nothing about the layers below.',
            lastWord: KIT,
          },
        ],
        gate: {
          kind: 'lead',
          testId: 'lead-swab',
          question: 'Is there lead in any layer?',
          answers: [
            {
              id: 'leadFound',
              answer: 'Found in some layer',
              then: 'Dry sanding drops out: seal it in, or take it off wet or with gel, contained.',
            },
            {
              id: 'leadNotFound',
              answer: 'Found in no layer',
              then: 'The held steps below are open.',
            },
            {
              id: 'leadUntested',
              answer: 'Not tested',
              then: 'Nothing that makes dust may start here.',
            },
          ],
        },
      },
    ],
  },
  {
    id: 'lead-contained',
    phase: 'secure',
    applies: (s) => s.worked && s.lead === 'found',
    because: (s) => `${s.surface.name}: ${s.beliefs.leadStatus.text}`,
    evidence: leadObservations,
    work: (s) => [
      {
        method: 'contain-lead',
        rank: 1,
        title: 'Set up for work with lead',
        minutes: 25,
        how: [
          'Ask local rules first: disposal, and who may do this.',
          'Plastic sheet under the piece, taped; nothing else in the room.',
          'Wet methods only. Wipe wet, bag the waste, HEPA vacuum, wash before eating.',
        ],
        materials: ['Plastic sheet', 'Wet wipes', 'Waste bags', 'HEPA vacuum'],
        protection: ['P100 respirator', 'Disposable overall', 'Nitrile gloves'],
        cautions: [
          { text: forbiddenWays(s), lastWord: CODE },
          { text: 'Keep children and pregnant women away.', lastWord: CODE },
        ],
        insteadOf: [
          {
            label: 'a certified firm',
            because:
              'it costs more, and takes risk and waste off your hands; the better way where in doubt',
          },
          ...(s.showsWood
            ? []
            : [
                {
                  label: 'taking it all off',
                  because:
                    'a sound film is sealed in under sound coats: next to no dust, less waste',
                },
              ]),
        ],
      },
    ],
  },
  {
    id: 'evict-insects',
    phase: 'secure',
    regardless: true,
    applies: (s) => has(s, 'insects'),
    because: () => 'Live insects spread to the other pieces in the shop.',
    work: () => [
      {
        method: 'evict-insects',
        rank: 2,
        title: 'Quarantine and get rid of the insects',
        minutes: 15,
        how: [
          'Keep it apart and wrapped.',
          'Vacuum holes and joints.',
          'Have it treated by heat or cold, or by licensed pest control.',
        ],
        protection: ['Nitrile gloves', 'P100 filter'],
        cautions: [{ text: 'No home-made poison: it stays in the wood.', lastWord: CODE }],
      },
    ],
  },
  {
    id: 'mould-first',
    phase: 'secure',
    regardless: true,
    applies: (s) => has(s, 'mould'),
    because: () => 'Mould spores fly as soon as the piece is moved or brushed.',
    work: () => [
      {
        method: 'mould',
        rank: 3,
        title: 'Take the mould off outdoors',
        minutes: 15,
        how: [
          'Outdoors. HEPA vacuum, then wipe damp and throw the cloth away.',
          'Dry it in moving air; look for the cause of the damp.',
        ],
        materials: ['HEPA vacuum', 'Disposable cloths'],
        protection: ['P100 respirator', 'Goggles', 'Nitrile gloves'],
        cautions: [
          { text: 'Large or returning growth belongs to a professional.', lastWord: CODE },
        ],
      },
    ],
  },
  {
    id: 'substrate-before-stain',
    phase: 'secure',
    applies: (s) =>
      s.showsWood && s.chanceUnstainable >= WORTH_ASKING && s.chanceUnstainable < UNSTAINABLE,
    because: (s) =>
      `${s.surface.name} may be printed: a stain would not take, and stripper would lift the print.`,
    evidence: (s) => [...behind(s.beliefs.substrate), ...s.beliefs.substrate.speaksAgainst],
    work: () => [
      {
        method: 'substrate-gate',
        rank: 4,
        title: 'Make sure that it is wood',
        minutes: 3,
        how: [
          'Look into a chip or a hardware hole with a lamp.',
          'Look underneath. Record both on Look.',
        ],
        gate: {
          kind: 'substrate',
          testId: 'chip',
          question: 'What does the chip show?',
          answers: [
            {
              id: 'wood',
              answer: 'Wood, or thin wood on a core',
              then: 'Strip and sand as planned.',
            },
            {
              id: 'print',
              answer: 'Paper, resin or board',
              then: 'No stain or clear: paint it, or lay new veneer.',
            },
          ],
        },
      },
    ],
  },
  {
    id: 'measure-veneer',
    phase: 'secure',
    applies: (s) => s.showsWood && s.veneerUm !== null && !s.beliefs.veneer.measured,
    because: (s) =>
      `${s.surface.name}: likely ${s.substrate.label}, thickness only guessed from its age (about ${showThickness(s.beliefs.veneer.usualMm * 1000, s.shop.units)}).`,
    evidence: (s) => behind(s.beliefs.substrate),
    work: (s) => {
      const ladder = ladderFor(s);
      const enough =
        ladder.kind === 'ladder'
          ? `${showThickness(ladder.edgeRemovedUm + SANDING_MODEL.keepUm, s.shop.units)} or more`
          : 'More than assumed';
      return [
        {
          method: 'veneer-gate',
          variant: enough,
          rank: 5,
          title: 'Measure the veneer',
          minutes: 3,
          how: [
            'At a chip, a hinge hole or an edge.',
            'Rule or calliper under a lens. Record it on Look.',
          ],
          gate: {
            kind: 'veneer',
            testId: 'veneer-thickness',
            question: 'How thick is the veneer?',
            answers: [
              { id: 'veneerEnough', answer: enough, then: 'The ladder below holds.' },
              {
                id: 'veneerLess',
                answer: 'Less',
                then: 'No ladder: gel and a light hand pass, or paint.',
              },
            ],
          },
        },
      ];
    },
  },
];
