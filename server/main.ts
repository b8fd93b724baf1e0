// Starts the house: takes its data directory for itself, opens it, serves it, and closes cleanly. `--help` is the README.
import type { Express } from 'express';
import fs from 'node:fs';
import http from 'node:http';
import path from 'node:path';
import { makeApp, type App } from './app.ts';
import { makeBeginning } from './beginning.ts';
import { clockOf } from './clock/startClock.ts';
import { setMeta } from './db/meta.ts';
import { houseFile, inspect, mustNotBeRemains } from './directory/directory.ts';
import { takeLease, type Lease } from './directory/lease.ts';
import { makeFirstCode, type FirstCode } from './door/firstCode.ts';
import { startHouse, type RunningHouse } from './house/house.ts';
import { makeLog, type Log } from './log/log.ts';
import { readOptions, type Options } from './options.ts';

const KEEP_CLOCK_EVERY_MS = 30_000;

type Open = { house: RunningHouse; app: App; lease: Lease; keepClock: () => void };

/** Throws in words when it may not be opened; then nothing is held. */
function openIn(options: Options, firstCode: FirstCode, log: Log): Open {
  mustNotBeRemains(options.data);
  const lease = takeLease(options.data, 'a running house');
  try {
    const house = startHouse({
      file: houseFile(options.data),
      makeClock: (opened) => clockOf(opened, options),
      log: (line) => log.info(line),
    });
    const app = makeApp({ house, log, dist: pages(), hostNames: options.hostNames, firstCode });
    const { demo } = house.settings();
    return { house, app, lease, keepClock: () => void (demo && keepClockOf(house)) };
  } catch (error) {
    lease.release();
    throw error;
  }
}

function keepClockOf(house: RunningHouse): void {
  try {
    setMeta(house.client, 'houseNow', String(house.clock.now()));
  } catch (error) {
    // A full disk ends no house: the clock is kept the next time.
    console.error(`the clock of the demo could not be kept: ${(error as Error).message}`);
  }
}

function pages(): string | undefined {
  const dist = path.join(import.meta.dirname, '..', 'dist');
  return fs.existsSync(path.join(dist, 'index.html')) ? dist : undefined;
}

function main(): void {
  // What a house keeps is for the account that runs it.
  process.umask(0o077);
  const options = readOptions(process.argv.slice(2), { data: 'data/house' });
  const firstCode = makeFirstCode();
  const log = makeLog();
  let open: Open | undefined;
  let app: Express;
  const begin = (): Express => {
    open ??= openIn(options, firstCode, log);
    app = open.app.express;
    return app;
  };
  const nothing = inspect(options.data).is === 'empty';
  if (nothing) app = makeBeginning({ ...options, dist: pages(), code: firstCode, begin });
  else begin();
  const keeper = setInterval(() => open?.keepClock(), KEEP_CLOCK_EVERY_MS);

  const server = http.createServer((request, response) => void app(request, response));
  // A slow or silent client holds nothing for long; the live stream is an answer, which may last.
  server.headersTimeout = 10_000;
  server.requestTimeout = 30_000;
  server.once('error', (error) => {
    console.error(`cannot listen on ${options.host}:${options.port}: ${error.message}`);
    process.exit(1);
  });
  server.listen(options.port, options.host, () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : options.port;
    console.log(
      `${open?.house.settings().name ?? 'No house yet'}: http://${options.host === '0.0.0.0' ? '127.0.0.1' : options.host}:${port}`,
    );
    console.log(
      `data directory: ${options.data}${nothing ? ' (nothing is in it, and nothing is written before a house is begun; or is its volume not mounted?)' : ''}`,
    );
    if (nothing || open?.house.store.latestSeq() === 0) console.log(`code for a first lead on another machine: ${firstCode.text}`);
  });
  const stop = () => {
    clearInterval(keeper);
    open?.app.close();
    server.close(() => {
      open?.keepClock();
      open?.house.close();
      open?.lease.release();
      process.exit(0);
    });
    server.closeAllConnections();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

try {
  main();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
