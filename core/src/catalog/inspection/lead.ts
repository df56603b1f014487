import { PRACTICE } from '../source';
import { JUST_LOOKING, given, otherwise, type LayerTest } from './shape';

const NOTCHED = {
  where: 'A hidden place, through all layers, wetted.',
  protection: ['Nitrile gloves', 'Wet wipe', 'Bag for the wipe'],
  source: PRACTICE,
  outcomes: [
    { id: 'found', label: 'Lead found', sketch: 'swab-red' },
    { id: 'notFound', label: 'Not found', sketch: 'swab-clean' },
  ],
} as const;

/** Lead results count for the layer they were made on, and for no other. */
export const LEAD_TESTS: readonly LayerTest[] = [
  {
    ...JUST_LOOKING,
    ...NOTCHED,
    kind: 'layer',
    id: 'lead-swab',
    title: 'Swab for lead',
    how: [
      "Read the kit's own leaflet; it has the last word.",
      'Wet the spot. Cut a small slanting notch through all layers.',
      'Rub the swab on one layer for 30 seconds.',
      'Pink or red means lead. Confirm that the kit works on its control card.',
    ],
    minutes: 6,
    uses: 'One swab',
    cost: 300,
    harm: 'A notch of a few millimetres.',
    harmMinutes: 2,
    timer: { seconds: 30, until: 'the swab has been rubbed' },
    misleads: 'Reads only what it touches. Red pigment, plaster and dust fool some kits.',
    ppm: false,
    byWhat: 'swab',
    device: 'lead-swab-reader',
    informs: [given({ lead: ['present'] }, 0.6, 0.4), otherwise(0.04, 0.96)],
  },
  {
    ...JUST_LOOKING,
    ...NOTCHED,
    kind: 'layer',
    id: 'lead-laboratory',
    title: 'Send a paint chip to a laboratory',
    how: [
      'Ask the laboratory how they want the chip.',
      'Cut a chip through all layers, wet; bag and label it with piece, surface and layer.',
      'Record what they report, in ppm.',
    ],
    minutes: 10,
    uses: 'The laboratory’s fee',
    cost: 4000,
    harm: 'A chip the size of a coin.',
    harmMinutes: 5,
    misleads: 'A chip that misses the oldest layer.',
    ppm: true,
    byWhat: 'laboratory',
    informs: [given({ lead: ['present'] }, 0.8, 0.2), otherwise(0.005, 0.995)],
  },
];
