import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCardsQuery, useWaitingQuery } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { changeInWords } from '@obrik/core/ledger';
import type { WaitingEntry } from '@/device';
import { discardEntry, discardPhoto, retryEntry } from '@/record';
import {
  Body,
  Card,
  Empty,
  Heading,
  Label,
  PlainButton,
  Screen,
  Small,
  Strong,
} from '@/ui/controls';

const RefusedEntry = ({
  entry,
  words,
  piece,
}: {
  readonly entry: WaitingEntry;
  readonly words: string;
  readonly piece: string;
}) => (
  <Card edge="amber" style={{ gap: 6 }}>
    <Small>{piece}</Small>
    <Strong>{words}</Strong>
    {entry.refused?.map((it) => (
      <Body key={it.path + it.message}>{it.message}</Body>
    ))}
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <PlainButton
        title="Send it again"
        label={`Send again: ${words}`}
        onPress={() => void retryEntry(entry.id)}
      />
      <PlainButton
        title="Discard"
        label={`Discard: ${words}`}
        onPress={() => void discardEntry(entry.id)}
      />
    </View>
  </Card>
);

/** What is saved on this device and not at the shop: what waits, and what the shop did not take. */
export const WaitingScreen = () => {
  const router = useRouter();
  const { data } = useWaitingQuery();
  const { data: cards } = useCardsQuery();
  const { units } = useShop();
  const nameOf = (about: string) =>
    cards?.find((it) => it.pieceId === about)?.name ?? 'Settings of the shop';
  const refused = (data?.refused.length ?? 0) + (data?.refusedPhotos.length ?? 0);
  const surfaceName = (surfaceId: string) => surfaceId;
  return (
    <Screen narrow>
      <Heading>Not yet at the shop</Heading>
      {data && data.count === 0 && refused === 0 ? (
        <Empty
          title="Everything is at the shop"
          text="Nothing is waiting on this device."
          action={{ title: 'Back to pieces', onPress: () => router.navigate('/pieces') }}
        />
      ) : null}
      {data && data.count > 0 ? (
        <Card style={{ gap: 6 }}>
          <Label heading>Waiting for a connection</Label>
          {data.about.map((it) => (
            <Body key={it}>{nameOf(it)}</Body>
          ))}
          <Small>
            Saved on this device. It goes to the shop by itself as soon as there is a connection.
          </Small>
        </Card>
      ) : null}
      {data && refused > 0 ? (
        <>
          <Label heading>Not accepted by the shop</Label>
          <Body>
            Each says why. Look at the piece, enter it again as it should be, then drop it here.
          </Body>
          {data.refused.map((it) => (
            <RefusedEntry
              key={it.id}
              entry={it}
              piece={nameOf(it.about)}
              words={
                it.change
                  ? changeInWords(it.change, { units, surfaceName })
                  : 'An entry that this version of Obrik can’t read'
              }
            />
          ))}
          {data.refusedPhotos.map((it) => (
            <Card key={it.id} edge="amber" style={{ gap: 6 }}>
              <Small>{nameOf(it.pieceId)}</Small>
              <Strong>A photo</Strong>
              <Body>{it.refused}</Body>
              <PlainButton
                title="Discard"
                label="Discard the photo"
                onPress={() => void discardPhoto(it.id)}
              />
            </Card>
          ))}
        </>
      ) : null}
    </Screen>
  );
};
