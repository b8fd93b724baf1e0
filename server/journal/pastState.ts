// Core's questions about what was: what was made when, which rules held, where fish stood at an instant.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { WaterType } from '#core/species/index.ts';
import { OUTSIDE_PLACES } from '#core/stock/index.ts';
import { COMING, IN_HOUSE } from './pieces.ts';

const OUTSIDE = OUTSIDE_PLACES.map((place) => `'${place}'`).join(', ');

type Asked = 'isPlace' | 'isTaken' | 'madeAt' | 'rulesAt' | 'waterTypesOf' | 'wasIn' | 'balanceAt' | 'lastUseOf' | 'firstSeenOf';

export function makePastState(client: Database.Database): Pick<HouseState, Asked> {
  const value = <T>(sql: string) => {
    const statement = client.prepare(sql).pluck();
    return (...given: unknown[]) => (statement.get(...given) ?? undefined) as T | undefined;
  };
  const taken = value<1>('select 1 from p_made where ref = ? limit 1');
  const place = value<1>(
    `select 1 from p_tank t where id = ? and ${IN_HOUSE('t')} union all select 1 from p_bag where id = ? and voided_by is null union all select 1 from p_bench_run where id = ? and voided_by is null`,
  );
  const rules = value<string>('select rules from p_rules where at_ms <= ? order by at_ms desc, entry desc limit 1');
  const firstRules = value<string>('select rules from p_rules order by at_ms, entry limit 1');
  const types = client
    .prepare(
      `select distinct w.type from p_tank t join p_water w on w.id = t.water where t.id in
       (select place from p_balance where lot = @lot and inside = 1 and n > 0 union select tank from (${COMING}) where lot = @lot) order by 1`,
    )
    .pluck();
  const was = value<1>('select 1 from p_leg where place = ? and lot = ? and n > 0 and voided_by is null limit 1');
  const balance = value<number>('select sum(n) from p_leg where place = ? and lot = ? and at_ms <= ? and voided_by is null');
  return {
    isPlace: (id) => place(id, id, id) !== undefined,
    isTaken: (id) => taken(id) !== undefined,
    madeAt: value('select max(at_ms) from p_made where ref = ? and voided_by is null'),
    rulesAt(atMs) {
      const found = rules(atMs) ?? firstRules();
      return found === undefined ? undefined : (JSON.parse(found) as HouseRules);
    },
    waterTypesOf: (lot) => types.all({ lot }) as WaterType[],
    wasIn: (lot, place) => was(place, lot) !== undefined,
    balanceAt: (lot, place, atMs) => balance(place, lot, atMs) ?? 0,
    firstSeenOf: value('select min(at_ms) from p_leg where lot = ? and n > 0 and voided_by is null and place not in (' + OUTSIDE + ')'),
    lastUseOf: value('select max(at_ms) from p_tool_use where tool = ? and voided_by is null'),
  };
}
