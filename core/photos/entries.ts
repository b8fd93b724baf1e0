// What is written down of a photograph: of what, how large, and by which sums its bytes are known. The bytes themselves come on a way of their own.

export const PHOTO_OF = ['bag', 'crate', 'tank', 'lot'] as const;
export type PhotoOf = { kind: (typeof PHOTO_OF)[number]; id: string };
/** What can be seen on it. */
export const PHOTO_SHOWS = ['the closed bag', 'the fish', 'the carton', 'a paper', 'the tank', 'what is broken'] as const;
export type PhotoShows = (typeof PHOTO_SHOWS)[number];

/** Bytes of a JPEG, known by their SHA-256 in hexadecimal. */
export type Picture = { sha256: string; bytes: number; width: number; height: number };
/** `small` = the same picture, to be shown among others. */
export type PhotoTaken = { photo: string; of: PhotoOf; shows: PhotoShows; picture: Picture; small: Picture; note?: string };

export interface PhotoEntries {
  'photo.taken': PhotoTaken;
}

/** Pixels of the longest side: enough for a scale or a fin, and a few hundred kilobytes. */
export const LONGEST_SIDE = 1600;
export const SMALL_SIDE = 320;
/** More than any picture of these sizes has. */
export const MOST_BYTES = 3_000_000;
export const MOST_SMALL_BYTES = 200_000;
