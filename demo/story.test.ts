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
  expect(house.view('running').runs.map(({ tankCode }) => tankCode)).toEqual(['G1', 'G2']);
  expect(house.view('room').racks.flatMap(({ tanks }) => tanks)).toHaveLength(68);
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
