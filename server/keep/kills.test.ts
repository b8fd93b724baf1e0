// Every command, on a directory in every state, killed at any step: afterwards nothing of a house is lost, none is half there, and no door stands open.
import { jest } from '@jest/globals';
import Database from 'better-sqlite3';
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeChance } from '#core/chance/index.ts';
import { commandOf } from '../../scripts/command.mjs';
import { setMeta } from '../db/meta.ts';
import { houseFile, inspect } from '../directory/directory.ts';
import { makeCredentials } from '../door/credentials.ts';
import { journalLines } from '../export/journalLines.ts';
import { bringCrate, furnish, KEEPER, land, makeTestHouse, T0 } from '../testHouse.ts';
import { backUp } from './keep.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

/** Kills for each pair of command and state; `KILLS=all` kills at every step there is. */
const KILLS = process.env.KILLS ?? '1';
const SEED = Number(process.env.KILL_SEED ?? 5);

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'kills-'));
const pathTo = (...parts: string[]) => path.join(folder, ...parts);
let entries = 0;
let copy = '';
beforeAll(async () => {
  fs.mkdirSync(pathTo('house'));
  const house = furnish(makeTestHouse(houseFile(pathTo('house'))));
  bringCrate(house);
  house.must(KEEPER, land(1));
  await makeCredentials(house.db).set('ines', '4711');
  entries = house.store.latestSeq();
  fs.writeFileSync(pathTo('journal.jsonl'), [...journalLines(house.client, T0)].join('\n'));
  house.close();
  copy = (await backUp(pathTo('house'), pathTo('copies'), new Date(T0))).file;
});
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

type State = 'empty' | 'a house' | 'a house of another version' | 'an empty file' | 'a left-over wal';
const STATES: Record<State, (data: string) => void> = {
  empty: () => undefined,
  'a house': (data) => fs.copyFileSync(houseFile(pathTo('house')), houseFile(data)),
  'a house of another version': (data) => {
    fs.copyFileSync(houseFile(pathTo('house')), houseFile(data));
    const client = new Database(houseFile(data));
    setMeta(client, 'projectionVersion', '1');
    client.close();
  },
  'an empty file': (data) => fs.writeFileSync(houseFile(data), ''),
  'a left-over wal': (data) => fs.writeFileSync(`${houseFile(data)}-wal`, 'left over of another'),
};
const KEEP = commandOf('keep');
const REPLAY = commandOf('replay');
const COMMANDS: Record<string, (data: string) => string[]> = {
  backup: (data) => [...KEEP, 'backup', `${data}-copies`, '--data', data],
  restore: (data) => [...KEEP, 'restore', copy, '--data', data],
  import: (data) => [...KEEP, 'import', pathTo('journal.jsonl'), '--data', data],
  pin: (data) => [...KEEP, 'pin', 'Ines', '5151', '--data', data],
  doctor: (data) => [...KEEP, 'doctor', '--data', data],
  replay: (data) => [...REPLAY, '--data', data],
  remake: (data) => [...REPLAY, '--remake', '--data', data],
};
const PAIRS = Object.keys(COMMANDS).flatMap((command) => (Object.keys(STATES) as State[]).map((state) => [command, state] as const));

function run(args: readonly string[], env: Record<string, string>): Promise<{ code: number | null; said: string }> {
  const child = spawn('node', ['--import', './server/keep/testKill.mjs', ...args], { env: { ...process.env, ...env } });
  let said = '';
  child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  return new Promise((resolve) => child.once('exit', (code) => resolve({ code, said })));
}

/** What a directory holds afterwards: a whole house with so many entries, or none. */
function entriesIn(data: string): number | undefined {
  if (inspect(data).is !== 'house') return undefined;
  const client = new Database(houseFile(data));
  try {
    expect(client.pragma('integrity_check', { simple: true })).toBe('ok');
    return client.prepare('select count(*) from entry').pluck().get() as number;
  } finally {
    client.close();
  }
}

let no = 0;
let killed = 0;
async function tryOut(command: string, state: State, kill: number): Promise<{ steps?: number }> {
  const data = pathTo(`try-${(no += 1)}`);
  fs.mkdirSync(data);
  STATES[state](data);
  const wasThere = state.startsWith('a house');
  const counted = `${data}.steps`;
  const { code, said } = await run(COMMANDS[command]!(data), { KILL_AT: String(kill), COUNT_TO: counted });
  if (code === null) killed += 1;
  const where = `${command} on ${state}, killed at ${kill}: ${said}`;
  // A command that ends by itself says what was wrong in words.
  if (code !== null && code !== 0) expect(`${where} ${/\n\s+at .*:\d+:\d+/.test(said) ? 'A STACK' : 'words'}`).toMatch(/words$/);
  const left = entriesIn(data);
  if (wasThere) {
    expect([where, left]).toEqual([where, entries]);
  } else if (left !== undefined) {
    // Half a house is none: all of it, or it is not opened.
    expect([where, left]).toEqual([where, entries]);
    expect(['restore', 'import']).toContain(command);
  }
  // What was no empty directory is none now: nobody is asked to begin a house there.
  if (state !== 'empty') expect([where, inspect(data).is]).not.toEqual([where, 'empty']);
  // Once more, undisturbed: it does its work, or says why not.
  const again = await run(COMMANDS[command]!(data), {});
  expect(again.code).not.toBeNull();
  if (wasThere && ['backup', 'pin', 'remake'].includes(command)) expect([where, again.said, again.code]).toEqual([where, again.said, 0]);
  if (wasThere) expect(entriesIn(data)).toBe(entries);
  fs.rmSync(data, { recursive: true, force: true });
  return fs.existsSync(counted) ? { steps: Number(fs.readFileSync(counted, 'utf8')) } : {};
}

const chance = makeChance(SEED);
/** One in so many pairs, another part for each seed. */
const PART = KILLS === 'all' ? 1 : Number(process.env.KILL_PART ?? 7);
const chosen = PAIRS.filter((_pair, index) => (index + SEED) % PART === 0);

it('nothing is lost by a kill at any step of any command', async () => {
  const all = chosen.map(([command, state]) => async () => {
    const { steps = 0 } = await tryOut(command, state, 0);
    const kills =
      KILLS === 'all'
        ? Array.from({ length: steps }, (_, index) => index + 1)
        : Array.from({ length: Math.min(steps, Number(KILLS)) }, () => 1 + Math.floor(chance() * steps));
    for (const kill of kills) await tryOut(command, state, kill);
  });
  // Two at a time.
  const worker = async () => {
    for (let next = all.shift(); next; next = all.shift()) await next();
  };
  await Promise.all([worker(), worker()]);
  // Some steps are taken only now and then; most kills must have met one.
  expect(killed).toBeGreaterThan(chosen.length / 4);
  if (process.env.KILL_PART) console.log(JSON.stringify({ pairs: chosen.length, runs: no, killed }));
});
