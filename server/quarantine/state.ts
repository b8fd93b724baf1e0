// Open quarantines and their clocks, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { OUTSIDE_PLACES } from '#core/stock/index.ts';
import { makeAsk, number } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareClocks } from './clocks.ts';
import { prepareOpenQuarantines } from './rows.ts';

const OUTSIDE = OUTSIDE_PLACES.map((place) => `'${place}'`).join(', ');

type Asked = 'findOpenQuarantine' | 'isInQuarantine' | 'clockOf' | 'clocksOf' | 'firstSeenOf' | 'waterTypesOf';

export function quarantineState(
  client: Database.Database,
  { findRules, findZone }: Pick<HouseState, 'findRules' | 'findZone'>,
): Pick<HouseState, Asked> {
  const ask = makeAsk(client);
  const openQuarantines = prepareOpenQuarantines(client);
  const clocks = prepareClocks(client);
  const types = ask.values(
    t.system.type,
    `select distinct w.type from p_tank t join p_system w on w.id = t.system where t.id in
     (select place from now_standing where lot = @lot union select tank from now_coming where lot = @lot) order by 1`,
  );
  const clocksOf: HouseState['clocksOf'] = (lots, atMs) => {
    const asked = { now: atMs, zone: findZone()!, toolDriesH: (findRules() ?? STARTING_RULES).toolDriesH };
    return new Map([...clocks({ ...asked, only: lots })].map(([lot, { clock }]) => [lot, clock]));
  };
  return {
    findOpenQuarantine(lot) {
      const [quarantine] = openQuarantines([lot]);
      return quarantine && { id: quarantine.id, lot: quarantine.lot, policy: quarantine.policy, openedAtMs: quarantine.openedAtMs };
    },
    isInQuarantine: (lot) => openQuarantines([lot]).length > 0,
    clockOf(lot, atMs) {
      const clock = clocksOf([lot], atMs).get(lot);
      if (!clock) throw new Error(`lot ${lot} has no open quarantine to read the clock of`);
      return clock;
    },
    clocksOf,
    firstSeenOf: ask.value(
      number,
      `select min(at_ms) from p_leg where lot = ? and n > 0 and voided_by is null and place not in (${OUTSIDE})`,
    ),
    waterTypesOf: (lot) => types({ lot }),
  };
}
