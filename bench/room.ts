// The room and tank-choice view of a 400-tank house over HTTP, with 60,000 entries behind it and with 600,000.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { MINUTE_MS } from '#core/time/index.ts';
import { makeLarge, PIN, serve, TANKS } from './large.ts';
import { makeConnection, ms, quantile } from './measure.ts';

const SIZES = [MINUTE_MS, 600_000];
const READS = 400;

async function connect(folder: string) {
  const server = await serve(folder);
  const connection = makeConnection(server.port);
  await connection.call('POST', '/api/sign-in', { person: 'ines', pin: PIN });
  return { ...connection, stop: () => (connection.close(), server.stop()) };
}

const folders: string[] = [];
for (const entries of SIZES) {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
  folders.push(folder);
  const began = performance.now();
  await makeLarge(folder, entries);
  console.log(`made a house of ${TANKS} tanks and ${entries} entries in ${((performance.now() - began) / 1000).toFixed(0)} s`);
}
const servers = await Promise.all(folders.map(connect));
const views = [
  '/api/views/room',
  '/api/views/room?bag=b',
  '/api/views/rounds',
  '/api/views/stream',
  '/api/views/dock',
  '/api/views/today',
  '/api/views/species',
  '/api/views/house',
  '/api/health',
];
for (const view of views) {
  const took: number[][] = servers.map(() => []);
  let size = 0;
  // The two houses take turns, so that the machine's moods fall on both.
  for (let read = 0; read < READS; read += 1) {
    for (const [index, server] of servers.entries()) {
      const { status, body, tookMs } = await server.call('GET', view);
      if (status !== 200) throw new Error(`${status} ${body.slice(0, 200)}`);
      size = body.length;
      if (read >= 20) took[index]!.push(tookMs);
    }
  }
  const [small, large] = took as [number[], number[]];
  const says = (values: number[]) => `median ${ms(quantile(values, 0.5))}, p95 ${ms(quantile(values, 0.95))}`;
  console.log(
    `${view} (${(size / 1000).toFixed(0)} kB): 60,000: ${says(small)}; 600,000: ${says(large)}; ratio ${(quantile(large, 0.5) / quantile(small, 0.5)).toFixed(2)}`,
  );
}
servers.forEach(({ stop }) => stop());
folders.forEach((folder) => fs.rmSync(folder, { recursive: true, force: true }));
