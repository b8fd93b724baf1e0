// `npm run bench [name]`: the measurements behind docs/performance.md, one after another.
import path from 'node:path';
import { build } from './build.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();
if (build() !== 0) process.exit(1);
const asked = process.argv.slice(2);
for (const name of asked.length > 0 ? asked : ['append', 'room', 'load', 'compare']) {
  console.log(`\n== ${name}`);
  if (run('node', ['--import', 'tsx', `bench/${name}.ts`]) !== 0) process.exit(1);
}
