import type { UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
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
import { PieceFields } from './PieceFields';
import { emptyForm, type PieceForm } from './pieceForm';
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

  const submit = form.handleSubmit(
    async (values: PieceForm) => {
      setFailure(undefined);
      const id = nanoid();
      const result = await record(id, { kind: 'takenIn', description: description(values) });
      if (!result.ok) {
        setFailure(result.problems[0]?.message ?? 'It can’t be taken in.');
        report(result.problems, values);
        return;
      }
      stored();
      router.replace(`/pieces/${id}/walk`);
    },
    () => setFailure('Some fields have to be put right; see beside them.'),
  );

  return (
    <Screen
      narrow
      foot={
        <>
          <Alarm text={failure} />
          <MainButton title="Save the piece" onPress={() => void submit()} />
        </>
      }
    >
      <Heading>New piece</Heading>
      {showsRestored ? (
        <Card edge="amber" style={{ gap: 8 }}>
          <Body>What you typed last time is back.</Body>
          <PlainButton
            title="Start over"
            onPress={() => {
              discard();
              setShowsRestored(false);
            }}
          />
        </Card>
      ) : null}
      <PieceFields control={form.control} units={units} />
    </Screen>
  );
};

/** Takes in a piece. What is typed outlives leaving the screen and reloading the page. */
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
