/** A phone's picture may be this large, bytes. */
export const PHOTO_LIMIT = 15 * 1024 * 1024;
/** Photos of one piece, and in all. */
export const PHOTOS_OF_PIECE = 300;
export const PHOTOS_IN_ALL = 20_000;
