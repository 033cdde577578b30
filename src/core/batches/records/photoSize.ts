/** Longest side of a kept photo, and most characters of it as text: about 400 kB. */
export const PHOTO_MAX_PX = 1280;
export const PHOTO_MAX_CHARS = 560_000;
/** A browser's store is not an album. */
export const PHOTOS_A_BATCH = 6;
