import fs from 'node:fs';
import { journalDoc } from './describe.ts';
import { KINDS } from './kinds.ts';

it('docs/journal.md is what the contract says now (make it with npm run docs:journal)', () => {
  expect(fs.readFileSync('docs/journal.md', 'utf8')).toBe(journalDoc());
});

it('tells every kind with its fields', () => {
  const doc = journalDoc();
  for (const kind of KINDS) expect(doc).toContain(`## ${kind}\n`);
  expect(doc).toMatch(/`alive`: whole number, 0 to 100000/);
  expect(doc).not.toMatch(/undefined|\[object/);
});
