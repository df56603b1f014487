import { surfaceNames, type Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import type { GateKind } from '@obrik/core/work';
import { BENCH_WORDS, listed } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { answeredAt } from '@/features/route/gateAddress';
import { BenchButton, Body, Card, Label, Strong } from '@/ui/controls';

interface OpenQuestionsProps {
  readonly piece: Piece;
  readonly operations: readonly Operation[];
}

/** Questions whose own step is done (the patch is set, the sample sent), and whose answer the next steps wait for. */
export const OpenQuestions = ({ piece, operations }: OpenQuestionsProps) => {
  const router = useRouter();
  const nameOf = surfaceNames(piece);
  const asked = new Set(operations.flatMap((it) => (it.gate ? [it.gate.kind] : [])));
  const open = new Map<GateKind, Set<string>>();
  for (const it of operations) {
    for (const kind of it.holds) {
      if (asked.has(kind)) continue;
      const surfaces = open.get(kind) ?? new Set<string>();
      it.surfaceIds.forEach((id) => surfaces.add(id));
      open.set(kind, surfaces);
    }
  }
  return [...open].map(([kind, surfaces]) => {
    const where = [...surfaces];
    const address = answeredAt(piece, kind, where);
    return (
      <Card key={kind} edge="amber" style={{ gap: 8 }}>
        <Label heading>Waiting on an answer</Label>
        <Strong>{BENCH_WORDS.GATE_QUESTIONS[kind]}</Strong>
        <Body>{listed(where.map(nameOf))}</Body>
        {address ? (
          <BenchButton
            main
            title="Record the answer"
            label={`Record the answer: ${BENCH_WORDS.GATE_QUESTIONS[kind]}`}
            onPress={() => router.navigate(address)}
          />
        ) : null}
      </Card>
    );
  });
};
