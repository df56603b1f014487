import type { Piece } from '@obrik/core/piece';
import { takenBy } from '@obrik/core/needs';
import type { Task } from '@obrik/core/work';
import { nanoid } from '@reduxjs/toolkit';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { useChange } from '@/api/usePiece';
import { shopNow } from '@/device';
import { PICTURES, chooseFile } from '@/features/shared/chooseFile';
import { useKept } from '@/features/shared/useKept';
import { recordPhoto } from '@/record';
import { Alarm, BenchButton, Body, Card, Label } from '@/ui/controls';
import { Used } from './Used';
import { lineNow, useLog } from './useLog';

type Kind = 'note' | 'used';

interface WriteDownProps {
  readonly piece: Piece;
  readonly title: string;
  readonly tasks: readonly Task[];
  readonly surfaceIds: readonly string[];
}

const Note = ({
  piece,
  title,
  tasks,
  surfaceIds,
  onDone,
}: WriteDownProps & { readonly onDone: () => void }) => {
  const log = useLog();
  const [text, setText] = useKept(`note/${piece.id}/${title}`, '');
  const save = async () => {
    const line = lineNow(
      surfaceIds,
      tasks.map((it) => it.key),
    );
    const note = { ...line, of: 'note' as const, text: text.trim().slice(0, 1000) };
    if (!(await log(piece, [note], `${title}: note saved.`))) return;
    setText('');
    onDone();
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
  const [open, setOpen] = useKept<Kind | null>(`writeDown/${piece.id}/${title}`, null);
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
  const close = () => setOpen(null);
  const hasMaterial = takenBy(piece, tasks).length > 0;
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
          onPress={() => setOpen(open === 'note' ? null : 'note')}
        />
        {hasMaterial ? (
          <BenchButton
            title="Used"
            label={`Material used for ${title}`}
            style={{ flex: 1 }}
            onPress={() => setOpen(open === 'used' ? null : 'used')}
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
