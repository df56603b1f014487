import { equilibriumMoisture } from '@obrik/core/climate';
import { read, shop as shopSchema, type Shop } from '@obrik/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { useReadMeterMutation } from '@/api/api';
import { failureOf } from '@/api/failure';
import { MeterButton } from '@/features/shared/MeterButton';
import { Body, Card, FigureField, Label, MainButton } from '@/ui/controls';

type Key = 'airCelsius' | 'airHumidity';

const toCelsius = (typed: number, us: boolean) => (us ? (typed - 32) / 1.8 : typed);
const fromCelsius = (celsius: number, us: boolean) =>
  String(Math.round((us ? celsius * 1.8 + 32 : celsius) * 10) / 10);

/** The air in the shop, typed or read off the meter: what wood's moisture is held against. */
export const AirInShop = ({
  shop,
  onStore,
}: {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}) => {
  const us = shop.units === 'us';
  const [typed, setTyped] = useState<Readonly<Record<Key, string>>>({
    airCelsius: fromCelsius(shop.airCelsius, us),
    airHumidity: String(shop.airHumidity),
  });
  const [wrong, setWrong] = useState<Partial<Record<Key, string>>>({});
  const [meterSays, setMeterSays] = useState<string>();
  const [readMeter, { isLoading }] = useReadMeterMutation();
  const submit = () => {
    const figure = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
    const result = read(shopSchema, {
      ...shop,
      airCelsius: toCelsius(figure(typed.airCelsius), us),
      airHumidity: figure(typed.airHumidity),
    });
    if (result.ok) {
      setWrong({});
      return onStore(result.value);
    }
    setWrong(Object.fromEntries(result.problems.map((it) => [it.path, it.message])));
  };
  const takeReading = async () => {
    const result = await readMeter({ deviceId: 'thermo-hygrometer' });
    if (result.error) return setMeterSays(failureOf(result.error).text);
    const of = (quantity: string) =>
      result.data.shown.find((it) => it.quantity === quantity)?.value ?? NaN;
    setTyped({
      airCelsius: fromCelsius(of('temperature'), us),
      airHumidity: String(of('humidity')),
    });
    setMeterSays(
      result.data.simulated
        ? 'Read off the simulated meter: nothing was measured. Store it if you like.'
        : 'Read off the meter. Store it.',
    );
  };
  const atRest = equilibriumMoisture({ celsius: shop.airCelsius, humidity: shop.airHumidity });
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Air in the shop</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <FigureField
          label={us ? 'Temperature in °F' : 'Temperature in °C'}
          typed={typed.airCelsius}
          onType={(text) => setTyped({ ...typed, airCelsius: text })}
          wrong={wrong.airCelsius}
          style={{ flexGrow: 1, flexBasis: 130 }}
        />
        <FigureField
          label="Humidity in %"
          typed={typed.airHumidity}
          onType={(text) => setTyped({ ...typed, airHumidity: text })}
          wrong={wrong.airHumidity}
          style={{ flexGrow: 1, flexBasis: 130 }}
        />
      </View>
      <MeterButton
        label="Read the thermometer and hygrometer"
        busy={isLoading}
        says={meterSays}
        onPress={() => void takeReading()}
      />
      <Body>Wood at rest in this air holds {atRest.toFixed(1)} % of moisture.</Body>
      <MainButton title="Store the air" onPress={submit} />
    </Card>
  );
};
