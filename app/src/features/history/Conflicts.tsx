import { changeInWords, type Conflict, type PieceLedger, type ToldFor } from '@obrik/core/ledger';
import { surfaceNames } from '@obrik/core/piece';
import { View } from 'react-native';
import { useChanges, useShop } from '@/api/usePiece';
import { Body, Card, PlainButton, Small, Strong } from '@/ui/controls';

/** Who, as far as the record knows. */
export const sideInWords = ({ by, device }: Pick<Conflict['stands'], 'by' | 'device'>): string =>
  by || `device ${device.slice(0, 4)}`;

const Row = ({
  conflict,
  context,
  onChoose,
}: {
  readonly conflict: Conflict;
  readonly context: ToldFor;
  readonly onChoose: (side: Conflict['stands'], words: string) => void;
}) => {
  const { stands, other } = conflict;
  const standing = changeInWords(stands.change, context);
  const others = changeInWords(other.change, context);
  return (
    <View style={{ gap: 4 }}>
      <Body>
        Stands: {standing} ({sideInWords(stands)})
      </Body>
      <Body>
        Also said: {others} ({sideInWords(other)})
      </Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton
          title="Keep this"
          label={`Keep: ${standing}`}
          onPress={() => onChoose(stands, standing)}
        />
        <PlainButton
          title="Use the other"
          label={`Use the other: ${others}`}
          onPress={() => onChoose(other, others)}
        />
      </View>
    </View>
  );
};

/** What was set otherwise on two devices while apart, and one tap to settle each. */
export const Conflicts = ({ record }: { readonly record: PieceLedger }) => {
  const { units } = useShop();
  const put = useChanges();
  const { piece, conflicts } = record;
  if (conflicts.length === 0) return null;
  const context = { units, surfaceName: surfaceNames(piece) };
  return (
    <View style={{ padding: 12, paddingBottom: 0 }}>
      <Card edge="vermilion" style={{ gap: 10 }}>
        <View role="alert">
          <Strong>Changed on two devices</Strong>
          <Small>The later one counts. Nothing is lost; choose one.</Small>
        </View>
        {conflicts.map((it) => (
          <Row
            key={it.field}
            conflict={it}
            context={context}
            onChoose={(side, words) => void put(piece.id, [side.change], `${words}: settled.`)}
          />
        ))}
      </Card>
    </View>
  );
};
