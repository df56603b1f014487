import type { Piece, Surface } from '@obrik/core/piece';
import type { PieceChange } from '@obrik/core/ledger';
import { nanoid } from '@reduxjs/toolkit';
import { formatDistance } from 'date-fns/formatDistance';
import { useState } from 'react';
import { View } from 'react-native';
import { shopNow } from '@/device';
import { PICTURES, chooseFile } from '@/features/shared/chooseFile';
import { Photo } from '@/features/shared/Photo';
import { recordPhoto } from '@/record';
import { Alarm, PlainButton, Small } from '@/ui/controls';

interface PicturesProps {
  readonly piece: Piece;
  readonly surface: Surface;
  /** Resolves to whether it is safe. */
  readonly onChange: (change: PieceChange, done: string) => Promise<boolean>;
}

/** What a surface looked like: pictures of before the work, and along the way. */
export const Pictures = ({ piece, surface, onChange }: PicturesProps) => {
  const [failure, setFailure] = useState<string>();
  const own = piece.pictures.filter((it) => it.surfaceId === surface.id);
  const name = surface.name.toLowerCase();
  const add = async () => {
    const file = await chooseFile(PICTURES);
    if (!file) return;
    setFailure(undefined);
    const result = await recordPhoto(piece.id, file);
    if (!result.ok) return setFailure(result.problem);
    await onChange(
      {
        kind: 'picture',
        picture: {
          id: nanoid(),
          surfaceId: surface.id,
          photoId: result.photoId,
          at: shopNow().toISOString(),
          note: '',
        },
      },
      `Picture of ${name} recorded.`,
    );
  };
  return (
    <View style={{ gap: 8 }}>
      {own.length > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {own.map((it) => (
            <View key={it.id} style={{ gap: 4 }}>
              <Photo photoId={it.photoId} label={`Picture of ${name}`} width={150} height={112} />
              <Small>{formatDistance(new Date(it.at), shopNow(), { addSuffix: true })}</Small>
              <PlainButton
                title="Remove"
                label={`Remove this picture of ${name}`}
                onPress={() =>
                  void onChange({ kind: 'unpicture', pictureId: it.id }, 'Picture removed.')
                }
              />
            </View>
          ))}
        </View>
      ) : null}
      <PlainButton
        title={own.length === 0 ? 'Take a picture' : 'Another picture'}
        label={`Take a picture of ${name}`}
        onPress={() => void add()}
      />
      <Alarm text={failure} />
    </View>
  );
};
