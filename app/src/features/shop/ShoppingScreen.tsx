import { AISLES } from '@obrik/core/catalog';
import type { Piece, Stocked } from '@obrik/core/piece';
import { listOf, nameOfLine, type ShoppingLine, type ShoppingList } from '@obrik/core/supply';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useChanges, useShop } from '@/api/usePiece';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { useMoney } from '@/features/shared/useMoney';
import { useTimes } from '@/features/shared/useTimes';
import {
  Body,
  Card,
  Empty,
  Figure,
  Heading,
  Label,
  Loading,
  MainButton,
  OpenRow,
  Option,
  PlainButton,
  Screen,
  Small,
} from '@/ui/controls';
import { useLastPlan } from '@/workers/usePlan';
import { boughtAsListed, pricesPaid, sharesOf } from './bought';
import { FittingRow } from './FittingRow';
import { InBasket, ShoppingRow } from './ShoppingRow';
import { ShopTabs } from './ShopTabs';
import { useShelves } from './useShelves';

const usePieces = (all: readonly Piece[] | undefined) => {
  const router = useRouter();
  const { piece } = useLocalSearchParams<{ piece?: string }>();
  const chosen = useMemo(() => (piece ? all?.filter((it) => it.id === piece) : all), [all, piece]);
  return {
    chosen,
    only: piece,
    choose: (pieceId: string | undefined) => router.setParams({ piece: pieceId ?? '' }),
  };
};

interface ForPiecesProps {
  readonly pieces: readonly Piece[];
  readonly only: string | undefined;
  readonly onChoose: (pieceId: string | undefined) => void;
}

/** For which pieces the list is; shut, so that the list itself comes first. */
const ForPieces = ({ pieces, only, onChoose }: ForPiecesProps) => {
  const [open, setOpen] = useState(false);
  const name = pieces.find((it) => it.id === only)?.name ?? 'all pieces';
  const choose = (pieceId: string | undefined) => {
    setOpen(false);
    onChoose(pieceId);
  };
  return (
    <Card style={{ paddingVertical: 0 }}>
      <OpenRow label={`For ${name}`} expanded={open} onPress={() => setOpen(!open)}>
        <Body>For {name} · change</Body>
      </OpenRow>
      {open ? (
        <View
          role="radiogroup"
          aria-label="For which pieces"
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingBottom: 12 }}
        >
          <Option title="All pieces" chosen={!only} onPress={() => choose(undefined)} />
          {pieces.map((it) => (
            <Option
              key={it.id}
              title={it.name}
              chosen={only === it.id}
              onPress={() => choose(it.id)}
            />
          ))}
        </View>
      ) : null}
    </Card>
  );
};

