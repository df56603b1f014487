import type { CostLine, Earnings, PieceCost } from '@obrik/core/money';
import type { PieceRecord } from '@obrik/core/piece';
import { showDuration } from '@obrik/core/units';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { useMoney, type MoneyWords } from '@/features/shared/useMoney';
import {
  Body,
  Card,
  Figure,
  Heading,
  Loading,
  MainButton,
  PlainButton,
  Screen,
  Small,
  TwoPanes,
} from '@/ui/controls';
import { CostBar, type CostPart } from '@/ui/drawings';
import { usePlan } from '@/workers/usePlan';
import { CostRows, CostSums } from './CostRows';
import { Decisions } from './Decisions';
import { PieceMoney } from './PieceMoney';
import { usePieceCost } from './usePieceCost';

/** Parts of the price, or of the costs where no price is known. */
const partsOf = (cost: PieceCost, earnings: Earnings, money: MoneyWords): readonly CostPart[] => {
  const sum = (...kinds: readonly CostLine['kind'][]) =>
    cost.lines
      .filter((it) => kinds.includes(it.kind))
      .reduce((all, it) => all + it.spent + it.toCome, 0);
  const part = (label: string, value: number, tone: CostPart['tone']): CostPart => ({
    label,
    value,
    tone,
    figure: money.show(value),
  });
  return [
    part('paid', sum('paid'), 'plain'),
    part('material', sum('material'), 'slate'),
    part('sundries', sum('worn', 'disposal', 'space', 'extra') + earnings.fees, 'amber'),
    part('tax', earnings.tax, 'vermilion'),
    part('left for the hours', Math.max(0, earnings.left ?? 0), 'moss'),
  ].filter((it) => it.value > 0);
};

/** What an hour on this piece earns, in one sentence. */
const Earned = ({ earnings }: { readonly earnings: Earnings }) => {
  const money = useMoney();
  const { rateAnHour } = useShop().money;
  const { anHour, price, isSold, minutes, floorPrice, nextHour, left } = earnings;
  if (price === null || anHour === null || left === null)
    return (
      <>
        <Heading>What will it bring?</Heading>
        <Body>
          Say what you hope to get for it: then you see what an hour here earns.
          {floorPrice === null ? '' : ` At your rate it has to bring ${money.show(floorPrice)}.`}
        </Body>
      </>
    );
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 8 }}>
        <Heading style={{ flexGrow: 1 }}>
          {isSold ? 'An hour here earned' : 'An hour here earns'}
        </Heading>
        <Figure style={{ fontSize: 34 }}>{money.show(anHour)}</Figure>
      </View>
      <Body>
        {isSold ? 'Sold at' : 'At'} {money.show(price)}, {isSold ? 'after' : 'for'}{' '}
        {showDuration(minutes)}, {money.show(left)} is left for the hours.
        {floorPrice === null || rateAnHour === null
          ? ''
          : ` At your rate of ${money.show(rateAnHour)} the price would be ${money.show(floorPrice)}.`}
      </Body>
      {nextHour === null ? null : (
        <Body>
          The next hour on it earns {money.show(nextHour)}
          {earnings.asItStandsUnknown
            ? ', if it would bring nothing as it stands: say what it would.'
            : ': what finishing it adds, less what it still takes.'}
        </Body>
      )}
    </>
  );
};

/** Costs: planned beside actual, what an hour earns, and what money decides. */
export const CostsScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const money = useMoney();
  const shop = useShop();
  const told = usePieceCost(piece);
  const decisions = usePlan('decisions', piece, shop);
  if (!told)
    return (
      <Screen>
        <Loading what="the costs" doing="Working out" />
      </Screen>
    );
  const { cost, earnings } = told;
  const parts = partsOf(cost, earnings, money);
  return (
    <TwoPanes
      left={
        <>
          <Earned earnings={earnings} />
          {parts.length > 0 ? (
            <CostBar
              parts={parts}
              inWords={parts.map((it) => `${it.label} ${it.figure}`).join(', ')}
            />
          ) : null}
          {cost.placeholders ? (
            <Card edge="amber" style={{ gap: 8 }}>
              <Small>Some prices are placeholders that nobody has set.</Small>
              <PlainButton
                title="Set your prices"
                onPress={() => router.navigate('/shop/prices')}
              />
            </Card>
          ) : null}
          <CostSums cost={cost} />
          <PieceMoney piece={piece} />
        </>
      }
      right={
        <>
          {decisions ? (
            <Decisions list={decisions} />
          ) : (
            <Loading what="what money decides" doing="Working out" />
          )}
          <CostRows cost={cost} />
        </>
      }
      foot={
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <PlainButton
            title="Quote"
            label="Quote for a client"
            style={{ flex: 1 }}
            onPress={() => router.navigate(`/pieces/${piece.id}/quote`)}
          />
          <MainButton
            title="Shopping"
            label="Shopping list of this piece"
            style={{ flex: 1 }}
            onPress={() => router.navigate(`/shop/shopping?piece=${piece.id}`)}
          />
        </View>
      }
    />
  );
};
