// The records as tables for a spreadsheet: one CSV each, every heading with its unit. Times are wall times of the house.
import type Database from 'better-sqlite3';
import { writeCsv } from '#core/text/index.ts';
import { formatWall } from '#core/time/index.ts';
import { PLAUSIBLE, QUANTITIES } from '#core/water/index.ts';
import { personName } from '../now/sqlFragments.ts';

type Table = { about: string; headings: readonly string[]; sql: string };
/** A column whose heading says `(house time)` holds UTC ms and is written as wall time. */
const WALL = '(house time)';

/** SQL of the unit in which each quantity is stored. */
const UNITS = QUANTITIES.map((quantity) => `when '${quantity}' then '${PLAUSIBLE[quantity].unit}'`).join(' ');

export const TABLES = {
  stock: {
    about: 'who lives where now',
    headings: ['tank', 'rack', 'lot', 'species', 'scientific name', 'heads', 'length (cm)', 'origin', 'supplier'],
    sql: `select t.code, k.name, l.label, s.common, s.scientific, b.n, l.size_cm, l.origin, u.name from now_standing b join p_tank t on t.id = b.place join p_rack k on k.id = t.rack
      join now_lot l on l.id = b.lot left join p_species s on s.id = l.species left join p_supplier u on u.id = l.supplier  order by k.walk, t."row", t."column", l.label`,
  },
  landings: {
    about: 'every bag that was landed',
    headings: [
      'landed (house time)',
      'by',
      'crate',
      'supplier',
      'bag',
      'lot',
      'listed (heads)',
      'alive (heads)',
      'dead (heads)',
      'condition',
      'bag state',
      'counted or checked',
    ],
    sql: `select g.at_ms, ${personName('g."by"')}, c.label, u.name, b.label, l.label, b.listed, g.alive, g.dead, g.condition, g.bag_condition, g.quality from p_landing g join p_bag b on b.id = g.bag
      join p_crate c on c.id = g.crate join p_lot l on l.id = g.lot left join p_supplier u on u.id = c.supplier where g.voided_by is null order by g.at_ms, g.entry`,
  },
  releases: {
    about: 'every bag that was netted out',
    headings: [
      'released (house time)',
      'by',
      'bag',
      'lot',
      'tank',
      'alive (heads)',
      'dead (heads)',
      'float (min)',
      'bag water (°C)',
      'tank water (°C)',
      'bag water (L)',
    ],
    sql: `select r.at_ms, ${personName('r."by"')}, coalesce(b.label, e.vessel), l.label, t.code, r.alive, r.dead, round(f.minutes, 1), f.bag_c, f.tank_c, f.water_l from p_release r left join p_bag b on b.id = r.bag left join p_bench_run e on e.id = r.run
      join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank left join p_float f on f.id = r.run and f.voided_by is null where r.voided_by is null order by r.at_ms, r.entry`,
  },
  runs: {
    about: 'every acclimation in a vessel, with what it reached',
    headings: [
      'begun (house time)',
      'by',
      'method',
      'vessel',
      'lot',
      'bags',
      'tank',
      'from (ppt)',
      'tank (ppt)',
      'over (house time)',
      'alive (heads)',
      'dead (heads)',
      'minutes',
      'toxic ammonia, highest (mg/L N)',
      'exposure (mg·h/L)',
      'oxygen, lowest (mg/L)',
      'salinity step (ppt)',
      'temperature step (°C)',
    ],
    sql: `select r.at_ms, ${personName('r."by"')}, r.method, r.vessel, l.label, (select count(*) from p_run_from f where f.entry = r.entry), t.code,
      json_extract(r.facts, '$.start.salinity'), json_extract(r.facts, '$.water.salinity'), x.at_ms, (select sum(y.alive) from p_run_release y where y.run = r.id and y.voided_by is null), (select sum(y.dead) from p_run_release y where y.run = r.id and y.voided_by is null), ${['totalMinutes', 'nh3Peak', 'exposure', 'lowestOxygen', 'salinityStep', 'temperatureStep'].map((figure) => `round(json_extract(x.facts, '$.figures.${figure}'), 4)`).join(', ')}
      from p_bench_run r join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank left join p_run_release x on x.run = r.id and x.remaining = 0 and x.voided_by is null where r.voided_by is null order by r.at_ms, r.entry`,
  },
  losses: {
    about: 'every fish found dead',
    headings: [
      'found (house time)',
      'by',
      'place',
      'lot',
      'species',
      'supplier',
      'dead (heads)',
      'cause',
      'how sure',
      'found where',
      'examined',
      'disposed of',
    ],
    sql: `select o.at_ms, ${personName('o."by"')}, coalesce(t.code, b.label, e.vessel), l.label, s.common, u.name, o.n, o.cause, o.sure, json_extract(o.facts, '$.found'), json_extract(o.facts, '$.examined'), json_extract(o.facts, '$.disposed') from now_loss o join p_lot l on l.id = o.lot left join p_tank t on t.id = o.place left join p_bench_run e on e.id = o.place
      left join p_bag b on b.id = o.place left join p_species s on s.id = l.species left join p_supplier u on u.id = l.supplier order by o.at_ms, o.entry`,
  },
  meals: {
    about: 'every meal',
    headings: ['fed (house time)', 'by', 'tank', 'lot', 'food', 'response', 'ate (heads)', 'left over'],
    sql: `select f.at_ms, ${personName('f."by"')}, t.code, l.label, f.food, f.response, f.ate, f.leftovers from p_feed f join p_tank t on t.id = f.tank join p_lot l on l.id = f.lot
      where f.voided_by is null order by f.at_ms, f.entry`,
  },
  readings: {
    about: 'every reading',
    headings: [
      'taken (house time)',
      'by',
      'of',
      'quantity',
      'value',
      'unit',
      'as typed',
      'refers to',
      'how',
      'measured, stated or estimated',
      'read with',
    ],
    sql: `select r.at_ms, ${personName('r."by"')}, coalesce(w.name, b.label, e.vessel), r.quantity, r.value, case r.quantity ${UNITS} end, r.typed, r.reference, r.method, r.source, coalesce(k.name, r.instrument)
      from p_reading r left join p_kit k on k.id = r.kit left join p_system w on w.id = r.subject left join p_bag b on b.id = r.subject left join p_bench_run e on e.id = r.subject where r.voided_by is null order by r.at_ms, r.entry`,
  },
  movements: {
    about: 'every fish that came, moved or went: each movement twice, out of one place and into another',
    headings: ['moved (house time)', 'by', 'lot', 'place', 'heads'],
    sql: `select g.at_ms, ${personName('g."by"')}, l.label, coalesce(t.code, b.label || ', ' || c.label, e.vessel, g.place), g.n from p_leg g join p_lot l on l.id = g.lot left join p_tank t on t.id = g.place
      left join p_bag b on b.id = g.place left join p_crate c on c.id = b.crate left join p_bench_run e on e.id = g.place where g.voided_by is null order by g.at_ms, g.entry, g.ord`,
  },
} as const satisfies Record<string, Table>;
export type TableName = keyof typeof TABLES;
export const isTable = (name: string): name is TableName => Object.hasOwn(TABLES, name);

export function tableCsv(client: Database.Database, name: TableName, zone: string): string {
  const { headings, sql } = TABLES[name];
  const rows = client.prepare(sql).raw().all() as (string | number | null)[][];
  const wall = headings.map((heading) => heading.includes(WALL));
  return writeCsv(
    headings,
    rows.map((row) =>
      row.map((cell, index) => (wall[index] && typeof cell === 'number' ? formatWall(cell, zone).replace('T', ' ') : cell)),
    ),
  );
}
