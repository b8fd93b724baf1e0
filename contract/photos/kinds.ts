// The kind of entry about photographs.
import { string } from 'yup';
import {
  LONGEST_SIDE,
  MOST_BYTES,
  MOST_SMALL_BYTES,
  PHOTO_OF,
  PHOTO_SHOWS,
  SMALL_SIDE,
  type PhotoEntries,
  type Picture,
} from '#core/photos/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, closed, count, id, note } from '../basics/fields.ts';
import { schemaOf } from '../basics/shapes.ts';

export const SHA256 = /^[0-9a-f]{64}$/;
const picture = (side: number, bytes: number) =>
  schemaOf<Picture>({
    sha256: string().matches(SHA256, 'must be a SHA-256 in lower case').required(),
    bytes: count(1, bytes),
    width: count(1, side),
    height: count(1, side),
  });

export const photoKinds: Kinds<PhotoEntries> = {
  'photo.taken': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['dock', 'stock'],
    inHistoryByLinks: true,
    schema: {
      photo: id(),
      of: closed({ kind: choice(PHOTO_OF), id: id() }),
      shows: choice(PHOTO_SHOWS),
      picture: picture(LONGEST_SIDE, MOST_BYTES),
      small: picture(SMALL_SIDE, MOST_SMALL_BYTES),
      note: note(),
    },
    example: {
      photo: 'photo-1',
      of: { kind: 'bag', id: 'bag-1' },
      shows: 'the closed bag',
      picture: { sha256: 'a'.repeat(64), bytes: 310_000, width: 1200, height: 1600 },
      small: { sha256: 'b'.repeat(64), bytes: 14_000, width: 240, height: 320 },
      note: 'one on its side',
    },
  }),
};
