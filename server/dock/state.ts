// Suppliers, crates and bags, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { BagFacts, CrateFacts } from '#core/dock/index.ts';
import { makeAsk, number, orNull, pick, json, type Calculated } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareClaims } from './claims.ts';
import { orderState } from './orders.ts';
import { personName } from '../now/sqlFragments.ts';

/** The latest fact of its sort, if there is one. */
const latest = <K extends 'landing' | 'absence' | 'clean' | 'assignment' | 'float' | 'taken' | 'release'>(): Calculated<NonNullable<
  BagFacts[K]
> | null> => orNull(json<NonNullable<BagFacts[K]>>());

export function dockState(
  client: Database.Database,
): Pick<
  HouseState,
  'findSupplier' | 'findClaim' | 'findOrder' | 'findWish' | 'findCrate' | 'hasBag' | 'hasBox' | 'boxesOpened' | 'findBag' | 'passedFor'
> {
  const ask = makeAsk(client);
  const supplier = ask.get(
    pick(t.supplier, 'id', 'name', 'transit', 'facts'),
    'select id, name, transit, facts from p_supplier where id = ? and voided_by is null',
  );
  const crate = ask.get(
    {
      ...pick(t.crate, 'id', 'label', 'packedAtMs', 'promisedAtMs', 'stated', 'told'),
      arrived: orNull(json<NonNullable<CrateFacts['arrived']>>()),
      givenUp: orNull(json<NonNullable<CrateFacts['givenUp']>>()),
    },
    `
    select id, label, packed_at_ms packedAtMs, promised_at_ms promisedAtMs, stated, told, (select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms) from p_arrival where crate = p_crate.id and voided_by is null) arrived,
      (select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms) from p_given_up where crate = p_crate.id and voided_by is null) givenUp
    from p_crate where id = ? and voided_by is null`,
  );
  const fact = (table: string, where: string, more = '') =>
    `(select json_object('entry', entry, 'by', ${personName('by')}, 'atMs', at_ms ${more}) from ${table} where ${where} and voided_by is null order by at_ms desc, entry desc limit 1)`;
  const bag = ask.get(
    {
      ...pick(t.bag, 'id', 'crate', 'label', 'lot', 'listed'),
      landing: latest<'landing'>(),
      absence: latest<'absence'>(),
      clean: latest<'clean'>(),
      assignment: latest<'assignment'>(),
      float: latest<'float'>(),
      taken: latest<'taken'>(),
      release: latest<'release'>(),
    },
    `
    select b.id, b.crate, b.label, b.lot, b.listed,
      ${fact('p_landing', 'bag = b.id', ", 'lot', lot, 'condition', condition, 'bagCondition', bag_condition")} landing,
      ${fact('p_absence', 'bag = b.id')} absence,
      ${fact('p_clean_water', 'bag = b.id')} clean,
      ${fact('now_assignment', 'bag = b.id', ", 'tank', tank, 'overruled', json(overruled)")} assignment,
      ${fact('now_float', 'bag = b.id', ", 'id', id")} float,
      ${fact('p_run_from', 'place = b.id', ", 'run', run")} taken,
      ${fact('p_release', 'bag = b.id')} release
    from p_bag b where b.id = ? and b.voided_by is null`,
  );
  const openings = ask.only(number, 'select count(*) from p_box_opened where crate = ? and voided_by is null');
  const inBox = ask.is('select 1 from p_bag where crate = ? and box = ? and voided_by is null limit 1');
  const passed = ask.values(
    t.assignment.overruled,
    'select a.overruled from p_assignment a join p_bag g on g.id = a.bag left join p_landing l on l.bag = g.id and l.voided_by is null where coalesce(l.lot, g.lot) = ? and a.tank = ? and a.voided_by is null',
  );
  return {
    hasBox: (crate, box) => inBox(crate, box),
    boxesOpened: (crate) => openings(crate),
    ...orderState(client),
    findClaim: prepareClaims(client).find,
    findSupplier(id) {
      const row = supplier(id);
      if (!row) return undefined;
      const { facts, ...rest } = row;
      return { ...rest, ...facts };
    },
    findCrate(id) {
      const row = crate(id);
      return row && { ...row, told: row.told ?? undefined, arrived: row.arrived ?? undefined, givenUp: row.givenUp ?? undefined };
    },
    hasBag: ask.is('select 1 from p_bag where id = ? and voided_by is null'),
    findBag(id) {
      const row = bag(id);
      if (!row) return undefined;
      const { landing, absence, clean, assignment, float, taken, release, ...rest } = row;
      return {
        ...rest,
        landing: landing ?? undefined,
        absence: absence ?? undefined,
        clean: clean ?? undefined,
        assignment: assignment ?? undefined,
        float: float ?? undefined,
        taken: taken ?? undefined,
        release: release ?? undefined,
      };
    },
    passedFor: (lot, tank) => passed(lot, tank).flat(),
  };
}
