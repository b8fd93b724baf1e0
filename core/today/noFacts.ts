// A house in which nothing is due: what tests of due things begin from.
import type { DueFacts } from './facts.ts';

export const NO_FACTS: DueFacts = {
  arrivals: [],
  expected: [],
  floats: [],
  runs: [],
  dark: [],
  after: [],
  rounds: { day: 20515, left: { morning: 0, evening: 0 } },
  stayLimits: [],
  missing: [],
  calls: [],
  waiting: [],
  settled: new Map(),
};
