import { MATERIALS, type Material } from '@obrik/core/catalog';
import { containersIn, isOwnPrice, type OwnPrice, type Shop } from '@obrik/core/piece';
import { sizeInWords } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useKept } from '@/features/shared/useKept';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { useMoney } from '@/features/shared/useMoney';
import { figureOf } from '@/features/shared/figureOf';
import { useDraft } from '@/state/draft';
import {
  Alarm,
  Body,
  Card,
  MainButton,
  OpenRow,
  PlainButton,
  Small,
  Strong,
  Tag,
} from '@/ui/controls';
import { FigureField } from '@/ui/forms';

interface PriceRowProps {
  readonly material: Material;
  readonly shop: Shop;
  readonly onStore: (price: OwnPrice, said: string) => void;
}

/** Which draft holds the prices of a material that are typed and not saved. */
const draftOf = (material: Material): string => `prices/${material}`;

interface Typed {
  readonly size: string;
  readonly price: string;
}

/** The sizes of a material, each with its price, to be typed over. */
const Sizes = ({ material, shop, onStore }: PriceRowProps) => {
  const money = useMoney();
  const { unit } = MATERIALS.get(material);
  const label = useMaterialName()(material);
  const isOwn = isOwnPrice(shop.prices, material);
  const [rows, setRows, forget] = useKept<readonly Typed[]>(draftOf(material), [
    ...containersIn(shop.prices, material).map(({ size, price }) => ({
      size: String(size),
      price: isOwn ? money.toTyped(price) : '',
    })),
    { size: '', price: '' },
  ]);
  const [wrong, setWrong] = useState<string>();
  const put = (at: number, told: Partial<Typed>) =>
    setRows(rows.map((it, nth) => (nth === at ? { ...it, ...told } : it)));
  const save = () => {
    const filled = rows.filter((it) => it.price.trim() !== '');
    const read = filled.map((it) => ({ size: figureOf(it.size), price: money.read(it.price) }));
    const containers = read.flatMap(({ size, price }) =>
      size >= 0.001 && typeof price === 'number' ? [{ size, price }] : [],
    );
    if (filled.length === 0) return setWrong('Give at least one price.');
    if (containers.length < filled.length)
      return setWrong('Each price needs a size, and looks like 12.40.');
    setWrong(undefined);
    forget();
    onStore({ material, containers }, `${label}: your prices.`);
  };
  return (
    <View style={{ gap: 8, paddingBottom: 12 }}>
      {rows.map((it, at) => (
        <View key={at} style={{ flexDirection: 'row', gap: 8 }}>
          <FigureField
            label={`Size ${at + 1}, ${unit === 'm2' ? 'm²' : unit}`}
            typed={it.size}
            onType={(size) => put(at, { size })}
            style={{ flex: 1 }}
          />
          <FigureField
            label={`Price ${at + 1}${money.mark}`}
            typed={it.price}
            onType={(price) => put(at, { price })}
            style={{ flex: 1 }}
          />
        </View>
      ))}
      <Alarm text={wrong} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <MainButton
          title="Save prices"
          label={`Save prices: ${label}`}
          style={{ flex: 1 }}
          onPress={save}
        />
        {isOwn ? (
          <PlainButton
            title="Forget them"
            label={`Forget your prices: ${label}`}
            onPress={() => {
              forget();
              onStore({ material, containers: [] }, `${label}: placeholders again.`);
            }}
          />
        ) : null}
      </View>
    </View>
  );
};

/** One material with what it costs here. */
export const PriceRow = (props: PriceRowProps) => {
  const { material, shop } = props;
  const money = useMoney();
  const isTyped = useDraft(draftOf(material)) !== undefined;
  const [open, setOpen] = useState(isTyped);
  const { unit } = MATERIALS.get(material);
  const label = useMaterialName()(material);
  const isOwn = isOwnPrice(shop.prices, material);
  const sizes = containersIn(shop.prices, material)
    .map((it) => `${sizeInWords(it.size, unit, shop.units)} ${money.show(it.price)}`)
    .join(' · ');
  return (
    <Card style={{ paddingVertical: 0, paddingHorizontal: 12 }}>
      <OpenRow
        label={`${label}: ${isOwn ? sizes : 'no price of yours'}`}
        expanded={open}
        onPress={() => setOpen(!open)}
        style={{ paddingVertical: 8, gap: 2 }}
      >
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
          <Strong style={{ flexGrow: 1, flexShrink: 1, flexBasis: 140 }}>{label}</Strong>
          {isOwn ? null : <Tag text="placeholder" tone="plain" />}
        </View>
        {isOwn ? <Body>{sizes}</Body> : <Small>{sizes}</Small>}
      </OpenRow>
      {open ? <Sizes key={JSON.stringify(shop.prices)} {...props} /> : null}
    </Card>
  );
};
