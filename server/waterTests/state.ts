// Tests of water, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { makeAsk, number, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';
import { prepareAmmonia, prepareJudging, prepareSystemRow } from './judged.ts';

type Asked = Pick<HouseState, 'testPlanOf' | 'findJudged' | 'answersTo' | 'pouredSince' | 'ammoniaOf'>;

export function waterTestState(client: Database.Database, { findRules }: Pick<HouseState, 'findRules'>): Asked {
  const ask = makeAsk(client);
  const { judgingOf, judge, planOf } = prepareJudging(client);
  const systemRow = prepareSystemRow(client);
  const reading = ask.get(
    { ...pick(t.reading, 'subject', 'quantity', 'value', 'atMs') },
    `select subject, quantity, value, at_ms atMs from p_reading where entry = ? and subject_kind = 'system' and source = 'measured' and voided_by is null`,
  );
  const answers = ask.all(
    { entry: t.answer.entry, by: text, atMs: number },
    `select a.entry, ${personName('a."by"')} by, a.at_ms atMs from p_answer a where a.reading = ? and a.voided_by is null order by a.at_ms, a.entry`,
  );
  const poured = ask.one(
    { changedL: number, toppedL: number },
    `select coalesce((select sum(e.litres) from p_tank t cross join p_exchange e on e.tank = t.id where t.system = @system and e.at_ms >= @atMs and e.voided_by is null
        and coalesce((select f.system from p_tank f where f.id = e.from_tank), '') <> @system), 0) changedL,
      coalesce((select sum(e.litres) from p_tank t cross join p_top_up e on e.tank = t.id where t.system = @system and e.at_ms >= @atMs and e.voided_by is null), 0) toppedL`,
  );
  return {
    testPlanOf: planOf,
    findJudged(entry) {
      const row = reading(entry);
      const system = row && systemRow(row.subject);
      if (!row || !system) return undefined;
      const read = { system: system.id, quantity: row.quantity, value: row.value, atMs: row.atMs };
      const { waterTests } = findRules() ?? STARTING_RULES;
      return { ...read, verdict: judge(read, judgingOf(system, waterTests, row.atMs)).verdict };
    },
    answersTo: answers,
    pouredSince: (system, atMs) => poured({ system, atMs }),
    ammoniaOf: prepareAmmonia(client),
  };
}
