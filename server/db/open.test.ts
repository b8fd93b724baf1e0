import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeClock } from '../clock/clock.ts';
import { makeHealth } from '../health.ts';
import { startHouse } from '../house/house.ts';
import { checkReplay, remakeProjections } from '../journal/replay.ts';
import { assign, bringCrate, float, furnish, KEEPER, land, makeTestHouse, T0, undo } from '../testHouse.ts';
import { findMeta, setMeta } from './meta.ts';
import { openHouse } from './open.ts';
import { PROJECTION_VERSION } from './projectionVersion.ts';

let folder: string;
let file: string;
beforeEach(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-open-'));
  file = path.join(folder, 'house.db');
});
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }));

function liveInIt(): void {
  const house = furnish(makeTestHouse(file));
  bringCrate(house);
  house.must(KEEPER, undo(house.must(KEEPER, land(3))));
  house.must(KEEPER, land(1, { alive: 3, dead: 1 }), assign(1));
  house.must(KEEPER, float(1));
  house.close();
}
const copies = () => fs.readdirSync(folder).filter((name) => name.includes('.before-'));

it('writes every commit to the disk and keeps foreign keys on', () => {
  const { client } = openHouse(file);
  expect([
    client.pragma('journal_mode', { simple: true }),
    client.pragma('synchronous', { simple: true }),
    client.pragma('foreign_keys', { simple: true }),
  ]).toEqual(['wal', 2, 1]);
  client.close();
});

it('opens again as it was, with no copy and no remaking', () => {
  liveInIt();
  const said: string[] = [];
  const house = startHouse({ file, makeClock: () => makeClock({ startAtMs: T0, freeze: true }), log: (line) => said.push(line) });
  expect(house.view('stream')).toMatchObject({ bench: 3, inHouse: 3, lost7: 1 });
  expect([said, copies()]).toEqual([[], []]);
  house.close();
});

it('remakes every projection from the journal when they are of another version, after keeping a copy', () => {
  liveInIt();
  const before = openHouse(file);
  const rows = (client: typeof before.client) =>
    ['p_balance', 'p_leg', 'p_landing', 'p_float', 'p_reversal', 'p_need'].map((table) =>
      client.prepare(`select * from ${table} order by 1, 2`).all(),
    );
  const expected = rows(before.client);
  expect(expected.every((found) => found.length > 0)).toBe(true);
  before.client.exec('delete from p_landing; update p_balance set n = n + 5');
  setMeta(before.client, 'projectionVersion', 'of old');
  before.client.close();

  const quiet = console.log;
  console.log = () => undefined;
  const said: string[] = [];
  const house = startHouse({ file, makeClock: () => makeClock({ startAtMs: T0, freeze: true }), log: (line) => said.push(line) });
  console.log = quiet;
  expect(rows(house.client)).toEqual(expected);
  expect(said).toEqual([`remade views from ${house.store.latestSeq()} entries`]);
  expect(findMeta(house.client, 'projectionVersion')).toBe(PROJECTION_VERSION);
  expect(copies()).toHaveLength(1);
  expect(makeHealth(house)().ok).toBe(true);
  house.close();
});

it('the check finds a row that is missing, one too many, and one that is other', () => {
  liveInIt();
  const house = openHouse(file);
  expect(checkReplay(house).differences).toEqual([]);
  house.client.exec(
    "delete from p_landing; update p_float set minutes = minutes + 1; insert into p_absence (entry, at_ms, by, bag) values ('x', 1, 'x', 'x')",
  );
  expect(checkReplay(house).differences).toEqual([
    { table: 'p_absence', onlyInHouse: 1, onlyInReplay: 0 },
    { table: 'p_float', onlyInHouse: 1, onlyInReplay: 1 },
    { table: 'p_landing', onlyInHouse: 0, onlyInReplay: 2 },
  ]);
  remakeProjections(house);
  expect(checkReplay(house).differences).toEqual([]);
  house.client.close();
});

it('health is not well when the records do not balance, or a tank holds less than nothing', () => {
  liveInIt();
  const house = startHouse({ file, makeClock: () => makeClock({ startAtMs: T0 }) });
  const health = makeHealth(house);
  expect(health()).toMatchObject({ ok: true, balance: 0, inHouse: 3 });
  house.client.exec("insert into p_balance (lot, place, inside, n) values ('ghost', 'sold', 0, 2)");
  expect(health()).toMatchObject({ ok: false, balance: 2 });
  house.client.exec("insert into p_balance (lot, place, inside, n) values ('ghost', 'G1', 1, -2)");
  expect(health()).toMatchObject({ ok: false, balance: 0 });
  house.close();
});
