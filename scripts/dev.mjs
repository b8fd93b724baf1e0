// `npm run dev`: the demo house with the server restarting and the pages reloading as files change.
import { spawn } from 'node:child_process';
import { run, setup } from './setup.mjs';

setup();
if (run('node', ['--import', 'tsx', 'demo/seed.ts']) !== 0) process.exit(1);
const parts = [
  spawn('node', ['node_modules/tsx/dist/cli.mjs', 'watch', 'server/main.ts', '--data', 'data/demo'], { stdio: 'inherit' }),
  spawn('node', ['node_modules/vite/bin/vite.js'], { stdio: 'inherit' }),
];
const stop = () => parts.forEach((part) => part.kill('SIGTERM'));
parts.forEach((part) => part.on('exit', stop));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);
const parent = process.ppid;
setInterval(() => process.ppid !== parent && stop(), 500).unref();
