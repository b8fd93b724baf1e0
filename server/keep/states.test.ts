// Every command on a directory in every state that it may be found in: what is refused is refused in words, and nothing of a house is lost by it.
import Database from 'better-sqlite3';
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { commandOf, type Command } from '../../scripts/command.mjs';
import { setMeta } from '../db/meta.ts';
import { houseFile, inspect } from '../directory/directory.ts';
import { takeLease } from '../directory/lease.ts';
import { makeCredentials } from '../door/credentials.ts';
import { bringCrate, furnish, KEEPER, land, makeTestHouse, T0 } from '../testHouse.ts';
import { examine, sayFindings } from './doctor.ts';
import { backUp, importJournal, restore } from './keep.ts';

let folder: string;
let entries: number;
let copy: string;
const pathTo = (...parts: string[]) => path.join(folder, ...parts);
beforeEach(async () => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'states-'));
  fs.mkdirSync(pathTo('house'));
  const house = furnish(makeTestHouse(houseFile(pathTo('house'))));
  bringCrate(house);
  house.must(KEEPER, land(1));
  await makeCredentials(house.db).set('ines', '4711');
  setMeta(house.client, 'sessionSecret', 'the-secret-of-this-house');
  house.client.prepare("insert into session values ('signed-in-somebody', '{}', 9e15)").run();
  entries = house.store.latestSeq();
  house.close();
  copy = (await backUp(pathTo('house'), pathTo('copies'), new Date(T0))).file;
});
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }));
const count = (data: string) => {
  const client = new Database(houseFile(data), { readonly: true });
  const found = client.prepare('select count(*) from entry').pluck().get() as number;
  client.close();
  return found;
};
const run = (command: Command, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync('node', [...commandOf(command), ...args], { encoding: 'utf8' });
  return { status, said: stdout + stderr };
};

it('a left-over write-ahead file is never played into what is put back', () => {
  fs.mkdirSync(pathTo('new'));
  fs.writeFileSync(pathTo('new', 'house.db-wal'), 'left over');
  expect(() => restore(copy, pathTo('new'))).toThrow(/what is left of a house \(house\.db-wal\)/);
  expect(() => importJournal(copy, pathTo('new'))).toThrow(/what is left of a house/);
  expect(fs.readdirSync(pathTo('new'))).toEqual(['house.db-wal']);
});

it.each([
  ['nothing', [], 'empty'],
  ['another’s file', ['notes.txt'], 'empty'],
  ['a lock', ['house.lock', 'house.lock.json'], 'empty'],
  ['an empty file', ['house.db'], 'remains'],
  ['photos', ['files'], 'remains'],
  ['a copy of before', ['house.db.before-2026'], 'remains'],
  ['a copy', ['house-2026-03-03T07-40-00-000Z.db'], 'remains'],
] as const)('%s is found to be what it is', (_name, names, is) => {
  fs.mkdirSync(pathTo('found'));
  for (const name of names) fs.writeFileSync(pathTo('found', name), '');
  expect(inspect(pathTo('found')).is).toBe(is);
  expect(inspect(pathTo('not even there')).is).toBe('empty');
});

it('no copy gives a sign-in away, and after a restore everybody signs in again with the PIN they had', async () => {
  const bytes = fs.readFileSync(copy).toString('latin1');
  expect([bytes.includes('the-secret-of-this-house'), bytes.includes('signed-in-somebody')]).toEqual([false, false]);
  // The running house keeps both.
  expect(fs.readFileSync(houseFile(pathTo('house'))).toString('latin1')).toContain('the-secret-of-this-house');
  expect(await restore(copy, pathTo('again'))).toMatchObject({ entries, replayed: true });
  const again = makeTestHouse(houseFile(pathTo('again')));
  expect(await makeCredentials(again.db).isRight('ines', '4711')).toBe(true);
  again.close();
});

it('files are for the account that runs the house alone', async () => {
  await restore(copy, pathTo('again'));
  const modes = [houseFile(pathTo('again')), copy, `${copy}.sha256`].map((file) => fs.statSync(file).mode & 0o777);
  expect(modes).toEqual([0o600, 0o600, 0o600]);
  expect(fs.statSync(pathTo('again')).mode & 0o777).toBe(0o700);
});

it('a copy with any page damaged does not go through, with its sum beside it', async () => {
  const whole = fs.readFileSync(copy);
  let x = 20260303;
  const random = (below: number) => (x = (x * 1103515245 + 12345) % 2 ** 31) % below;
  for (let turn = 0; turn < 30; turn += 1) {
    const damaged = Buffer.from(whole);
    const from = random(damaged.length - 16);
    for (let index = from; index < from + 16; index += 1) damaged[index] = damaged[index]! ^ 0x5a;
    fs.writeFileSync(copy, damaged);
    await expect(restore(copy, pathTo(`damaged-${turn}`))).rejects.toThrow(/is damaged/);
    expect(inspect(pathTo(`damaged-${turn}`)).is).toBe('empty');
  }
});

it('without its sum a damaged journal, index or book is found all the same', async () => {
  fs.rmSync(`${copy}.sha256`);
  const spoil = (name: string, sql: string) => {
    const file = pathTo(`${name}.db`);
    fs.copyFileSync(copy, file);
    const client = new Database(file);
    client.unsafeMode();
    client.exec(sql);
    client.close();
    return file;
  };
  await expect(restore(spoil('book', 'update p_balance set n = n + 1'), pathTo('a'))).rejects.toThrow(/does not replay/);
  await expect(restore(spoil('entry', "update entry set payload = '{' where seq = 9"), pathTo('b'))).rejects.toHaveProperty('message');
  await expect(restore(spoil('fewer', 'delete from entry where seq = 9'), pathTo('c'))).rejects.toHaveProperty('message');
  await expect(
    restore(spoil('index', "pragma writable_schema = on; update sqlite_master set rootpage = 2 where name = 'entry_act'"), pathTo('d')),
  ).rejects.toHaveProperty('message');
});

