import type { QuickStart } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useShopQuery } from '@/api/api';
import { record } from '@/record';
import {
  Alarm,
  Body,
  Card,
  Heading,
  Loading,
  MainButton,
  PlainButton,
  Screen,
} from '@/ui/controls';
import { PieceBuilder } from './builder/PieceBuilder';
import { Starts } from './builder/Starts';
import { emptyForm, withBuild, type PieceForm } from './pieceForm';
import { usePieceForm } from './usePieceForm';

/** The form in the shop's units: in others, what it holds would mean something else. */
const NewPieceForm = ({ units }: { readonly units: UnitSystem }) => {
  const router = useRouter();
  const untouched = useMemo(() => emptyForm(units), [units]);
  const { form, restored, discard, stored, description, report } = usePieceForm(
    'new-piece',
    untouched,
    units,
  );
  const [failure, setFailure] = useState<string>();
  const [showsRestored, setShowsRestored] = useState(restored);
  const [started, setStarted] = useState(restored);

  const start = (it: QuickStart) => {
    const told = { shouldDirty: true } as const;
    const { build, typed, fronts } = withBuild(it.build, units);
    form.setValue('build', build, told);
    form.setValue('typed', typed, told);
    form.setValue('fronts', fronts, told);
    form.setValue('name', it.name, told);
    form.setValue('staysInPlace', it.staysInPlace ?? false, told);
    form.setValue('wetRoom', it.wetRoom ?? false, told);
    setStarted(true);
  };

  const submit = form.handleSubmit(
    async (values: PieceForm) => {
      setFailure(undefined);
      const id = nanoid();
      const result = await record(id, { kind: 'takenIn', description: description(values) });
      if (!result.ok) {
        setFailure(result.problems[0]?.message ?? 'The piece can’t be saved.');
        report(result.problems, values);
        return;
      }
      stored();
      router.replace(`/pieces/${id}/walk`);
    },
    () => setFailure('Some fields have to be put right; see beside them.'),
  );

  if (!started) {
    return (
      <Screen>
        <Starts onStart={start} />
      </Screen>
    );
  }
  return (
    <PieceBuilder
      form={form}
      units={units}
      head={
        <>
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
            <View style={{ flex: 1 }}>
              <Heading>New piece</Heading>
            </View>
            <PlainButton title="Another kind" onPress={() => setStarted(false)} />
          </View>
          {showsRestored ? (
            <Card edge="amber" style={{ gap: 8 }}>
              <Body>What you typed last time is back.</Body>
              <PlainButton
                title="Start over"
                onPress={() => {
                  discard();
                  setShowsRestored(false);
                  setStarted(false);
                }}
              />
            </Card>
          ) : null}
        </>
      }
      foot={
        <>
          <Alarm text={failure} />
          <MainButton title="Save and look it over" onPress={() => void submit()} />
        </>
      }
    />
  );
};

/** Adds a piece. What is typed outlives leaving the screen and reloading the page. */
export const NewPieceScreen = () => {
  const { data } = useShopQuery();
  return data ? (
    <NewPieceForm units={data.shop.units} />
  ) : (
    <Screen>
      <Loading what="the settings" />
    </Screen>
  );
};
