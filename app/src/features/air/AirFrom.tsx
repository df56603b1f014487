import { CLIMATES } from '@obrik/core/catalog';
import type { AirFile, AirSource, Shop } from '@obrik/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { shopNow } from '@/device';
import { chooseFile } from '@/features/shared/chooseFile';
import { Body, Card, Label, Option, Options, PlainButton, Small } from '@/ui/controls';
import { airOf } from './airOf';

interface AirFromProps {
  readonly shop: Shop;
  readonly onStore: (air: AirSource) => void;
}

const OUTSIDE = 'outside';

/** What a file holds, and where it was read. */
const FileRow = ({
  file,
  shop,
  onStore,
}: {
  readonly file: AirFile;
  readonly shop: Shop;
  readonly onStore: (file: AirFile) => void;
}) => (
  <View style={{ gap: 8 }}>
    <Body>
      {file.name}: {Math.round((file.celsius.length * file.stepHours) / 24)} days
      {file.comesAgain
        ? ', taken as typical: they come again each year.'
        : '. After them their last day is taken for those to come.'}
    </Body>
    {file.comesAgain ? null : (
      <Options
        label="Where the logger hung"
        options={[
          { value: OUTSIDE, title: 'It hung outside' },
          ...shop.spaces.map((it) => ({ value: it.id, title: `In: ${it.name}` })),
        ]}
        chosen={file.spaceId ?? OUTSIDE}
        onChoose={(place) => onStore({ ...file, spaceId: place === OUTSIDE ? null : place })}
      />
    )}
  </View>
);

/** Where the air comes from that plans reckon with. */
export const AirFrom = ({ shop, onStore }: AirFromProps) => {
  const { air } = shop;
  const [says, setSays] = useState<string>();
  const take = async () => {
    const chosen = await chooseFile('.epw,.csv,text/csv');
    if (!chosen) return;
    const read = airOf(chosen.name, await chosen.text(), shopNow().getUTCFullYear());
    if (!read.ok) {
      const [first] = read.problems;
      return setSays(first ? `${first.path}: ${first.message}` : 'That can’t be read.');
    }
    setSays(undefined);
    onStore({ ...air, kind: 'file', file: read.value });
  };
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Where the air comes from</Label>
      <Options
        label="Where the air comes from"
        options={[
          { value: 'steady', title: 'Always as typed' },
          { value: 'typical', title: 'Typical days' },
          ...(air.file ? [{ value: 'file' as const, title: 'A file' }] : []),
        ]}
        chosen={air.kind}
        onChoose={(kind) => onStore({ ...air, kind })}
      />
      {air.kind === 'steady' ? (
        <Small>As read off or typed in the settings, day and night.</Small>
      ) : null}
      {air.kind === 'typical' ? (
        <>
          <Options
            label="Climate outside"
            options={CLIMATES.rows.map((it) => ({ value: it.id, title: it.label }))}
            chosen={air.climate}
            onChoose={(climate) => onStore({ ...air, climate })}
          />
          <Option
            role="checkbox"
            title="South of the equator"
            chosen={air.south}
            onPress={() => onStore({ ...air, south: !air.south })}
          />
          <Small>
            A year of typical days by stated sines, no forecast. Tap an hour above to put in what
            the weather report says.
          </Small>
        </>
      ) : null}
      {air.kind === 'file' && air.file ? (
        <FileRow file={air.file} shop={shop} onStore={(file) => onStore({ ...air, file })} />
      ) : null}
      <PlainButton title="Read a weather file or a logger" onPress={() => void take()} />
      {says ? <Small>{says}</Small> : null}
      <Small>
        EPW, or CSV with the columns time, temperature and humidity. Nothing is fetched: the file is
        yours.
      </Small>
    </Card>
  );
};
