import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeClock } from '../clock/clock.ts';
import { houseFile } from '../directory/directory.ts';
import { makeHealth } from '../health.ts';
import { startHouse } from '../house/house.ts';
import { makeTestLog } from '../log/testLog.ts';
import { bringCrate, furnish, makeTestHouse } from '../testHouse.ts';
import { startWatch } from './watch.ts';

let folder: string;
beforeEach(() => void (folder = fs.mkdtempSync(path.join(os.tmpdir(), 'watch-'))));
afterEach(() => fs.rmSync(folder, { recursive: true }));

it('a house that cannot write is not well, says so once, and is well again by itself', () => {
  const house = furnish(makeTestHouse(houseFile(folder)));
  const { log, lines } = makeTestLog();
  const watch = startWatch(house, log);
  const health = makeHealth(house, watch.now);
  expect(health()).toMatchObject({ ok: true, canWrite: true, journal: house.store.latestSeq() });
  expect(health().roomMB).toBeGreaterThan(0);
  house.client.pragma('query_only = on');
  watch.inspect();
  watch.inspect();
  expect(health()).toMatchObject({ ok: false, canWrite: false });
  house.client.pragma('query_only = off');
  watch.inspect();
  expect(health()).toMatchObject({ ok: true, canWrite: true });
  expect(lines.map(({ msg }) => msg)).toEqual(['nothing can be written', 'it can be written again']);
  watch.inspectWhole();
  expect(health()).toMatchObject({ ok: true, wholeAtMs: expect.any(Number) as number });
  watch.stop();
  house.close();
});

it('a damaged file is not opened, and is named with what to do', () => {
  const file = houseFile(folder);
  const house = furnish(makeTestHouse(file));
  bringCrate(house);
  const pages = house.client.pragma('page_size', { simple: true }) as number;
  const root = house.client.prepare("select rootpage from sqlite_master where name = 'entry'").pluck().get() as number;
  house.client.pragma('journal_mode = delete');
  house.close();
  const bytes = fs.readFileSync(file);
  bytes.fill(0xff, (root - 1) * pages, (root - 1) * pages + 12);
  fs.writeFileSync(file, bytes);
  let message = '';
  try {
    startHouse({ file, makeClock: () => makeClock() }).close();
  } catch (error) {
    ({ message } = error as Error);
  }
  expect(message).toMatch(/is damaged .*npm run restore/);
});
