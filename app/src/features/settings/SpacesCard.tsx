import { AIR_MOVEMENT, ROOMS } from '@obrik/core/catalog';
import { read, shop as shopSchema, type Shop, type Space } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { nanoid } from '@reduxjs/toolkit';
import { View } from 'react-native';
import { Card, Label, Option, Options, PlainButton } from '@/ui/controls';
import { Stepper, TypedLine } from '@/ui/forms';

interface SpacesCardProps {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}

const MOST = 6;
const HEATER = { watt: 3000, toCelsius: 18 } as const;
const DRIER = { litresADay: 10, toHumidity: 55 } as const;

const USES = [
  { key: 'dust', title: 'Dust' },
  { key: 'wet', title: 'Wet coats' },
  { key: 'spray', title: 'Spraying' },
] as const;

/** The spaces of the shop with what may be done in them, their rooms and their air. */
export const SpacesCard = ({ shop, onStore }: SpacesCardProps) => {
  const router = useRouter();
  const us = shop.units === 'us';
  const perM2 = us ? 10.7639 : 1;
  const put = (changed: Space): string | undefined => {
    const spaces = shop.spaces.map((it) => (it.id === changed.id ? changed : it));
    const result = read(shopSchema, { ...shop, spaces });
    if (!result.ok) return result.problems[0]?.message ?? 'That can’t be stored.';
    onStore(result.value);
    return undefined;
  };
  return (
    <Card style={{ gap: 16 }}>
      <Label heading>Spaces and their air</Label>
      <PlainButton title="Air of the next days, files" onPress={() => router.navigate('/air')} />
      {shop.spaces.map((it) => (
        <View key={it.id} style={{ gap: 8 }}>
          <TypedLine label="Space" value={it.name} onStore={(name) => put({ ...it, name })} />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {USES.map(({ key, title }) => (
              <Option
                key={key}
                role="checkbox"
                title={title}
                label={`${it.name}: ${title.toLowerCase()}`}
                chosen={it[key]}
                onPress={() => void put({ ...it, [key]: !it[key] })}
              />
            ))}
          </View>
          <Stepper
            label="jobs at a time"
            value={it.places}
            least={1}
            most={20}
            onChange={(places) => void put({ ...it, places })}
          />
          <TypedLine
            label={`Drying racks in ${us ? 'ft²' : 'm²'}; empty: room for all`}
            value={it.racksM2 === null ? '' : String(Math.round(it.racksM2 * perM2 * 10) / 10)}
            onStore={(typed) => {
              if (typed.trim() === '') return put({ ...it, racksM2: null });
              const figure = Number(typed.replace(',', '.')) / perM2;
              return Number.isFinite(figure)
                ? put({ ...it, racksM2: figure })
                : 'Give a figure, or nothing.';
            }}
          />
          <Options
            label={`${it.name}: kind of room`}
            options={ROOMS.rows.map((room) => ({ value: room.id, title: room.label }))}
            chosen={it.room}
            onChoose={(room) => void put({ ...it, room })}
          />
          <Options
            label={`${it.name}: how the air moves`}
            options={AIR_MOVEMENT.rows.map((one) => ({ value: one.id, title: one.label }))}
            chosen={it.movement}
            onChoose={(movement) => void put({ ...it, movement })}
          />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            <Option
              role="checkbox"
              title="Heater, 3 kW to 18 °C"
              label={`${it.name}: heater`}
              chosen={it.heater !== null}
              onPress={() => void put({ ...it, heater: it.heater ? null : { ...HEATER } })}
            />
            <Option
              role="checkbox"
              title="Dehumidifier, 10 L a day"
              label={`${it.name}: dehumidifier`}
              chosen={it.dehumidifier !== null}
              onPress={() =>
                void put({ ...it, dehumidifier: it.dehumidifier ? null : { ...DRIER } })
              }
            />
            {shop.spaces.length > 1 ? (
              <PlainButton
                title="Remove"
                label={`Remove ${it.name}`}
                onPress={() =>
                  onStore({ ...shop, spaces: shop.spaces.filter((one) => one.id !== it.id) })
                }
              />
            ) : null}
          </View>
        </View>
      ))}
      {shop.spaces.length < MOST ? (
        <PlainButton
          title="Add a space"
          onPress={() => {
            const [first] = shop.spaces;
            if (!first) return;
            const name = `Space ${shop.spaces.length + 1}`;
            onStore({ ...shop, spaces: [...shop.spaces, { ...first, id: nanoid(), name }] });
          }}
        />
      ) : null}
    </Card>
  );
};
