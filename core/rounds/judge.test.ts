// What signs mean, at the edges of their hours; and fish that counts did not find, against a tally on paper.
import { makeChance } from '../chance/index.ts';
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { isUsual, judgeSign, lateGasping } from './judge.ts';
import { SIGN_CLASS, SIGNS, signsFor, type Sign } from './signs.ts';
import { unseenBy, type HeadCount } from './unseen.ts';

const T = Date.UTC(2026, 2, 3, 8);

it.each<[Sign, number | undefined, string]>([
  ['white spots', 1, 'alarm'],
  ['clamped fins', 47, 'expected'],
  ['clamped fins', 48, 'expected'],
  ['clamped fins', 49, 'lasts'],
  // No move makes fish gasp, a shrimp lie on its back: that is ammonia or oxygen, now.
  ['gasping', 3, 'now'],
  ['gasping', 200, 'now'],
  ['on its back', 1, 'now'],
  ['listing', 1, 'now'],
  ['fast breathing', 4, 'watch'],
  ['fast breathing', 5, 'now'],
  ['fast breathing', undefined, 'now'],
  ['not eating', 20, 'expected'],
  ['not eating', 60, 'watch'],
  ['scrape', 1, 'watch'],
  // Nobody knows when it came: nothing is put down to the move.
  ['pale', undefined, 'alarm'],
])('%s, %s h after the move: %s', (sign, hours, is) => {
  const movedMs = hours === undefined ? undefined : T - hours * HOUR_MS;
  expect(judgeSign(sign, { atMs: T, ...(movedMs === undefined ? {} : { movedMs }) }).is).toBe(is);
});

it('what a lot does by nature is usual for it, and only that', () => {
  const before = { days: 6, of: 12 };
  expect(judgeSign('hiding', { atMs: T, movedMs: T - 20 * DAY_MS, before })).toEqual({ is: 'usual', days: 6, of: 12 });
  expect(judgeSign('hiding', { atMs: T, movedMs: T - 20 * DAY_MS, before: { days: 4, of: 5 } }).is).toBe('lasts');
  expect(judgeSign('hiding', { atMs: T, movedMs: T - 20 * DAY_MS, before: { days: 5, of: 13 } }).is).toBe('lasts');
  // Fish that hid since they came never settled: that is no nature of theirs.
  expect(judgeSign('hiding', { atMs: T, movedMs: T - 13 * DAY_MS, before: { days: 10, of: 10 } }).is).toBe('lasts');
  expect(judgeSign('hiding', { atMs: T, before: { days: 10, of: 10 } }).is).toBe('alarm');
  // However often: breathing fast, clamped, ill is never how they are.
  for (const sign of SIGNS.filter((sign) => !['hiding', 'dark', 'pale'].includes(sign)))
    expect(isUsual(sign, { days: 20, of: 20 })).toBe(false);
  expect(judgeSign('white spots', { atMs: T, before: { days: 20, of: 20 } }).is).toBe('alarm');
});

it('fish that gasp one to two weeks after they came, without spots on any of late', () => {
  const came = (days: number, signs: Sign[] = ['gasping'], lately: Sign[] = []) =>
    lateGasping(signs, { atMs: T, cameMs: T - days * DAY_MS, lately });
  expect([5.9, 6, 9, 15, 15.1].map((days) => came(days))).toEqual([undefined, 6, 9, 15, undefined]);
  expect(came(9, ['gasping', 'white spots'])).toBeUndefined();
  expect(came(9, ['fast breathing'], ['velvet dust'])).toBeUndefined();
  expect(came(9, ['hiding'])).toBeUndefined();
  expect(lateGasping(['gasping'], { atMs: T, lately: [] })).toBeUndefined();
});

it('no fish disease is looked for in a shrimp or a snail, and a moult in no fish', () => {
  for (const is of ['shrimp', 'snail']) {
    expect(signsFor(is)).not.toContain('white spots');
    expect(signsFor(is)).not.toContain('velvet dust');
    expect(signsFor(is)).not.toContain('frayed fins');
    expect(signsFor(is)).toContain('not eating');
  }
  expect(signsFor('shrimp')).toContain('stuck in its moult');
  expect(signsFor('fish')).not.toContain('stuck in its moult');
  // Of one that nobody could name, everything.
  expect(signsFor(undefined)).toEqual(SIGNS);
  expect(signsFor('toString')).toEqual(SIGNS);
  expect(new Set(['fish', 'shrimp', 'snail'].flatMap((is) => signsFor(is)))).toEqual(new Set(Object.keys(SIGN_CLASS)));
});

const counted = (day: number, seen: number, round: 'morning' | 'evening' = 'morning', expected = 6): HeadCount => ({
  day,
  round,
  expected,
  seen,
});

it('fish are unseen by counts in a row, the latest first; one that finds all ends it', () => {
  expect(unseenBy([])).toBeUndefined();
  expect(unseenBy([counted(3, 6), counted(2, 4)])).toBeUndefined();
  expect(unseenBy([counted(3, 5), counted(2, 4), counted(1, 3)])).toEqual({ n: 1, rounds: 3 });
  expect(unseenBy([counted(3, 4), counted(2, 6), counted(1, 3)])).toEqual({ n: 2, rounds: 1 });
  // Counted again on the same round, the later count holds.
  expect(unseenBy([counted(3, 5), counted(3, 2), counted(2, 5)])).toEqual({ n: 1, rounds: 2 });
  expect(unseenBy([counted(3, 5, 'evening'), counted(3, 5)])).toEqual({ n: 1, rounds: 2 });
});

it('agrees with a tally that crosses fish off round by round', () => {
  const next = makeChance(21);
  for (let no = 0; no < 2000; no += 1) {
    const rounds = Array.from({ length: 1 + Math.floor(next() * 6) }, (_, day) => counted(day, 6 - Math.floor(next() * 4)));
    // On paper, from the first round on: how many in a row were short, and the fewest that were short on each of them.
    let inARow = 0;
    let fewest = 99;
    for (const { seen } of rounds) {
      if (seen === 6) [inARow, fewest] = [0, 99];
      else [inARow, fewest] = [inARow + 1, Math.min(fewest, 6 - seen)];
    }
    expect(unseenBy(rounds.toReversed())).toEqual(inARow === 0 ? undefined : { n: fewest, rounds: inARow });
  }
});
