import type { Operation } from '../route';
import { HANDBOOK } from './entries';

const KNOWN = new Set(HANDBOOK.map((it) => it.id));

/** Methods that are told under another name. */
const TOLD_IN: Readonly<Record<string, string>> = {
  'evict-insects': 'damage-insects',
  mould: 'damage-mould',
  residue: 'damage-residue',
  'cement-off': 'damage-cementResidue',
  'air-out': 'damage-odour',
  'wax-off': 'finish-wax',
  'fill-old-holes': 'damage-smallHole',
  'back-off': 'damage-splitBack',
  'back-on': 'damage-splitBack',
  'sand-ladder': 'tool-sander',
};

/** The entry of the handbook that tells most about a step; undefined where there is none. */
export const entryOfStep = ({
  method,
  gate,
}: Pick<Operation, 'method' | 'gate'>): string | undefined => {
  const candidates = [
    ...(gate?.testId ? [`test-${gate.testId}`] : []),
    TOLD_IN[method] ?? '',
    method.replace(/^(coat|prime)-/, 'coating-'),
    method.replace(/^strip-/, 'way-'),
  ];
  return candidates.find((it) => KNOWN.has(it));
};
