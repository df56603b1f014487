import { line } from '../line';
import { gluePlies, glueVeneer, ironBand, twoPartFill, veneerPatch, type Repair } from '../repairs';
import { row } from './row';

const glueFoil: Repair = {
  ...ironBand,
  id: 'glue-foil',
  title: 'Iron the foil down, or cement it',
};

/** Of veneer, foil, edge band and board. */
export const DAMAGES_OF_SHEETS = [
  row({
    id: 'liftingVeneer',
    signs: ['veneerLifts'],
    severity: 2,
    label: 'Lifting veneer',
    underPaint: glueVeneer,
    underClear: glueVeneer,
  }),
  row({
    id: 'missingVeneer',
    signs: ['veneerMissing'],
    pastRenewing: true,
    severity: 2,
    label: 'Missing veneer',
    underPaint: { ...twoPartFill, bySize: 'sheet' },
    underClear: veneerPatch,
  }),
  row({
    id: 'delaminated',
    severity: 2,
    label: 'Delaminated plywood',
    underPaint: gluePlies,
    underClear: gluePlies,
  }),
  row({
    id: 'swollenBoard',
    pastRenewing: true,
    severity: 3,
    label: 'Swollen board',
    underPaint: {
      ...twoPartFill,
      id: 'plane-swelling',
      title: 'Cut the swelling back and fill',
      steps: [
        'Let it dry through first.',
        line(
          'Cut the swelling back with a block plane or P80 on a block, a little below the face.',
          ['cuts', 'abrades'],
          line(
            'Take the swelling back with wet-or-dry paper on a block, barely wet, a little below the face; wipe at once, board drinks.',
            ['rubsWet'],
          ),
        ),
        'Seal the cut with thin glue or hardener, so that it drinks no more.',
        ...twoPartFill.steps,
      ],
    },
  }),
  row({
    id: 'liftingFoil',
    severity: 2,
    label: 'Lifting foil or edge band',
    underPaint: glueFoil,
    underClear: glueFoil,
  }),
  row({
    id: 'liftingEdgeBand',
    severity: 1,
    label: 'Lifting edge band',
    underPaint: ironBand,
    underClear: ironBand,
  }),
  row({
    id: 'crumblingBoard',
    severity: 3,
    label: 'Crumbling board or rotten corner',
    underPaint: {
      ...twoPartFill,
      id: 'harden-board',
      title: 'Harden the crumbling board, then fill',
      minutes: 25,
      steps: [
        line(
          'Cut back to what holds.',
          ['cuts'],
          line('Mist it, and cut back to what holds with a sharp knife; bag what comes off.', [
            'cutsWet',
          ]),
        ),
        'Soak with thin wood hardener by its label, until it takes no more; hard overnight.',
        ...twoPartFill.steps,
      ],
      waitMinutes: 12 * 60,
      until: 'overnight',
    },
  }),
] as const;
