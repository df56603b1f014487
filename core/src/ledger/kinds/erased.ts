import { good } from '../../piece';
import { changeKind } from './kind';

/** The piece was deleted for good: nothing else of it is left. Made by the server alone. */
export const erased = changeKind(
  'erased',
  {},
  {
    about: 'record',
    group: 'description',
    up: [],
    apply: good,
    told: () => 'Deleted for good',
  },
);
