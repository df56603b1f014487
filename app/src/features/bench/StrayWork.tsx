import type { Piece } from '@obrik/core/piece';
import { useChanges } from '@/api/usePiece';
import { shopNow } from '@/device';
import { BenchButton, Body, Card, Label, Strong } from '@/ui/controls';

interface StrayWorkProps {
  readonly piece: Piece;
  /** Keys of what is planned. */
  readonly planned: ReadonlySet<string>;
}

/** Work that was begun and is planned no more, since the route changed meanwhile: nobody forgets it. */
export const StrayWork = ({ piece, planned }: StrayWorkProps) => {
  const put = useChanges();
  const stray = piece.done.filter((it) => it.endedAt === null && !planned.has(it.taskKey));
  if (stray.length === 0) return null;
  const titles = [...new Set(stray.map((it) => it.title))];
  const end = () => {
    const endedAt = shopNow().toISOString();
    const done = stray.map((it) => ({ ...it, endedAt }));
    void put(piece.id, [{ kind: 'did', done }], 'On record as done.');
  };
  return (
    <Card edge="vermilion" style={{ gap: 8 }}>
      <Label heading>Begun, and planned no more</Label>
      {titles.map((it) => (
        <Strong key={it}>{it}</Strong>
      ))}
      <Body>The route changed meanwhile. Was it done all the same?</Body>
      <BenchButton title="It was done" onPress={end} />
    </Card>
  );
};
