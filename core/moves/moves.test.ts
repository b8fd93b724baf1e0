import { HOUR_MS } from '../time/index.ts';
import { blocksOf, findRound, inDoingOrder, netFor, restUntil } from './index.ts';

const ZONE = 'Europe/Lisbon';
const NOON = Date.UTC(2026, 2, 3, 12);
const given = { now: NOON, zone: ZONE, triesBeforeRest: 3 };
const task = (id: string, ...after: string[]) => ({ task: id, after });

it('finds a round of slips that wait for each other, however long, and none where there is none', () => {
  expect(findRound([task('a', 'b'), task('b', 'c'), task('c')])).toBeUndefined();
  expect(findRound([task('a', 'b'), task('b', 'a')])).toEqual(['a', 'b', 'a']);
  expect(findRound([task('x'), task('a', 'b'), task('b', 'c'), task('c', 'a')])).toEqual(['a', 'b', 'c', 'a']);
  expect(findRound([task('a', 'a')])).toEqual(['a', 'a']);
  // Two that wait for the same one are no round.
  expect(findRound([task('a', 'c'), task('b', 'c', 'a'), task('c')])).toBeUndefined();
});

it('puts slips into an order in which they can be done', () => {
  expect(inDoingOrder([task('a', 'c'), task('b'), task('c', 'b')]).map((task) => task.task)).toEqual(['b', 'c', 'a']);
  // What is waited for elsewhere, in another plan, does not matter here.
  expect(inDoingOrder([task('a', 'elsewhere')]).map((task) => task.task)).toEqual(['a']);
});

it('says what stands before a slip, and nothing when hands may begin', () => {
  const waiting = { ...task('a', 'b', 'c'), waitsFor: { what: 'caves', untilMs: NOON + HOUR_MS }, tries: [], unblocked: undefined };
  expect(blocksOf(waiting, (id) => id === 'b', given)).toEqual([
    { why: 'after', task: 'b' },
    { why: 'waits', what: 'caves', untilMs: NOON + HOUR_MS },
  ]);
  expect(blocksOf({ ...waiting, unblocked: { by: 'ines', atMs: NOON } }, () => false, given)).toEqual([]);
});

it('leaves fish alone until the next house day after so many dips on one', () => {
  const tries = [NOON - 3 * HOUR_MS, NOON - 2 * HOUR_MS, NOON - HOUR_MS];
  expect(restUntil(tries.slice(1), given)).toBeUndefined();
  expect(restUntil(tries, given)).toBe(Date.UTC(2026, 2, 4));
  expect(restUntil(tries, { ...given, now: NOON + 24 * HOUR_MS })).toBeUndefined();
  expect(restUntil([NOON - 30 * HOUR_MS, ...tries.slice(1)], given)).toBeUndefined();
  // Those of yesterday are not counted among today's.
  const resting = { ...task('a'), tries: [NOON - 30 * HOUR_MS, NOON - 29 * HOUR_MS, ...tries] };
  expect(blocksOf(resting, () => false, given)).toEqual([{ why: 'resting', untilMs: Date.UTC(2026, 2, 4), tries: 3 }]);
});

it.each([
  [2, 10, 2],
  [5, 20, 4],
  [0.5, 10, 0.5],
  [12, 30, 4],
])('a net for fish of %p cm is %p cm wide with %p mm mesh', (sizeCm, widthCm, meshMm) => {
  expect(netFor({ sizeCm })).toEqual({ widthCm, meshMm, cup: false });
});

it('out of a round bucket it is a cup', () => {
  expect(netFor({ sizeCm: 5, round: true }).cup).toBe(true);
});
