/** A phone's picture may be this large, bytes. */
export const PHOTO_LIMIT = 15 * 1024 * 1024;
