import { bad, pieceDescription } from '../../piece';
import { changeKind } from './kind';

/** The piece comes in. */
export const takenIn = changeKind(
  'takenIn',
  { description: pieceDescription },
  {
    about: 'piece',
    group: 'description',
    up: [],
    apply: () => bad('change.kind', 'The piece is in the shop already.'),
    madeFrom: (piece) => [
      { change: { kind: 'takenIn', description: pieceDescription.parse(piece) } },
    ],
    told: (it) => `Added: ${it.description.name}`,
  },
);
