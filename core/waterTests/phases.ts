// What is to be tested of a system and when: by the phase that it is in, its filter first, and by what a keeper planned for it.
import { DAY_MS } from '../time/index.ts';
import { TESTED, type OwnTest, type Tested } from './entries.ts';
import { RULE_TESTS, type RuleTest, type TestPhase, type WaterTestRules } from './settings.ts';

export type FilterTest = { atMs: number; within: boolean };
export type FilterFacts = {
  now: number;
  /** The end of the last treatment: what was said or read of the filter before it tells nothing of what it left alive. */
  treatedMs?: number;
  /** What a keeper said last. */
  judged?: { is: 'ripe' | 'not ripe'; atMs: number };
  /** Measured, in any order. */
  ammonia: readonly FilterTest[];
  nitrite: readonly FilterTest[];
};
/** `by` = a keeper's word, or two good tests of each. */
export type FilterState = { is: 'ripe'; by: 'word' | 'tests' } | { is: 'not ripe'; by: 'word' | 'tests' } | { is: 'not known' };

/** Tests tell of so long, and two of them are so far apart: one good day proves nothing. Judgements. */
export const FILTER_TELLS_MS = 30 * DAY_MS;
const APART_MS = 3 * DAY_MS;

/**
 * A filter that turned ammonia into nitrite and nitrite into nitrate on two days with fish in the water is ripe; one whose last test of either is over its limit is
 * not, whatever was said of it before. Nobody said, nothing proven: not known, which is tested as if it were not ripe.
 */
export function filterState({ now, treatedMs = -Infinity, judged: said, ammonia, nitrite }: FilterFacts): FilterState {
  const judged = said && said.atMs > treatedMs ? said : undefined;
  const told = (tests: readonly FilterTest[], sinceMs: number) =>
    tests.filter(({ atMs }) => atMs <= now && atMs > now - FILTER_TELLS_MS && atMs >= sinceMs).toSorted((a, b) => a.atMs - b.atMs);
  const since = Math.max(judged?.atMs ?? -Infinity, treatedMs);
  const [readA, readN] = [told(ammonia, since), told(nitrite, since)];
  if (readA.at(-1)?.within === false || readN.at(-1)?.within === false) return { is: 'not ripe', by: 'tests' };
  if (judged?.is === 'ripe') return { is: 'ripe', by: 'word' };
  const isProven = (tests: readonly FilterTest[]) => {
    const lastBad = tests.findLast(({ within }) => !within)?.atMs ?? -Infinity;
    const good = tests.filter(({ atMs }) => atMs > lastBad);
    return good.length >= 2 && good.at(-1)!.atMs - good[0]!.atMs >= APART_MS;
  };
  if (isProven(readA) && isProven(readN)) return { is: 'ripe', by: 'tests' };
  return judged ? { is: 'not ripe', by: 'word' } : { is: 'not known' };
}

export function phasesOf({ filter, inQuarantine, treated }: { filter: FilterState; inQuarantine: boolean; treated: boolean }): TestPhase[] {
  const phases: TestPhase[] = [
    ...(filter.is === 'ripe' ? [] : (['unripe'] as const)),
    ...(inQuarantine ? (['quarantine'] as const) : []),
    ...(treated ? (['treated'] as const) : []),
  ];
  return phases.length > 0 ? phases : ['settled'];
}

type Planned = { phases: readonly TestPhase[]; copper: boolean; salty: boolean; own?: readonly OwnTest[] };

/** Days from test to test, of what is asked here; the shortest of its phases, unless a keeper planned it otherwise for this system. */
export function everyDaysOf({ phases, copper, salty, own = [] }: Planned, rules: WaterTestRules): Partial<Record<Tested, number>> {
  const asked: Partial<Record<Tested, number>> = {};
  for (const quantity of TESTED) {
    const planned = own.find((test) => test.quantity === quantity);
    const days = planned ? planned.everyDays : byRule(quantity, { phases, copper, salty }, rules);
    if (days > 0) asked[quantity] = days;
  }
  return asked;
}

function byRule(quantity: Tested, { phases, copper, salty }: Omit<Planned, 'own'>, rules: WaterTestRules): number {
  if (quantity === 'copper') return copper ? rules.copperEveryDays : 0;
  if (!RULE_TESTS.includes(quantity as RuleTest) || (quantity === 'salinity' && !salty)) return 0;
  const days = phases.map((phase) => rules.every[phase][quantity as RuleTest]).filter((each) => each > 0);
  return days.length > 0 ? Math.min(...days) : 0;
}