it('one at a time: a second server or command is told who is there; what only looks in is let', async () => {
  const lease = takeLease(pathTo('house'), 'a running house');
  const words = /in use by a running house \(process \d+/;
  expect(() => takeLease(pathTo('house'), 'another')).toThrow(words);
  const { status, said } = run('main', '--port', '0', '--data', pathTo('house'));
  expect(said).toMatch(words);
  expect(status).toBe(1);
  expect(await backUp(pathTo('house'), pathTo('more'), new Date(T0))).toMatchObject({ entries });
  lease.release();
  // What tells whose it was is gone with it; the empty file stays.
  expect(fs.readdirSync(pathTo('house')).filter((name) => name.startsWith('house.lock'))).toEqual(['house.lock']);
  takeLease(pathTo('house'), 'another').release();
});

it('a PIN, a copy and a check leave a house of another version as it is: nothing is emptied, nobody is let in', async () => {
  const client = new Database(houseFile(pathTo('house')));
  client.prepare("update meta set value = 'of old' where key = 'projectionVersion'").run();
  const rows = client.prepare('select count(*) from p_balance').pluck();
  const before = rows.get();
  expect(run('keep', 'pin', 'Ines', '8642', '--data', pathTo('house'))).toMatchObject({ status: 0 });
  expect(run('replay', '--check', '--data', pathTo('house')).said).toMatch(/of another version/);
  const { entries: copied, replayed } = await backUp(pathTo('house'), pathTo('old'), new Date(T0));
  expect([copied, replayed]).toEqual([entries, false]);
  expect(rows.get()).toBe(before);
  client.close();
  expect(fs.readdirSync(pathTo('house')).filter((name) => name.includes('.before-'))).toEqual([]);
  // Put back, the copy is brought up to this program.
  expect(
    (
      await restore(
        fs
          .readdirSync(pathTo('old'))
          .map((name) => pathTo('old', name))
          .find((name) => name.endsWith('.db'))!,
        pathTo('up'),
      )
    ).replayed,
  ).toBe(true);
  expect(count(pathTo('up'))).toBe(entries);
});

it('a server does not begin a house where one was', () => {
  fs.mkdirSync(pathTo('was'));
  fs.writeFileSync(pathTo('was', 'house.db'), '');
  const { status, said } = run('main', '--port', '0', '--data', pathTo('was'));
  expect([status, said]).toEqual([1, expect.stringMatching(/holds house\.db but no house: one was here/)]);
});

describe('npm run doctor', () => {
  const told = (data = pathTo('house'), copies = pathTo('copies')) =>
    Object.fromEntries(examine(data, { copies, now: T0 }).map(({ what, says, well }) => [what, [well, says]]));

  it('finds a house well, beside whoever runs it, and changes nothing', () => {
    fs.chmodSync(pathTo('house'), 0o700);
    const before = fs.readFileSync(houseFile(pathTo('house')));
    const lease = takeLease(pathTo('house'), 'a running house');
    fs.utimesSync(copy, T0 / 1000, T0 / 1000);
    const found = told();
    lease.release();
    expect(found).toMatchObject({
      'in use': [undefined, expect.stringMatching(/^by a running house \(process \d+/)],
      'room on the disk': [true, expect.any(String)],
      privacy: [true, 'read by this account alone'],
      file: [true, expect.any(String)],
      journal: [true, `${entries} entries, the last 2026-03-03 07:40`],
      views: [true, 'replayed from the journal, and equal'],
      'stock records': [true, 'balance'],
      people: [true, '3, 1 lead who can sign in, 2 without a PIN'],
      copies: [true, expect.stringMatching(/^1 in .*of today$/)],
    });
    expect(told()['in use']).toEqual([undefined, 'by nobody']);
    expect(fs.readFileSync(houseFile(pathTo('house')))).toEqual(before);
  });

  it('tells each thing that is wrong, whatever else is', () => {
    const client = new Database(houseFile(pathTo('house')));
    client.exec(
      'update p_balance set n = n + 1 where inside = 1; delete from credential; update entry set recorded_at_ms = 9e12 where seq = 1',
    );
    client.close();
    fs.chmodSync(houseFile(pathTo('house')), 0o644);
    fs.rmSync(`${copy}.sha256`);
    const found = examine(pathTo('house'), { copies: pathTo('copies'), now: T0 });
    expect(found.flatMap(({ what, well }) => (well === false ? [what] : []))).toEqual([
      'privacy',
      'journal',
      'views',
      'stock records',
      'people',
      'copies',
    ]);
    expect(sayFindings(found)).toMatchObject({ well: false, page: expect.stringMatching(/6 things to check\.$/) });
  });

  it('of a damaged file, of remains and of nothing', () => {
    fs.truncateSync(houseFile(pathTo('house')), 40_000);
    expect(told().file![0]).toBe(false);
    fs.writeFileSync(houseFile(pathTo('house')), '');
    expect(told().directory).toEqual([false, expect.stringContaining('but no house')]);
    expect(told(pathTo('nowhere')).directory).toEqual([false, expect.stringContaining('no house in it')]);
  });
});
