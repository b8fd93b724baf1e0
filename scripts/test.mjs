// `npm test`: everything a landing must pass, in the order in which it fails fastest. Lint runs beside what needs one core only.
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { borders } from './borders.mjs';
import { build } from './build.mjs';
import { setupChromium } from './chromium.mjs';
import { run, setup } from './setup.mjs';

process.chdir(path.join(import.meta.dirname, '..'));
setup();
// All cores: jest would leave one to itself.
const jest = ['--disable-warning=ExperimentalWarning', '--experimental-vm-modules', 'node_modules/jest/bin/jest.js', '--maxWorkers=100%'];
const said = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'crate-lint-')), 'said.txt');
const beside = (...args) =>
  new Promise((resolve) => {
    const file = fs.openSync(said, 'a');
    spawn('node', args, { stdio: ['ignore', file, file] }).once('exit', (code) => resolve(code ?? 1));
  });
const lint = beside('node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0').then(
  (status) => status || beside('node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'),
);
const lintDone = async () => {
  const status = await lint;
  process.stdout.write(fs.readFileSync(said));
  return status;
};
const steps = [
  ['types', () => run('node', ['node_modules/typescript/bin/tsc', '-b'])],
  ['borders', borders],
  ['build', build],
  ['unit tests', () => run('node', jest)],
  ['lint and format, begun before the others', lintDone],
  ['browser tests', () => (setupChromium(), run('node', ['node_modules/@playwright/test/cli.js', 'test']))],
];
for (const [name, step] of steps) {
  const began = performance.now();
  console.log(`\n== ${name}`);
  const status = await step();
  console.log(`== ${name}: ${status === 0 ? 'passed' : 'FAILED'} in ${((performance.now() - began) / 1000).toFixed(0)} s`);
  if (status !== 0) process.exit(status);
}
console.log(`\n${steps.length} passed, 0 failed`);
