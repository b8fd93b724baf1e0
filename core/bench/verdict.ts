// What is said of a bag: measure first, follow this, not decided, or none is within tolerance and what would help. Also which methods ask for a lead.
import { advise, type Advice } from './advice.ts';
import { rank, calculate, type BenchInput } from './compare.ts';
import { valueOf, withValue, type Bands, type Doubt } from './draws.ts';
import type { FactOf } from './facts.ts';
import { STARTING_CONTROLS, type Controls } from './input.ts';
import type { AcclimationMethod } from './methods.ts';
import type { SettleBy, Turn } from './settle.ts';

/** Something in hands' power that brings a method within tolerance. */
export type Help = { change: Partial<Controls>; method: AcclimationMethod };
export type Verdict =
  /** Nothing is advised before this is measured. */
  | { is: 'measure first'; of: readonly FactOf[] }
  | (Extract<Advice, { is: 'advised' }> & { share?: number })
  /** The first is best in fewer than half of the simulations; `measure` = what would settle it, the likeliest first. */
  | { is: 'not decided'; method: AcclimationMethod; measure: readonly SettleBy[] }
  | { is: 'none within'; helps: readonly Help[] };

/** Best in fewer than this share of the simulations is not decided. */
const DECIDED_FROM = 0.5;

export function verdictOf(bag: {
  advice: Advice;
  measureFirst: readonly FactOf[];
  bands?: Bands;
  turns?: readonly Turn[];
  helps?: readonly Help[];
}): Verdict {
  const { advice, measureFirst, bands, turns = [], helps = [] } = bag;
  if (measureFirst.length > 0) return { is: 'measure first', of: measureFirst };
  if (advice.is === 'none within') return { is: 'none within', helps };
  const own = bands?.best.find(({ method }) => method === advice.method);
  // Best, or about equal with the best, in so many: what is equally good leaves nothing to decide.
  const inGroup = bands?.best.reduce((sum, { method, share }) => (advice.group.includes(method) ? sum + share : sum), 0) ?? 1;
  if (own && own.equal < DECIDED_FROM && inGroup < DECIDED_FROM)
    return { is: 'not decided', method: advice.method, measure: [...new Set(turns.map((turn) => turn.of))] };
  return own ? { ...advice, share: own.share } : advice;
}

const COARSELY = { coarse: 3, tolerance: { relative: 1e-4, absolute: 1e-6 } };
const SALT = ['salinity step', 'salinity rate'];

/**
 * The worst that salinity can do in each method over all that the bag may hold: figure over tolerance, by method. Only what is to be measured first is moved.
 */
export function possibleOf(
  input: Required<BenchInput>,
  doubts: readonly Doubt[],
  measureFirst: readonly FactOf[],
): Map<AcclimationMethod, number> {
  const worst = new Map<AcclimationMethod, number>();
  const doubt = doubts.find(({ of }) => measureFirst.some((fact) => fact === of));
  if (!doubt) return worst;
  for (const value of [doubt.low, valueOf(input, doubt.of) ?? doubt.low, doubt.high]) {
    for (const { method, stresses } of calculate(withValue(input, doubt.of, value), COARSELY).results) {
      const salt = Math.max(...stresses.filter(({ name }) => SALT.includes(name)).map(({ stress }) => stress));
      // A tank is matched to what the bag holds: nobody can match it to what nobody knows.
      worst.set(method, method === 'match, float, net' ? Infinity : Math.max(worst.get(method) ?? 0, salt));
    }
  }
  return worst;
}

const CHANGES: readonly Partial<Controls>[] = [
  { ammoniaBinder: true },
  { air: 'gentle' },
  { air: 'gentle', ammoniaBinder: true },
  { bucketL: 20 },
  { dripMinutes: 120 },
  { bucketL: 20, dripMinutes: 120, ammoniaBinder: true, air: 'gentle' },
  { conversionHours: 24, ammoniaBinder: true },
  { conversionHours: 36, ammoniaBinder: true },
  { conversionHours: 48, ammoniaBinder: true },
];
const MOST_HELPS = 3;

/** What hands could change so that some method is within tolerance; empty when nothing of it would do. About nine comparisons. */
export function helpsOf(input: Required<BenchInput>): Help[] {
  const helps: Help[] = [];
  for (const change of CHANGES) {
    const controls = { ...STARTING_CONTROLS, ...input.controls };
    if (Object.entries(change).every(([key, value]) => controls[key as keyof Controls] === value)) continue;
    const advice = advise(rank(calculate({ ...input, controls: { ...controls, ...change } }, COARSELY).results));
    if (advice.is !== 'advised' || advice.method === 'straight') continue;
    // What takes less is said alone.
    const less = helps.some((help) => Object.entries(help.change).every(([key, value]) => change[key as keyof Controls] === value));
    if (!less) helps.push({ change, method: advice.method });
    if (helps.length === MOST_HELPS) break;
  }
  return helps;
}

/** Why a method is followed only with a lead's reason: it is over tolerance, or it may be for what nobody measured. */
export function needsLead(
  { method, limiting }: { method: AcclimationMethod; limiting: { stress: number } },
  { measureFirst, possible }: { measureFirst: readonly FactOf[]; possible: ReadonlyMap<AcclimationMethod, number> },
): 'over tolerance' | 'not measured' | undefined {
  if (measureFirst.length > 0 && (possible.get(method) ?? Infinity) > 1) return 'not measured';
  return limiting.stress > 1 ? 'over tolerance' : undefined;
}
