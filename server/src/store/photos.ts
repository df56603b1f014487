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
  add(photo: Photo, now: Date): Promise<void>;
  find(id: string): Promise<Photo | undefined>;
}

export const photoStore = ({ models }: Database): PhotoStore => ({
  add: async (photo, now) => {
    await models.photos.create({ ...photo, takenInAt: now.toISOString() });
  },
  find: async (id) => (await models.photos.findByPk(id))?.get({ plain: true }),
});
