// What happened to a tank or a lot, entry by entry, latest first, with what to call everything it names.
// Plain looks and meals are left out: they are told by their sums.
import type Database from 'better-sqlite3';
import { lift } from '#contract/act.ts';
import { kinds } from '#contract/kinds.ts';
import type { TimelineEntry } from '#contract/views.ts';
import { makeAsk, text, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareNames } from '../now/names.ts';
import { personName } from '../now/rows.ts';

const SHOWN = 150;
/** Entries of kinds that say so (`inHistoryByLinks`), by what they rest on. */
const BY_LINKS = `select n.entry, e.occurred_at_ms at_ms from p_need n join entry e on e.id = n.entry where n.ref = @id and n.voided_by is null and e.kind in (${Object.entries(
  kinds,
)
  .filter(([, { inHistoryByLinks }]) => inHistoryByLinks)
  .map(([kind]) => `'${kind}'`)
  .join(', ')})`;

const ABOUT_TANK = `
  select entry, at_ms from p_leg where place = @id and voided_by is null
  union select entry, at_ms from p_health_check where tank = @id and (all_well = 0 or note is not null) and voided_by is null
  union select entry, at_ms from p_mishap where tank = @id and voided_by is null
  union select entry, at_ms from p_reading where subject = (select system from p_tank where id = @id) and voided_by is null
  union select entry, at_ms from p_tool_use where tank = @id and voided_by is null
  union select entry, at_ms from p_exchange where (tank = @id or from_tank = @id) and voided_by is null
  union select entry, at_ms from p_treatment where system = (select system from p_tank where id = @id) and voided_by is null
  union select x.entry, x.at_ms from p_treatment_end x join p_treatment c on c.id = x.treatment where c.system = (select system from p_tank where id = @id) and x.voided_by is null
  union select entry, at_ms from p_change where of = 'tank:' || @id
  union select entry, at_ms from p_tank_system where tank = @id
  union select entry, at_ms from p_stay_limit where place = @id and voided_by is null
  union select entry, at_ms from p_dim where tank = @id and voided_by is null
  union ${BY_LINKS}
  union select c.entry, c.at_ms from p_loss_class c join p_loss l on l.entry = c.loss where l.place = @id and c.voided_by is null`;

const ABOUT_LOT = `
  select entry, at_ms from p_leg where lot = @id and voided_by is null
  union select entry, at_ms from p_odd where lot = @id and voided_by is null
  union select entry, at_ms from p_mishap where lot = @id and voided_by is null
  union select entry, at_ms from p_quarantine where lot = @id and voided_by is null
  union select entry, at_ms from p_sign_off where lot = @id and voided_by is null
  union select entry, at_ms from p_promise where lot = @id and voided_by is null
  union select e.entry, e.at_ms from p_promise_end e join p_promise p on p.id = e.promise where p.lot = @id and e.voided_by is null
  union ${BY_LINKS}
  union select entry, at_ms from p_measure where lot = @id and voided_by is null
  union select entry, at_ms from p_lineage where (lot = @id or from_lot = @id) and voided_by is null
  union select entry, at_ms from p_stay_limit where lot = @id and voided_by is null
  union select entry, at_ms from p_method where lot = @id and voided_by is null
  union select entry, at_ms from p_route where lot = @id and voided_by is null
  union select entry, at_ms from p_clean_water where lot = @id and voided_by is null
  union select v.entry, v.at_ms from p_run_event v join p_bench_run r on r.id = v.run where r.lot = @id and v.what in ('noticed', 'handed') and v.voided_by is null
  union select c.entry, c.at_ms from p_loss_class c join p_loss l on l.entry = c.loss where l.lot = @id and c.voided_by is null`;

export function prepareTimeline(
  client: Database.Database,
  about: 'tank' | 'lot',
): (id: string) => { timeline: TimelineEntry[]; names: Record<string, string> } {
  const ask = makeAsk(client);
  // By what happened last, then the entries themselves: a tank with years behind it is not read whole.
  const rows = ask.all(
    { ...pick(t.entry, 'id', 'actId', 'kind', 'version', 'occurredAtMs', 'payload', 'overrules'), by: text },
    `
    select e.id, e.act_id actId, e.kind, e.version, e.occurred_at_ms occurredAtMs, e.payload, e.overrules, ${personName('e.actor')} by
    from (select distinct entry from (select entry, at_ms from (${about === 'tank' ? ABOUT_TANK : ABOUT_LOT}) order by at_ms desc, entry desc limit ${SHOWN})) w
    join entry e on e.id = w.entry order by e.occurred_at_ms desc, e.id desc`,
  );
  const namesIn = prepareNames(client);
  return (id) => {
    const timeline = rows({ id }).map(({ version, payload, overrules, ...row }): TimelineEntry => ({
      ...row,
      payload: lift(row.kind, version, payload),
      ...(overrules ? { overrules } : {}),
    }));
    return { timeline, names: namesIn(timeline.map(({ payload }) => payload)) };
  };
}
