import { zodResolver } from '@hookform/resolvers/zod';
import { equilibriumMoisture } from '@obrik/core/climate';
import { shop as shopSchema, type Shop } from '@obrik/core/piece';
import { celsiusOf, temperatureIn, type UnitSystem } from '@obrik/core/units';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { shopNow } from '@/device';
import { MeterButton } from '@/features/shared/MeterButton';
import { typedFigure } from '@/features/shared/typed';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { useHygrometer } from '@/features/shared/useHygrometer';
import { Body, Card, Label, MainButton } from '@/ui/controls';
import { Field } from '@/ui/forms';

const asTyped = (it: Pick<Shop, 'airCelsius' | 'airHumidity'>, units: UnitSystem) => ({
  airCelsius: String(Math.round(temperatureIn(it.airCelsius, units) * 10) / 10),
  airHumidity: String(it.airHumidity),
});

/** A figure that may not be left out. */
const needed = (of: z.ZodType<number, number>) =>
  z
    .number()
    .nullable()
    .transform((it) => it ?? NaN)
    .pipe(of);

/** What is asked of the air; figures as they are typed. */
const airForm = (units: UnitSystem) =>
  z.object({
    airCelsius: typedFigure(needed(shopSchema.shape.airCelsius.unwrap()), (typed) =>
      celsiusOf(Number(typed.replace(',', '.')), units),
    ),
    airHumidity: typedFigure(needed(shopSchema.shape.airHumidity.unwrap())),
  });

/** The air in the shop, typed or read off the meter: what wood's moisture is held against. */
export const AirInShop = ({
  shop,
  onStore,
}: {
  readonly shop: Shop;
  readonly onStore: (shop: Shop) => void;
}) => {
  const us = shop.units === 'us';
  const [resolver] = useState(() => zodResolver(airForm(shop.units)));
  const form = useForm({
    resolver,
    defaultValues: asTyped(shop, shop.units),
  });
  const { control, handleSubmit, reset } = form;
  const forget = useFormDraft(form, `airInShop/${shop.units}`);
  const { readAir, busy, says } = useHygrometer();
  const submit = handleSubmit((air) => {
    forget();
    onStore({ ...shop, ...air, airReadAt: shopNow().toISOString() });
  });
  const takeReading = async () => {
    const air = await readAir();
    if (air) reset(asTyped({ airCelsius: air.celsius, airHumidity: air.humidity }, shop.units));
  };
  const atRest = equilibriumMoisture({ celsius: shop.airCelsius, humidity: shop.airHumidity });
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Air in the shop</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <View style={{ flexGrow: 1, flexBasis: 130 }}>
          <Field
            control={control}
            name="airCelsius"
            label={us ? 'Temperature in °F' : 'Temperature in °C'}
            number
          />
        </View>
        <View style={{ flexGrow: 1, flexBasis: 130 }}>
          <Field control={control} name="airHumidity" label="Humidity in %" number />
        </View>
      </View>
      <MeterButton
        label="Read the thermometer and hygrometer"
        busy={busy}
        says={says}
        onPress={() => void takeReading()}
      />
      <Body>Wood at rest in this air holds {atRest.toFixed(1)} % of moisture.</Body>
      <MainButton title="Save" onPress={() => void submit()} />
    </Card>
  );
};
