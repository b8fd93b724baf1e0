// The kitchen sheet and the round of a 400-tank house whose foods are on its list, half of it on medicated food: over HTTP, in turns with the same house before its foods.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { Views } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { USUAL_FOODS } from '#core/feeding/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeLarge, PIN, serve, TANKS } from './large.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const READS = 80;
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
for (const food of USUAL_FOODS) await write({ kind: 'food.added', payload: { food: v7(), ...food } });
const label = { amount: 2, unit: 'mg', per: 'g of food', timesADay: 1, days: 3, breakDays: 7, first: true } as const;
await write({ kind: 'mix.added', payload: { mix: 'worm', name: 'antiworm food', family: 'antiworm', ...label } });
const { tanks } = JSON.parse((await full.call('GET', '/api/views/rounds')).body) as Views['rounds'];
for (const { lots } of tanks.slice(0, TANKS / 2))
  await write(
    ...lots.map(({ lot }) => ({
      kind: 'course.begun' as const,
      payload: { course: v7(), lot, mix: 'worm', why: 'measured' },
      overrules: [{ code: 'course.noSign' as const, reason: 'measured' }],
    })),
  );

const { meals } = JSON.parse((await full.call('GET', '/api/views/kitchen')).body) as Views['kitchen'];
const views: [string, typeof full][] = [
  ['/api/views/kitchen', full],
  [`/api/views/kitchen?at=${meals.at(-1)}`, full],
  ['/api/views/rounds', full],
  ['/api/views/rounds', plain],
  ['/api/views/today', full],
  ['/api/views/today', plain],
  ['/api/views/running', full],
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
    `${view}${server === plain ? ', no foods' : ''} (${(sizes[index]! / 1000).toFixed(0)} kB): median ${ms(quantile(took[index]!, 0.5))}, p95 ${ms(quantile(took[index]!, 0.95))}`,
  );
for (const made of [folder, bare]) fs.rmSync(made, { recursive: true, force: true });
