import { DAMAGES, type Damage } from '@obrik/core/catalog';
import {
  finding as findingSchema,
  templateOf,
  type Change,
  type Finding,
  type Piece,
} from '@obrik/core/piece';
import { typedToLength, type UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { Image, Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { photoAddress, useAddPhotoMutation } from '@/api/api';
import { failureOf } from '@/api/failure';
import {
  Body,
  Card,
  Caution,
  Figure,
  FigureField,
  Label,
  MainButton,
  Options,
  PlainButton,
  Small,
} from '@/ui/controls';
import { FacePlace } from '@/ui/drawings';
import { choosePicture } from './choosePicture';

interface MarkDamageProps {
  readonly piece: Pick<Piece, 'id' | 'templateId' | 'measures'>;
  readonly surfaceId: string;
  readonly surfaceName: string;
  readonly units: UnitSystem;
  readonly onChange: (change: Change, done: string) => void;
  readonly onClose: () => void;
}

const MOST = 99;
const SIZES = [
  { key: 'lengthMm', label: 'Length' },
  { key: 'widthMm', label: 'Width' },
  { key: 'depthMm', label: 'Depth' },
] as const;
type SizeKey = (typeof SIZES)[number]['key'];

const DIRECTIONS = [
  { value: 'along', title: 'Along the grain' },
  { value: 'across', title: 'Across' },
  { value: 'slanting', title: 'Slanting' },
  { value: 'none', title: 'Neither' },
] as const;

const NOTHING_TYPED: Readonly<Record<SizeKey, string>> = {
  lengthMm: '',
  widthMm: '',
  depthMm: '',
};

/** Records a damage: what, how many, how large, where, with a photo if wanted. */
export const MarkDamage = ({
  piece,
  surfaceId,
  surfaceName,
  units,
  onChange,
  onClose,
}: MarkDamageProps) => {
  const [damage, setDamage] = useState<Damage>();
  const [count, setCount] = useState(1);
  const [typed, setTyped] = useState(NOTHING_TYPED);
  const [wrong, setWrong] = useState<Partial<Record<SizeKey, string>>>({});
  const [direction, setDirection] = useState<Finding['direction']>('none');
  const [place, setPlace] = useState<Finding['place']>(null);
  const [photoId, setPhotoId] = useState<string | null>(null);
  const [photoFailure, setPhotoFailure] = useState<string>();
  const [note, setNote] = useState('');
  const [addPhoto, { isLoading }] = useAddPhotoMutation();
  const face = templateOf(piece.templateId)
    .faces(piece.measures)
    .find((it) => it.surfaceId === surfaceId);
  const unit = units === 'metric' ? 'mm' : 'in';

  const record = () => {
    if (!damage) return;
    const lengths = Object.fromEntries(
      SIZES.map(({ key }) => [
        key,
        typed[key].trim() === '' ? null : (typedToLength(typed[key], units) ?? NaN),
      ]),
    );
    const result = findingSchema.safeParse({
      id: nanoid(),
      surfaceId,
      damage,
      count,
      ...lengths,
      direction,
      place,
      photoId,
      note,
      at: new Date().toISOString(),
    });
    if (!result.success) {
      setWrong(
        Object.fromEntries(result.error.issues.map((it) => [String(it.path[0]), it.message])),
      );
      return;
    }
    onChange(
      { kind: 'find', finding: result.data },
      `${DAMAGES.get(damage).label} marked on ${surfaceName.toLowerCase()}.`,
    );
    onClose();
  };
  const photograph = async () => {
    const file = await choosePicture();
    if (!file) return;
    setPhotoFailure(undefined);
    const result = await addPhoto({ pieceId: piece.id, file });
    if (result.error) setPhotoFailure(failureOf(result.error).text);
    else setPhotoId(result.data.id);
  };

  return (
    <Card edge="ink" style={{ gap: 12 }}>
      <Label>What is it?</Label>
      <Options
        label="Which damage?"
        options={DAMAGES.rows.map((it) => ({ value: it.id, title: it.label }))}
        chosen={damage}
        onChoose={setDamage}
      />
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <PlainButton title="−" label="One less" onPress={() => setCount(Math.max(1, count - 1))} />
        <Figure style={{ fontSize: 25, minWidth: 34, textAlign: 'center' }}>{count}</Figure>
        <PlainButton
          title="+"
          label="One more"
          onPress={() => setCount(Math.min(MOST, count + 1))}
        />
        <Body>{count === 1 ? 'place' : 'places'}</Body>
      </View>
      <Label>The largest of them</Label>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {SIZES.map(({ key, label }) => (
          <FigureField
            key={key}
            label={`${label} in ${unit}`}
            typed={typed[key]}
            onType={(text) => setTyped({ ...typed, [key]: text })}
            wrong={wrong[key]}
            style={{ flexGrow: 1, flexBasis: 90 }}
          />
        ))}
      </View>
      <Options
        label="How it lies to the grain"
        options={DIRECTIONS}
        chosen={direction}
        onChoose={setDirection}
      />
      {face ? (
        <>
          <Label>Where? Tap the place</Label>
          <FacePlace face={face} name={surfaceName} place={place} onPlace={setPlace} />
        </>
      ) : null}
      <PlainButton
        title={isLoading ? 'Sending the photo …' : photoId ? 'Another photo' : 'Add a photo'}
        onPress={() => void photograph()}
        disabled={isLoading}
      />
      {photoFailure ? (
        <View role="alert">
          <Caution text={photoFailure} />
        </View>
      ) : null}
      {photoId ? (
        <>
          <Image
            source={{ uri: photoAddress(photoId) }}
            aria-label="The photo of this damage"
            style={{ width: '100%', height: 180 }}
            resizeMode="contain"
          />
          <Small>Kept smaller, and without the place it was taken at.</Small>
        </>
      ) : null}
      <Input
        label="Note"
        aria-label="Note"
        value={note}
        onChangeText={setNote}
        renderErrorMessage={false}
        maxLength={500}
      />
      <MainButton title="Mark it" onPress={record} disabled={!damage} />
      <PlainButton title="Close" onPress={onClose} />
    </Card>
  );
};
