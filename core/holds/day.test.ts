import { holdDay } from './index.ts';

const ZONE = 'Europe/Lisbon';
it.each([
  ['the day it was opened', Date.UTC(2026, 2, 1, 23, 50), { day: 0, over: false }],
  ['ten minutes past midnight', Date.UTC(2026, 2, 2, 0, 10), { day: 1, over: false }],
  ['the day before it is over', Date.UTC(2026, 2, 14, 23, 59), { day: 13, over: false }],
  ['its last midnight', Date.UTC(2026, 2, 15, 0, 0), { day: 14, over: true }],
])('counts house days: %s', (_what, now, said) => {
  expect(holdDay({ openedAtMs: Date.UTC(2026, 2, 1, 10, 0), days: 14 }, now, ZONE)).toEqual(said);
});

it('counts a day of a clock change as one', () => {
  // 29 March 2026 has 23 hours in Lisbon.
  const openedAtMs = Date.UTC(2026, 2, 28, 23, 30);
  expect(holdDay({ openedAtMs, days: 2 }, Date.UTC(2026, 2, 29, 22, 59), ZONE)).toEqual({ day: 1, over: false });
  expect(holdDay({ openedAtMs, days: 2 }, Date.UTC(2026, 2, 29, 23, 0), ZONE)).toEqual({ day: 2, over: true });
});
