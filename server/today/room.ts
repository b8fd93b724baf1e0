// What is due in the room: fish in temporary places, fish to be searched for, faults, what a planned move waits for.
import type Database from 'better-sqlite3';
import { FAULT_LAPSES_MS } from '#core/rounds/index.ts';
import { MISSING_LAPSES_MS, type DueFacts } from '#core/today/index.ts';
import { flag, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { placed, WALK, walkOf } from './walk.ts';

type RoomDue = Pick<DueFacts, 'stayLimits' | 'missing' | 'faults' | 'waiting'>;

export function prepareRoomDue(client: Database.Database): (now: number) => RoomDue {
  const ask = makeAsk(client);
  const stayLimits = ask.all(
    {
      ...pick(t.stayLimit, 'entry', 'untilMs', 'untilCm'),
      n: t.balance.n,
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.lot.label,
      temporary: flag,
      sinceMs: t.stayLimit.atMs,
      sizeCm: orNull(number),
      measuredMs: orNull(number),
    },
    `
    select s.entry, t.id tank, t.code tankCode, l.label what, s.n, t.vessel <> 'tank' temporary, s.at_ms sinceMs, s.until_ms untilMs, s.until_cm untilCm,
      l.size_cm sizeCm, (select max(at_ms) from p_measure m where m.lot = l.id and m.voided_by is null) measuredMs, ${WALK}
    from now_stay s join now_lot l on l.id = s.lot join p_tank t on t.id = s.place join p_rack k on k.id = t.rack`,
  );
  // Where it was: the place that the missing fish left, in the same entry.
  const missing = ask.all(
    {
      ...pick(t.leg, 'entry', 'n', 'atMs'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.lot.label,
    },
    `
    select g.entry, t.id tank, t.code tankCode, l.label what, g.n, g.at_ms atMs, ${WALK}
    from p_leg g join p_lot l on l.id = g.lot
    join p_leg f on f.entry = g.entry and f.lot = g.lot and f.n < 0 join p_tank t on t.id = f.place join p_rack k on k.id = t.rack
    where g.place = 'missing' and g.n > 0 and g.at_ms > ? and g.voided_by is null group by g.entry, g.lot`,
  );
  const faults = ask.all(
    {
      ...pick(t.fault, 'entry', 'what', 'atMs'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
    },
    `
    select f.entry, t.id tank, t.code tankCode, f.what, f.at_ms atMs, ${WALK} from now_fault f join p_tank t on t.id = f.tank join p_rack k on k.id = t.rack
    where f.at_ms > ? and ${IN_HOUSE('t')}`,
  );
  const waiting = ask.all(
    {
      entry: t.task.entry,
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      task: t.task.id,
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: text,
      untilMs: number,
    },
    `
    select s.entry, s.id task, t.id tank, t.code tankCode, json_extract(s.facts, '$.waitsFor.what') || ' for ' || t.code what, json_extract(s.facts, '$.waitsFor.untilMs') untilMs, ${WALK}
    from p_transfer_task s join p_tank t on t.id = s.to_tank join p_rack k on k.id = t.rack
    where s.voided_by is null and json_extract(s.facts, '$.waitsFor.untilMs') is not null
      and not exists (select 1 from p_transfer_mark m where m.task = s.id and m.voided_by is null and m.what in ('done', 'dropped', 'unblocked'))`,
  );
  return (now) => ({
    stayLimits: stayLimits().map(({ untilMs, untilCm, sizeCm, measuredMs, ...row }) => ({
      ...row,
      untilMs: untilMs ?? undefined,
      untilCm: untilCm ?? undefined,
      sizeCm: sizeCm ?? undefined,
      measuredMs: measuredMs ?? undefined,
      walk: walkOf(row),
    })),
    missing: missing(now - MISSING_LAPSES_MS).map(placed),
    faults: faults(now - FAULT_LAPSES_MS).map(placed),
    waiting: waiting().map(placed),
  });
}
