// The house's settings as they are and as they were, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { makeAsk, parsed } from '../db/ask.ts';

export function settingsState(client: Database.Database): Pick<HouseState, 'findZone' | 'findRules' | 'rulesAt'> {
  const ask = makeAsk(client);
  const zone = ask.value<string>('select zone from p_house');
  const now = ask.value<string>('select rules from p_house');
  const then = ask.value<string>('select rules from p_rules where at_ms <= ? order by at_ms desc, entry desc limit 1');
  const first = ask.value<string>('select rules from p_rules order by at_ms, entry limit 1');
  return {
    findZone: () => zone(),
    findRules: () => parsed<HouseRules>(now()),
    rulesAt: (atMs) => parsed<HouseRules>(then(atMs) ?? first()),
  };
}
