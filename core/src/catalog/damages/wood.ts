import { line } from '../line';
import { use } from '../rates';
import {
  epoxyPutty,
  glazingPutty,
  glueCrack,
  stainableFill,
  steamDent,
  twoPartFill,
  waxStick,
  woodPatch,
} from '../repairs';
import { SANDED_OUT_MM } from '../limits';
import { UNDER_VENEER, row } from './row';

/** In the wood itself. */
export const DAMAGES_OF_WOOD = [
  row({
    id: 'dent',
    pastRenewing: true,
    severity: 1,
    label: 'Dent',
    underPaint: twoPartFill,
    underClear: steamDent,
  }),
  row({
    id: 'scratch',
    signs: ['scratched'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'the papers take it out',
      underClear:
        'shallow: the new coat fills it in part; deeper than the film it stays to be seen',
    },
    inSpots: waxStick,
    severity: 1,
    label: 'Scratch or nick',
    underPaint: glazingPutty,
    underClear: { ...stainableFill, id: 'fill-scratch', deeperThanMm: SANDED_OUT_MM.value },
  }),
  row({
    id: 'gouge',
    inSpots: waxStick,
    pastRenewing: true,
    severity: 2,
    label: 'Gouge, chip or hole',
    underPaint: twoPartFill,
    underClear: stainableFill,
  }),
  row({
    id: 'missingEdge',
    pastRenewing: true,
    severity: 2,
    label: 'Missing edge or moulding',
    underPaint: epoxyPutty,
    underClear: woodPatch,
  }),
  row({
    id: 'crack',
    pastRenewing: true,
    severity: 2,
    label: 'Open crack or split',
    underPaint: glueCrack,
    underClear: glueCrack,
  }),
  row({
    id: 'darkRing',
    signs: ['ironStained'],
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'it stays in the wood; the shellac blocker shuts it in',
    },
    pastRenewing: true,
    severity: 2,
    label: 'Dark ring, ink or iron stain',
    underClear: {
      id: 'oxalic-acid',
      title: 'Bleach the dark stain with oxalic acid',
      shows: 0.35,
      uses: [use('oxalicAcid', 0.05, 'cleans'), use('neutraliser', 0.05, 'cleans')],
      steps: [
        'Bare wood. Dissolve the crystals in hot water by their label, in glass or plastic; goggles on before the lid is off.',
        line(
          'Brush it sparingly over the whole face, not only the stain, or a pale spot stays; on a thin face wipe it on damp, never flooded. Watch it for half an hour; once more where it is still dark.',
          ['oxalic'],
        ),
        line(
          'Rinse with clear water three times, then soda water to neutralise, then clear again; dry at once, then overnight.',
          ['water'],
          'Wipe it off with well-wrung cloths and clear water three times, then with soda water to neutralise, then clear again; never flood it. Dry at once, then overnight.',
        ),
        'White bloom tomorrow is crystal: wash again, wet. Never sand it. Still dark after two rounds: burnt or ink; it stays, or the face is painted.',
      ],
      minutes: 25,
      waitMinutes: 720,
      until: 'dryOvernight',
      caution: 'Poison. Gloves and goggles; dry crystals must never become dust.',
    },
  }),
  row({
    id: 'smallHole',
    inSpots: waxStick,
    pastRenewing: true,
    severity: 1,
    label: 'Screw or nail hole',
    underPaint: twoPartFill,
    underClear: stainableFill,
  }),
  row({
    id: 'burn',
    pastRenewing: true,
    severity: 2,
    label: 'Burn',
    underPaint: twoPartFill,
    underClear: {
      ...stainableFill,
      id: 'scrape-burn',
      title: 'Scrape the char out and fill',
      steps: [
        line(
          'Scrape with a rounded blade, along the grain, until the wood is brown and no longer black; feather it out wide. A shallow dish sands in.',
          ['scrapes'],
          line(
            'Mist it and scrape with a rounded blade, kept wet, along the grain, until the wood is brown and no longer black; feather it out wide. Wipe the slurry up.',
            ['scrapesWet'],
          ),
        ),
        ...stainableFill.steps,
      ],
    },
  }),
  row({
    id: 'openGrain',
    accepted: {
      underVeneer: UNDER_VENEER,
      underClear: 'pores stay open, as asked for; filled is a choice of the aim',
      stripped: 'pores stay open, as asked for; filled is a choice of the aim',
    },
    severity: 1,
    label: 'Open grain that will show',
    underPaint: {
      id: 'grain-filler',
      title: 'Fill the grain',
      uses: [use('grainFiller', 0.02, 'fills')],
      steps: [
        'Rub it across the grain with a stiff card, until every pore is full.',
        'Wipe the face clean across the grain with a stiff card and coarse cloth. Dry by its label.',
        line(
          'P220 to P320 on a block, along the grain, until only the pores hold filler.',
          ['abrades'],
          line(
            'Wet-or-dry P320 and a sponge, along the grain, until only the pores hold filler; wipe the slurry up.',
            ['rubsWet'],
          ),
        ),
      ],
      minutes: 10,
      waitMinutes: 60,
      until: 'sandsToPowder',
    },
  }),
  row({ id: 'carving', signs: ['carved'], severity: 1, label: 'Carving, turning, deep mouldings' }),
  row({
    id: 'fuzz',
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'it goes with the film',
      underClear: 'dulling takes off what stands up; what lies deeper stays',
    },
    severity: 1,
    label: 'Fuzz, hair or grit in the film',
    underPaint: {
      id: 'sand-fuzz-out',
      title: 'Sand the fuzz out',
      uses: [use('paper220', 0.1, 'abrades')],
      steps: [
        line(
          'P220 on a block until each fibre is cut off; pick out what is left with a blade.',
          ['abrades'],
          line(
            'Wet-or-dry P220 on a block, wet, until each fibre is cut off; wipe the slurry up.',
            ['rubsWet'],
          ),
        ),
        'Feel with a fingertip: nothing catches.',
      ],
      minutes: 2,
      waitMinutes: 0,
      until: 'dry',
    },
  }),
] as const;
