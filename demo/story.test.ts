import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeHealth } from '#server/health.ts';
import { checkReplay } from '#server/journal/replay.ts';
import { tellStory } from './story.ts';

const OPENS = Date.UTC(2026, 2, 3, 7, 40);
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-story-'));
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

it('tells the house of the scenario, balanced and equal to its replay', () => {
  const house = tellStory(path.join(folder, 'a.db'), OPENS);
  expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
  expect(checkReplay(house).differences).toEqual([]);
  const [open] = house.view('dock').crates;
  expect(open).toMatchObject({ supplier: 'Pelican Yard Imports', bags: { length: 19 } });
  expect(open!.bags.filter(({ landed }) => landed)).toHaveLength(10);
  expect(house.view('running').floats.map(({ tankCode }) => tankCode)).toEqual(['G1', 'G2']);
  const tanks = house.view('room').racks.flatMap((rack) => rack.tanks);
  expect(tanks.filter(({ vessel }) => vessel === 'tank')).toHaveLength(68);
  showsTheRoom(house);
  const rows = house.client.prepare('select id, act_id, kind, occurred_at_ms, payload from entry order by seq').all();
  house.close();
  // The same seed and clock tell the same journal.
  const again = tellStory(path.join(folder, 'b.db'), OPENS);
  expect(again.client.prepare('select id, act_id, kind, occurred_at_ms, payload from entry order by seq').all()).toEqual(rows);
  again.close();
});

it('tells it on a day of a clock change too', () => {
  const house = tellStory(path.join(folder, 'c.db'), Date.UTC(2026, 2, 29, 6, 40));
  expect(makeHealth(house)()).toMatchObject({ ok: true, balance: 0 });
  house.close();
});

/** What the room has to show: clocks that began anew and why, hollow days, holds ended early, a net in the wrong tank, slips, a divider. */
function showsTheRoom(house: ReturnType<typeof tellStory>): void {
  const clocks = house.view('holds').holds.map(({ clock }) => clock);
  const causes = new Set(clocks.flatMap(({ restarts }) => restarts.map(({ cause }) => cause)));
  expect([...causes]).toEqual(expect.arrayContaining(['illness', 'newcomer']));
  expect(causes.size).toBeGreaterThan(2);
  expect(clocks.filter(({ days }) => days.includes('unseen')).length).toBeGreaterThan(3);
  const early = house.client.prepare("select count(*) from entry where kind = 'hold.signedOff' and overrules is not null").pluck().get();
  expect(early).toBeGreaterThan(2);
  expect(house.view('tank', { tank: 'B3' }).meetings).toMatchObject([{ name: 'Fern net', from: { code: 'F2' } }]);
  const { slips, stays } = house.view('moves');
  expect(slips).toHaveLength(4);
  expect(stays.map(({ tankCode }) => tankCode)).toEqual(['C4 side', 'B1']);
  expect(house.view('tank', { tank: 'Q1' }).water!.courses).toMatchObject([{ family: 'copper' }]);
}
