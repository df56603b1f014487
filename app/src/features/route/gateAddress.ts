import type { Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import { GATE_TESTS, type GateKind } from '@obrik/core/work';

/** Where the answer to a gate is recorded: lead layer by layer on Look, the rest by its test. */
export const recordedAt = (piece: Piece, { gate }: Operation, surfaceId: string) =>
  gate?.testId && gate.kind !== 'lead'
    ? (`/pieces/${piece.id}/test/${gate.testId}?surface=${surfaceId}` as const)
    : (`/pieces/${piece.id}/look?surface=${surfaceId}` as const);

/** Where the answer to a question is recorded once its own step is done: one answer for all of its surfaces. */
export const answeredAt = (piece: Piece, kind: GateKind, surfaceIds: readonly string[]) => {
  const test = SPEAKS_FOR_ALL[kind] ?? GATE_TESTS[kind];
  const [first, ...others] = surfaceIds;
  if (!first || !test) return undefined;
  const alike = others.length > 0 ? `&alike=${others.join(',')}` : '';
  return `/pieces/${piece.id}/test/${test}?surface=${first}${alike}` as const;
};

/** Gates that one sample answers for all that it speaks for, and the test that does so. */
const SPEAKS_FOR_ALL: Readonly<Partial<Record<GateKind, string>>> = {
  lead: 'lead-laboratory-all',
  bleed: 'bleed-patch',
};

/** Where one answer for all surfaces of a gate is recorded; undefined where each has its own. */
export const recordedForAll = (piece: Piece, { gate, surfaceIds }: Operation) => {
  const test = gate ? SPEAKS_FOR_ALL[gate.kind] : undefined;
  const [first, ...others] = surfaceIds;
  return test && first && others.length > 0
    ? (`/pieces/${piece.id}/test/${test}?surface=${first}&alike=${others.join(',')}` as const)
    : undefined;
};
