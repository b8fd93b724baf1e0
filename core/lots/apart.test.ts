import { DAY_MS } from '../time/index.ts';
import { calledApart, type Standing } from './index.ts';

const zone = 'Europe/Lisbon';
const at = (day: number) => Date.UTC(2026, 2, 1) + day * DAY_MS;
const names = (...lots: Omit<Standing, 'lot'>[]) => [
  ...calledApart(
    lots.map((lot, index) => ({ lot: `l${index}`, ...lot })),
    zone,
  ).values(),
];

it('leaves one that stands alone its name', () => {
  expect(names({ label: 'comet', sinceMs: at(0) }, { label: 'firefish', sinceMs: at(0) })).toEqual(['comet', 'firefish']);
});

it('tells two of a kind by supplier and day, and by number where both are the same', () => {
  expect(
    names(
      { label: 'comet', supplier: 'Yard', sinceMs: at(0) },
      { label: 'comet', supplier: 'Farm', sinceMs: at(2) },
      { label: 'firefish' },
    ),
  ).toEqual(['comet, Yard, Sun 1 Mar', 'comet, Farm, Tue 3 Mar', 'firefish']);
  expect(names({ label: 'comet' }, { label: 'comet' })).toEqual(['comet no. 1', 'comet no. 2']);
});

it('never calls two lots of one place the same', () => {
  for (let seed = 1; seed < 400; seed += 1) {
    const lots = Array.from({ length: 1 + (seed % 7) }, (_, index) => ({
      label: ['comet', 'firefish'][(seed >> index) % 2]!,
      ...((seed * (index + 3)) % 3 ? { supplier: ['Yard', 'Farm'][(seed + index) % 2]! } : {}),
      ...((seed + index) % 4 ? { sinceMs: at((seed * index) % 3) } : {}),
    }));
    const called = names(...lots);
    expect(new Set(called).size).toBe(lots.length);
  }
});
