import { bad, good, observation } from '../../piece';
import { recordedInWords } from '../../words';
import { changeKind, hasId, onSurface } from './kind';

/** A test or look made on a surface is put on record. */
export const observe = changeKind(
  'observe',
  { observation },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) =>
      hasId(before.observations, it.observation.id)
        ? bad('observation.id', 'This observation is recorded already.')
        : good({ ...before, observations: [...before.observations, it.observation] }),
    moved: (it, to) => ({ ...it, observation: onSurface(it.observation, to) }),
    surfaceOf: (it) => it.observation.surfaceId,
    puts: (it) => it.observation,
    madeFrom: ({ observations }) =>
      observations.map((one) => ({
        change: { kind: 'observe', observation: one },
        at: one.at,
        by: one.by,
      })),
    told: (it, { units, surfaceName }) =>
      `${surfaceName(it.observation.surfaceId)}: ${recordedInWords(it.observation, units)}`,
  },
);
