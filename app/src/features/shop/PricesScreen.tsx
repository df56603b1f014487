import { parse } from 'papaparse';
import { AISLES, MATERIALS, aisleOf, type Material } from '@obrik/core/catalog';
import { pricesTable, readPrices, type PriceProblem } from '@obrik/core/exchange';
import { isOwnPrice, type OwnPrice } from '@obrik/core/piece';
import { inDialect, counted } from '@obrik/core/words';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useShopQuery } from '@/api/api';
import { useChanges, useShop } from '@/api/usePiece';
import { asCsv, saveFile } from '@/features/files/save';
import { chooseFile } from '@/features/shared/chooseFile';
import {
  Body,
  Card,
  Columns,
  Heading,
  Label,
  Loading,
  Option,
  PlainButton,
  Screen,
  Small,
} from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import { MoneySettingsCard } from './MoneySettingsCard';
import { PriceRow } from './PriceRow';
import { ShopTabs } from './ShopTabs';
import { useShelves } from './useShelves';

const USED_UP = MATERIALS.rows.filter((it) => !it.kept);
/** Lines of a price list that are told of; more would bury them. */
const TOLD = 6;

/** What came of a price list that was read. */
interface Read {
  readonly count: number;
  readonly problems: readonly PriceProblem[];
}

/** The price book as a file: saved for a spreadsheet, and read back. */
const AsFile = ({ onRead }: { readonly onRead: (prices: readonly OwnPrice[]) => void }) => {
  const shop = useShop();
  const [came, setCame] = useState<Read>();
  const save = () =>
    void saveFile('prices.csv', asCsv(pricesTable(shop.prices, shop.money.currency)), 'text/csv');
  const take = async () => {
    const file = await chooseFile('.csv,text/csv');
    if (!file) return;
    const { data } = parse<string[]>(await file.text(), { skipEmptyLines: true });
    const { prices, problems } = readPrices(data, shop.money.currency);
    setCame({ count: prices.length, problems });
    if (prices.length > 0) onRead(prices);
  };
  return (
    <Card style={{ gap: 8 }}>
      <Label heading>As a file</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton title="Save as CSV" label="Save the prices as CSV" onPress={save} />
        <PlainButton
          title="Read a CSV"
          label="Read prices from a CSV"
          onPress={() => void take()}
        />
      </View>
      {came ? (
        <View role="status" style={{ gap: 4 }}>
          <Body>{`${counted(came.count, 'material')} priced.`}</Body>
          {came.problems.slice(0, TOLD).map((it) => (
            <Small key={it.line}>
              Line {it.line}: {it.message}
            </Small>
          ))}
          {came.problems.length > TOLD ? (
            <Small>and {came.problems.length - TOLD} more lines.</Small>
          ) : null}
        </View>
      ) : (
        <Small>
          Fill in size and price in a spreadsheet, write yes under set_here, and read it.
        </Small>
      )}
    </Card>
  );
};

type Shown = 'own' | 'all';

/** Prices: the shop's own figures and price book; what nobody has set is marked as a placeholder. */
export const PricesScreen = () => {
  const { data } = useShopQuery();
  const shop = useShop();
  const put = useChanges();
  const { atWork } = useShelves();
  const [shown, setShown] = useState<Shown>('own');
  const [search, setSearch] = useState('');
  const store = (price: OwnPrice, said: string) =>
    void put(null, [{ kind: 'priced', prices: [price] }], said);
  const words = search.trim().toLowerCase();
  const rows = useMemo(
    () =>
      USED_UP.filter(({ id, label }) =>
        words !== ''
          ? // Found by either name, wherever the shop is.
            `${label} ${inDialect(label, 'metric')}`.toLowerCase().includes(words)
          : shown === 'all' || (shown === 'own' && isOwnPrice(shop.prices, id)),
      ),
    [shown, words, shop.prices],
  );
  if (!data || !atWork)
    return (
      <Screen>
        <ShopTabs />
        <Loading what="the prices" />
      </Screen>
    );
  const row = (material: Material) => (
    <PriceRow key={material} material={material} shop={shop} onStore={store} />
  );
  return (
    <Screen>
      <ShopTabs />
      <Heading>Prices</Heading>
      <Columns>
        <MoneySettingsCard
          shop={shop}
          onStore={(money) => void put(null, [{ kind: 'shopSet', settings: { money } }], 'Stored.')}
        />
        <View style={{ gap: 12 }}>
          <Label heading>Price book</Label>
          <FigureField text label="Find a material" typed={search} onType={setSearch} />
          <View
            role="radiogroup"
            aria-label="Which prices"
            style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
          >
            <Option title="Yours" chosen={shown === 'own'} onPress={() => setShown('own')} />
            <Option title="All" chosen={shown === 'all'} onPress={() => setShown('all')} />
          </View>
          {rows.length === 0 ? (
            <Small>
              {words === ''
                ? 'None is set yet. Until then sums are reckoned with placeholders, and say so.'
                : `No material is called “${search.trim()}”.`}
            </Small>
          ) : null}
          {AISLES.map(({ id, label }) => {
            const own = rows.filter((it) => aisleOf(it.id) === id);
            return own.length === 0 ? null : (
              <View key={id} style={{ gap: 8 }}>
                <Label>{label}</Label>
                {own.map((it) => row(it.id))}
              </View>
            );
          })}
          <AsFile
            onRead={(prices) =>
              void put(null, [{ kind: 'priced', prices: [...prices] }], 'Prices read.')
            }
          />
        </View>
      </Columns>
    </Screen>
  );
};
