import type { Contested as Dispute, PieceLedger } from '@obrik/core/ledger';
import { surfaceNames } from '@obrik/core/piece';
import { View } from 'react-native';
import { useDeeds, useShop } from '@/api/usePiece';
import { Body, Card, PlainButton, Small, Strong } from '@/ui/controls';
import { deedInWords, type DeedContext } from './deedInWords';

/** Who, as far as the record knows. */
export const sideInWords = ({ by, device }: Pick<Dispute['stands'], 'by' | 'device'>): string =>
  by || `device ${device.slice(0, 4)}`;

const Row = ({
  dispute,
  context,
  onChoose,
}: {
  readonly dispute: Dispute;
  readonly context: DeedContext;
  readonly onChoose: (side: Dispute['stands'], words: string) => void;
}) => {
  const { stands, other } = dispute;
  const standing = deedInWords(stands.deed, context);
  const others = deedInWords(other.deed, context);
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
export const Contested = ({ record }: { readonly record: PieceLedger }) => {
  const { units } = useShop();
  const put = useDeeds();
  const { piece, contested } = record;
  if (contested.length === 0) return null;
  const context = { units, surfaceName: surfaceNames(piece) };
  return (
    <View style={{ padding: 12, paddingBottom: 0 }}>
      <Card edge="vermilion" style={{ gap: 10 }}>
        <View role="alert">
          <Strong>Changed on two devices</Strong>
          <Small>The later one counts. Nothing is lost; choose one.</Small>
        </View>
        {contested.map((it) => (
          <Row
            key={it.field}
            dispute={it}
            context={context}
            onChoose={(side, words) => void put(piece.id, [side.deed], `${words}: settled.`)}
          />
        ))}
      </Card>
    </View>
  );
};
