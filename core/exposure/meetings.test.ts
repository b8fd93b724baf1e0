import { HOUR_MS } from '../time/index.ts';
import { meetingsByTool, wetFrom, type ToolUse } from './index.ts';

const use = (tank: string, hour: number, tool = 'net', ord = 0): ToolUse => ({
  entry: `${tool}-${hour}-${tank}`,
  tool,
  tank,
  atMs: hour * HOUR_MS,
  ord,
});
const pairs = (...args: Parameters<typeof meetingsByTool>) =>
  meetingsByTool(...args).map(({ from, to, atMs }) => `${from}>${to} ${atMs / HOUR_MS}`);

it('joins tanks that one tool was in, one way, as long as it is wet', () => {
  expect(pairs([use('A', 1), use('B', 2)], [], 24 * HOUR_MS)).toEqual(['A>B 2']);
  expect(pairs([use('A', 1), use('B', 26)], [], 24 * HOUR_MS)).toEqual([]);
  expect(pairs([use('A', 1), use('B', 2, 'other')], [], 24 * HOUR_MS)).toEqual([]);
});

it('carries from every tank since it was last clean, each once', () => {
  const uses = [use('A', 1), use('B', 2), use('A', 3), use('C', 4)];
  expect(pairs(uses, [], 24 * HOUR_MS)).toEqual(['A>B 2', 'B>A 3', 'A>C 4', 'B>C 4']);
  expect(pairs(uses, [{ tool: 'net', atMs: 2.5 * HOUR_MS }], 24 * HOUR_MS)).toEqual(['A>B 2', 'A>C 4']);
});

it('is clean from the instant at which it was disinfected, also when that was written in the same breath as its use', () => {
  expect(pairs([use('A', 1), use('B', 2)], [{ tool: 'net', atMs: 1 * HOUR_MS }], 24 * HOUR_MS)).toEqual([]);
  expect(pairs([use('A', 1), use('B', 2)], [{ tool: 'other', atMs: 1.5 * HOUR_MS }], 24 * HOUR_MS)).toEqual(['A>B 2']);
});

it('tells two tanks of one entry by their order, and the same whatever order the rows come in', () => {
  const both = [use('B3', 1, 'net', 1), use('F2', 1, 'net', 0)].map((toolUse) => ({ ...toolUse, entry: 'e' }));
  expect(pairs(both, [], HOUR_MS)).toEqual(['F2>B3 1']);
  expect(meetingsByTool([...both].reverse(), [], HOUR_MS)).toEqual(meetingsByTool(both, [], HOUR_MS));
});

it('says from where a tool is wet now, latest first', () => {
  const uses = [use('A', 1), use('B', 5), use('A', 3)];
  const given = { now: 6 * HOUR_MS, driesMs: 24 * HOUR_MS };
  expect(wetFrom(uses, [], given).map(({ tank }) => tank)).toEqual(['B', 'A']);
  expect(wetFrom(uses, [{ tool: 'net', atMs: 4 * HOUR_MS }], given).map(({ tank }) => tank)).toEqual(['B']);
  expect(wetFrom(uses, [], { ...given, now: 40 * HOUR_MS })).toEqual([]);
});
