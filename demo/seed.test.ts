// The seeding command: tells once, keeps what is there, and never touches a house that is no demo.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { findMeta, openHouse } from '#server/db/open.ts';
import { furnish, makeTestHouse } from '#server/testHouse.ts';

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-seed-'));
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));
const seed = (...args: string[]) => {
  const { status, stdout, stderr } = spawnSync('node', ['--import', 'tsx', 'demo/seed.ts', ...args], { encoding: 'utf8' });
  return { status, said: stdout + stderr };
};

it('tells a demo, finds it the next time, and tells it anew when asked', () => {
  const data = path.join(folder, 'demo');
  expect(seed('--data', data, '--clock', '2026-03-03T07:40')).toMatchObject({
    status: 0,
    said: expect.stringMatching(/\d+ entries in/) as string,
  });
  const { client } = openHouse(path.join(data, 'house.db'));
  expect([findMeta(client, 'demo'), findMeta(client, 'houseNow')]).toEqual(['1', String(Date.UTC(2026, 2, 3, 7, 40))]);
  client.close();
  expect(seed('--data', data).said).toContain('demo house found');
  expect(seed('--data', data, '--fresh', '--clock', '2026-07-01T07:40').said).toMatch(/\d+ entries in/);
}, 60_000);

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
}, 60_000);

it('says what is wrong with a clock', () => {
  expect(seed('--data', path.join(folder, 'x'), '--clock', 'tomorrow')).toMatchObject({
    status: 1,
    said: expect.stringContaining('not a time: tomorrow') as string,
  });
}, 60_000);
