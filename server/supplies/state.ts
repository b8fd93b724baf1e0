// Supplies, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Item } from '#core/supplies/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareAmount, preparePiles } from './onHand.ts';

/** Supplies that are kept here, by name. */
export function prepareSupplies(client: Database.Database): () => (Item & { entry: string })[] {
  const all = makeAsk(client).all(pick(t.supply, 'id', 'entry', 'facts'), 'select id, entry, facts from p_supply order by name');
  return () => all().flatMap(({ facts, ...row }) => (facts.gone ? [] : [{ ...row, ...facts }]));
}

export function supplyState(
  client: Database.Database,
): Pick<HouseState, 'amountOf' | 'findItem' | 'findSupply' | 'isCounted' | 'pilesOf' | 'supplies'> {
  const ask = makeAsk(client);
  const supply = ask.get(pick(t.supply, 'id', 'facts'), 'select id, facts from p_supply where id = ?');
  const food = ask.get(pick(t.food, 'id', 'facts'), 'select id, facts from p_food where id = ?');
  const findSupply = (id: string): Item | undefined => {
    const row = supply(id);
    return row && { id: row.id, ...row.facts };
  };
  return {
    findSupply,
    isCounted: ask.is('select 1 from p_supply_flow where item = ? and voided_by is null'),
    findItem(id) {
      const row = food(id);
      return row ? itemOf(row.id, row.facts) : findSupply(id);
    },
    amountOf: prepareAmount(client),
    pilesOf: preparePiles(client),
    supplies: prepareSupplies(client),
  };
}

/** A food as something that is used up: by the gram. */
export const itemOf = (id: string, { name, reorderG, gone }: { name: string; reorderG?: number; gone?: boolean }): Item => ({
  id,
  name,
  unit: 'g',
  ...(reorderG === undefined ? {} : { reorderAt: reorderG }),
  ...(gone ? { gone } : {}),
});
