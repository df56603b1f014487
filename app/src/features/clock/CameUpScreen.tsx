import { recordedFor, type Upset } from '@obrik/core/schedule';
import { celsiusOf, temperatureIn } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { MeterButton } from '@/features/shared/MeterButton';
import { useHygrometer } from '@/features/shared/useHygrometer';
import {
  Body,
  Heading,
  Label,
  Loading,
  MainButton,
  Options,
  PlainButton,
  Screen,
} from '@/ui/controls';
import { Stepper } from '@/ui/forms';
import { useClock, useWhatItDoes } from '@/workers/useClock';
import { stepKeyOf } from './lanes';
import {
  UPSET_KINDS,
  LASTS,
  LONGER,
  needingMaterial,
  runningIn,
  upsetOf,
  type Kind,
} from './upsets';
import { usePutRecorded } from './usePutRecorded';
import { WhatChanges } from './WhatChanges';

const DAMP_STEP = 5;

/** Something came up: what it changes is seen before it is taken. */
export const CameUpScreen = () => {
  const router = useRouter();
  const put = usePutRecorded();
  const asked = useLocalSearchParams<{ kind?: Kind; step?: string }>();
  const { view, pieces, shop, now } = useClock();
  const [kind, setKind] = useState<Kind | undefined>(asked.kind);
  const [stepKey, setStep] = useState<string>();
  const [personId, setPerson] = useState<string>();
  const [minutes, setMinutes] = useState('60');
  const [days, setDays] = useState('1');
  const [typedAir, setAir] = useState<{ celsius: number; humidity: number }>();
  const { readAir, busy, says } = useHygrometer();
  const us = shop.units === 'us';
  const [id] = useState(nanoid);
  // The plan goes on in the background: what is looked at here stays as it was chosen.
  const [begun] = useState(now);
  const steps = useMemo(() => {
    if (!view || !pieces) return [];
    if (kind === 'longer') return runningIn(view, pieces);
    return kind === 'material' ? needingMaterial(view, asked.step) : [];
  }, [view, pieces, kind, asked.step]);
  const firstAir = view?.airs[0]?.air;
  const air = typedAir ?? {
    celsius: Math.round(firstAir?.celsius ?? 18),
    humidity: Math.round(firstAir?.humidity ?? 55),
  };
  const step =
    steps.find((it) => stepKeyOf(it) === stepKey) ??
    steps.find((it) => it.operation.id === asked.step) ??
    (steps.length === 1 ? steps[0] : undefined);
  const person = personId ?? (shop.people.length === 1 ? shop.people[0]?.id : undefined);
  const made = upsetOf(
    {
      kind,
      step,
      personId: person,
      minutes: Number(minutes),
      days: Number(days),
      air,
    },
    shop,
    begun,
    id,
  );
  const told = JSON.stringify(made);
  const upset = useMemo(() => (told ? (JSON.parse(told) as Upset) : undefined), [told]);
  const does = useWhatItDoes(upset, pieces, shop);
  if (!view || !pieces) {
    return (
      <Screen narrow>
        <Heading>Something came up</Heading>
        <Loading what="the plan" />
      </Screen>
    );
  }
  const take = async () => {
    if (!upset) return;
    if (await put(recordedFor(upset, pieces, shop), 'Schedule updated.')) router.navigate('/today');
  };
  return (
    <Screen
      narrow
      foot={
        <MainButton title="Plan with it" disabled={!upset || !does} onPress={() => void take()} />
      }
    >
      <Heading>Something came up</Heading>
      <Options label="What came up" options={UPSET_KINDS} chosen={kind} onChoose={setKind} />
      {kind === 'longer' && steps.length === 0 ? (
        <Body>Nothing is under way. Begin a step first; what is not begun is put off instead.</Body>
      ) : null}
      {kind === 'material' && steps.length === 0 ? (
        <Body>No step that is planned needs material.</Body>
      ) : null}
      {steps.length > 0 ? (
        <>
          <Label heading>Which step?</Label>
          <Options
            label="Which step"
            options={steps.map((it) => ({
              value: stepKeyOf(it),
              title: `${it.name}: ${it.operation.title}${
                kind === 'material' ? ` (${it.operation.materials.slice(0, 2).join(', ')})` : ''
              }`,
            }))}
            chosen={step ? stepKeyOf(step) : undefined}
            onChoose={setStep}
          />
        </>
      ) : null}
      {kind === 'away' ? (
        <>
          <Label heading>Who?</Label>
          <Options
            label="Who is away"
            options={shop.people.map((it) => ({ value: it.id, title: it.name }))}
            chosen={person}
            onChoose={setPerson}
          />
        </>
      ) : null}
      {kind === 'longer' && step ? (
        <Options label="How much longer" options={LONGER} chosen={minutes} onChoose={setMinutes} />
      ) : null}
      {(kind === 'away' && person !== undefined) || (kind === 'material' && step) ? (
        <>
          <Label heading>For how long?</Label>
          <Options label="For how long" options={LASTS} chosen={days} onChoose={setDays} />
        </>
      ) : null}
      {kind === 'air' ? (
        <View style={{ gap: 8 }}>
          <Stepper
            label={us ? '°F in the shop' : '°C in the shop'}
            value={Math.round(temperatureIn(air.celsius, shop.units))}
            least={-20}
            most={us ? 120 : 50}
            onChange={(typed) => setAir({ ...air, celsius: celsiusOf(typed, shop.units) })}
          />
          <Stepper
            label="% humidity"
            value={Math.round(air.humidity)}
            least={5}
            most={99}
            step={DAMP_STEP}
            onChange={(humidity) => setAir({ ...air, humidity })}
          />
          <MeterButton
            label="Read the thermometer and hygrometer"
            busy={busy}
            says={says}
            onPress={() =>
              void readAir().then((read) => {
                if (read) setAir(read);
              })
            }
          />
        </View>
      ) : null}
      {upset ? <WhatChanges does={does} now={now} /> : null}
      <PlainButton title="Leave it is" onPress={() => router.back()} />
    </Screen>
  );
};
