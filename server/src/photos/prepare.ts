import sharp from 'sharp';
import { HttpProblem } from '../http/problem';

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

/**
 * Makes a picture fit to keep: upright, no larger than needed, and without the camera's notes,
 * which tell where it was taken.
 * @throws HttpProblem 415 for what is no picture of a known type, 422 for a broken one
 */
export const preparePhoto = async (
  bytes: Buffer,
): Promise<{ bytes: Buffer; width: number; height: number }> => {
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
