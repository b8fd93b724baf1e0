import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { houseFile } from '../directory/directory.ts';
import { journalLines } from '../export/journalLines.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  quarantine,
  KEEPER,
  land,
  check,
  makeTestHouse,
  release,
  stock,
  LEAD,
  T0,
  undo,
  type TestHouse,
} from '../testHouse.ts';
import { backUp, importJournal, restore } from './keep.ts';

let folder: string;
let house: TestHouse;
beforeEach(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'keep-'));
  fs.mkdirSync(path.join(folder, 'house'));
  house = furnish(makeTestHouse(houseFile(path.join(folder, 'house'))));
  bringCrate(house);
  house.must(KEEPER, land(1), land(2, { alive: 1, dead: 1 }), assign(1), float(1));
  house.must(KEEPER, quarantine(), release(1));
  house.must(LEAD, stock('old', 'G1'));
  const act = house.must(KEEPER, check('G1'));
  house.must(KEEPER, undo(act));
});
afterEach(() => {
  house.close();
  fs.rmSync(folder, { recursive: true });
});
const pathTo = (...parts: string[]) => path.join(folder, ...parts);
const lines = (lived: TestHouse = house) => [...journalLines(lived.client, T0)];
const writeJournal = (text: string) => {
  fs.writeFileSync(pathTo('journal.jsonl'), text);
  return pathTo('journal.jsonl');
};
const reopen = (name: string) => makeTestHouse(houseFile(pathTo(name)));

it('copies a running house, and the copy put back is the same house', async () => {
  const { file, entries } = await backUp(pathTo('house'), pathTo('copies'), new Date(T0));
  expect(path.basename(file)).toBe('house-2026-03-03T07-40-00-000Z.db');
  expect(fs.readdirSync(pathTo('copies'))).toEqual([path.basename(file), `${path.basename(file)}.sha256`]);
  expect((await restore(file, pathTo('again'))).entries).toBe(entries);
  const again = reopen('again');
  expect(lines(again)).toEqual(lines());
  expect(again.view('room').racks).toEqual(house.view('room').racks);
  again.close();
});

it('takes a journal into an empty directory: the same entries, the same views', async () => {
  const { entries } = await importJournal(writeJournal(lines().join('\n')), pathTo('new'));
  expect(entries).toBe(lines().length - 1);
  const again = reopen('new');
  expect(lines(again)).toEqual(lines());
  expect(again.view('rounds').tanks).toEqual(house.view('rounds').tanks);
  // And it goes on from there.
  expect(again.codes(KEEPER, assign(2))).toEqual([]);
  again.close();
});

it.each([
  ['nothing', () => '', 'empty'],
  ['no journal', () => '{"a":1}\n', 'line 1: expected {"format"'],
  ['a newer format', () => '{"format":"daily-crate journal","version":9,"entries":0}\n', 'written by a newer version of this program'],
  ['no JSON', (all: string[]) => [...all.slice(0, 3), 'oops'].join('\n'), 'line 4: expected one JSON object'],
  ['a file that breaks off', (all: string[]) => all.slice(0, -2).join('\n'), 'breaks off'],
  [
    'an unknown kind',
    (all: string[]) => all.join('\n').replace('rack.added', 'rack.burnt'),
    'a kind that this program knows, not rack.burnt',
  ],
  ['a payload that is none', (all: string[]) => all.join('\n').replace('"volumeL":60', '"volumeL":-60'), 'a payload of tank.added'],
  ['lines out of order', (all: string[]) => [all[0], all[2], all[1], ...all.slice(3)].join('\n'), 'a seq above'],
  [
    'books that do not hold',
    (all: string[]) => all.join('\n').replace('"alive":4,"dead":0,"quality"', '"alive":1,"dead":0,"quality"'),
    'do not balance',
  ],
])('refuses %s by name, and leaves nothing behind', async (_name, make, message) => {
  await expect(importJournal(writeJournal(make(lines())), pathTo('new'))).rejects.toThrow(message);
  expect(fs.readdirSync(pathTo('new'))).toEqual(['house.lock']);
});

it('never writes over a house, and knows a copy that is none', async () => {
  const { file } = await backUp(pathTo('house'), pathTo('copies'), new Date(T0));
  expect(() => restore(file, pathTo('house'))).toThrow(/holds a house already/);
  expect(() => importJournal(writeJournal(lines().join('\n')), pathTo('house'))).toThrow(/holds a house already/);
  expect(() => restore(pathTo('nowhere.db'), pathTo('x'))).toThrow(/is not there/);
  fs.writeFileSync(pathTo('text.db'), 'no database');
  await expect(restore(pathTo('text.db'), pathTo('y'))).rejects.toHaveProperty(
    'message',
    expect.stringContaining('file is not a database'),
  );
  expect(fs.readdirSync(pathTo('y'))).toEqual(['house.lock']);
  await expect(backUp(pathTo('nothing'), pathTo('copies'), new Date(T0))).rejects.toThrow(/no house/);
});
