// Whatever may be written, somebody can write: a kind that no screen writes is a promise that nobody keeps.
import fs from 'node:fs';
import path from 'node:path';
import { kinds } from '#contract/kinds.ts';

/** Written by the house itself, or through a door of their own. */
const NOT_BY_HAND: Record<string, string> = {
  'entry.reversed': 'undo, which the action bar has for every act',
  'page.sent': 'the pager calls',
  'person.pinSet': 'written at the door with the PIN, which is in no journal',
};

const web = path.join(import.meta.dirname, '..');
const sources = fs
  .readdirSync(web, { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|^words|overlay|test[A-Z]/.test(name))
  .map((name) => fs.readFileSync(path.join(web, name), 'utf8'));

it.each(Object.keys(kinds).filter((kind) => !(kind in NOT_BY_HAND)))('%s is written by a screen', (kind) => {
  expect(sources.some((source) => source.includes(`'${kind}'`))).toBe(true);
});
it('what is said to be written by no hand is a kind', () => {
  expect(Object.keys(NOT_BY_HAND).filter((kind) => !(kind in kinds))).toEqual([]);
});
