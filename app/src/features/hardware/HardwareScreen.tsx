import {
  DISPOSITIONS,
  hardware as hardwareSchema,
  hardwareAdvice,
  templateOf,
  type Hardware,
  type PieceRecord,
} from '@obrik/core/piece';
import { showLength, typedToLength } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { Input } from '@rneui/themed';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Empty,
  FigureField,
  Heading,
  Label,
  MainButton,
  Options,
  PlainButton,
  Screen,
  Small,
  TitleRow,
} from '@/ui/controls';
import { NumberedFront } from './NumberedFront';
import { KINDS, fittingsInWords } from './words';

type Key = 'name' | 'count' | 'missing' | 'holeSpacingMm' | 'bag';
type Typed = Readonly<Record<Key, string>>;
const EMPTY: Typed = { name: '', count: '1', missing: '0', holeSpacingMm: '', bag: '' };

/** Adds one kind of fittings to the list. */
const AddFittings = ({
  unit,
  onAdd,
}: {
  readonly unit: 'mm' | 'in';
  readonly onAdd: (it: Hardware) => void;
}) => {
  const [kind, setKind] = useState<Hardware['kind']>('pull');
  const [disposition, setDisposition] = useState<Hardware['disposition']>('keep');
  const [typed, setTyped] = useState(EMPTY);
  const [wrong, setWrong] = useState<Partial<Record<Key, string>>>({});
  const type = (key: Key) => (text: string) => setTyped({ ...typed, [key]: text });
  const add = () => {
    const spacing = typed.holeSpacingMm.trim();
    const result = hardwareSchema.safeParse({
      id: nanoid(),
      kind,
      name: typed.name,
      count: Number(typed.count || NaN),
      missing: Number(typed.missing || 0),
      holeSpacingMm:
        spacing === ''
          ? null
          : (typedToLength(spacing, unit === 'in' ? 'us' : 'metric') ?? Number.NaN),
      bag: typed.bag,
      disposition,
    });
    if (!result.success) {
      return setWrong(
        Object.fromEntries(result.error.issues.map((it) => [String(it.path[0]), it.message])),
      );
    }
    setWrong({});
    setTyped(EMPTY);
    onAdd(result.data);
  };
  const figure = (key: Key, label: string) => (
    <FigureField
      label={label}
      typed={typed[key]}
      onType={type(key)}
      wrong={wrong[key]}
      style={{ flexGrow: 1, flexBasis: 100 }}
    />
  );
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Add to the list</Label>
      <Options label="Kind" options={KINDS} chosen={kind} onChoose={setKind} />
      <Input
        label="What it looks like"
        aria-label="What it looks like"
        value={typed.name}
        onChangeText={type('name')}
        renderErrorMessage={wrong.name !== undefined}
        errorMessage={wrong.name}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {figure('count', 'How many')}
        {figure('missing', 'Missing')}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {figure('holeSpacingMm', `Hole spacing in ${unit}`)}
        {figure('bag', 'Bag')}
      </View>
      <Options
        label="What becomes of it"
        options={hardwareSchema.shape.disposition.unwrap().options.map((value) => ({
          value,
          title: DISPOSITIONS[value],
        }))}
        chosen={disposition}
        onChoose={setDisposition}
      />
      <MainButton title="Add it" onPress={add} />
    </Card>
  );
};

/** What comes off the piece: list, map of drawers and doors, labels to print. */
export const HardwareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const loose = templateOf(piece.templateId).looseParts(piece.measures);
  return (
    <Screen
      narrow
      foot={
        <PlainButton
          title="Map and labels to print"
          onPress={() => router.navigate(`/pieces/${piece.id}/labels`)}
        />
      }
    >
      <Heading>Hardware</Heading>
      {loose.drawers + loose.doors > 0 ? (
        <Card style={{ gap: 8 }}>
          <Label heading>Numbers of drawers and doors</Label>
          <NumberedFront piece={piece} maxHeight={200} />
          <Small>
            Write each number underneath or in the hinge recess, with an arrow for up; tape over it.
          </Small>
        </Card>
      ) : null}
      {piece.hardware.length === 0 ? (
        <Empty
          title="Nothing on the list"
          text="Taking the hardware off is the inspection. One bag for each kind, labelled."
        />
      ) : (
        piece.hardware.map((it) => {
          const advice = hardwareAdvice(it);
          return (
            <Card key={it.id} edge={it.missing > 0 ? 'amber' : undefined} style={{ gap: 4 }}>
              <TitleRow title={fittingsInWords(it)} figure={it.bag ? `bag ${it.bag}` : 'no bag'} />
              <Small>
                {DISPOSITIONS[it.disposition]}
                {it.holeSpacingMm === null
                  ? ''
                  : ` · holes ${showLength(it.holeSpacingMm, shop.units)} apart`}
                {it.missing > 0 ? ` · ${it.missing} missing` : ''}
              </Small>
              {advice ? <Body>{advice}</Body> : null}
              <PlainButton
                title="Take off the list"
                label={`Take off the list: ${fittingsInWords(it)}`}
                onPress={() =>
                  void change(
                    piece.id,
                    { kind: 'unfit', hardwareId: it.id },
                    `${fittingsInWords(it)}: off the list.`,
                  )
                }
              />
            </Card>
          );
        })
      )}
      <AddFittings
        unit={shop.units === 'us' ? 'in' : 'mm'}
        onAdd={(it) =>
          void change(
            piece.id,
            { kind: 'fit', hardware: it },
            `${fittingsInWords(it)}: on the list.`,
          )
        }
      />
      <PlainButton
        title="Back to Look"
        onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
      />
    </Screen>
  );
};
