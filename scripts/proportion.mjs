// `npm run proportion`: how much of the TypeScript is tests, by folder. The aim is a quarter to a third.
import { execFileSync } from 'node:child_process';
import fs from 'node:fs';

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx', '*.mjs'], { encoding: 'utf8' })
  .split('\n')
  .filter((file) => file && fs.existsSync(file));
const byFolder = new Map();
for (const file of files) {
  const folder = file.includes('/') ? file.split('/')[0] : '.';
  const isTest = /(\.(test|prop)|\/test(House|Screen))\.tsx?$/.test(file) || file.startsWith('e2e/');
  const sums = byFolder.get(folder) ?? { code: 0, tests: 0 };
  sums[isTest ? 'tests' : 'code'] += fs.readFileSync(file, 'utf8').split('\n').length - 1;
  byFolder.set(folder, sums);
}
const total = { code: 0, tests: 0 };
const show = (name, { code, tests }) =>
  console.log(
    `${name.padEnd(10)} ${String(code).padStart(6)} code ${String(tests).padStart(6)} tests ${String(Math.round((100 * tests) / (code + tests))).padStart(4)} %`,
  );
for (const [folder, sums] of [...byFolder].sort()) {
  show(folder, sums);
  total.code += sums.code;
  total.tests += sums.tests;
}
show('all', total);
