// What HTTP, sign-in check, validation, rules and JSON add to the bare driver's transaction of the same rows.
// One act = a bag landed with its folded temperature, as the dock sends it. Bare and full take turns, eight acts at a time or one by one,
// so that both wait for a disk in the same mood: a write after a pause costs more than one in a row.
import Database from 'better-sqlite3';
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import type { Act } from '#core/catalogue/index.ts';
import { makeCredentials } from '#server/door/credentials.ts';
import { furnish, KEEPER, makeTestHouse } from '#server/testHouse.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const BLOCKS = 150;
const PER_BLOCK = 8;
const folder = fs.mkdtempSync(path.join(process.argv[2] ?? os.tmpdir(), 'crate-bench-'));

const file = path.join(folder, 'house.db');
const house = furnish(makeTestHouse(file));
const needed = 2 * BLOCKS * PER_BLOCK + 100;
const bags: string[] = [];
for (let crate = 0; bags.length < needed; crate += 1) {
  const bagIds = Array.from({ length: 400 }, (_, index) => `c${crate}-b${index}`);
  bags.push(...bagIds);
  house.must(KEEPER, {
    kind: 'crate.expected',
    payload: {
      crate: `c${crate}`,
      label: `crate ${crate}`,
      supplier: 'yard',
      packedAtMs: house.now() - 1e8,
      promisedAtMs: house.now() - 1e7,
      stated: {},
      lots: [{ lot: `c${crate}-l`, label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 5 }],
      bags: bagIds.map((bag) => ({ bag, label: bag, box: 1, lot: `c${crate}-l`, n: 4, waterL: 1 })),
    },
  });
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: `c${crate}`, carton: 'dry' } });
}
await makeCredentials(house.db).set('bram', '2020');
const schema = house.client
  .prepare("select sql from sqlite_master where sql is not null and name not like 'sqlite_%' and name not like '\\_\\_%' escape '\\'")
  .pluck()
  .all() as string[];
house.close();

const bare = new Database(path.join(folder, 'bare.db'));
bare.pragma('journal_mode = WAL');
bare.pragma('synchronous = FULL');
for (const sql of schema) bare.exec(sql);

/** The rows that one such act leaves, by the driver alone. */
const statements = {
  entry: bare.prepare(
    'insert into entry (id, act_id, kind, version, occurred_at_ms, recorded_at_ms, actor, payload) values (?, ?, ?, 1, ?, ?, ?, ?)',
  ),
  landing: bare.prepare(
    'insert into p_landing (entry, at_ms, by, bag, crate, lot, alive, dead, quality, condition, bag_condition) values (?, ?, ?, ?, ?, ?, 4, 0, ?, ?, ?)',
  ),
  leg: bare.prepare('insert into p_leg (entry, ord, lot, place, n, at_ms, by) values (?, ?, ?, ?, ?, ?, ?)'),
  balance: bare.prepare(
    'insert into p_balance (lot, place, inside, n) values (?, ?, ?, ?) on conflict (lot, place) do update set n = n + excluded.n',
  ),
  need: bare.prepare('insert into p_need (ref, entry, act_id) values (?, ?, ?)'),
  reading: bare.prepare(
    'insert into p_reading (entry, at_ms, by, subject_kind, subject, quantity, value, typed, method, source) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
  ),
};
const bareAct = bare.transaction((act: Act) => {
  const [landing, reading] = act.entries as [Act['entries'][0], Act['entries'][0]];
  const payload = landing.payload as { bag: string; crate: string; lot: string };
  for (const entry of act.entries)
    statements.entry.run(entry.id, act.actId, entry.kind, entry.occurredAtMs, entry.occurredAtMs, 'bram', JSON.stringify(entry.payload));
  statements.landing.run(landing.id, landing.occurredAtMs, 'bram', payload.bag, payload.crate, payload.lot, 'looked', 'fit', 'sound');
  for (const [ord, place] of ['supplier', payload.bag].entries()) {
    statements.leg.run(landing.id, ord, payload.lot, place, ord ? 4 : -4, landing.occurredAtMs, 'bram');
    statements.balance.run(payload.lot, place, ord, ord ? 4 : -4);
  }
  for (const ref of [`arrival of ${payload.crate}`, payload.bag, payload.lot]) statements.need.run(ref, landing.id, act.actId);
  statements.reading.run(reading.id, reading.occurredAtMs, 'bram', 'bag', payload.bag, 'temperature', 21.8, '21.8', 'folded', 'measured');
});