/** Shopping: what the pieces at work still need, by aisle, ticked off with one thumb and without a net. */
export const ShoppingScreen = () => {
  const times = useTimes();
  const router = useRouter();
  const shop = useShop();
  const money = useMoney();
  const materialName = useMaterialName();
  const put = useChanges();
  const { pieces, atWork, stock, shelves } = useShelves();
  const { chosen, only, choose } = usePieces(atWork);
  const { plan: needs, isFresh } = useLastPlan('needs', chosen, shop);
  const list = useMemo(
    () => (needs && chosen ? listOf(needs, chosen, shop, shelves, pieces ?? []) : undefined),
    [needs, chosen, shop, shelves, pieces],
  );
  const today = times.today();
  const basket = stock.filter(
    (it) => !it.gone && it.seenBy === 'bought' && it.boughtOn === today && it.left === it.size,
  );
  const nameOf = (pieceId: string) => atWork?.find((it) => it.id === pieceId)?.name ?? pieceId;
  const got = (line: ShoppingLine, containers?: readonly Stocked[]) => {
    const bought = containers ?? boughtAsListed(line, today);
    void put(
      null,
      [{ kind: 'stocked', containers: [...bought] }, ...pricesPaid(containers ?? [], shop.prices)],
      `${nameOfLine(line)}: in the basket.`,
    );
  };
  const say = async (line: ShoppingLine, said: number | null) => {
    const { material, colour, reckoned } = line;
    for (const [pieceId, own] of sharesOf(line)) {
      const part = said === null ? null : { reckoned: own, said: (said * own) / reckoned };
      await put(
        pieceId,
        [{ kind: 'need', material, colour, own: part }],
        `${nameOfLine(line)}: ${said === null ? 'as reckoned again' : 'as you say'}.`,
      );
    }
  };
  const touchUp = (line: ShoppingLine, quantity: number) => {
    const { material, colour } = line;
    const others = shop.touchUps.filter((it) => it.material !== material || it.colour !== colour);
    const touchUps = quantity > 0 ? [...others, { material, colour, quantity }] : others;
    void put(null, [{ kind: 'shopSet', settings: { touchUps } }], 'Stored.');
  };
  const gotFitting = (it: ShoppingList['fittings'][number], got: boolean) => {
    const old = atWork
      ?.find((piece) => piece.id === it.pieceId)
      ?.hardware.find((one) => one.id === it.hardwareId);
    return (
      old &&
      put(
        it.pieceId,
        [{ kind: 'fit', hardware: { ...old, got } }],
        `${it.name || it.kind}: ${got ? 'bought' : 'put back on the list'}.`,
      )
    );
  };
  if (!atWork || !list)
    return (
      <Screen>
        <ShopTabs />
        <Loading what="the list" doing="Working out" />
      </Screen>
    );
  const toBuy = list.lines.filter((it) => it.bought.length > 0);
  const had = list.lines.filter((it) => it.bought.length === 0);
  const row = (it: ShoppingLine) => (
    <ShoppingRow
      key={`${it.material}/${it.colour ?? ''}`}
      line={it}
      pieceName={nameOf}
      onGot={got}
      onSay={it.cut ? undefined : (line, said) => void say(line, said)}
      onTouchUp={touchUp}
    />
  );
  return (
    <Screen
      foot={
        toBuy.length > 0 ? (
          <MainButton
            title="Print or share"
            onPress={() => router.navigate(only ? `/shop/list?piece=${only}` : '/shop/list')}
          />
        ) : undefined
      }
    >
      <ShopTabs />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 8 }}>
        <Heading style={{ flexGrow: 1 }}>Shopping list</Heading>
        <Figure style={{ fontSize: 25 }}>{money.show(list.cost)}</Figure>
      </View>
      {list.placeholders ? (
        <Card edge="amber" style={{ gap: 8 }}>
          <Body>Some of these prices are placeholders that nobody has set.</Body>
          <PlainButton title="Set your prices" onPress={() => router.navigate('/shop/prices')} />
        </Card>
      ) : null}
      {atWork.length > 1 ? (
        <ForPieces
          pieces={atWork.filter((it) => it.aims.length > 0)}
          only={only}
          onChoose={choose}
        />
      ) : null}
      {isFresh ? null : <Small>Updating the list …</Small>}
      {isFresh && toBuy.length === 0 && list.fittings.length === 0 ? (
        <Empty
          title="Nothing to buy"
          text={
            had.length > 0
              ? 'All that the pieces need is on the shelf.'
              : 'As soon as pieces have finishes to get, what they take stands here.'
          }
        />
      ) : null}
      {AISLES.map(({ id, label }) => {
        const lines = toBuy.filter((it) => it.aisle === id);
        const fittings = id === 'fittings' ? list.fittings : [];
        return lines.length + fittings.length === 0 ? null : (
          <View key={id} style={{ gap: 8 }}>
            <Label heading>{label}</Label>
            {lines.map(row)}
            {fittings.map((it) => (
              <FittingRow
                key={it.hardwareId}
                it={it}
                pieceName={nameOf(it.pieceId)}
                units={shop.units}
                onGot={(got) => void gotFitting(it, got)}
              />
            ))}
          </View>
        );
      })}
      {basket.length > 0 ? (
        <View style={{ gap: 8 }}>
          <Label heading>Bought today, on the shelf now</Label>
          <InBasket
            containers={basket}
            nameOf={(it) => materialName(it.material, it.colour)}
            onBack={(it) =>
              void put(
                null,
                [{ kind: 'stocked', containers: [{ id: it.id, gone: true }] }],
                'Put back.',
              )
            }
          />
        </View>
      ) : null}
      {had.length > 0 ? (
        <View style={{ gap: 8 }}>
          <Label heading>On hand, nothing to buy</Label>
          {had.map(row)}
        </View>
      ) : null}
    </Screen>
  );
};
