// The server killed in the middle of appends: every answered entry is there after the restart, and the records balance.
import { spawn, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { commandOf } from '../scripts/command.mjs';
import { makeCredentials } from './door/credentials.ts';
import { makeHealth } from './health.ts';
import { checkReplay, houseFile } from './journal/replay.ts';
import { bringCrate, furnish, LEAD, makeTestHouse } from './testHouse.ts';

const ANSWERS_BEFORE_KILL = 40;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-killed-'));
let server: ChildProcess | undefined;
afterAll(() => {
  server?.kill('SIGKILL');
  fs.rmSync(folder, { recursive: true, force: true });
});

function start(): Promise<string> {
  server = spawn('node', [...commandOf('main'), '--data', folder, '--port', '0'], { stdio: ['ignore', 'pipe', 'inherit'] });
  return new Promise((resolve, reject) => {
    server!.stdout!.on('data', (chunk: Buffer) => {
      const address = /http:\/\/127\.0\.0\.1:\d+/.exec(chunk.toString())?.[0];
      if (address) resolve(address);
    });
    server!.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
}

it('loses no answered entry', async () => {
  const before = furnish(makeTestHouse(houseFile(folder)));
  bringCrate(before);
  before.must(LEAD, {
    kind: 'lot.opened',
    payload: { lot: 'old', species: 'firefish', label: 'firefish', tank: 'G1', n: 5000, sizeCm: 6, origin: 'bred' },
  });
  await makeCredentials(before.db).set('ines', '4711');
  before.close();

  const address = await start();
  const signIn = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ person: 'ines', pin: '4711' }),
  });
  const cookie = signIn.headers
    .getSetCookie()
    .find((cookie) => cookie.startsWith('crate='))!
    .split(';')[0]!;
  const answered: string[] = [];
  const sell = async () => {
    const id = v7();
    const entry = {
      id,
      kind: 'stock.moved',
      version: 1,
      occurredAtMs: Date.now(),
      payload: { moves: [{ lot: 'old', from: 'G1', to: 'sold', n: 1 }] },
    };
    const response = await fetch(`${address}/api/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify({ actId: v7(), entries: [entry] }),
    });
    if (response.ok) answered.push(id);
    return response.status;
  };
  const gone = new Promise((resolve) => server!.once('exit', resolve));
  // Four senders at once, so that the kill meets an append under way.
  const senders = Array.from({ length: 4 }, async () => {
    for (;;) {
      const status = await sell().catch(() => 0);
      if (status !== 200) return status;
      if (answered.length >= ANSWERS_BEFORE_KILL) server!.kill('SIGKILL');
    }
  });
  expect(await Promise.all(senders)).toEqual([0, 0, 0, 0]);
  await gone;

  const after = makeTestHouse(houseFile(folder));
  expect(answered.length).toBeGreaterThanOrEqual(ANSWERS_BEFORE_KILL);
  expect(answered.filter((id) => !after.store.find(id))).toEqual([]);
  expect(makeHealth(after)()).toMatchObject({ ok: true, balance: 0 });
  expect(checkReplay(after).differences).toEqual([]);
  after.close();
});
