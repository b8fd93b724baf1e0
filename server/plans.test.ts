// No question that is asked all day reads a table that grows with the years from end to end: what SQLite means to do is asked of it, for every statement.
import type Database from 'better-sqlite3';
import { VIEW_NAMES } from '#contract/views.ts';
import { makePager } from './devices/pager.ts';
import { makeHealth } from './health.ts';
import { makeHouseState } from './journal/state.ts';
import { furnish, makeTestHouse } from './testHouse.ts';
import { makeReadView } from './views/index.ts';

/** Tables that get rows every day. */
const GROWING =
  'entry p_balance p_leg p_need p_made p_health_check p_odd p_feed p_reading p_loss p_move p_release p_landing p_bag p_lot p_tool_use p_run_event p_change p_due p_float p_assignment p_fault'.split(
    ' ',
  );
/** Read whole, and known to be: a search by what people type, a count on a page that few open, the sum of all balances now and then. */
const KNOWN: readonly string[] = [
  'p_lot in select l.id lot, l.label,',
  'p_lot in select count(*)',
  'p_balance in select coalesce(sum(n), 0) from p_balance',
  // What came alive of a supplier is asked of all its landings, where somebody orders.
  "p_landing in select c.supplier, coalesce(l.species, '')",
  // Words that somebody types in the logbook.
  'p_lot in select id from ( select id, 1 rank',
  'p_bag in select id from (select id, entry from p_bag where lot',
];

function scansOf(client: Database.Database, sql: string): string[] {
  const names = new Map(
    [
      ...sql.matchAll(
        /\b(p_\w+|entry)\b(?:\s+(?:as\s+)?"?(?!where|join|left|cross|on|order|group|union|limit|set|indexed)([a-z]\w*)"?)?/gi,
      ),
    ].map(([, table, alias]) => [alias ?? table!, table!]),
  );
  const plan = client.prepare(`explain query plan ${sql.replaceAll(/@\w+|\?/g, '0')}`).all() as { detail: string }[];
  return plan.flatMap(({ detail }) => {
    const [, alias] = /^SCAN (\w+)/.exec(detail) ?? [];
    const table = alias === undefined ? undefined : (names.get(alias) ?? alias);
    return table !== undefined && GROWING.includes(table) && !/p_balance_place|p_reading_copper/.test(detail)
      ? [`${table} in ${sql.trim().replaceAll(/\s+/g, ' ').slice(0, 160)}`]
      : [];
  });
}

it('every view, rule, the pager and health find what they ask for by an index', () => {
  const house = furnish(makeTestHouse());
  const asked: string[] = [];
  const prepare = house.client.prepare.bind(house.client);
  house.client.prepare = (sql: string) => {
    asked.push(sql);
    return prepare(sql);
  };
  makeReadView(house.client);
  makeHouseState(house.client, house.store);
  makePager(house);
  makeHealth(house);
  house.client.prepare = prepare;
  expect(asked.length).toBeGreaterThan(VIEW_NAMES.length * 4);
  const scans = [...new Set(asked.filter((sql) => /^\s*(with|select)/i.test(sql)).flatMap((sql) => scansOf(house.client, sql)))];
  expect(scans.filter((scan) => !KNOWN.some((known) => scan.includes(known)))).toEqual([]);
  house.close();
});
