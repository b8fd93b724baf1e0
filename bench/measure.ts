// What the benches share: medians, an HTTP client that keeps its connections, a house made large, a table of results.
import http from 'node:http';
import { v7 } from 'uuid';
import { kinds } from '#contract/kinds.ts';
import type { Entry, Kind, Payloads } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import type { RunningHouse } from '#server/house/house.ts';
import { makeProject } from '#server/journal/project.ts';

export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
}
export const ms = (value: number) => `${value.toFixed(2)} ms`;

/** One keep-alive connection that answers with the body and how long it took. */
export function makeConnection(port: number) {
  const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
  let cookie = '';
  const call = (method: string, path: string, body?: unknown) =>
    new Promise<{ status: number; body: string; tookMs: number }>((resolve, reject) => {
      const text = body === undefined ? undefined : JSON.stringify(body);
      const began = performance.now();
      const request = http.request(
        {
          agent,
          port,
          host: '127.0.0.1',
          method,
          path,
          headers: { cookie, ...(text ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) } : {}) },
        },
        (response) => {
          const chunks: Buffer[] = [];
          response.on('data', (chunk: Buffer) => chunks.push(chunk));
          response.on('end', () => {
            const set = response.headers['set-cookie']?.find((header) => header.startsWith('crate='));
            if (set) cookie = set.split(';')[0]!;
            resolve({ status: response.statusCode!, body: Buffer.concat(chunks).toString(), tookMs: performance.now() - began });
          });
        },
      );
      request.on('error', reject);
      request.end(text);
    });
  return { call, close: () => agent.destroy() };
}

/** Writes history straight into journal and projections, without asking the rules: only for making a house large. */
export function makeFiller(house: RunningHouse) {
  const project = makeProject(house.client, house.db);
  let atMs = house.clock.now() - 400 * DAY_MS;
  return {
    /** One entry, `stepMs` after the last. */
    add<K extends Kind>(kind: K, payload: Payloads[K], stepMs = 1000): void {
      atMs += stepMs;
      const entry = { id: v7(), kind, version: kinds[kind].version, occurredAtMs: atMs, payload } as unknown as Entry;
      const record = { actId: v7(), recordedAtMs: atMs, actor: 'ines' };
      project({ ...entry, ...record, seq: house.store.insert(entry, record) }, house.store.ofAct);
    },
    atMs: () => atMs,
    setTime: (to: number) => void (atMs = to),
  };
}
