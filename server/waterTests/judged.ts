// What the house thinks of a value that was read of a system: with what was read beside it, by the limits that hold there.
import type Database from 'better-sqlite3';
import type { WaterType } from '#core/species/index.ts';
import { FUTURE_ALLOWED_MS } from '#core/catalogue/index.ts';
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import type { Quantity } from '#core/water/index.ts';
import {
  judgeReading,
  totalBehind,
  limitsOf,
  TOGETHER_MS,
  type Beside,
  type Limited,
  type OwnPlan,
  type Range,
  type SystemSet,
  type Verdict,
  type WaterTestRules,
} from '#core/waterTests/index.ts';
import { makeAsk, number, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

/** A match for a crate, and its way back, are over by then. */
export const MATCHED_FOR_MS = 14 * DAY_MS;
/** Of a treatment by it a system's salinity is another on purpose. */
const BY_SALINITY: readonly string[] = ['low salinity', 'salt'];
const BESIDE = ['pH', 'temperature', 'salinity'] as const;

export type KeptPlan = OwnPlan & { entry: string; by: string; atMs: number };
export type SystemRow = { id: string; type: WaterType; temperatureC: number; salinityPpt: number };
type Read = { system: string; quantity: Quantity; value: number; atMs: number };

export function prepareOwnPlans(client: Database.Database): (system: string) => KeptPlan | undefined {
  const latest = makeAsk(client).get(
    { ...pick(t.testPlan, 'entry', 'atMs', 'every', 'limits', 'note'), by: text },
    `select entry, ${personName('"by"')} by, at_ms atMs, every, limits, note from p_test_plan where system = ? and voided_by is null order by at_ms desc, entry desc limit 1`,
  );
  return (system) => {
    const row = latest(system);
    if (!row) return undefined;
    const { note, ...rest } = row;
    return { ...rest, ...(note === null ? {} : { note }) };
  };
}

/** How a system is set, and whether it is another on purpose. */
export function prepareSet(client: Database.Database): (system: SystemRow, now: number) => SystemSet {
  const ask = makeAsk(client);
  const families = ask.values(t.treatment.family, 'select family from now_treatment where system = ?');
  const isMatched = ask.is(
    'select 1 from p_match where system = @system and at_ms between @fromMs and @toMs and voided_by is null limit 1',
  );
  return ({ id, type, temperatureC, salinityPpt }, now) => {
    const running = families(id);
    const isTreated = running.some((family) => BY_SALINITY.includes(family));
    const apart = isTreated ? 'treatment' : isMatched({ system: id, fromMs: now - MATCHED_FOR_MS, toMs: now }) ? 'match' : undefined;
    return { type, temperatureC, salinityPpt, ...(apart ? { apart } : {}), ...(running.includes('copper') ? { copper: true } : {}) };
  };
}

/** What was read of the same water at the same time: the nearest of each. */
export function prepareBeside(client: Database.Database): (system: string, atMs: number) => Beside {
  const nearest = makeAsk(client).get(
    pick(t.reading, 'value'),
    `select value from p_reading where subject = @system and quantity = @quantity and source = 'measured' and voided_by is null
      and at_ms between @atMs - ${TOGETHER_MS} and @atMs + ${TOGETHER_MS} order by abs(at_ms - @atMs), entry desc limit 1`,
  );
  return (system, atMs) =>
    Object.fromEntries(
      BESIDE.flatMap((quantity) => {
        const row = nearest({ system, quantity, atMs });
        return row ? [[quantity, row.value]] : [];
      }),
    );
}

export type Judging = { set: SystemSet; limits: Partial<Record<Limited, Range>>; plan?: KeptPlan };

export function prepareJudging(client: Database.Database) {
  const planOf = prepareOwnPlans(client);
  const setOf = prepareSet(client);
  const besideOf = prepareBeside(client);
  const judgingOf = (system: SystemRow, rules: WaterTestRules, now: number): Judging => {
    const plan = planOf(system.id);
    const set = setOf(system, now);
    return { set, limits: limitsOf(set, rules.limits, plan?.limits), ...(plan ? { plan } : {}) };
  };
  /** Beside it only where it matters: of ammonia. */
  const judge = ({ system, quantity, value, atMs }: Read, { set, limits }: Judging): { verdict: Verdict; beside: Beside } => {
    const beside = quantity === 'ammonia' ? besideOf(system, atMs) : {};
    return { verdict: judgeReading({ quantity, value, beside }, set, limits), beside };
  };
  return { judgingOf, judge, planOf, besideOf };
}

export function prepareSystemRow(client: Database.Database): (system: string) => SystemRow | undefined {
  return makeAsk(client).get(
    pick(t.system, 'id', 'type', 'temperatureC', 'salinityPpt'),
    'select id, type, temperature_c temperatureC, salinity_ppt salinityPpt from p_system where id = ?',
  );
}

/** An ammonia older than this tells nothing of the water. */
const AMMONIA_TELLS_MS = 48 * HOUR_MS;

/** The last ammonia that tells of a system still, of whichever test. Its pH is the one of now, else the one that was read with it. */
export function prepareAmmonia(client: Database.Database) {
  const last = makeAsk(client).get(
    { ...pick(t.reading, 'value', 'quantity'), atMs: number },
    `select value, quantity, at_ms atMs from p_reading where subject = @system and quantity in ('ammonia', 'free ammonia') and source = 'measured' and voided_by is null
      and at_ms between @fromMs and @toMs order by at_ms desc, entry desc limit 1`,
  );
  const row = prepareSystemRow(client);
  const setOf = prepareSet(client);
  const besideOf = prepareBeside(client);
  return (system: string, atMs: number) => {
    const read = last({ system, fromMs: atMs - AMMONIA_TELLS_MS, toMs: atMs + FUTURE_ALLOWED_MS });
    const found = row(system);
    if (!read || !found) return undefined;
    const [then, now] = [besideOf(system, read.atMs), besideOf(system, atMs)];
    const set = setOf(found, atMs);
    const tan = read.quantity === 'ammonia' ? read.value : totalBehind(read.value, then, set);
    return { tan, beside: { ...then, ...now }, set };
  };
}
