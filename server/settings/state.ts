// The house's settings as they are and as they were, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { makeAsk } from '../db/ask.ts';
import * as t from '../db/tables.ts';

export function settingsState(client: Database.Database): Pick<HouseState, 'findZone' | 'findRules' | 'rulesAt'> {
  const ask = makeAsk(client);
  const zone = ask.value(t.house.zone, 'select zone from p_house');
  const now = ask.value(t.house.rules, 'select rules from p_house');
  const then = ask.value(t.ruleVersion.rules, 'select rules from p_rules where at_ms <= ? order by at_ms desc, entry desc limit 1');
  const first = ask.value(t.ruleVersion.rules, 'select rules from p_rules order by at_ms, entry limit 1');
  return {
    findZone: zone,
    findRules: now,
    rulesAt: (atMs) => then(atMs) ?? first(),
  };
}
