// Starts the house: opens its data directory, serves it, and closes cleanly. `--help` is the README.
import fs from 'node:fs';
import path from 'node:path';
import { parseLocal } from '#core/time/index.ts';
import { makeApp } from './app.ts';
import { makeClock, type HouseClock } from './clock/clock.ts';
import { findMeta, setMeta, type House } from './db/open.ts';
import { startHouse } from './house.ts';
import { houseFile } from './journal/replay.ts';
import { readOptions, type Options } from './options.ts';

const KEEP_CLOCK_EVERY_MS = 30_000;

/** Only a demo house has a clock of its own: it begins where it was told to or where it last stopped. */
function clockOf({ client }: House, { clock, freeze }: Options): HouseClock {
  if (findMeta(client, 'demo') === undefined) {
    if (clock || freeze) throw new Error('--clock and --freeze are for a demo house only');
    return makeClock();
  }
  const zone = (client.prepare('select zone from p_house').pluck().get() as string | undefined) ?? 'UTC';
  const startAtMs = clock ? parseLocal(clock, zone) : Number(findMeta(client, 'houseNow') ?? Date.now());
  const latest = client.prepare('select coalesce(max(recorded_at_ms), 0) from entry').pluck().get() as number;
  if (startAtMs < latest) throw new Error(`--clock ${clock}: this demo has entries later than that; start it anew with --fresh`);
  return makeClock({ startAtMs, freeze });
}

function main(): void {
  const options = readOptions(process.argv.slice(2), { data: 'data/house' });
  fs.mkdirSync(options.data, { recursive: true });
  const file = houseFile(options.data);
  const house = startHouse({ file, makeClock: (opened) => clockOf(opened, options), log: console.log });
  const dist = path.join(import.meta.dirname, '..', 'dist');
  const app = makeApp({ house, dist: fs.existsSync(path.join(dist, 'index.html')) ? dist : undefined, hostNames: options.hostNames });
  const { demo, name } = house.settings();
  const keepClock = () => demo && setMeta(house.client, 'houseNow', String(house.clock.now()));
  const keeper = setInterval(keepClock, KEEP_CLOCK_EVERY_MS);

  const server = app.express.listen(options.port, options.host, (error) => {
    if (error) {
      console.error(`cannot listen on ${options.host}:${options.port}: ${error.message}`);
      process.exit(1);
    }
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : options.port;
    console.log(`${name}: http://${options.host === '0.0.0.0' ? '127.0.0.1' : options.host}:${port}`);
    console.log(`data directory: ${options.data}`);
  });
  const stop = () => {
    clearInterval(keeper);
    app.close();
    server.close(() => {
      keepClock();
      house.close();
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
