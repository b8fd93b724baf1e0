// Runs that go on, as the house knows them: how each began and all that happened to it since, in a few indexed reads.
import type Database from 'better-sqlite3';
import type { RunCard } from '#contract/views.ts';
import type { RunEvent, AcclimationRun, TankSince } from '#core/runs/index.ts';
import { flag, json, makeAsk, number, orNull, text, pick, word } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/rows.ts';
import { KIND_OF_LOT } from '../now/sqlFragments.ts';

export type Known = AcclimationRun & Omit<RunCard, keyof AcclimationRun | 'dues' | 'end' | 'pages' | 'watcher'>;

const RUN = {
  ...pick(t.benchRun, 'entry', 'lot'),
  started: t.benchRun.facts,
  ...pick(t.tank, 'code', 'purpose', 'system'),
  type: t.system.type,
  run: t.benchRun.id,
  startedAtMs: t.benchRun.atMs,
  by: text,
  lotLabel: t.lot.label,
  n: number,
  kind: orNull(json<NonNullable<RunCard['kind']>>()),
  tank: t.tank.id,
  inQuarantine: flag,
  holdKnown: flag,
};

/** Runs with fish in them still; `run` = only that one, over or not. */
export function prepareKnown(client: Database.Database): (only?: string) => Known[] {
  const ask = makeAsk(client);
  const columns = `
    r.entry, r.id run, r.at_ms startedAtMs, ${personName('r."by"')} by, r.facts started, r.lot, l.label lotLabel,
    coalesce((select n from now_standing b where b.lot = r.lot and b.place = r.id), 0) n,
    ${KIND_OF_LOT('l.id')} kind,
    t.id tank, t.code, t.purpose, t.system, w.type,
    exists (select 1 from now_quarantine h where h.lot = r.lot) inQuarantine,
    exists (select 1 from now_quarantine h where h.lot = r.lot) or exists (select 1 from p_run_from f join p_tank o on o.id = f.place where f.run = r.id)
      or exists (select 1 from now_standing b join p_tank o on o.id = b.place where b.lot = r.lot) holdKnown`;
  const joined = 'join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank join p_system w on w.id = t.system';
  // `n <> 0` is what the index of balances that are not empty is made by.
  const open = ask.all(
    RUN,
    `
    select ${columns} from now_standing o join p_bench_run r on r.id = o.place and r.lot = o.lot ${joined}
    where r.voided_by is null
      and not exists (select 1 from p_run_release x where x.run = r.id and x.remaining = 0 and x.voided_by is null) order by r.at_ms, r.entry`,
  );
  const byId = ask.all(RUN, `select ${columns} from p_bench_run r ${joined} where r.id = ? and r.voided_by is null`);
  const events = ask.all(
    { ...pick(t.runEvent, 'entry', 'atMs', 'what', 'facts'), by: text },
    `select entry, at_ms atMs, ${personName('"by"')} by, what, facts from p_run_event where run = ? and voided_by is null order by at_ms, entry`,
  );
  const readings = ask.all(
    { ...pick(t.reading, 'entry', 'atMs', 'quantity', 'value', 'typed', 'method', 'instrument'), by: text },
    `
    select entry, at_ms atMs, ${personName('"by"')} by, quantity, value, typed, method, instrument from p_reading
    where subject = ? and subject_kind = 'run' and voided_by is null order by at_ms, entry`,
  );
  const since = ask.all(
    pick(t.reading, 'quantity', 'value', 'atMs', 'instrument'),
    `
    select quantity, value, at_ms atMs, instrument from p_reading
    where subject = ? and at_ms > ? and quantity in ('temperature', 'salinity', 'alkalinity', 'pH') and voided_by is null order by at_ms, entry`,
  );
  const checks = ask.all(
    pick(t.meterCheck, 'entry', 'atMs', 'instrument', 'quantity', 'shown', 'truth', 'adjusted'),
    `
    select c.entry, c.at_ms atMs, c.instrument, c.quantity, c.shown, c.truth, c.adjusted from p_meter_check c
    where c.voided_by is null and c.instrument in (select distinct instrument from p_reading where subject in (?, ?) and instrument is not null) order by c.at_ms, c.entry`,
  );
  const touched = ask.get(
    { atMs: t.treatment.atMs, what: text, by: text },
    `
    select what, atMs, by from (
      select 'water changed: ' || round(x.litres, 1) || ' L' what, x.at_ms atMs, ${personName('x."by"')} by from p_exchange x join p_tank t on t.id = x.tank
        where t.system = @system and x.at_ms > @sinceMs and x.voided_by is null
      union all select 'a treatment begun: ' || c.family, c.at_ms, ${personName('c."by"')} from p_treatment c where c.system = @system and c.at_ms > @sinceMs and c.voided_by is null
    ) order by atMs desc limit 1`,
  );
  const fewer = ask.all(
    { ...pick(t.runRelease, 'entry', 'atMs'), by: text, n: t.runRelease.alive, how: word<'dead' | 'released'>() },
    `
    select entry, atMs, by, n, how from (
      select entry, at_ms atMs, ${personName('"by"')} by, n, 'dead' how from p_loss where place = @run and voided_by is null
      union all select entry, at_ms, ${personName('"by"')}, dead, 'dead' from p_run_release where run = @run and remaining > 0 and dead > 0 and voided_by is null
      union all select entry, at_ms, ${personName('"by"')}, alive, 'released' from p_run_release where run = @run and remaining > 0 and alive > 0 and voided_by is null
    ) order by atMs, entry, how`,
  );
  const from = ask.all(
    { ...pick(t.runFrom, 'place', 'n'), label: text },
    `
    select f.place, f.n, coalesce((select label from p_bag where id = f.place), (select code from p_tank where id = f.place), f.place) label
    from p_run_from f where f.run = ? and f.voided_by is null order by f.rowid`,
  );

  return (only) =>
    (only === undefined ? open() : byId(only)).map((row): Known => {
      const { kind, tank, code, purpose, type, system, ...rest } = row;
      return {
        ...rest,
        method: rest.started.method,
        kind: kind ?? undefined,
        tank: { id: tank, code, purpose, type, system },
        from: from(row.run),
        events: events(row.run).map(({ facts: more, ...event }) => ({ ...event, ...more }) as RunEvent),
        readings: readings(row.run).map(({ instrument, ...reading }) => ({
          ...reading,
          ...(instrument === null ? {} : { instrument }),
        })),
        meterChecks: checks(row.run, system),
        tankSince: since(system, row.startedAtMs).map(({ quantity, value, atMs, instrument }): TankSince => ({
          atMs,
          water: { [quantity]: value },
          ...(instrument === null ? {} : { instrument }),
        })),
        fewer: fewer({ run: row.run }),
        tankTouched: touched({ system, sinceMs: row.startedAtMs }),
      };
    });
}
