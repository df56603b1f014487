import {
  hardware as hardwareSchema,
  templateOf,
  type Hardware,
  type PieceRecord,
} from '@obrik/core/piece';
import { DISPOSITIONS, hardwareAdvice } from '@obrik/core/words';
import { lengthToTyped, showLength, typedToLength, type UnitSystem } from '@obrik/core/units';
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

const typedFrom = (it: Hardware, units: UnitSystem): Typed => ({
  name: it.name,
  count: String(it.count),
  missing: String(it.missing),
  holeSpacingMm: it.holeSpacingMm === null ? '' : lengthToTyped(it.holeSpacingMm, units),
  bag: it.bag,
});

/** Puts one kind of fittings on the list, or changes those that are on it. */
const FittingsForm = ({
  old,
  units,
  onDone,
  onLeave,
}: {
  readonly old?: Hardware;
  readonly units: UnitSystem;
  readonly onDone: (it: Hardware) => void;
  readonly onLeave?: () => void;
}) => {
  const [kind, setKind] = useState<Hardware['kind']>(old?.kind ?? 'pull');
  const [disposition, setDisposition] = useState<Hardware['disposition']>(
    old?.disposition ?? 'keep',
  );
  const [typed, setTyped] = useState(old ? typedFrom(old, units) : EMPTY);
  const [wrong, setWrong] = useState<Partial<Record<Key, string>>>({});
  const type = (key: Key) => (text: string) => setTyped({ ...typed, [key]: text });
  const finish = () => {
    const spacing = typed.holeSpacingMm.trim();
    const result = hardwareSchema.safeParse({
      id: old?.id ?? nanoid(),
      kind,
      name: typed.name,
      count: Number(typed.count || NaN),
      missing: Number(typed.missing || 0),
      holeSpacingMm: spacing === '' ? null : (typedToLength(spacing, units) ?? Number.NaN),
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
    onDone(result.data);
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
      <Label heading>{old ? `Change: ${fittingsInWords(old)}` : 'Add to the list'}</Label>
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
        {figure('holeSpacingMm', `Hole spacing in ${units === 'us' ? 'in' : 'mm'}`)}
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
      <MainButton title={old ? 'Keep the change' : 'Add it'} onPress={finish} />
      {onLeave ? <PlainButton title="Leave as it was" onPress={onLeave} /> : null}
    </Card>
  );
};

/** One kind of fittings on the list. */
const FittingsCard = ({
  fittings,
  units,
  onEdit,
  onTakeOff,
}: {
  readonly fittings: Hardware;
  readonly units: UnitSystem;
  readonly onEdit: () => void;
  readonly onTakeOff: () => void;
}) => {
  const advice = hardwareAdvice(fittings);
  const name = fittingsInWords(fittings);
  return (
    <Card edge={fittings.missing > 0 ? 'amber' : undefined} style={{ gap: 4 }}>
      <TitleRow title={name} figure={fittings.bag ? `bag ${fittings.bag}` : 'no bag'} />
      <Small>
        {DISPOSITIONS[fittings.disposition]}
        {fittings.holeSpacingMm === null
          ? ''
          : ` · holes ${showLength(fittings.holeSpacingMm, units)} apart`}
        {fittings.missing > 0 ? ` · ${fittings.missing} missing` : ''}
      </Small>
      {advice ? <Body>{advice}</Body> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton title="Change" label={`Change: ${name}`} onPress={onEdit} />
        <PlainButton
          title="Take off the list"
          label={`Take off the list: ${name}`}
          onPress={onTakeOff}
        />
      </View>
    </Card>
  );
};

/** What comes off the piece: list, map of drawers and doors, labels to print. */
export const HardwareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const [edited, setEdited] = useState<string | null>(null);
  const fit = (it: Hardware, done: string) =>
    void change(piece.id, { kind: 'fit', hardware: it }, `${fittingsInWords(it)}: ${done}.`);
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
        piece.hardware.map((it) =>
          it.id === edited ? (
            <FittingsForm
              key={it.id}
              old={it}
              units={shop.units}
              onDone={(changed) => {
                setEdited(null);
                fit(changed, 'changed');
              }}
              onLeave={() => setEdited(null)}
            />
          ) : (
            <FittingsCard
              key={it.id}
              fittings={it}
              units={shop.units}
              onEdit={() => setEdited(it.id)}
              onTakeOff={() =>
                void change(
                  piece.id,
                  { kind: 'unfit', hardwareId: it.id },
                  `${fittingsInWords(it)}: off the list.`,
                )
              }
            />
          ),
        )
      )}
      <FittingsForm units={shop.units} onDone={(it) => fit(it, 'on the list')} />
      <PlainButton
        title="Back to Look"
        onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
      />
    </Screen>
  );
};
