// What reading a packing list needs: the suppliers, how each of them writes, and every name on the species list.
import type { SupplierCard } from '#contract/views.ts';
import { headingKey, nameKey, type TaughtColumn, type TaughtName } from '#core/intake/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareSpeciesNames } from '../now/rows.ts';
import type { MakeView } from './view.ts';

export const makeIntakeView: MakeView<'intake'> = (client) => {
  const ask = makeAsk(client);
  const suppliers = ask.all(
    pick(t.supplier, 'id', 'name', 'transit', 'facts'),
    'select id, name, transit, facts from p_supplier where voided_by is null order by name',
  );
  const taught = ask.all(
    pick(t.taught, 'columns', 'names'),
    'select columns, names from p_taught where supplier = ? and voided_by is null order by at_ms, entry',
  );
  const species = prepareSpeciesNames(client);
  return () => ({
    suppliers: suppliers().map(({ facts, ...supplier }) => ({
      ...supplier,
      ...facts,
      taught: latestOf(taught(supplier.id)),
    })),
    species: species(),
  });
};

/** The latest word on each heading and each name. */
function latestOf(rows: { columns: TaughtColumn[]; names: TaughtName[] }[]): SupplierCard['taught'] {
  const columns = new Map<string, TaughtColumn>();
  const names = new Map<string, TaughtName>();
  for (const row of rows) {
    for (const column of row.columns) columns.set(headingKey(column.heading), column);
    for (const name of row.names) names.set(nameKey(name.heard), name);
  }
  return { columns: [...columns.values()], names: [...names.values()] };
}
