// Healing at its edges and against a strip of paper on which each measure is marked; readiness at its hours.
import { makeChance } from '../chance/index.ts';
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { conditionOf, isReady } from './condition.ts';
import { healingNow } from './heal.ts';

const T = Date.UTC(2026, 2, 3, 8);
const measured = (...values: number[]) => values.map((value, no) => ({ atMs: T + no * 7 * DAY_MS, value }));

it('a wound falls to what it may return at, a fin grows up to it', () => {
  const wound = { by: 'mm' as const, until: 2, everyDays: 7 };
  expect(healingNow(wound, T, [])).toEqual({ met: false, worse: false, nextMs: T });
  expect(healingNow(wound, T, measured(14, 9, 2.1))).toMatchObject({ met: false, worse: false, nextMs: T + 21 * DAY_MS });
  expect(healingNow(wound, T, measured(14, 9, 2)).met).toBe(true);
  expect(healingNow(wound, T, measured(9, 12))).toMatchObject({ worse: true, met: false });
  // As hands measure: a little more is not worse.
  expect(healingNow(wound, T, measured(10, 11)).worse).toBe(false);
  const tail = { by: 'percent' as const, until: 90, everyDays: 7 };
  expect(healingNow(tail, T, measured(20, 90)).met).toBe(true);
  expect(healingNow(tail, T, measured(60, 50)).worse).toBe(true);
});

it('agrees with marks on a strip of paper, walked from the first to the last', () => {
  const next = makeChance(31);
  for (let no = 0; no < 2000; no += 1) {
    const by = next() < 0.5 ? ('mm' as const) : ('percent' as const);
    const until = Math.round(next() * 100);
    const values = Array.from({ length: 1 + Math.floor(next() * 6) }, () => Math.round(next() * 100));
    let [met, worse] = [false, false];
    let mark: number | undefined;
    for (const value of values) {
      met = by === 'mm' ? !(value > until) : !(value < until);
      const lost = mark === undefined ? 0 : by === 'mm' ? value - mark : mark - value;
      worse = mark !== undefined && lost > 0 && lost * 10 > mark + 1e-6;
      mark = value;
    }
    expect(healingNow({ by, until, everyDays: 3 }, T, measured(...values))).toMatchObject({ met, worse, last: { value: values.at(-1) } });
  }
});

it('ready is what eats, is not thin, is settled and strong; what nobody saw is not ticked', () => {
  const ok = (facts: Parameters<typeof conditionOf>[0]) =>
    conditionOf(facts, T).flatMap((criterion) => (criterion.ok ? [] : [criterion.is]));
  const well = { ateMs: T - HOUR_MS, checkedMs: T - 9 * HOUR_MS, movedMs: T - 5 * DAY_MS };
  expect(ok(well)).toEqual([]);
  expect(isReady(conditionOf(well, T))).toBe(true);
  expect(ok({})).toEqual(['eats', 'filled out', 'strong']);
  // Nobody looked: no sign is not a good sign.
  expect(ok({ ...well, checkedMs: T - 49 * HOUR_MS })).toEqual(['filled out', 'strong']);
  expect(ok({ ...well, ateMs: T - 49 * HOUR_MS })).toEqual(['eats']);
  // A meal of tomorrow says nothing of today.
  expect(ok({ ...well, ateMs: T + HOUR_MS })).toEqual(['eats']);
  expect(ok({ ...well, thinMs: T - 6 * DAY_MS })).toEqual(['filled out']);
  expect(ok({ ...well, thinMs: T - 8 * DAY_MS })).toEqual([]);
  expect(ok({ ...well, movedMs: T - 47 * HOUR_MS })).toEqual(['settled']);
  expect(ok({ ...well, weakMs: T - 47 * HOUR_MS })).toEqual(['strong']);
});
