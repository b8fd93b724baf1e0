// Photographs of a bag, a crate, a tank or a lot, the first taken first.
import type Database from 'better-sqlite3';
import type { PhotoCard } from '#contract/views.ts';
import { makeAsk, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';
import { present } from '../now/rows.ts';

export function preparePhotos(client: Database.Database): (subject: string) => PhotoCard[] {
  const ask = makeAsk(client).all(
    { photo: t.photo.id, ...pick(t.photo, 'shows', 'picture', 'small', 'note', 'atMs'), by: text, actId: t.entry.actId },
    `select id photo, shows, picture, small, note, at_ms atMs, ${personName('"by"')} by, (select act_id from entry where id = p_photo.entry) actId
    from p_photo where subject = ? and voided_by is null order by at_ms, entry`,
  );
  return (subject) => ask(subject).map(({ note, ...card }) => ({ ...card, note: present(note) }));
}

/** The same as a field of a card; none where there are none. */
export function preparePhotoField(client: Database.Database): (subject: string) => { photos?: PhotoCard[] } {
  const photosOf = preparePhotos(client);
  return (subject) => {
    const photos = photosOf(subject);
    return photos.length > 0 ? { photos } : {};
  };
}

/** How many bytes the journal says that this picture has; undefined when no entry names it. */
export function prepareNamed(client: Database.Database): (sha256: string) => number | undefined {
  const named = makeAsk(client).get(
    pick(t.photo, 'sha', 'picture', 'small'),
    'select sha, picture, small from p_photo where sha = @sha256 or small_sha = @sha256 limit 1',
  );
  return (sha256) => {
    const row = named({ sha256 });
    return row && (row.sha === sha256 ? row.picture.bytes : row.small.bytes);
  };
}

/** Every picture that the journal names, void or not, of whatever version its file is: what was written stays. */
export const allNamed = (client: Database.Database): { sha256: string }[] =>
  makeAsk(client).all(
    { sha256: text },
    `select json_extract(payload, '$.picture.sha256') sha256 from entry where kind = 'photo.taken'
    union select json_extract(payload, '$.small.sha256') from entry where kind = 'photo.taken' order by 1`,
  )();
