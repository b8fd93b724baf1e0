// Whether fish are ready for medicine, or for quarantine as it is meant: a list that ticks itself from the records. What nobody has seen is not ticked.
import { DAY_MS, HOUR_MS } from '../time/index.ts';

export const CRITERIA = ['eats', 'filled out', 'settled', 'strong'] as const;
export type Criterion = (typeof CRITERIA)[number];
export type Condition = { is: Criterion; ok: boolean }[];

/**
 * Instants of the last time; left out = never on record. `ateMs` = seen to eat; `checkedMs` = a health check where they live;
 * `weakMs` = a sign of weakness, or landed other than fit.
 */
export type ConditionFacts = { ateMs?: number; checkedMs?: number; thinMs?: number; movedMs?: number; weakMs?: number };

/** How long ago a sign of weakness, or the last meal, still speaks of now. */
export const FRAIL_MS = 48 * HOUR_MS;
const THIN_MS = 7 * DAY_MS;
const isWithin = (ms: number | undefined, span: number, atMs: number): boolean => ms !== undefined && atMs - ms <= span && ms <= atMs;

export function conditionOf({ ateMs, checkedMs, thinMs, movedMs, weakMs }: ConditionFacts, atMs: number): Condition {
  // Without a sign is what somebody looked at, not what nobody did.
  const checked = isWithin(checkedMs, FRAIL_MS, atMs);
  return [
    { is: 'eats', ok: isWithin(ateMs, FRAIL_MS, atMs) },
    { is: 'filled out', ok: checked && !isWithin(thinMs, THIN_MS, atMs) },
    { is: 'settled', ok: !isWithin(movedMs, FRAIL_MS, atMs) },
    { is: 'strong', ok: checked && !isWithin(weakMs, FRAIL_MS, atMs) },
  ];
}
export const isReady = (condition: Condition): boolean => condition.every(({ ok }) => ok);
