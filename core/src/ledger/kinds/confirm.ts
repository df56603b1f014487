import { labelOf } from '../../catalog';
import { confirmation, good } from '../../piece';
import { changeKind, onSurface } from './kind';
import { confirmedAs, otherConfirmations } from './confirmed';

/** Somebody says what a surface is. */
export const confirm = changeKind(
  'confirm',
  { confirmation },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) =>
      good({
        ...before,
        confirmations: [...otherConfirmations(before, it.confirmation), it.confirmation],
      }),
    moved: (it, to) => ({ ...it, confirmation: onSurface(it.confirmation, to) }),
    fields: (it) => [
      { name: confirmedAs(it.confirmation), value: it.confirmation.value, change: it },
    ],
    surfaceOf: (it) => it.confirmation.surfaceId,
    madeFrom: ({ confirmations }) =>
      confirmations.map((one) => ({ change: { kind: 'confirm', confirmation: one }, at: one.at })),
    told: ({ confirmation: { surfaceId, variable, value } }, { surfaceName }) =>
      `${surfaceName(surfaceId)}, said to be: ${labelOf(variable, value)}`,
  },
);
