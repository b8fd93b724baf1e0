// Every photograph that is here, with a table of what each shows, as one ZIP: piece by piece, so that a house of many years needs no more memory than one picture.
import type Database from 'better-sqlite3';
import { strToU8, Zip, ZipPassThrough } from 'fflate';
import { writeCsv } from '#core/text/index.ts';
import { makeAsk, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';
import { findPhoto } from '../photos/store.ts';

const HEADINGS = ['file', 'taken (UTC)', 'by', 'of', 'shows', 'note', 'taken back', 'width (px)', 'height (px)', 'SHA-256'];

export function* photosZip(client: Database.Database, data: string | undefined): Generator<Uint8Array> {
  const rows = makeAsk(client).all(
    { ...pick(t.photo, 'atMs', 'shows', 'picture', 'note', 'voidedBy'), by: text, named: text },
    `select p.at_ms atMs, ${personName('p."by"')} by, p.shows, p.picture, p.note, p.voided_by voidedBy,
      coalesce((select c.label || ', ' || b.label from p_bag b join p_crate c on c.id = b.crate where b.id = p.subject), (select label from p_crate where id = p.subject),
        (select code from p_tank where id = p.subject), (select label from p_lot where id = p.subject), p.subject) named
    from p_photo p order by p.at_ms, p.entry`,
  )();
  let pieces: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    pieces.push(piece);
  });
  const add = (name: string, bytes: Uint8Array) => {
    const file = new ZipPassThrough(name);
    zip.add(file);
    file.push(bytes, true);
  };
  const table = rows.map(({ atMs, by, named, shows, note, voidedBy, picture }) => [
    `${picture.sha256}.jpg`,
    new Date(atMs).toISOString(),
    by,
    named,
    shows,
    note ?? '',
    voidedBy === null ? '' : 'yes',
    picture.width,
    picture.height,
    picture.sha256,
  ]);
  add('photos.csv', strToU8(`\uFEFF${writeCsv(HEADINGS, table)}`));
  const names = new Set(rows.map(({ picture }) => picture.sha256));
  for (const sha256 of names) {
    const bytes = data === undefined ? undefined : findPhoto(data, sha256);
    if (bytes) add(`${sha256}.jpg`, bytes);
    yield* pieces;
    pieces = [];
  }
  zip.end();
  yield* pieces;
}
