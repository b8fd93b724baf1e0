// `npm run check`: what a change in one area must pass before it is committed, in half a minute: types, borders, format and lint of the files that changed,
// and the tests of their areas in every layer, with those that quarantine for all kinds. `npm test` is everything.
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { borders } from './borders.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();

const git = (...args) => spawnSync('git', args, { encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const changed = [...new Set([...git('diff', '--name-only', 'HEAD'), ...git('ls-files', '-o', '--exclude-standard')])].filter((file) =>
  fs.existsSync(file),
);
const code = changed.filter((file) => /\.(tsx?|mjs|cjs|js)$/.test(file));
const LAYERS = 'core|contract|server|web|demo';
const areas = new Set(changed.flatMap((file) => new RegExp(`^(?:${LAYERS})/([a-z]+)/`, 'i').exec(file)?.[1] ?? []));
/** Kinds, words, roles, schemas, documents: what forgetting a part of a kind fails. */
const OF_ALL_KINDS = ['contract/', 'server/journal/roles', 'core/examples', 'core/catalogue'];
const touchesKinds = changed.some((file) => /^contract\/|^server\/(views|now)\/|kinds\.ts$|project\.ts$/.test(file));
const patterns = [...[...areas].map((area) => `(${LAYERS})/${area}/`), ...OF_ALL_KINDS, ...(touchesKinds ? ['demo/story'] : [])];

const node = (...args) => run('node', args);
const steps = [
  ['types', () => node('node_modules/typescript/bin/tsc', '-b')],
  ['borders', borders],
  ['format', () => (changed.length > 0 ? node('node_modules/prettier/bin/prettier.cjs', '--check', '--ignore-unknown', ...changed) : 0)],
  [
    'lint',
    () =>
      code.length > 0
        ? node(
            'node_modules/eslint/bin/eslint.js',
            '--cache',
            '--cache-location',
            'node_modules/.cache/eslint/',
            '--max-warnings',
            '0',
            '--no-warn-ignored',
            ...code,
          )
        : 0,
  ],
  [
    'tests',
    () =>
      node(
        '--disable-warning=ExperimentalWarning',
        '--experimental-vm-modules',
        'node_modules/jest/bin/jest.js',
        '--maxWorkers=100%',
        '--silent',
        ...patterns,
      ),
  ],
];
for (const [name, step] of steps) {
  const began = performance.now();
  const status = await step();
  console.log(`== ${name}: ${status === 0 ? 'passed' : 'FAILED'} in ${((performance.now() - began) / 1000).toFixed(1)} s`);
  if (status !== 0) process.exit(status);
}
