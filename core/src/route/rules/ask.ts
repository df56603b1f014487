import type { AnswerId, Gate, GateKind } from '../../work';

/** A question with its answers and what each means. */
export const asGate = (
  kind: GateKind,
  testId: string | null,
  question: string,
  answers: Readonly<Partial<Record<AnswerId, readonly [string, string] | readonly string[]>>>,
): Gate => ({
  kind,
  testId,
  question,
  answers: (Object.entries(answers) as [AnswerId, readonly string[]][]).map(
    ([id, [answer = '', then = '']]) => ({ id, answer, then }),
  ),
});
