// `npm run demo`: installs, builds, seeds and serves the demo house. --port N, --clock 2026-03-03T07:40, --freeze, --fresh.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { build } from './build.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();
if (build() !== 0) process.exit(1);
const args = process.argv.slice(2);
const data = args.some((one) => one.startsWith('--data')) ? [] : ['--data', 'data/demo'];
if (run('node', ['--import', 'tsx', 'demo/seed.ts', ...args, ...data]) !== 0) process.exit(1);
const serveArgs = args.filter((one) => one !== '--fresh');
console.log('sign in: Ines Okafor 4711 (lead), Bram Tell 2020, Odalys Reyes 3131, Wim Sato 5252 (keepers), Pia Lund 1234 (trainee)');
const server = spawn('node', ['--import', 'tsx', 'server/main.ts', ...serveArgs, ...data], {
  stdio: 'inherit',
  env: { ...process.env, NODE_ENV: 'production' },
});
server.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
// npm does not hand signals on: when it is gone, so is the house.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && server.kill('SIGTERM'), 500).unref();
