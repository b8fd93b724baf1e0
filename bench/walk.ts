// The walk of a 400-tank house whose chores are planned, with 400 checks that saw something, and eight fish that heal: over HTTP, in turns with the same house before.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { Views } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const READS = 80;
const CHORES = 12;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, MINUTE_MS);
const bare = `${folder}-bare`;
fs.cpSync(folder, bare, { recursive: true });

async function connect(where: string) {
  const server = await serve(where);
  const connection = makeConnection(server.port);
  await connection.call('POST', '/api/sign-in', { person: 'ines', pin: PIN });
  return { ...connection, stop: () => (connection.close(), server.stop()) };
}
const [full, plain] = [await connect(folder), await connect(bare)];
/** A server that outlives an error would hold whoever waits for this one's words. */
process.on('exit', () => {
  full.stop();
  plain.stop();
});
const write = async (...said: Pick<Entry, 'kind' | 'payload' | 'overrules'>[]) => {
  const entries = said.map((entry) => ({ ...entry, id: v7(), version: versionOf(entry.kind), occurredAtMs: Date.now() }) as Entry);
  const act: Act = { actId: v7(), entries };
  const { status, body } = await full.call('POST', '/api/journal', act);
  if (status >= 300) throw new Error(`${status} ${body.slice(0, 300)}`);
};
const house = JSON.parse((await full.call('GET', '/api/views/house')).body) as Views['house'];
const racks = house.racks.map(({ id }) => id);
await write({ kind: 'supply.added', payload: { supply: 'felt', name: 'felt socks', unit: 'pieces', reused: true } });
for (let no = 0; no < CHORES; no += 1)
  await write({
    kind: 'chore.planned',
    payload: {
      chore: `chore-${no}`,
      name: `chore ${no}`,
      is: 'other',
      per: no % 2 === 0 ? 'tank' : 'system',
      racks,
      everyDays: 1 + no,
      takes: [{ item: 'felt', amount: 2 }],
    },
  });
// Most of it was done within its days: a seventh is due today.
const { chores, racks: due } = JSON.parse((await full.call('GET', '/api/views/chores')).body) as Views['chores'];
for (const { id } of chores)
  await write({
    kind: 'chore.done',
    payload: {
      chore: id,
      places: due.flatMap((rack) =>
        rack.chores.find(({ chore }) => chore === id)!.places.flatMap((place, no) => ((no + 1) % 7 === 0 ? [] : [place.id])),
      ),
    },
  });
const { tanks, day, round } = JSON.parse((await full.call('GET', '/api/views/rounds')).body) as Views['rounds'];
for (const { id: tank, lots } of tanks)
  await write({
    kind: 'tank.checked',
    payload: {
      tank,
      day,
      round,
      allWell: false,
      lots: lots.map(({ lot, n }) => ({
        lot,
        expected: n,
        seen: n,
        signs: [{ sign: 'hiding' as const, n: 1, strength: 'slight' as const }],
      })),
    },
  });
for (const { lots } of tanks.slice(0, 8))
  await write({ kind: 'healing.begun', payload: { healing: v7(), lot: lots[0]!.lot, what: 'scrape', by: 'mm', until: 2, everyDays: 7 } });

const views: [string, typeof full][] = [
  ['/api/views/chores', full],
  ['/api/views/rounds', full],
  ['/api/views/rounds', plain],
  ['/api/views/today', full],
  ['/api/views/today', plain],
];
const took = views.map((): number[] => []);
const sizes = views.map(() => 0);
for (let read = 0; read < READS; read += 1)
  for (const [index, [view, server]] of views.entries()) {
    const { status, body, tookMs } = await server.call('GET', view);
    if (status !== 200) throw new Error(`${status} ${body.slice(0, 200)}`);
    sizes[index] = body.length;
    if (read >= 10) took[index]!.push(tookMs);
  }
for (const [index, [view, server]] of views.entries())
  console.log(
    `${view}${server === plain ? ', before' : ''} (${(sizes[index]! / 1000).toFixed(0)} kB): median ${ms(quantile(took[index]!, 0.5))}, p95 ${ms(quantile(took[index]!, 0.95))}`,
  );
for (const made of [folder, bare]) fs.rmSync(made, { recursive: true, force: true });
process.exit(0);
