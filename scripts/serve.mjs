// Keeps a house served: what ends it is said, and it is started again, a few times and no more. One that never came up is not tried again.
import { spawn } from 'node:child_process';
import { SERVER } from './build.mjs';

const MOST_RESTARTS = 5;
const WITHIN_MS = 10 * 60_000;
/** What ends sooner than this did not come up: another start would say the same. */
const CAME_UP_MS = 10_000;

/** Serves with these arguments until it is stopped; then this process ends with the same code. */
export function serve(args) {
  let server;
  let stopped = false;
  let restarts = [];
  const start = () => {
    const began = Date.now();
    server = spawn('node', [SERVER, ...args], {
      stdio: 'inherit',
      env: { ...process.env, NODE_ENV: 'production' },
    });
    server.on('exit', (code, signal) => {
      if (stopped || code === 0) process.exit(code ?? 0);
      const now = Date.now();
      restarts = restarts.filter((atMs) => now - atMs < WITHIN_MS);
      if (now - began < CAME_UP_MS || restarts.length >= MOST_RESTARTS) {
        if (restarts.length > 0) console.error(`the house ended ${restarts.length + 1} times in a short while: it is not started again`);
        process.exit(code ?? 1);
      }
      restarts.push(now);
      console.error(`the house ended (${signal ?? `code ${code}`}): it is started again, ${restarts.length} of ${MOST_RESTARTS}`);
      start();
    });
  };
  const stop = (signal) => {
    stopped = true;
    server.kill(signal);
  };
  start();
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => stop(signal));
  // npm does not hand signals on: when it is gone, so is the house.
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && !stopped && stop('SIGTERM'), 500).unref();
}
