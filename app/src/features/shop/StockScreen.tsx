import { AISLES, aisleOf } from '@obrik/core/catalog';
import type { StockedPart } from '@obrik/core/piece';
import type { OnHand } from '@obrik/core/supply';
import { useState } from 'react';
import { View } from 'react-native';
import { useChanges } from '@/api/usePiece';
import { useKept } from '@/features/shared/useKept';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { Body, Card, Empty, Heading, Label, Loading, MainButton, Screen } from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import { NewContainer } from './NewContainer';
import { StockRow } from './StockRow';
import { ShopTabs } from './ShopTabs';
import { useShelves } from './useShelves';

/** Stock: what stands in the shop, what is left of it, and what should be used first. */
export const StockScreen = () => {
  const put = useChanges();
  const nameOf = useMaterialName();
  const { pieces, onHand } = useShelves();
  const [adding, setAdding, closed] = useKept('shelf/adding', false);
  const [search, setSearch] = useState('');
  const store = (container: StockedPart, said: string) =>
    void put(null, [{ kind: 'stocked', containers: [container] }], said);
  if (!pieces)
    return (
      <Screen>
        <ShopTabs />
        <Loading what="the stock" />
      </Screen>
    );
  const words = search.trim().toLowerCase();
  /** Does a container answer to what somebody types or pastes: its name, code or place? */
  const answers = ({ container }: OnHand): boolean =>
    `${nameOf(container.material, container.colour)} ${container.code} ${container.place}`
      .toLowerCase()
      .includes(words);
  const shown = words === '' ? onHand : onHand.filter(answers);
  const urgent = shown.filter(
    (it) => it.state === 'expired' || it.state === 'soon' || it.overdrawn,
  );
  const rest = shown.filter((it) => !urgent.includes(it));
  const row = (it: OnHand) => <StockRow key={it.container.id} it={it} onStore={store} />;
  return (
    <Screen
      foot={
        adding ? undefined : <MainButton title="Add a container" onPress={() => setAdding(true)} />
      }
    >
      <ShopTabs />
      <Heading>Stock</Heading>
      {adding ? (
        <NewContainer
          onClose={closed}
          onAdd={(it) => {
            store(it, `${nameOf(it.material, it.colour)}: on the shelf.`);
            closed();
          }}
        />
      ) : null}
      {onHand.length > 3 ? (
        <FigureField text label="Find by name, code or place" typed={search} onType={setSearch} />
      ) : null}
      {onHand.length === 0 && !adding ? (
        <Empty
          title="The shelf is empty"
          text="What you tick off on the shopping list stands here. What is in the shop already is added once; then the bench counts it down."
        />
      ) : null}
      {words !== '' && shown.length === 0 ? (
        <Card>
          <Body>Nothing on the shelf answers to “{search.trim()}”.</Body>
        </Card>
      ) : null}
      {urgent.length > 0 ? (
        <View style={{ gap: 8 }}>
          <Label heading>Look at these first</Label>
          {urgent.map(row)}
        </View>
      ) : null}
      {AISLES.map(({ id, label }) => {
        const own = rest.filter((it) => aisleOf(it.container.material) === id);
        return own.length === 0 ? null : (
          <View key={id} style={{ gap: 8 }}>
            <Label heading>{label}</Label>
            {own.map(row)}
          </View>
        );
      })}
    </Screen>
  );
};
