import type { OwnSchools, Piece, PieceRecord } from '@obrik/core/piece';
import type { Alternative } from '@obrik/core/case';
import { showDuration } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Empty,
  Figure,
  Heading,
  Label,
  Loading,
  PlainButton,
  Screen,
  Small,
  Subheading,
  Tag,
} from '@/ui/controls';
import { usePlan } from '@/workers/usePlan';
import { RiskLines } from '@/features/shared/RiskLines';
import { days } from '@/features/shared/change';
import { useMoney, type MoneyWords } from '@/features/shared/useMoney';
import { OtherWays } from './OtherWays';

const AlternativeCard = ({
  it,
  money,
  piece,
  onTake,
}: {
  readonly it: Alternative;
  readonly money: MoneyWords;
  readonly piece: Piece;
  readonly onTake: (() => void) | undefined;
}) => (
  <Card
    edge={onTake ? undefined : 'amber'}
    style={{ gap: 8, flexGrow: 1, flexShrink: 1, flexBasis: 260, minWidth: 0, maxWidth: '100%' }}
  >
    <Subheading>{it.title}</Subheading>
    <Figure>
      {showDuration(it.minutes)} of work · {days(it.days)} · {money.show(it.money)}
    </Figure>
    <Body>{it.because}</Body>
    {it.refusals
      .filter((no) => no.blocks)
      .map((no) => (
        <Tag
          key={`${no.rule}-${no.title}`}
          text={`${no.title}: not in these figures`}
          tone="vermilion"
        />
      ))}
    <View>
      <Label>May go wrong</Label>
      {it.risks.length === 0 ? (
        <Small>Nothing that what you’ve seen so far points to.</Small>
      ) : null}
      <RiskLines piece={piece} risks={it.risks} />
    </View>
    <View>
      <Label>Can hurt</Label>
      <Small>{it.hazards.join(', ')}</Small>
    </View>
    {onTake ? (
      <PlainButton
        title="Choose this one"
        label={`Choose this one: ${it.title}`}
        style={{ marginTop: 'auto' }}
        onPress={onTake}
      />
    ) : null}
  </Card>
);

/** Compare: whole-piece ways side by side, and what working otherwise would change. */
export const CompareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const money = useMoney();
  const ways = usePlan('alternatives', piece, shop);
  const otherwise = usePlan('whatIfs', piece, shop);
  const take = async (it: Alternative) => {
    const surfaceIds = it.aims.map((aim) => aim.surfaceId);
    const done = await change(
      piece.id,
      { kind: 'aim', surfaceIds, aims: [...it.aims] },
      `Aimed: ${it.title.toLowerCase()}.`,
    );
    if (done) router.navigate(`/pieces/${piece.id}/route`);
  };
  const work = (schools: OwnSchools, word: string) =>
    change(piece.id, { kind: 'work', schools }, word);
  return (
    <Screen
      foot={
        <PlainButton
          title="Back to finishes"
          onPress={() => router.navigate(`/pieces/${piece.id}/aim`)}
        />
      }
    >
      <Heading>Compare</Heading>
      <Small>
        Money: the materials, gloves and filters for the work that is left, as Costs has them, at
        your prices or else placeholders. Days: one person, eight hours a day, waits by the label.
      </Small>
      {ways === undefined ? (
        <Loading doing="Working out" what="the options" />
      ) : ways.length === 0 ? (
        <Empty
          title="Nothing to compare"
          text="Every option is ruled out on at least one surface."
        />
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          {ways.map((it) => (
            <AlternativeCard
              money={money}
              key={it.id}
              it={it}
              piece={piece}
              onTake={it.id === 'as-aimed' ? undefined : () => void take(it)}
            />
          ))}
        </View>
      )}
      <OtherWays
        piece={piece}
        ways={otherwise ?? []}
        currency={money.currency}
        onWork={(schools, word) => void work(schools, word)}
      />
    </Screen>
  );
};
