// The house of the box: the real app over a real file, which is killed, updated, filled up and run with a clock that jumps.
import fs from 'node:fs';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { makeApp, type App } from '../app.ts';
import { makeClock } from '../clock/clock.ts';
import { setMeta } from '../db/meta.ts';
import { houseFile } from '../directory/directory.ts';
import { startHouse, type RunningHouse } from '../house/house.ts';
import { makeTestLog } from '../log/testLog.ts';

export type Boxed = ReturnType<typeof makeBoxed>;

export function makeBoxed(folder: string, startAtMs: number) {
  let data = path.join(folder, 'house-0');
  let lives = 0;
  let jumpedMs = 0;
  let passedMs = 0;
  let house: RunningHouse | undefined;
  let app: App | undefined;
  let server: http.Server | undefined;
  let port = 0;
  let told = makeTestLog();
  fs.mkdirSync(data, { recursive: true });

  const open = async () => {
    house = startHouse({ file: houseFile(data), makeClock: () => makeClock({ realNow: () => startAtMs + passedMs + jumpedMs }) });
    told = makeTestLog();
    app = makeApp({ house, log: told.log });
    server = http.createServer(app.express);
    await new Promise<void>((resolve) => server!.listen(0, '127.0.0.1', resolve));
    port = (server.address() as AddressInfo).port;
  };
  const stop = async () => {
    if (!server) return;
    app!.close();
    const closed = new Promise((resolve) => server!.close(resolve));
    server.closeAllConnections();
    await closed;
    house!.close();
    server = undefined;
    house = undefined;
  };
  return {
    open,
    stop,
    isUp: () => server !== undefined,
    port: () => port,
    house: () => house!,
    errors: () => told.errors(),
    /** What lies on the disk at this instant is all that is left; a copy of it is opened next. */
    async kill(): Promise<void> {
      if (!server) return;
      const next = path.join(folder, `house-${(lives += 1)}`);
      fs.mkdirSync(next);
      for (const name of ['house.db', 'house.db-wal']) {
        const from = path.join(data, name);
        if (fs.existsSync(from)) fs.copyFileSync(from, path.join(next, name));
      }
      await stop();
      fs.rmSync(data, { recursive: true, force: true });
      data = next;
    },
    /** Another version of the program: all that is derived is made anew. */
    async update(): Promise<void> {
      if (house) {
        house.client.pragma('query_only = off');
        house.client.pragma('max_page_count = 1073741823');
        setMeta(house.client, 'projectionVersion', 'another');
      }
      await stop();
      await open();
    },
    disk(is: 'well' | 'full' | 'broken'): void {
      if (!house) return;
      house.client.pragma(`query_only = ${is === 'broken' ? 'on' : 'off'}`);
      const pages = house.client.pragma('page_count', { simple: true }) as number;
      house.client.pragma(`max_page_count = ${is === 'full' ? pages : 1_073_741_823}`);
    },
    jump: (ms: number) => void (jumpedMs += ms),
    pass: (ms: number) => void (passedMs += ms),
    now: () => startAtMs + passedMs,
  };
}
