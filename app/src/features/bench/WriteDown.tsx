import { MATERIALS, type Material } from '@obrik/core/catalog';
import type { Piece } from '@obrik/core/piece';
import { isUsedUp } from '@obrik/core/run';
import type { Task } from '@obrik/core/work';
import { nanoid } from '@reduxjs/toolkit';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import { shopNow } from '@/device';
import { PICTURES, chooseFile } from '@/features/shared/chooseFile';
import { recordPhoto } from '@/record';
import { Alarm, BenchButton, Body, Card, Label } from '@/ui/controls';
import { lineNow, useLog } from './useLog';

type Kind = 'note' | 'used';

interface WriteDownProps {
  readonly piece: Piece;
  readonly title: string;
  readonly tasks: readonly Task[];
  readonly surfaceIds: readonly string[];
}

/** What the step is planned to take, of materials that are used up. */
const plannedOf = (tasks: readonly Task[]): ReadonlyMap<Material, number> => {
  const sums = new Map<Material, number>();
  for (const it of tasks.flatMap((one) => one.consumes)) {
    if (it.quantity > 0 && isUsedUp(it.material)) {
      sums.set(it.material, (sums.get(it.material) ?? 0) + it.quantity);
    }
  }
  return sums;
};

/** Two figures that count, however little it is: 60 g and 1.3 g are both told. */
const figure = (it: number): string => String(Number(it.toPrecision(2)));

/** How much of each material was taken, and of which lot: as planned unless somebody says otherwise. */
const Used = ({
  piece,
  title,
  tasks,
  surfaceIds,
  onDone,
}: WriteDownProps & { readonly onDone: () => void }) => {
  const log = useLog();
  const [rows, setRows] = useState(() =>
    [...plannedOf(tasks)].map(([material, quantity]) => ({
      material,
      typed: figure(quantity),
      lot: '',
    })),
  );
  const [problem, setProblem] = useState<string>();
  const put = (at: number, told: Partial<(typeof rows)[number]>) =>
    setRows(rows.map((it, nth) => (nth === at ? { ...it, ...told } : it)));
  const save = async () => {
    const lines = rows.map(({ material, typed, lot }) => ({
      ...lineNow(
        surfaceIds,
        tasks.map((it) => it.key),
      ),
      of: 'used' as const,
      material,
      quantity: Number(typed.replace(',', '.') || NaN),
      lot: lot.trim().slice(0, 60),
    }));
    const wrong = lines.find((it) => !Number.isFinite(it.quantity) || it.quantity < 0);
    if (wrong)
      return setProblem(`${MATERIALS.get(wrong.material).label}: give a figure, 0 or more.`);
    if (await log(piece, lines, `${title}: material written down.`)) onDone();
  };
  return (
    <>
      {rows.map((it, at) => {
        const { label, unit } = MATERIALS.get(it.material);
        return (
          <View key={it.material} style={{ flexDirection: 'row', gap: 8 }}>
            <View style={{ flex: 3 }}>
              <Input
                label={`${label}, ${unit === 'm2' ? 'm²' : unit}`}
                aria-label={`How much: ${label}`}
                inputMode="decimal"
                value={it.typed}
                onChangeText={(typed) => put(at, { typed })}
              />
            </View>
            <View style={{ flex: 2 }}>
              <Input
                label="Lot"
                aria-label={`Lot: ${label}`}
                value={it.lot}
                onChangeText={(lot) => put(at, { lot })}
              />
            </View>
          </View>
        );
      })}
      <Alarm text={problem} />
      <BenchButton main title="Save what was used" onPress={() => void save()} />
    </>
  );
};

const Note = ({
  piece,
  title,
  tasks,
  surfaceIds,
  onDone,
}: WriteDownProps & { readonly onDone: () => void }) => {
  const log = useLog();
  const [text, setText] = useState('');
  const save = async () => {
    const line = lineNow(
      surfaceIds,
      tasks.map((it) => it.key),
    );
    const note = { ...line, of: 'note' as const, text: text.trim().slice(0, 1000) };
    if (await log(piece, [note], `${title}: note saved.`)) onDone();
  };
  return (
    <>
      <Input label="Note" aria-label="Note" multiline value={text} onChangeText={setText} />
      <BenchButton
        main
        title="Save note"
        disabled={text.trim() === ''}
        onPress={() => void save()}
      />
    </>
  );
};

/** Photo, note and material of a step: the record writes the rest itself. */
export const WriteDown = (props: WriteDownProps) => {
  const { piece, title, tasks, surfaceIds } = props;
  const change = useChange();
  const [open, setOpen] = useState<Kind>();
  const [failure, setFailure] = useState<string>();
  const photograph = async () => {
    const [surfaceId] = surfaceIds;
    const file = surfaceId ? await chooseFile(PICTURES) : undefined;
    if (!file || !surfaceId) return;
    setFailure(undefined);
    const result = await recordPhoto(piece.id, file);
    if (!result.ok) return setFailure(result.problem);
    const picture = {
      id: nanoid(),
      surfaceId,
      photoId: result.photoId,
      at: shopNow().toISOString(),
      note: title.slice(0, 200),
    };
    await change(piece.id, { kind: 'picture', picture }, `${title}: photo saved.`);
  };
  const close = () => setOpen(undefined);
  const hasMaterial = plannedOf(tasks).size > 0;
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <BenchButton
          title="Photo"
          label={`Photo of ${title}`}
          style={{ flex: 1 }}
          onPress={() => void photograph()}
        />
        <BenchButton
          title="Note"
          label={`Note on ${title}`}
          style={{ flex: 1 }}
          onPress={() => setOpen(open === 'note' ? undefined : 'note')}
        />
        {hasMaterial ? (
          <BenchButton
            title="Used"
            label={`Material used for ${title}`}
            style={{ flex: 1 }}
            onPress={() => setOpen(open === 'used' ? undefined : 'used')}
          />
        ) : null}
      </View>
      <Alarm text={failure} />
      {open ? (
        <Card edge="ink" style={{ gap: 8 }}>
          <Label heading>{open === 'note' ? 'Note' : 'What was used'}</Label>
          {open === 'used' ? (
            <Body>As planned, unless you change it. The lot stands on the container.</Body>
          ) : null}
          {open === 'used' ? (
            <Used {...props} onDone={close} />
          ) : (
            <Note {...props} onDone={close} />
          )}
        </Card>
      ) : null}
    </>
  );
};
