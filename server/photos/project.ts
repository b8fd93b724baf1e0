// Rows of photographs.
import type { PhotoEntries } from '#core/photos/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const photoProjectors: MakeProjectors<PhotoEntries> = (db) => {
  const photo = prepareInsert(db, tables.photo);
  return {
    'photo.taken': {
      voids: ['p_photo'],
      project(entry) {
        const { photo: id, of: subject, shows, picture, small, note } = entry.payload;
        photo({
          ...factOf(entry),
          id,
          subjectKind: subject.kind,
          subject: subject.id,
          shows,
          sha: picture.sha256,
          smallSha: small.sha256,
          picture,
          small,
          note,
        });
      },
    },
  };
};
