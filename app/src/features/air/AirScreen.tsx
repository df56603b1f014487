import type { Air } from '@obrik/core/climate';
import type { AirSource, ExpectedAir, Shop } from '@obrik/core/piece';
import { airAhead, type AirHour } from '@obrik/core/schedule';
import { HOUR, MINUTE_MS, temperatureIn } from '@obrik/core/units';
import { CLOCK_WORDS } from '@obrik/core/words';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useShopQuery } from '@/api/api';
import { useChanges } from '@/api/usePiece';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Card, Heading, Loading, Options, PlainButton, Screen, Small } from '@/ui/controls';
import { AirChart } from '@/ui/drawings';
import { useMinute } from '@/workers/useMinute';
import { AirFrom } from './AirFrom';
import { HourRow } from './HourRow';

/** So many days are drawn. */
const DAYS = 7;
/** So many hours are said at once, and changed at once. */
const STEP = 3;
const OUTSIDE = 'outside';

const iso = (minute: number): string => new Date(minute * MINUTE_MS).toISOString();

const AirOf = ({ shop }: { readonly shop: Shop }) => {
  const times = useTimes();
  const put = useChanges();
  const minute = useMinute();
  // Within the hour nothing changes: the picture is reckoned once.
  const now = Math.floor(minute / HOUR) * HOUR;
  const [place, setPlace] = useState(OUTSIDE);
  const [day, setDay] = useState('0');
  const [open, setOpen] = useState<number>();
  const us = shop.units === 'us';
  const from = times.midnight(now, 0);
  const places = useMemo(() => airAhead(shop, now, from, DAYS * 24), [shop, now, from]);
  const shown = places.find((it) => (it.spaceId ?? OUTSIDE) === place) ?? places[0];
  const hours = shown?.hours ?? [];
  const isOutside = (shown?.spaceId ?? null) === null;
  const dayFrom = times.midnight(now, Number(day));
  const dayTo = times.midnight(now, Number(day) + 1);
  const rows = hours.filter(
    (it) =>
      it.at >= dayFrom &&
      it.at < dayTo &&
      it.at + STEP * HOUR > now &&
      (it.at - dayFrom) % (STEP * HOUR) === 0,
  );
  const store = (air: AirSource) =>
    void put(null, [{ kind: 'shopSet', settings: { air } }], 'Stored.');
  const { expected } = shop.air;
  const expectedAt = (at: number): ExpectedAir | undefined =>
    expected.find(
      (it) => Date.parse(it.from) / MINUTE_MS <= at && at < Date.parse(it.to) / MINUTE_MS,
    );
  const expect = (it: AirHour, air: Air) => {
    const mine = expectedAt(it.at);
    const to = it.at + STEP * HOUR;
    const others = expected.filter(
      (one) => one !== mine && Date.parse(one.to) / MINUTE_MS > now - 48 * HOUR,
    );
    store({ ...shop.air, expected: [...others, { from: iso(it.at), to: iso(to), ...air }] });
  };
  const convert = (celsius: number): number => temperatureIn(celsius, shop.units);
  const days = Array.from({ length: DAYS }, (_, index) => times.midnight(now, index));
  return (
    <Screen>
      <Heading>Air</Heading>
      <Body>
        {shop.air.kind === 'steady'
          ? 'As typed, all the time.'
          : 'What plans reckon with. The band widens with the days: so far it may be off.'}
      </Body>
      {places.length > 1 ? (
        <Options
          label="Where"
          options={places.map((it) => ({
            value: it.spaceId ?? OUTSIDE,
            title: it.spaceId === null ? 'Outside' : it.name,
          }))}
          chosen={place}
          onChoose={setPlace}
        />
      ) : null}
      <AirChart
        hours={hours.map((it) => ({
          at: it.at,
          warmth: convert(it.air.celsius),
          dew: convert(it.dewCelsius),
          error: convert(it.error.celsius) - convert(0),
          humidity: it.air.humidity,
          fit: it.fit,
        }))}
        now={minute}
        days={days.map((at) => ({ at, text: times.dayOf(at).replace(/ .*$/, '') }))}
        chosen={{ from: dayFrom, to: dayTo }}
        unit={us ? '°F' : '°C'}
        inWords={CLOCK_WORDS.ahead(
          hours.map((it) => it.air),
          shop.units,
        )}
      />
      <Small>
        Line: temperature, dashed: dew point; below them humidity. At the foot: green bears a usual
        water-based coat, red hatching does not.
      </Small>
      <Options
        label="Day"
        options={days.map((at, index) => ({
          value: String(index),
          title: index === 0 ? 'Today' : times.dayOf(at).replace(/ \w+$/, ''),
        }))}
        chosen={day}
        onChoose={(it) => {
          setDay(it);
          setOpen(undefined);
        }}
      />
      <Card style={{ gap: 4 }}>
        <View role="list">
          {rows.map((it) => (
            <HourRow
              key={it.at}
              it={it}
              time={`${times.clockOf(it.at)}–${times.clockOf(it.at + STEP * HOUR)}`}
              units={shop.units}
              byHand={isOutside && expectedAt(it.at) !== undefined}
              open={open === it.at}
              onOpen={isOutside ? () => setOpen(open === it.at ? undefined : it.at) : undefined}
              onExpect={(air) => expect(it, air)}
            />
          ))}
        </View>
        <Small>
          {isOutside
            ? 'Tap some hours to say what you expect; the rooms follow.'
            : 'Follows the air outside; heater and dehumidifier are in the settings.'}
        </Small>
        {expected.length > 0 ? (
          <PlainButton
            title="Forget what was put in by hand"
            onPress={() => store({ ...shop.air, expected: [] })}
          />
        ) : null}
      </Card>
      <AirFrom shop={shop} onStore={store} />
    </Screen>
  );
};

/** The air of the next days, as plans reckon with it: seen, and put right by hand. */
export const AirScreen = () => {
  const { data } = useShopQuery();
  if (data) return <AirOf shop={data.shop} />;
  return (
    <Screen>
      <Heading>Air</Heading>
      <Loading what="the air" />
    </Screen>
  );
};
