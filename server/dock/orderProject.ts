// Rows of wishes and orders.
import type { OrderEntries } from '#core/dock/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const orderProjectors: MakeProjectors<OrderEntries> = (db) => {
  const order = prepareInsert(db, tables.order);
  const orderLine = prepareInsert(db, tables.orderLine);
  const orderEnd = prepareInsert(db, tables.orderEnd);
  const wish = prepareInsert(db, tables.wish);
  const wishEnd = prepareInsert(db, tables.wishEnd);
  return {
    'order.placed': {
      voids: ['p_order', 'p_order_line'],
      project(entry) {
        const { order: id, supplier, lines, ...facts } = entry.payload;
        order({ ...factOf(entry), id, supplier, facts });
        for (const [ord, { line, species, wish: of, ...rest }] of lines.entries())
          orderLine({ entry: entry.id, ofOrder: id, line, ord, species, wish: of, facts: rest });
      },
    },
    'order.dropped': {
      voids: ['p_order_end'],
      project: (entry) => orderEnd({ ...factOf(entry), ofOrder: entry.payload.order, why: entry.payload.why }),
    },
    'wish.noted': {
      voids: ['p_wish'],
      project(entry) {
        const { wish: id, species, ...facts } = entry.payload;
        wish({ ...factOf(entry), id, species, facts });
      },
    },
    'wish.dropped': { voids: ['p_wish_end'], project: (entry) => wishEnd({ ...factOf(entry), ...entry.payload }) },
  };
};
