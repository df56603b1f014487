import type { Piece } from '@obrik/core/piece';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useErasePieceMutation } from '@/api/api';
import { failureOf } from '@/api/failure';
import { forgetPiece, tryNow } from '@/record';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { Alarm, Body, Card, Label, MainButton, PlainButton } from '@/ui/controls';
import { Field } from '@/ui/forms';

/** Deletes a client's data: asked for by name, because there is no way back. */
export const DeleteForGood = ({ piece }: { readonly piece: Piece }) => {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const [failure, setFailure] = useState<string>();
  const [erase, { isLoading }] = useErasePieceMutation();
  const { control, handleSubmit } = useForm({ defaultValues: { called: '' } });
  if (!open) {
    return <PlainButton title="Delete it for good …" onPress={() => setOpen(true)} />;
  }
  const submit = handleSubmit(async ({ called }) => {
    const result = await erase({ pieceId: piece.id, name: called });
    if (result.error) return setFailure(failureOf(result.error).text);
    // Here as well, before it can be looked for: the news of it comes a moment later.
    await forgetPiece(piece.id);
    tryNow();
    dispatch(noticed({ text: `${piece.name} is deleted for good.`, tone: 'plain' }));
    router.replace('/pieces');
  });
  return (
    <Card edge="vermilion" style={{ gap: 12 }}>
      <Label heading>Delete for good</Label>
      <Body>
        Everything about this piece goes: looks, aims, history, photos, kept routes, on all devices.
        Only backups made before still hold it. To put it out of sight, put it away instead.
      </Body>
      <Field control={control} name="called" label="Type its name to go on" hint={piece.name} />
      <Alarm text={failure} />
      <MainButton title="Delete for good" busy={isLoading} onPress={() => void submit()} />
      <PlainButton title="Keep it" onPress={() => setOpen(false)} />
    </Card>
  );
};
