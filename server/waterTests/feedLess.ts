// Systems that are fed less for a value over its limit: since somebody said so, until it is read again and within it, or a week.
import type Database from 'better-sqlite3';
import { FUTURE_ALLOWED_MS } from '#core/catalogue/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import type { Quantity } from '#core/water/index.ts';
import { isOver, type WaterTestRules } from '#core/waterTests/index.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareJudging, prepareSystemRow } from './judged.ts';

/** Nobody feeds less for ever because nobody tested again. */
const FEED_LESS_MS = 7 * DAY_MS;

/** Which value asks for it, by system. */
export function prepareFeedLess(client: Database.Database): (given: { now: number; rules: WaterTestRules }) => Map<string, Quantity> {
  const ask = makeAsk(client);
  const said = ask.all(
    { system: t.reading.subject, ...pick(t.reading, 'quantity'), saidMs: number },
    `select r.subject system, r.quantity, max(a.at_ms) saidMs from p_answer a join p_reading r on r.entry = a.reading
    where a.at_ms > @sinceMs and a.at_ms <= @now and a.did like '%feed less%' and a.voided_by is null and r.voided_by is null group by r.subject, r.quantity`,
  );
  const latest = ask.get(
    pick(t.reading, 'value', 'atMs'),
    `select value, at_ms atMs from p_reading where subject = @system and quantity = @quantity and source = 'measured' and voided_by is null and at_ms <= @now
    order by at_ms desc, entry desc limit 1`,
  );
  const systemRow = prepareSystemRow(client);
  const { judgingOf, judge } = prepareJudging(client);
  return ({ now: clock, rules }) => {
    // A device's clock may be ahead of the house's.
    const now = clock + FUTURE_ALLOWED_MS;
    return new Map(
      said({ sinceMs: now - FEED_LESS_MS, now }).flatMap(({ system, quantity, saidMs }) => {
        const row = systemRow(system);
        const read = latest({ system, quantity, now });
        if (!row || !read) return [];
        const stands = read.atMs <= saidMs || isOver(judge({ system, quantity, ...read }, judgingOf(row, rules, now)).verdict);
        return stands ? [[system, quantity]] : [];
      }),
    );
  };
}
