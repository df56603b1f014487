import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { PHOTOS_OF_PIECE, PHOTO_LIMIT } from './photos/limit';
import { CHEST, takenIn, testServer, type TestServer } from './testing/server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
  await server.api
    .post('/api/entries')
    .send({ entries: [takenIn()] })
    .expect(200);
});
afterAll(() => server.close());

const ADDRESS = `/api/pieces/${CHEST.id}/photos`;

/** A picture of a phone with 12 megapixels, lying on its side, with its position noted. */
const phonePicture = (): Promise<Buffer> =>
  sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#7a5a3a' } })
    .withMetadata({ orientation: 6 })
    .withExifMerge({
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '10/1 30/1 0/1', GPSLongitudeRef: 'E' },
    })
    .jpeg()
    .toBuffer();

const send = (bytes: Buffer, type = 'image/jpeg') =>
  server.api.post(ADDRESS).set('content-type', type).send(bytes);

describe('photos', () => {
  it('of 12 megapixels are taken in upright, resized, and without their position', async () => {
    const picture = await phonePicture();
    expect(picture.includes('GPS') || (await sharp(picture).metadata()).exif).toBeTruthy();
    const { body } = await send(picture).expect(201);
    expect(body).toMatchObject({ width: 1200, height: 1600 });
    const kept = await server.api.get(`/api/photos/${body.id}`).expect(200);
    expect(kept.type).toBe('image/jpeg');
    const metadata = await sharp(kept.body as Buffer).metadata();
    expect(metadata).toMatchObject({ width: 1200, height: 1600 });
    expect(metadata.exif).toBeUndefined();
    expect(metadata.orientation).toBeUndefined();
  });

  it('are counted; past the most of a piece another is refused', async () => {
    const { body } = await server.api.get('/api/photos').expect(200);
    expect(body.count).toBeGreaterThan(0);
    expect(body.bytes).toBeGreaterThan(1000);
    await server.database.write(async ({ photos }) => {
      await photos.bulkCreate(
        Array.from({ length: PHOTOS_OF_PIECE }, (_, index) => ({
          id: `many-${index}`,
          pieceId: CHEST.id,
          width: 1,
          height: 1,
          bytes: Buffer.from([1]),
          takenInAt: '2026-03-01T08:00:00Z',
        })),
      );
    });
    const refused = await send(await phonePicture());
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/photos already/);
    await server.database.write(async ({ photos }) => {
      await photos.destroy({ where: { width: 1 } });
    });
  });

  it.each(['png', 'webp'] as const)('are taken in as %s, and kept as JPEG', async (format) => {
    const small = await sharp({
      create: { width: 30, height: 20, channels: 4, background: '#ffffff80' },
    })
      .toFormat(format)
      .toBuffer();
    const { body } = await send(small, `image/${format}`).expect(201);
    expect(body).toMatchObject({ width: 30, height: 20 });
  });

  it.each([
    ['text that calls itself a picture', Buffer.from('not a picture'), 'image/jpeg', 415],
    ['a drawing that could carry scripts', Buffer.from('<svg/>'), 'image/svg+xml', 415],
    ['something that is no picture at all', readFileSync(__filename), 'text/plain', 415],
    ['a body over the limit', Buffer.alloc(PHOTO_LIMIT + 1), 'image/jpeg', 413],
  ])('refuse %s', async (_, bytes, type, status) => {
    const { body, type: answered } = await send(bytes, type).expect(status);
    expect(answered).toBe('application/problem+json');
    expect(body.detail).toMatch(status === 413 ? /over 15 MB/ : /Send/);
  });

  it('refuse a picture that is cut off', async () => {
    const noise = await sharp({
      create: {
        width: 600,
        height: 600,
        channels: 3,
        background: '#000',
        noise: { type: 'gaussian', mean: 128, sigma: 40 },
      },
    })
      .png()
      .toBuffer();
    const { body } = await send(noise.subarray(0, noise.length / 2), 'image/png').expect(422);
    expect(body.detail).toMatch(/Take it again/);
  });

  it('of an unknown piece, or that nobody took: 404', async () => {
    await server.api
      .post('/api/pieces/nobody/photos')
      .set('content-type', 'image/jpeg')
      .send(await phonePicture())
      .expect(404);
    await server.api.get('/api/photos/none').expect(404);
  });
});
