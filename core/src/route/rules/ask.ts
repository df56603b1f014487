import { GATE_TESTS, type AnswerId, type Gate, type GateKind } from '../../work';

/** A question with its answers and what each means. */
export const asGate = (
  kind: GateKind,
  question: string,
  answers: Readonly<Partial<Record<AnswerId, readonly [string, string] | readonly string[]>>>,
): Gate => ({
  kind,
  testId: GATE_TESTS[kind],
  question,
  answers: (Object.entries(answers) as [AnswerId, readonly string[]][]).map(
    ([id, [answer = '', then = '']]) => ({ id, answer, then }),
  ),
});
