import { METHODS } from '../catalog';
import type { Operation } from '../route';
import { HANDBOOK } from './entries';

const KNOWN = new Set(HANDBOOK.map((it) => it.id));

/** The entry of the handbook that tells most about a step; undefined where there is none. */
export const entryOfStep = ({
  method,
  gate,
}: Pick<Operation, 'method' | 'gate'>): string | undefined => {
  const candidates = [
    ...(gate?.testId ? [`test-${gate.testId}`] : []),
    METHODS.rows.find((it) => it.id === method)?.handbook ?? '',
  ];
  return candidates.find((it) => KNOWN.has(it));
};
