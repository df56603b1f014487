import { photoSum } from '@obrik/core/contracts';
import { randomUUID } from 'node:crypto';
import { id as idSchema } from '@obrik/core/piece';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import { HttpProblem, notFound } from '../http/problem';
import { PHOTOS_IN_ALL, PHOTOS_OF_PIECE } from '../photos/limit';
import { preparePhoto } from '../photos/prepare';
import type { PhotoStore } from '../store/photos';
import type { LedgerStore } from '../store/ledger';

const keptPhoto = z.object({ id: z.string(), width: z.int(), height: z.int(), bytes: z.int() });

const noPicture = new HttpProblem(
  415,
  'No picture',
  'Send the bytes of a photo, with the content type of a picture: image/jpeg, image/png, image/webp.',
);

interface Needs {
  readonly ledger: LedgerStore;
  readonly photos: PhotoStore;
  readonly now: () => Date;
}

/** Photos of damages: resized when they come in, and without the position they were taken at. */
export const photoEndpoints = ({ ledger, photos, now }: Needs): readonly Endpoint[] => {
  const mustHaveRoom = async (pieceId: string): Promise<void> => {
    const of = (count: number, most: number, whose: string) => {
      if (count >= most) {
        throw new HttpProblem(
          422,
          'Too many photos',
          `${whose} ${count} photos already; ${most} is the most. Delete pieces that are done with for good, or keep photos elsewhere.`,
        );
      }
    };
    of((await photos.sum(pieceId)).count, PHOTOS_OF_PIECE, 'This piece has');
    of((await photos.sum()).count, PHOTOS_IN_ALL, 'The shop has');
  };
  return [
    endpoint({
      method: 'get',
      path: '/photos',
      summary: 'The number of photos and their total size in bytes',
      reply: photoSum,
      handle: () => photos.sum(),
    }),
    endpoint({
      method: 'post',
      path: '/pieces/{pieceId}/photos',
      summary: 'Store a photo of a piece: JPEG, PNG or WebP, up to 15 MB',
      content: { body: 'image/*' },
      status: 201,
      reply: keptPhoto,
      errors: [404, 413, 415, 422, 503],
      query: z.object({
        /** Made on the device, so that a photo sent twice is one. */
        id: idSchema.optional(),
      }),
      handle: async ({ parameter, query, bytes }) => {
        const pieceId = parameter('pieceId');
        if (!(await ledger.piece(pieceId))) throw notFound(`piece "${pieceId}"`);
        if (!bytes) throw noPicture;
        await mustHaveRoom(pieceId);
        const prepared = await preparePhoto(bytes);
        const id = query.id ?? randomUUID();
        await photos.add({ id, pieceId, ...prepared }, now());
        return {
          id,
          width: prepared.width,
          height: prepared.height,
          bytes: prepared.bytes.length,
        };
      },
    }),
    endpoint({
      method: 'get',
      path: '/photos/{photoId}',
      summary: 'A photo',
      content: { reply: 'image/jpeg' },
      reply: z.instanceof(Buffer),
      errors: [404],
      handle: async ({ parameter }) => {
        const id = parameter('photoId');
        const photo = await photos.find(id);
        if (!photo) throw notFound(`photo "${id}"`);
        return photo.bytes;
      },
    }),
  ];
};
