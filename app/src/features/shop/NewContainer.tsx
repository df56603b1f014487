import { MATERIALS, type Material } from '@obrik/core/catalog';
import { colourName } from '@obrik/core/coating';
import { containersIn, type Stocked } from '@obrik/core/piece';
import { boughtColours } from '@obrik/core/supply';
import { inDialect, sizeInWords } from '@obrik/core/words';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useShop } from '@/api/usePiece';
import { figureOf } from '@/features/shared/figureOf';
import { useTimes } from '@/features/shared/useTimes';
import { Alarm, Card, Label, MainButton, Option, PlainButton, Small } from '@/ui/controls';
import { FigureField } from '@/ui/forms';
import { useKept } from '@/features/shared/useKept';
import { useMaterialName } from '@/features/shared/useMaterialName';
import { useMoney } from '@/features/shared/useMoney';
import { asBought } from './bought';
import { useShelves } from './useShelves';

/** So many are shown while somebody types. */
const SHOWN = 8;

const USED_UP = MATERIALS.rows.filter((it) => !it.kept);

interface NewContainerProps {
  readonly onAdd: (container: Stocked) => void;
  readonly onClose: () => void;
}

/** What is typed of a container, and not on the shelf yet. */
interface Typed {
  readonly search: string;
  readonly material?: Material;
  readonly colour: string | null;
  readonly size: string;
  readonly left: string;
  readonly code: string;
  readonly paid: string;
}
const BLANK: Typed = { search: '', colour: null, size: '', left: '', code: '', paid: '' };

/** A container that stands in the shop already: what it is, how much is left, and its code. */
export const NewContainer = ({ onAdd, onClose }: NewContainerProps) => {
  const times = useTimes();
  const shop = useShop();
  const money = useMoney();
  const nameOf = useMaterialName();
  const { atWork } = useShelves();
  const [typed, keep, forget] = useKept<Typed>('shelf/new', BLANK);
  const { search, material, colour, size, left, code, paid } = typed;
  const put = (told: Partial<Typed>) => keep({ ...typed, ...told });
  const [wrong, setWrong] = useState<string>();
  const found = useMemo(() => {
    const words = search.trim().toLowerCase();
    return words === ''
      ? []
      : USED_UP.filter(({ label }) =>
          `${label} ${inDialect(label, 'metric')}`.toLowerCase().includes(words),
        ).slice(0, SHOWN);
  }, [search]);
  /** Colours that pieces here ask for, beside the usual ones. */
  const asked = useMemo(
    () =>
      (atWork ?? []).flatMap((it) =>
        it.aims.flatMap(({ scheme }) =>
          scheme.kind === 'painted' && scheme.colour ? [scheme.colour.toLowerCase()] : [],
        ),
      ),
    [atWork],
  );
  const row = material ? MATERIALS.get(material) : undefined;
  const usual = material ? boughtColours(material) : [];
  const isByHex = usual.some((it) => it.startsWith('#'));
  const colours = usual.length === 0 ? [] : [...new Set([...(isByHex ? asked : []), ...usual])];
  const save = () => {
    if (!material) return setWrong('Search for what it is, and tap it.');
    const holds = figureOf(size);
    const amount = left.trim() === '' ? holds : figureOf(left);
    const price = money.read(paid);
    if (!(holds >= 0.001)) return setWrong('How much does it hold? Give a figure.');
    if (!(amount >= 0 && amount <= holds))
      return setWrong('What is left lies between 0 and what it holds.');
    if (price === undefined) return setWrong('Give the price like 12.40, or leave it empty.');
    const [container] = asBought({ material, colour }, holds, 1, price, times.today());
    if (!container) return;
    forget();
    onAdd({
      ...container,
      left: amount,
      seenBy: 'eye',
      code: code.trim().slice(0, 60),
      boughtOn: null,
    });
  };
  return (
    <Card edge="ink" style={{ gap: 10 }}>
      <Label heading>What stands there?</Label>
      {row ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          <Option
            title={nameOf(row.id)}
            chosen
            role="button"
            onPress={() => keep({ ...BLANK, search })}
          />
        </View>
      ) : (
        <>
          <FigureField
            text
            label="Search, such as enamel or tape"
            typed={search}
            onType={(it) => put({ search: it })}
          />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {found.map((it) => (
              <Option
                key={it.id}
                role="button"
                title={nameOf(it.id)}
                onPress={() =>
                  put({
                    material: it.id,
                    colour: null,
                    size: String(containersIn(shop.prices, it.id)[0]?.size ?? ''),
                  })
                }
              />
            ))}
          </View>
        </>
      )}
      {row && colours.length > 0 ? (
        <View
          role="radiogroup"
          aria-label="Colour"
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
        >
          <Option
            title="As it comes"
            chosen={colour === null}
            onPress={() => put({ colour: null })}
          />
          {colours.map((it) => (
            <Option
              key={it}
              title={colourName(it)}
              chosen={colour === it}
              onPress={() => put({ colour: it })}
            />
          ))}
        </View>
      ) : null}
      {row ? (
        <>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <FigureField
              label={`Holds, ${row.unit === 'm2' ? 'm²' : row.unit}`}
              typed={size}
              onType={(it) => put({ size: it })}
              style={{ flex: 1 }}
            />
            <FigureField
              label="Left (empty: full)"
              typed={left}
              onType={(it) => put({ left: it })}
              style={{ flex: 1 }}
            />
          </View>
          <FigureField
            text
            label="Code or lot on it"
            typed={code}
            onType={(it) => put({ code: it })}
            hint="Type it, or paste what a scanner read."
          />
          <FigureField
            label={`Paid for it${money.mark}`}
            typed={paid}
            onType={(it) => put({ paid: it })}
          />
          <Small>
            Sizes you usually buy:{' '}
            {containersIn(shop.prices, row.id)
              .map((it) => sizeInWords(it.size, row.unit, shop.units))
              .join(', ')}
          </Small>
        </>
      ) : null}
      <Alarm text={wrong} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <MainButton title="Put it on the shelf" style={{ flex: 1 }} onPress={save} />
        <PlainButton title="Close" label="Close without adding" onPress={onClose} />
      </View>
    </Card>
  );
};
