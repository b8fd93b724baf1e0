// What was noted of a lot or a tank, latest first.
import type Database from 'better-sqlite3';
import type { ArrangementCard, BehaviourCard, SexesCard } from '#contract/views.ts';
import { makeAsk, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

const SHOWN = 5;
const BY = personName('n."by"');
const noted = <R extends { note: string | null }>({ note, ...row }: R) => ({ ...row, ...(note === null ? {} : { note }) });

export function prepareNoted(client: Database.Database) {
  const ask = makeAsk(client);
  const behaviours = ask.all(
    { ...pick(t.behaviour, 'what', 'atMs', 'note'), by: text, tankCode: t.tank.code },
    `select n.what, n.at_ms atMs, n.note, ${BY} by, k.code tankCode from p_behaviour n join p_tank k on k.id = n.tank
    where n.lot = ? and n.voided_by is null order by n.at_ms desc, n.entry desc limit ${SHOWN}`,
  );
  const sexes = ask.get(
    { ...pick(t.sexed, 'males', 'females', 'sure', 'atMs', 'note'), by: text },
    `select n.males, n.females, n.sure, n.at_ms atMs, n.note, ${BY} by from p_sexed n where n.lot = ? and n.voided_by is null order by n.at_ms desc, n.entry desc limit 1`,
  );
  const arrangements = ask.all(
    { ...pick(t.arrangement, 'did', 'atMs', 'note'), by: text },
    `select n.did, n.at_ms atMs, n.note, ${BY} by from p_arrangement n where n.tank = ? and n.voided_by is null order by n.at_ms desc, n.entry desc limit ${SHOWN}`,
  );
  return {
    behavioursOf: (lot: string): BehaviourCard[] => behaviours(lot).map(noted),
    sexesOf(lot: string): SexesCard | undefined {
      const row = sexes(lot);
      return row && noted(row);
    },
    arrangementsOf: (tank: string): ArrangementCard[] => arrangements(tank).map(noted),
  };
}
