// Rows of stock's own entries: lots on record, cut, joined and measured, promises, arrangements with an end.
import { eq } from 'drizzle-orm';
import type { StockEntries } from '#core/stock/index.ts';
import { makeAsk, pick } from '../db/ask.ts';
import { clientOf, prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { factOf, type MakeProjectors } from '../db/projector.ts';

export const stockProjectors: MakeProjectors<StockEntries> = (db) => {
  const lot = prepareInsert(db, tables.lot);
  const promise = prepareInsert(db, tables.promise);
  const promiseEnd = prepareInsert(db, tables.promiseEnd);
  const quarantine = prepareInsert(db, tables.quarantine);
  const lineage = prepareInsert(db, tables.lineage);
  const measure = prepareInsert(db, tables.measure);
  const stayLimit = prepareInsert(db, tables.stayLimit);
  const transferMark = prepareInsert(db, tables.transferMark);
  const findLot = db.query.lot.findFirst({ where: (row, { eq, sql }) => eq(row.id, sql.placeholder('id')) }).prepare();
  const openQuarantine = makeAsk(clientOf(db)).get(
    pick(tables.quarantine, 'policy', 'zero', 'atMs'),
    `select policy, zero, at_ms atMs from now_quarantine h where lot = ? order by at_ms desc, entry desc limit 1`,
  );
  return {
    'lot.opened': {
      voids: ['p_lot'],
      project({ id, payload: { lot: key, species, label, sizeCm, origin, supplier } }) {
        lot({ id: key, entry: id, label, species, sizeCm, origin, supplier });
      },
    },
    'stock.moved': {
      voids: ['p_transfer_mark'],
      project(entry) {
        if (entry.payload.task) transferMark({ ...factOf(entry), task: entry.payload.task, what: 'done' });
      },
    },
    'stock.counted': { voids: [], project: () => undefined },
    'lot.promised': {
      voids: ['p_promise'],
      project(entry) {
        const { promise: id, ...payload } = entry.payload;
        promise({ ...factOf(entry), id, ...payload });
      },
    },
    'promise.lifted': {
      voids: ['p_promise_end'],
      project: (entry) => promiseEnd({ ...factOf(entry), promise: entry.payload.promise }),
    },
    'lot.split': {
      voids: ['p_lot', 'p_lineage', 'p_quarantine'],
      project(entry) {
        const { lot: parent, child, label, n, quarantine: id } = entry.payload;
        const { entry: _made, voidedBy: _void, ...facts } = findLot.execute({ id: parent }).sync()!;
        lot({ ...facts, id: child, entry: entry.id, label });
        lineage({ ...factOf(entry), lot: child, from: parent, how: 'cut', n });
        // The child's clock goes on from where its parent's stands, by the same policy.
        if (id)
          quarantine({
            ...factOf(entry),
            ...openQuarantine(parent)!,
            id,
            lot: child,
          });
      },
    },
    'lot.born': {
      voids: ['p_lot', 'p_lineage', 'p_quarantine'],
      project(entry) {
        const { lot: parent, child, label, n, quarantine: id } = entry.payload;
        const { species, sure } = findLot.execute({ id: parent }).sync()!;
        lot({ id: child, entry: entry.id, label, species, sure, origin: 'bred' });
        lineage({ ...factOf(entry), lot: child, from: parent, how: 'born', n });
        if (id) quarantine({ ...factOf(entry), ...openQuarantine(parent)!, id, lot: child });
      },
    },
    'lot.joined': {
      voids: ['p_lineage'],
      project: (entry) =>
        lineage({ ...factOf(entry), lot: entry.payload.into, from: entry.payload.lot, how: 'joined', n: entry.payload.n }),
    },
    'lot.named': {
      voids: [],
      project({ payload: { lot: id, species, label, sure, note } }) {
        db.update(tables.lot)
          .set({ species, label, sure: sure ?? null, evidence: note ?? null })
          .where(eq(tables.lot.id, id))
          .run();
      },
    },
    'lot.measured': {
      voids: ['p_measure'],
      project: (entry) => measure({ ...factOf(entry), lot: entry.payload.lot, sizeCm: entry.payload.sizeCm }),
    },
    'stay.limited': {
      voids: ['p_stay_limit'],
      project(entry) {
        const { stayLimit: id, ...payload } = entry.payload;
        stayLimit({ ...factOf(entry), id, ...payload });
      },
    },
  };
};
