import type { Database } from './database';

/** A photo as it is kept: an upright JPEG without any of the camera's notes. */
export interface Photo {
  readonly id: string;
  readonly pieceId: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: Buffer;
}

export interface PhotoStore {
  /** Keeps a photo; one whose id is known stays as it is. */
  add(photo: Photo, now: Date): Promise<void>;
  find(id: string): Promise<Photo | undefined>;
}

export const photoStore = ({ models, write }: Database): PhotoStore => ({
  add: (photo, now) =>
    write(async ({ photos }) => {
      if (await photos.findByPk(photo.id, { attributes: ['id'] })) return;
      await photos.create({ ...photo, takenInAt: now.toISOString() });
    }),
  find: async (id) => (await models.photos.findByPk(id))?.get({ plain: true }),
});
