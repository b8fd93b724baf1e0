// `npm run demo`: installs, builds, seeds and serves the demo house. --port N, --clock 2026-03-03T07:40, --freeze, --fresh.
import path from 'node:path';
import { build, SEED } from './build.mjs';
import { serve } from './serve.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();
if (build() !== 0) process.exit(1);
const args = process.argv.slice(2);
const data = args.some((arg) => arg.startsWith('--data')) ? [] : ['--data', 'data/demo'];
if (run('node', [SEED, ...args, ...data]) !== 0) process.exit(1);
const serveArgs = args.filter((arg) => arg !== '--fresh');
console.log('sign in: Ines Okafor 4711 (lead), Bram Tell 2020, Odalys Reyes 3131, Wim Sato 5252 (keepers), Pia Lund 1234 (trainee)');
serve([...serveArgs, ...data]);
