import { surfaceNames, type Piece } from '@obrik/core/piece';
import type { Operation } from '@obrik/core/route';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { recordedAt, recordedForAll } from '@/features/route/gateAddress';
import { BenchButton, Body, Card, Label, Small, Strong } from '@/ui/controls';

interface GateCardProps {
  readonly piece: Piece;
  readonly operation: Operation;
}

/** The question that a step asks, what each answer means, and where it is put on record. */
export const GateCard = ({ piece, operation }: GateCardProps) => {
  const router = useRouter();
  const { gate, surfaceIds } = operation;
  if (!gate) return null;
  const nameOf = surfaceNames(piece);
  const forAll = recordedForAll(piece, operation);
  return (
    <Card edge="amber" style={{ gap: 8 }}>
      <Label heading>Work waits for the answer</Label>
      <Body style={{ fontSize: 22, lineHeight: 28 }}>{gate.question}</Body>
      {gate.answers.map((it) => (
        <View key={it.answer}>
          <Strong>{it.answer}</Strong>
          <Small>{it.then}</Small>
        </View>
      ))}
      {forAll ? (
        <BenchButton title="One answer for all of them" onPress={() => router.navigate(forAll)} />
      ) : null}
      {surfaceIds.map((id) => (
        <BenchButton
          key={id}
          title={`Record it: ${nameOf(id)}`}
          onPress={() => router.navigate(recordedAt(piece, operation, id))}
        />
      ))}
    </Card>
  );
};
