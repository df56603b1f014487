import { col, fn } from 'sequelize';
import type { Database } from './database';

/** A photo as it is kept: an upright JPEG without any of the camera's notes. */
export interface StoredPhoto {
  readonly id: string;
  readonly pieceId: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: Buffer;
}

export interface PhotoStore {
  /** Keeps a photo; one whose id is known stays as it is. */
  add(photo: StoredPhoto, now: Date): Promise<void>;
  find(id: string): Promise<StoredPhoto | undefined>;
  /** How many there are, of a piece or in all, and their bytes together. */
  sum(pieceId?: string): Promise<{ readonly count: number; readonly bytes: number }>;
}

export const photoStore = ({ models, write }: Database): PhotoStore => ({
  add: (photo, now) =>
    write(async ({ photos }) => {
      if (await photos.findByPk(photo.id, { attributes: ['id'] })) return;
      await photos.create({ ...photo, takenInAt: now.toISOString() });
    }),
  find: async (id) => (await models.photos.findByPk(id))?.get({ plain: true }),
  sum: async (pieceId) => {
    const [row] = (await models.photos.findAll({
      attributes: [
        [fn('COUNT', col('id')), 'count'],
        [fn('TOTAL', fn('LENGTH', col('bytes'))), 'bytes'],
      ],
      where: pieceId === undefined ? {} : { pieceId },
      raw: true,
    })) as unknown as { count: number; bytes: number }[];
    return { count: row?.count ?? 0, bytes: row?.bytes ?? 0 };
  },
});