const actFor = (bag: string): Act => {
  const crate = bag.split('-')[0]!;
  const occurredAtMs = Date.now();
  return {
    actId: v7(),
    entries: [
      {
        id: v7(),
        kind: 'bag.landed',
        version: 1,
        occurredAtMs,
        payload: { bag, crate, lot: `${crate}-l`, alive: 4, dead: 0, quality: 'looked', condition: 'fit', bagCondition: 'sound' },
      },
      {
        id: v7(),
        kind: 'reading.taken',
        version: 1,
        occurredAtMs,
        payload: {
          subject: { kind: 'bag', id: bag },
          quantity: 'temperature',
          reading: { value: 21.8, typed: '21.8', method: 'folded', source: 'measured' },
        },
      },
    ],
  };
};

const server = spawn('node', ['dist-server/main.js', '--data', folder, '--port', '0'], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...process.env, NODE_ENV: 'production' },
});
const port = await new Promise<number>((resolve) =>
  server.stdout.on('data', (chunk: Buffer) => {
    const found = /127\.0\.0\.1:(\d+)/.exec(chunk.toString())?.[1];
    if (found) resolve(Number(found));
  }),
);
const connections = Array.from({ length: PER_BLOCK }, () => makeConnection(port));
for (const { call } of connections) await call('POST', '/api/sign-in', { person: 'bram', pin: '2020' });

async function landAll(acts: Act[], width: number): Promise<number[]> {
  const took: number[] = [];
  await Promise.all(
    connections.slice(0, width).map(async ({ call }) => {
      for (let act = acts.shift(); act; act = acts.shift()) {
        const { status, body, tookMs } = await call('POST', '/api/journal', act);
        if (status !== 200) throw new Error(`${status} ${body}`);
        took.push(tookMs);
      }
    }),
  );
  return took;
}

const timed = (work: () => void): number => {
  const began = performance.now();
  work();
  return performance.now() - began;
};
let serial = 0;
const bareOne = () => timed(() => bareAct(actFor(`x${(serial += 1)}`)));
const say = (name: string, values: readonly number[]) => `${name} ${ms(quantile(values, 0.5))} (p95 ${ms(quantile(values, 0.95))})`;
const added = (full: readonly number[], alone: readonly number[]) =>
  `   added: median ${ms(quantile(full, 0.5) - quantile(alone, 0.5))}, p95 ${ms(quantile(full, 0.95) - quantile(alone, 0.95))}`;

console.log('landing a bag with its temperature: the whole way against the bare driver writing the same rows');
await landAll(bags.splice(0, 100).map(actFor), 1);

const [full, alone]: [number[], number[]] = [[], []];
for (let turn = 0; turn < BLOCKS * PER_BLOCK; turn += 1) {
  full.push(...(await landAll([actFor(bags.shift()!)], 1)));
  alone.push(bareOne());
}
console.log(`1 connection: ${say('bare', alone)}; ${say('answer', full)}\n${added(full, alone)}`);

// Eight at once stand in line for one writer: their answers are compared with eight bare transactions in a row, act by act.
const [lineFull, lineBare]: [number[], number[]] = [[], []];
for (let turn = 0; turn < BLOCKS; turn += 1) {
  const acts = bags.splice(0, PER_BLOCK).map(actFor);
  const began = performance.now();
  await landAll(acts, PER_BLOCK);
  lineFull.push((performance.now() - began) / PER_BLOCK);
  lineBare.push(timed(() => Array.from({ length: PER_BLOCK }, bareOne)) / PER_BLOCK);
}
console.log(`8 connections, time an act: ${say('bare', lineBare)}; ${say('answer', lineFull)}\n${added(lineFull, lineBare)}`);
connections.forEach(({ close }) => close());
server.kill('SIGTERM');
bare.close();
fs.rmSync(folder, { recursive: true, force: true });
