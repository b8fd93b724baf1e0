// A 400-tank house and a copy of it as it was before: both served, the first written to, views of both read turn by turn.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { ViewName, Views } from '#contract/views.ts';
import type { Act, Entry } from '#core/catalogue/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeLarge, PIN, serve } from './large.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const READS = 80;
/** Of which the first only warm it up. */
const WARM = 10;

async function connect(where: string) {
  const server = await serve(where);
  const connection = makeConnection(server.port);
  await connection.call('POST', '/api/sign-in', { person: 'ines', pin: PIN });
  return { ...connection, stop: () => (connection.close(), server.stop()) };
}

/** `which` of the two a view is read of: the house that was written to, or the copy from before. */
export type Asked = { view: string; of: 'now' | 'before' };

export async function makePair() {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
  await makeLarge(folder, MINUTE_MS);
  const bare = `${folder}-bare`;
  fs.cpSync(folder, bare, { recursive: true });
  const houses = { now: await connect(folder), before: await connect(bare) };
  // A server that outlives an error would hold whoever waits for this one's words.
  process.on('exit', () => {
    houses.now.stop();
    houses.before.stop();
    for (const made of [folder, bare]) fs.rmSync(made, { recursive: true, force: true });
  });
  return {
    write: async (...said: Pick<Entry, 'kind' | 'payload' | 'overrules'>[]): Promise<void> => {
      const entries = said.map((entry) => ({ ...entry, id: v7(), version: versionOf(entry.kind), occurredAtMs: Date.now() }) as Entry);
      const act: Act = { actId: v7(), entries };
      const { status, body } = await houses.now.call('POST', '/api/journal', act);
      if (status >= 300) throw new Error(`${status} ${body.slice(0, 300)}`);
    },
    read: async <V extends ViewName>(view: V): Promise<Views[V]> =>
      JSON.parse((await houses.now.call('GET', `/api/views/${view}`)).body) as Views[V],
    /** Prints what each took, and ends the process. */
    measure: async (asked: readonly Asked[]): Promise<never> => {
      const took = asked.map((): number[] => []);
      const sizes = asked.map(() => 0);
      for (let read = 0; read < READS; read += 1)
        for (const [index, { view, of: which }] of asked.entries()) {
          const { status, body, tookMs } = await houses[which].call('GET', `/api/views/${view}`);
          if (status !== 200) throw new Error(`${status} ${body.slice(0, 200)}`);
          sizes[index] = body.length;
          if (read >= WARM) took[index]!.push(tookMs);
        }
      for (const [index, { view, of: which }] of asked.entries())
        console.log(
          `${view}, ${which} (${(sizes[index]! / 1000).toFixed(0)} kB): median ${ms(quantile(took[index]!, 0.5))}, p95 ${ms(quantile(took[index]!, 0.95))}`,
        );
      process.exit(0);
    },
  };
}
