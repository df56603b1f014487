import { Image } from '@rneui/themed';
import { useEffect, useState } from 'react';
import { photoHere } from '@/record';

/** Where a photo is shown from: this device while it waits here, the shop afterwards. */
const useAddress = (photoId: string): string | undefined => {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    let made: string | undefined;
    let gone = false;
    void photoHere(photoId).then((it) => {
      if (gone) return;
      made = it && URL.createObjectURL(new Blob([it.bytes], { type: it.type }));
      setAddress(made ?? `/api/photos/${photoId}`);
    });
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [photoId]);
  return address;
};

/** A photo on record, wherever it is by now. */
export const Photo = ({
  photoId,
  label,
  width,
  height,
  whole = false,
}: {
  readonly photoId: string;
  readonly label: string;
  readonly width: number | '100%';
  readonly height: number;
  /** All of it, rather than as much as fills the frame. */
  readonly whole?: boolean;
}) => {
  const address = useAddress(photoId);
  return address ? (
    <Image
      source={{ uri: address }}
      aria-label={label}
      style={{ width, height }}
      resizeMode={whole ? 'contain' : 'cover'}
    />
  ) : null;
};
