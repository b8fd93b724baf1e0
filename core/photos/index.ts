export {
  LONGEST_SIDE,
  MOST_BYTES,
  MOST_SMALL_BYTES,
  PHOTO_OF,
  PHOTO_SHOWS,
  SMALL_SIDE,
  type PhotoEntries,
  type PhotoOf,
  type PhotoShows,
  type PhotoTaken,
  type Picture,
} from './entries.ts';
export { bareOf, isJpeg, isWholeJpeg, readJpeg, type Jpeg, type JpegFault } from './jpeg.ts';
export { photoRules, type PhotoState } from './rules.ts';
