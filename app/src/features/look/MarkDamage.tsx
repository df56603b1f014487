import { zodResolver } from '@hookform/resolvers/zod';
import { DAMAGES } from '@obrik/core/catalog';
import {
  finding as findingSchema,
  facesOf,
  type Finding,
  type Piece,
  type Surface,
} from '@obrik/core/piece';
import { type PieceChange } from '@obrik/core/ledger';
import { MM_PER_INCH, lengthToTyped, typedToLength, type UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { shopNow } from '@/device';
import { recordPhoto } from '@/record';
import {
  Alarm,
  Body,
  Card,
  Figure,
  Label,
  MainButton,
  Option,
  Options,
  PlainButton,
  Small,
} from '@/ui/controls';
import { Field } from '@/ui/forms';
import { PICTURES, chooseFile } from '@/features/shared/chooseFile';
import { Photo } from '@/features/shared/Photo';
import { typedLength } from '@/features/shared/typed';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { FacePlace, RuleTap } from '@/ui/drawings';
import { DamagePicker } from './DamagePicker';

interface MarkDamageProps {
  readonly piece: Pick<Piece, 'id' | 'build' | 'findings'>;
  readonly surface: Surface;
  readonly units: UnitSystem;
  /** One that is on record, to be changed. */
  readonly old?: Finding | undefined;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onChange: (change: PieceChange, done: string) => Promise<boolean>;
  readonly onClose: () => void;
}

const MOST = 99;
const RULE_MM = 203.2;
/** Things that lie beside a damage in a picture, and about how long they are. */
const BESIDE = [
  { title: 'Pea', mm: 7 },
  { title: 'Coin', mm: 24 },
  { title: 'Thumb', mm: 60 },
  { title: 'Hand', mm: 180 },
] as const;
const SIZES = [
  { key: 'lengthMm', label: 'Length' },
  { key: 'widthMm', label: 'Width' },
  { key: 'depthMm', label: 'Depth' },
] as const;

const DIRECTIONS = [
  { value: 'along', title: 'Along the grain' },
  { value: 'across', title: 'Across' },
  { value: 'slanting', title: 'Slanting' },
  { value: 'none', title: 'Neither' },
] as const;

/** What is asked of a damage; lengths as they are typed. */
const damageForm = (units: UnitSystem) =>
  z.object({
    damage: DAMAGES.id,
    count: findingSchema.shape.count.unwrap(),
    lengthMm: typedLength(findingSchema.shape.lengthMm.unwrap(), units),
    widthMm: typedLength(findingSchema.shape.widthMm.unwrap(), units),
    depthMm: typedLength(findingSchema.shape.depthMm.unwrap(), units),
    direction: findingSchema.shape.direction.unwrap(),
    place: findingSchema.shape.place.unwrap(),
    note: findingSchema.shape.note.unwrap(),
  });
type Typed = z.input<ReturnType<typeof damageForm>>;
const NOTHING_TYPED: Omit<Typed, 'damage'> = {
  count: 1,
  lengthMm: '',
  widthMm: '',
  depthMm: '',
  direction: 'none',
  place: null,
  note: '',
};

const typedFrom = (it: Finding, units: UnitSystem): Typed => {
  const length = (mm: number | null): string => (mm === null ? '' : lengthToTyped(mm, units));
  const { damage, count, direction, place, note } = it;
  return {
    damage,
    count,
    lengthMm: length(it.lengthMm),
    widthMm: length(it.widthMm),
    depthMm: length(it.depthMm),
    direction,
    place,
    note,
  };
};

/** Records a damage, or changes one: what, how many, how large, where, with a photo if wanted. */
export const MarkDamage = ({ piece, surface, units, old, onChange, onClose }: MarkDamageProps) => {
  const [resolver] = useState(() => zodResolver(damageForm(units)));
  const form = useForm<Typed, unknown, z.output<ReturnType<typeof damageForm>>>({
    resolver,
    defaultValues: old ? typedFrom(old, units) : NOTHING_TYPED,
  });
  const { control, handleSubmit, setValue } = form;
  const forget = useFormDraft(form, `damage/${piece.id}/${old?.id ?? surface.id}/${units}`);
  const { id: surfaceId, name: surfaceName } = surface;
  const damage = useWatch({ control, name: 'damage' });
  const length = useWatch({ control, name: 'lengthMm' });
  const figure = (mm: number): string => String(Math.round(Number(lengthToTyped(mm, units))));
  const [photoId, setPhotoId] = useState<string | null>(old?.photoId ?? null);
  const [photoFailure, setPhotoFailure] = useState<string>();
  const face = facesOf(piece).find((it) => it.surfaceId === surfaceId);
  const unit = units === 'metric' ? 'mm' : 'in';

  const record = handleSubmit(async (typed) => {
    const finding = findingSchema.parse({
      ...typed,
      id: old?.id ?? nanoid(),
      surfaceId,
      photoId,
      at: old?.at ?? shopNow().toISOString(),
    });
    const done = await onChange(
      { kind: 'find', finding },
      `${DAMAGES.get(finding.damage).label} ${old ? 'changed' : 'recorded'} on ${surfaceName.toLowerCase()}.`,
    );
    if (!done) return;
    forget();
    onClose();
  });
  const photograph = async () => {
    const file = await chooseFile(PICTURES);
    if (!file) return;
    setPhotoFailure(undefined);
    const result = await recordPhoto(piece.id, file);
    if (result.ok) setPhotoId(result.photoId);
    else setPhotoFailure(result.problem);
  };

  return (
    <Card edge="ink" style={{ gap: 12 }}>
      <Controller
        control={control}
        name="damage"
        render={({ field }) => (
          <DamagePicker
            piece={piece}
            surface={surface}
            chosen={field.value}
            onChoose={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="count"
        render={({ field: { value, onChange: put } }) => (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
            <PlainButton title="−" label="One less" onPress={() => put(Math.max(1, value - 1))} />
            <Figure style={{ fontSize: 25, minWidth: 34, textAlign: 'center' }}>{value}</Figure>
            <PlainButton
              title="+"
              label="One more"
              onPress={() => put(Math.min(MOST, value + 1))}
            />
            <Body>{value === 1 ? 'place' : 'places'}</Body>
          </View>
        )}
      />
      <Label>The largest of them</Label>
      <RuleTap
        label={`A rule of ${figure(RULE_MM)} ${unit}: tap the length`}
        lengthMm={RULE_MM}
        everyMm={units === 'metric' ? 20 : MM_PER_INCH}
        valueMm={typedToLength(length ?? '', units)}
        figure={figure}
        onTap={(mm) => setValue('lengthMm', lengthToTyped(mm, units))}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {BESIDE.map((it) => (
          <Option
            key={it.title}
            role="button"
            title={it.title}
            label={`As long as a ${it.title.toLowerCase()}`}
            onPress={() => setValue('lengthMm', lengthToTyped(it.mm, units))}
          />
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {SIZES.map(({ key, label }) => (
          <View key={key} style={{ flexGrow: 1, flexBasis: 90 }}>
            <Field control={control} name={key} label={`${label} in ${unit}`} number />
          </View>
        ))}
      </View>
      <Controller
        control={control}
        name="direction"
        render={({ field }) => (
          <Options
            label="How it lies to the grain"
            options={DIRECTIONS}
            chosen={field.value}
            onChoose={field.onChange}
          />
        )}
      />
      {face ? (
        <Controller
          control={control}
          name="place"
          render={({ field }) => (
            <>
              <Label>Where? Tap the place</Label>
              <FacePlace
                face={face}
                name={surfaceName}
                place={field.value}
                onPlace={field.onChange}
              />
            </>
          )}
        />
      ) : null}
      <PlainButton
        title={photoId ? 'Another photo' : 'Add a photo'}
        onPress={() => void photograph()}
      />
      <Alarm text={photoFailure} />
      {photoId ? (
        <>
          <Photo
            photoId={photoId}
            label="The photo of this damage"
            width="100%"
            height={180}
            whole
          />
          <Small>Resized; location removed.</Small>
        </>
      ) : null}
      <Field control={control} name="note" label="Note" />
      <MainButton
        title={old ? 'Save the change' : 'Save damage'}
        onPress={() => void record()}
        disabled={!damage}
      />
      <PlainButton title="Close" onPress={onClose} />
    </Card>
  );
};
