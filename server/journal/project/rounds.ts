// Rows of the walk and of stock's own entries: looks, oddities, meals, losses, lots on the books, promises.
import type { RoundEntries } from '#core/rounds/index.ts';
import type { StockEntries } from '#core/stock/index.ts';
import type { TodayEntries } from '#core/today/index.ts';
import { prepareInsert } from '../../db/insert.ts';
import * as tables from '../../db/projectionTables.ts';
import { factOf, type MakeProjectors } from './projector.ts';

export const roundProjectors: MakeProjectors<RoundEntries & StockEntries & TodayEntries> = (db) => {
  const look = prepareInsert(db, tables.look);
  const odd = prepareInsert(db, tables.odd);
  const feed = prepareInsert(db, tables.feed);
  const loss = prepareInsert(db, tables.loss);
  const mishap = prepareInsert(db, tables.mishap);
  const due = prepareInsert(db, tables.due);
  const lot = prepareInsert(db, tables.lot);
  const promise = prepareInsert(db, tables.promise);
  return {
    'tank.looked': {
      voids: ['p_look', 'p_odd'],
      project(entry) {
        const { tank, day, round, allWell, lots, note } = entry.payload;
        look({ ...factOf(entry), tank, day, round, allWell, note });
        for (const one of lots) {
          if (one.signs.length === 0 && (one.seen === null || one.seen === one.expected)) continue;
          odd({
            entry: entry.id,
            tank,
            lot: one.lot,
            atMs: entry.occurredAtMs,
            expected: one.expected,
            seen: one.seen,
            signs: JSON.stringify(one.signs),
          });
        }
      },
    },
    'lot.fed': { voids: ['p_feed'], project: (entry) => feed({ ...factOf(entry), ...entry.payload }) },
    'loss.recorded': {
      voids: ['p_loss'],
      project(entry) {
        const { note: _said, ...payload } = entry.payload;
        loss({ ...factOf(entry), ...payload });
      },
    },
    'mishap.recorded': {
      voids: ['p_mishap'],
      project(entry) {
        const { note: _said, ...payload } = entry.payload;
        mishap({ ...factOf(entry), ...payload });
      },
    },
    'due.done': {
      voids: ['p_due'],
      project: (entry) => due({ ...factOf(entry), due: entry.payload.due, kind: 'done', why: entry.payload.note }),
    },
    'due.snoozed': { voids: ['p_due'], project: (entry) => due({ ...factOf(entry), ...entry.payload, kind: 'snoozed' }) },
    'due.skipped': { voids: ['p_due'], project: (entry) => due({ ...factOf(entry), ...entry.payload, kind: 'skipped' }) },
    'lot.opened': {
      voids: ['p_lot'],
      project({ id, payload: { lot: key, species, label, sizeCm, origin, supplier } }) {
        lot({ id: key, entry: id, label, species, sizeCm, origin, supplier });
      },
    },
    'stock.moved': { voids: [], project: () => undefined },
    'stock.counted': { voids: [], project: () => undefined },
    'lot.promised': {
      voids: ['p_promise'],
      project(entry) {
        const { promise: id, ...payload } = entry.payload;
        promise({ ...factOf(entry), id, ...payload });
      },
    },
  };
};
