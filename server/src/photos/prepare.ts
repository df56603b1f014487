import sharp from 'sharp';
import { HttpProblem } from '../http/problem';
import { inTurn } from '../turns';

/** Pictures are kept this large at most, pixels of the longer side. */
const LONGER_SIDE = 1600;
/** More pixels than any phone's: a small file that unpacks to more is refused. */
const MOST_PIXELS = 80_000_000;
const TYPES = new Set(['jpeg', 'png', 'webp']);

const WRONG_TYPE = new HttpProblem(
  415,
  'No picture that can be kept',
  'Send a photo as JPEG, PNG or WebP. Phones: choose “most compatible” as the picture format.',
);
const CORRUPT = new HttpProblem(
  422,
  'Broken picture',
  'The picture can’t be read to its end. Take it again, or send another.',
);

/** A picture as it is kept. */
interface Prepared {
  readonly bytes: Buffer;
  readonly width: number;
  readonly height: number;
}

/** Pictures that may wait for their turn. */
const WAITING = 20;
const BUSY = new HttpProblem(
  503,
  'Busy',
  'Too many photos come in at once. They wait on the devices and are sent again by themselves.',
);

/** One picture is unpacked at a time: each may take a hundred megabytes of memory. */
const turn = inTurn();
let waiting = 0;

/**
 * Makes a picture fit to keep: upright, no larger than needed, and without the camera's notes,
 * which tell where it was taken.
 * @throws HttpProblem 415 for what is no picture of a known type, 422 for a broken one, 503 where
 *   too many wait
 */
export const preparePhoto = async (bytes: Buffer): Promise<Prepared> => {
  if (waiting >= WAITING) throw BUSY;
  waiting++;
  try {
    return await turn(() => prepare(bytes));
  } finally {
    waiting--;
  }
};

const prepare = async (bytes: Buffer): Promise<Prepared> => {
  const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  const { format } = await image.metadata().catch(() => {
    throw WRONG_TYPE;
  });
  if (!TYPES.has(format)) throw WRONG_TYPE;
  const { data, info } = await image
    .autoOrient()
    .resize(LONGER_SIDE, LONGER_SIDE, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality: 80 })
    .toBuffer({ resolveWithObject: true })
    .catch(() => {
      throw CORRUPT;
    });
  return { bytes: data, width: info.width, height: info.height };
};
