import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useAskCodeMutation, usePairMutation, usePairingQuery } from '@/api/api';
import { failureOf } from '@/api/failure';
import { tryNow } from '@/record';
import { usePreferences } from '@/state/preferences';
import {
  Alarm,
  Body,
  Card,
  Heading,
  Label,
  MainButton,
  PlainButton,
  Screen,
  Small,
} from '@/ui/controls';
import { Field } from '@/ui/forms';

/** On the machine where the server runs nobody can read along. */
const HERE: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

/** Lets this device in at the shop, by a code that appears where the server runs. */
export const PairScreen = () => {
  const router = useRouter();
  const { code: scanned = '' } = useLocalSearchParams<{ code?: string }>();
  const { person } = usePreferences();
  const { data } = usePairingQuery();
  const [askCode, { isSuccess: shown }] = useAskCodeMutation();
  const [pair] = usePairMutation();
  const [failure, setFailure] = useState<string>();
  const { control, handleSubmit } = useForm({
    defaultValues: { code: scanned, name: person ? `${person}’s phone` : '' },
  });
  const submit = handleSubmit(async (typed) => {
    setFailure(undefined);
    const result = await pair({ code: typed.code.replace(/\D/g, ''), name: typed.name.trim() });
    if (result.error) return setFailure(failureOf(result.error).text);
    tryNow();
    router.replace('/pieces');
  });
  const ask = async () => {
    setFailure(undefined);
    const result = await askCode();
    if (result.error) setFailure(failureOf(result.error).text);
  };
  return (
    <Screen
      narrow
      foot={
        <>
          <Alarm text={failure} />
          <MainButton title="Pair this device" onPress={() => void submit()} />
        </>
      }
    >
      <Heading>Pair with the shop</Heading>
      {data?.paired ? <Body>This device is paired already.</Body> : null}
      {scanned && !failure ? null : (
        <Card style={{ gap: 12 }}>
          <Label heading>1. Ask for a code</Label>
          <Body>
            Six digits appear on the screen where the shop’s server runs, with a picture to scan
            with the camera instead.
          </Body>
          <PlainButton
            title={shown ? 'Ask once more' : 'Ask for a code'}
            onPress={() => void ask()}
          />
        </Card>
      )}
      <Card style={{ gap: 12 }}>
        <Label heading>{scanned ? 'Scanned: name this device' : '2. Type it here'}</Label>
        <Field control={control} name="code" label="Code" number />
        <Field
          control={control}
          name="name"
          label="Name of this device"
          hint="So that the shop can tell its devices apart, and remove one that is lost."
        />
      </Card>
      {data && !data.encrypted && !HERE.includes(globalThis.location.hostname) ? (
        <Small>
          This connection is not encrypted: whoever is on the same network can read along. Start the
          server with a certificate to change that.
        </Small>
      ) : null}
    </Screen>
  );
};
