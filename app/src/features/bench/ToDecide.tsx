import { DISCOVERIES } from '@obrik/core/catalog';
import { linesOf, surfaceNames, type Piece } from '@obrik/core/piece';
import { listed } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { BenchButton, Body, Card, Label, Strong } from '@/ui/controls';
import { turnedUpAddress } from './turnedUp';

/** What turned up and waits for a decision. */
export const ToDecide = ({ piece }: { readonly piece: Piece }) => {
  const router = useRouter();
  const open = linesOf(piece.log, 'discovery').filter((it) => it.remedy === null);
  const nameOf = surfaceNames(piece);
  return open.map((it) => {
    const { label } = DISCOVERIES.get(it.kind);
    return (
      <Card key={it.id} edge="vermilion" style={{ gap: 6 }}>
        <Label heading>To be decided</Label>
        <Strong>{label}</Strong>
        <Body>{listed(it.surfaceIds.map(nameOf))}</Body>
        <BenchButton
          title="Decide now"
          label={`Decide now: ${label}`}
          onPress={() => router.navigate(turnedUpAddress(piece.id, it))}
        />
      </Card>
    );
  });
};
