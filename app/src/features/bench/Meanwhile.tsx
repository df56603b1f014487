import { showDuration } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { benchAddress } from '@/features/clock/step';
import { useClock } from '@/workers/useClock';
import { Body, Card, Label, OpenRow, Small, TitleRow } from '@/ui/controls';

const MOST = 4;

/** While something dries: what else can be begun now, on any piece, that makes no dust beside it. */
export const Meanwhile = ({ besides }: { readonly besides: string }) => {
  const router = useRouter();
  const { view, isFresh } = useClock();
  if (!view || !isFresh) return <Small>Looking for what else can be done…</Small>;
  const others = view.ready
    .filter(
      (it) =>
        it.beside === null &&
        it.mends.length === 0 &&
        !it.operation.makesDust &&
        it.operation.holds.length === 0 &&
        it.operation.id !== besides,
    )
    .slice(0, MOST);
  return (
    <Card style={{ gap: 4 }}>
      <Label heading>Meanwhile, without dust</Label>
      {others.length === 0 ? (
        <Body>Nothing else for now. Clean the brushes, take a break.</Body>
      ) : null}
      {others.map((it) => (
        <OpenRow
          key={`${it.pieceId}/${it.operation.id}`}
          label={`At the bench: ${it.operation.title}, ${it.name}`}
          style={{ minHeight: 64 }}
          onPress={() => router.navigate(benchAddress(it.pieceId, it.operation.id))}
        >
          <TitleRow title={it.operation.title} figure={showDuration(it.minutes)} />
          <Small>{it.name}</Small>
        </OpenRow>
      ))}
    </Card>
  );
};
