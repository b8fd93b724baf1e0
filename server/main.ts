// Starts the house: takes its data directory for itself, opens it, serves it, and closes cleanly. `--help` is the README.
import type { Express } from 'express';
import type { X509Certificate } from 'node:crypto';
import fs from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import type { Server } from 'node:net';
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
import { readCertificate } from './tls/files.ts';
import { makeTrustPage } from './tls/trust.ts';

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
    const app = makeApp({ house, data: options.data, log, dist: pages(), hostNames: options.hostNames, firstCode });
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

const addressOf = (how: string, { host }: Options, port: number) => `${how}://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`;

function portOf(server: Server): number {
  const address = server.address();
  return typeof address === 'object' && address ? address.port : 0;
}

/** A house works without it: a port that is taken is said, and no more. */
function listenForTrust(authority: X509Certificate, options: Options, httpsPort: () => number): Server {
  const page = http.createServer(makeTrustPage({ authority, hostNames: options.hostNames, httpsPort }));
  page.headersTimeout = page.requestTimeout = 10_000;
  page.once('error', (error) => console.error(`no page for trusting it: ${error.message}`));
  return page.listen(options.trustPort ?? (options.port === 0 ? 0 : options.port + 1), options.host, () =>
    console.log(
      `for devices that do not trust it yet: ${addressOf('http', options, portOf(page))} (fingerprint ${authority.fingerprint256})`,
    ),
  );
}

function main(): void {
  // What a house keeps is for the account that runs it.
  process.umask(0o077);
  const options = readOptions(process.argv.slice(2), { data: 'data/house' });
  const secured = options.tls && readCertificate(options.tls.cert, options.tls.key, Date.now());
  options.hostNames.push(...(secured?.names ?? []));
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

  const handle: http.RequestListener = (request, response) => void app(request, response);
  const server = secured ? https.createServer({ cert: secured.cert, key: secured.key }, handle) : http.createServer(handle);
  // A slow or silent client holds nothing for long; the live stream is an answer, which may last.
  server.headersTimeout = 10_000;
  server.requestTimeout = 30_000;
  server.once('error', (error) => {
    console.error(`cannot listen on ${options.host}:${options.port}: ${error.message}`);
    process.exit(1);
  });
  const trust = secured?.authority && listenForTrust(secured.authority, options, () => portOf(server));
  server.listen(options.port, options.host, () => {
    console.log(`${open?.house.settings().name ?? 'No house yet'}: ${addressOf(secured ? 'https' : 'http', options, portOf(server))}`);
    console.log(
      `data directory: ${options.data}${nothing ? ' (nothing is in it, and nothing is written before a house is begun; or is its volume not mounted?)' : ''}`,
    );
    if (nothing || open?.house.store.latestSeq() === 0) console.log(`code for a first lead on another machine: ${firstCode.text}`);
  });
  const stop = () => {
    clearInterval(keeper);
    trust?.close();
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
