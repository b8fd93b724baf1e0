// A journal of another format is refused in words wherever a house could come from, and nothing of it is changed.
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { houseFile } from '../directory/directory.ts';
import { readJournalLines } from '../export/journalLines.ts';
import { backUp, restore } from '../keep/keep.ts';
import { bringCrate, furnish, makeTestHouse } from '../testHouse.ts';
import { JOURNAL_FORMAT } from './format.ts';
import { openAsIs, openHouse } from './open.ts';

let folder: string;
const pathTo = (name: string) => path.join(folder, name);
beforeEach(() => (folder = fs.mkdtempSync(path.join(os.tmpdir(), 'format-'))));
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }));

/** A house with entries whose file says that its journal is of this format; undefined = it says nothing, as the first did. */
function houseOf(format: number | undefined): string {
  fs.mkdirSync(pathTo('house'));
  const file = houseFile(pathTo('house'));
  const house = furnish(makeTestHouse(file));
  bringCrate(house);
  house.close();
  const { client } = openAsIs(file, { readonly: false });
  client.prepare("delete from meta where key = 'journalFormat'").run();
  if (format !== undefined) client.prepare("insert into meta values ('journalFormat', ?)").run(String(format));
  client.pragma('journal_mode = DELETE');
  client.close();
  return file;
}
const sumOf = (file: string) => createHash('sha256').update(fs.readFileSync(file)).digest('hex');

it.each([
  [undefined, /format 1, written by an earlier version .* reads format 2\. Nothing was changed/],
  [JOURNAL_FORMAT + 1, /format 3, written by a newer version .* Nothing was changed/],
])('a house of format %p is not opened and not touched', (format, words) => {
  const file = houseOf(format);
  const before = sumOf(file);
  expect(() => openHouse(file)).toThrow(words);
  expect([sumOf(file), fs.readdirSync(pathTo('house')).filter((name) => name.startsWith('house.db'))]).toEqual([before, ['house.db']]);
});

it('a house of this format is opened, and one that is new says its format', () => {
  openHouse(houseOf(JOURNAL_FORMAT)).client.close();
  const { client } = openHouse(pathTo('new.db'));
  expect(client.prepare("select value from meta where key = 'journalFormat'").pluck().get()).toBe(String(JOURNAL_FORMAT));
  client.close();
});

it('a copy of an earlier format is not put back, and its directory stays free', async () => {
  houseOf(undefined);
  const { file } = await backUp(pathTo('house'), pathTo('copies'), new Date());
  await expect(restore(file, pathTo('other'))).rejects.toThrow(/format 1, written by an earlier version/);
  expect(fs.existsSync(houseFile(pathTo('other')))).toBe(false);
});

it('an exported journal of an earlier format is refused by its first line', async () => {
  const read = async (version: number) => {
    const lines = readJournalLines(Readable.from([`{"format":"daily-crate journal","version":${version},"entries":0}\n`]));
    for await (const _entry of lines) break;
  };
  await expect(read(1)).rejects.toThrow(/this file is a journal of format 1, written by an earlier version/);
  await expect(read(JOURNAL_FORMAT)).resolves.toBeUndefined();
});
