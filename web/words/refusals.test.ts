import fs from 'node:fs';
import path from 'node:path';
import type { RefusalCode } from '#core/journal/index.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { sayOverruled, sayRefusal } from './refusals.ts';

const voice = { units: METRIC_UNITS, when: () => '08:00' } as unknown as Parameters<typeof sayRefusal>[1];

it('a step that was measured is not said to be unmeasured, and one that was not is', () => {
  const say = (open: boolean) => sayRefusal({ code: 'release.salinity', facts: { step: 5.1, tolerance: 2, open, tank: 'G3' } }, voice);
  expect(say(false)).toBe(
    'Into G3 the salinity goes up by 5.1 ppt; they tolerate 2 ppt at once. Bring it nearer first; if the tank was matched, write its reading.',
  );
  expect(say(true)).toMatch(/at worst, for nobody has measured it/);
});

const sources = (folder: string): string[] =>
  fs.readdirSync(folder, { withFileTypes: true }).flatMap((found) => {
    const file = path.join(folder, found.name);
    if (found.isDirectory()) return sources(file);
    return file.endsWith('.ts') && !file.includes('.test.') ? [fs.readFileSync(file, 'utf8')] : [];
  });
/** A refusal written with the rank that may pass over it. */
const PASSABLE = /refuse\(\s*'([a-z]+\.[A-Za-z]+)'(?:(?!refuse\()[^;]){0,400}?'(?:keeper|lead)',?\s*\)/g;

it('what may be passed over has short words for the logbook, never its code', () => {
  const codes = [...new Set(sources('core').flatMap((text) => [...text.matchAll(PASSABLE)].map(([, code]) => code as RefusalCode)))];
  expect(codes.length).toBeGreaterThan(20);
  const built: RefusalCode[] = [
    'release.salinity',
    'release.temperature',
    'release.settledPH',
    'treatment.notKnown',
    'treatment.invertebrates',
  ];
  expect([...codes, ...built].filter((code) => sayOverruled(code) === code)).toEqual([]);
});
