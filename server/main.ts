// Starts the house: opens its data directory, serves it, and closes cleanly. `--help` is the README.
import fs from 'node:fs';
import path from 'node:path';
import { makeApp } from './app.ts';
import { clockOf } from './clock/startClock.ts';
import { setMeta } from './db/open.ts';
import { startHouse } from './house.ts';
import { houseFile } from './journal/replay.ts';
import { readOptions } from './options.ts';

const KEEP_CLOCK_EVERY_MS = 30_000;

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
