import { quickStart } from '@obrik/core/piece';
import type { EarnedBy } from '@obrik/core/money';
import { showDuration } from '@obrik/core/units';
import { capital, counted } from '@obrik/core/words';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useShop, useStock } from '@/api/usePiece';
import { useMoney, type MoneyWords } from '@/features/shared/useMoney';
import {
  Body,
  Card,
  Columns,
  Empty,
  Figure,
  Heading,
  Label,
  Loading,
  OpenRow,
  Screen,
  Small,
  TitleRow,
} from '@/ui/controls';
import { EarnedChart } from '@/ui/drawings';
import { usePlan } from '@/workers/usePlan';
import { ShopTabs } from './ShopTabs';
import { useShelves } from './useShelves';

/** "11.80, of 3: 8 of 10 say 9.20 to 14.40"; of few it says that they are few. */
const spreadInWords = ({ anHour }: EarnedBy, money: MoneyWords): string => {
  const { count, between } = anHour;
  if (count === 1) return 'One piece: says little';
  if (!between) return `${count} pieces: still little`;
  return `${count} pieces: likely ${money.show(between[0])} to ${money.show(between[1])}`;
};

interface EarnedProps {
  readonly title: string;
  readonly hint: string;
  readonly rows: readonly EarnedBy[];
  readonly nameOf: (kind: string) => string;
}

/** What was earned by the hour, drawn and as a table. */
const Earned = ({ title, hint, rows, nameOf }: EarnedProps) => {
  const money = useMoney();
  const { rateAnHour } = useShop().money;
  if (rows.length === 0) return null;
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>{title}</Label>
      <EarnedChart
        rows={rows.map((it) => ({
          label: nameOf(it.kind),
          figure: money.show(it.anHour.mean),
          mean: it.anHour.mean,
          between: it.anHour.between,
        }))}
        wanted={
          rateAnHour === null
            ? null
            : { at: rateAnHour, figure: `wanted ${money.show(rateAnHour)}` }
        }
        inWords={`${title}. ${rows.map((it) => `${nameOf(it.kind)} ${money.show(it.anHour.mean)}`).join(', ')}.`}
      />
      <View role="table" aria-label={title} style={{ gap: 6 }}>
        {rows.map((it) => (
          <View key={it.kind} role="row">
            <View role="cell">
              <TitleRow
                title={nameOf(it.kind)}
                figure={`${money.show(it.anHour.mean)} · ${showDuration(it.minutes)}`}
              />
              <Small>{spreadInWords(it, money)}</Small>
            </View>
          </View>
        ))}
      </View>
      <Small>{hint}</Small>
    </Card>
  );
};

/** Money: what is tied up in the shop, and what an hour has earned, by kind of piece and of work. */
export const MoneyScreen = () => {
  const router = useRouter();
  const shop = useShop();
  const stock = useStock();
  const money = useMoney();
  const { pieces } = useShelves();
  const more = useMemo((): [typeof stock] => [stock], [stock]);
  const told = usePlan('money', pieces, shop, more);
  if (!told)
    return (
      <Screen>
        <ShopTabs />
        <Loading what="the money" doing="Working out" />
      </Screen>
    );
  const [best] = told.sold;
  const worst = told.sold.length > 1 ? told.sold.at(-1) : undefined;
  return (
    <Screen>
      <ShopTabs />
      <Heading>Money</Heading>
      <Columns>
        <Card style={{ gap: 4 }}>
          <Label heading>Tied up</Label>
          <Figure style={{ fontSize: 30 }}>{money.show(told.tiedUp)}</Figure>
          <Body>
            {told.unsold === 1
              ? 'in one piece that is not sold'
              : `in ${told.unsold} pieces that are not sold`}
            : paid, material used, and whatever else went into it.
          </Body>
        </Card>
        {told.anHour === null ? (
          <Empty
            title="Nothing sold yet"
            text="Say what a piece was sold for, under Costs of the piece: then it tells what an hour on it earned."
          />
        ) : (
          <Card style={{ gap: 4 }}>
            <Label heading>An hour earned</Label>
            <Figure style={{ fontSize: 30 }}>{money.show(told.anHour)}</Figure>
            <Body>
              {money.show(told.left)} left after all costs, for {showDuration(told.minutes)} on{' '}
              {counted(told.sold.length, 'sold piece')}.
            </Body>
            {best && worst ? (
              <Small>
                Best: {best.name}, {money.show(best.anHour)} an hour. Worst: {worst.name},{' '}
                {money.show(worst.anHour)}.
              </Small>
            ) : null}
          </Card>
        )}
        <Earned
          title="By kind of piece"
          hint="The bar is where eight of ten would believe the mean to lie."
          rows={told.byKind}
          nameOf={(kind) => quickStart(kind)?.name ?? capital(kind)}
        />
        <Earned
          title="By kind of work"
          hint="What an hour earned on the sold pieces that had this work in them."
          rows={told.byWork}
          nameOf={capital}
        />
        {told.sold.length > 0 ? (
          <Card style={{ gap: 4 }}>
            <Label heading>Sold</Label>
            {told.sold.map((it) => (
              <OpenRow
                key={it.pieceId}
                label={`Costs of ${it.name}`}
                onPress={() => router.navigate(`/pieces/${it.pieceId}/costs`)}
              >
                <TitleRow
                  title={it.name}
                  figure={`${money.show(it.anHour)} · ${showDuration(it.minutes)}`}
                />
              </OpenRow>
            ))}
          </Card>
        ) : null}
      </Columns>
    </Screen>
  );
};
