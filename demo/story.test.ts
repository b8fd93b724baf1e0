// The demo as it is seeded: told by the command and once more here from the same seed, on a day of a clock change; the browser tests tell it on another.
import { jest } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { findMeta } from '#server/db/meta.ts';
import { openHouse } from '#server/db/open.ts';
import { makeHealth } from '#server/health.ts';
import { checkReplay } from '#server/journal/replay.ts';
import { furnish, makeTestHouse } from '#server/testHouse.ts';
import { commandOf } from '../scripts/command.mjs';
import { tellStory } from './story.ts';
import { overlaidKinds, overlayLies, undoneKinds, watchOverlays } from './testOverlays.ts';
import { kindsLeft, missingInHistory, tellTheRest, untoldChanges, watchTopics } from './testTopics.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

/** 07:40 of summer time, on its first day. */
const OPENS = Date.UTC(2026, 2, 29, 6, 40);
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-demo-'));
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

const seed = (...args: string[]) => {
  const { status, stdout, stderr } = spawnSync('node', [...commandOf('seed'), ...args], { encoding: 'utf8' });
  return { status, said: stdout + stderr };
};
const rowsOf = ({ client }: Pick<ReturnType<typeof openHouse>, 'client'>) =>
  client.prepare('select id, act_id, kind, occurred_at_ms, payload from entry order by seq').all();

it('tells the house of the scenario, the same from the same seed, balanced and equal to its replay; found the next time', () => {
  const house = tellStory(path.join(fs.mkdtempSync(path.join(folder, 'told-')), 'told.db'), OPENS, (told) => {
    watchTopics(told);
    watchOverlays(told);
  });
  expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
  expect(checkReplay(house).differences).toEqual([]);
  const [open] = house.view('dock').crates;
  expect(open).toMatchObject({ supplier: 'Pelican Yard Imports', bags: { length: 19 } });
  expect(open!.bags.filter(({ landed }) => landed)).toHaveLength(10);
  expect(house.view('running').floats.map(({ tankCode }) => tankCode)).toEqual(['G1', 'G2']);
  const tanks = house.view('room').racks.flatMap((rack) => rack.tanks);
  expect(tanks.filter(({ vessel }) => vessel === 'tank')).toHaveLength(68);
  showsTheRoom(house);
  const told = rowsOf(house);
  expect(kindsLeft().length).toBeLessThan(35);
  tellTheRest();
  expect({ left: kindsLeft(), untold: untoldChanges(), missing: missingInHistory() }).toEqual({ left: [], untold: [], missing: [] });
  expect(overlayLies()).toEqual([]);
  expect(overlaidKinds().size).toBeGreaterThan(15);
  expect(undoneKinds().length).toBeGreaterThan(25);
  house.close();

  const data = path.join(folder, 'demo');
  expect(seed('--data', data, '--clock', '2026-03-29T07:40')).toMatchObject({
    status: 0,
    said: expect.stringMatching(/\d+ entries in/) as string,
  });
  const seeded = openHouse(path.join(data, 'house.db'));
  expect([findMeta(seeded.client, 'demo'), findMeta(seeded.client, 'houseNow')]).toEqual(['1', String(OPENS)]);
  expect(rowsOf(seeded)).toEqual(told);
  seeded.client.close();
  expect(seed('--data', data).said).toContain('demo house found');
});

it('leaves a house that is no demo alone, even with --fresh', () => {
  const data = path.join(folder, 'real');
  fs.mkdirSync(data);
  const house = furnish(makeTestHouse(path.join(data, 'house.db')));
  const seq = house.store.latestSeq();
  house.close();
  expect(seed('--data', data, '--fresh')).toMatchObject({ status: 1, said: expect.stringContaining('no demo') as string });
  const again = makeTestHouse(path.join(data, 'house.db'));
  expect(again.store.latestSeq()).toBe(seq);
  again.close();
});

it('says what is wrong with a clock', () => {
  expect(seed('--data', path.join(folder, 'x'), '--clock', 'tomorrow')).toMatchObject({
    status: 1,
    said: expect.stringContaining('not a time: tomorrow') as string,
  });
});

/** What the room has to show: clocks that restarted and why, hollow days, holds ended early, a net in the wrong tank, slips, a divider. */
function showsTheRoom(house: ReturnType<typeof tellStory>): void {
  const clocks = house.view('quarantine').quarantines.map(({ clock }) => clock);
  const causes = new Set(clocks.flatMap(({ restarts }) => restarts.map(({ cause }) => cause)));
  expect([...causes]).toEqual(expect.arrayContaining(['illness', 'newcomer']));
  expect(causes.size).toBeGreaterThan(2);
  expect(clocks.filter(({ days }) => days.includes('unseen')).length).toBeGreaterThan(3);
  const early = house.client
    .prepare("select count(*) from entry where kind = 'quarantine.signedOff' and overrules is not null")
    .pluck()
    .get();
  expect(early).toBeGreaterThan(2);
  expect(house.view('tank', { tank: 'B3' }).contacts).toMatchObject([{ name: 'Fern net', from: { code: 'F2' } }]);
  const { tasks, stayLimits } = house.view('moves');
  expect(tasks).toHaveLength(4);
  expect(stayLimits.map(({ tankCode }) => tankCode)).toEqual(['C4 side', 'B1']);
  expect(house.view('tank', { tank: 'Q1' }).system!.treatments).toMatchObject([{ family: 'copper' }]);
}
