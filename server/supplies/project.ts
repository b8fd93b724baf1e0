// Rows of supplies: what is kept, and what came, was counted, was used.
import { eq } from 'drizzle-orm';
import type { SupplyEntries, SupplyFields } from '#core/supplies/index.ts';
import { prepareInsert } from '../db/insert.ts';
import * as tables from '../db/projectionTables.ts';
import { noteChange, type MakeProjectors } from '../db/projector.ts';
import { withoutNull } from '../now/rows.ts';

export const supplyProjectors: MakeProjectors<SupplyEntries> = (db) => {
  const supply = prepareInsert(db, tables.supply);
  const flow = prepareInsert(db, tables.supplyFlow);
  const change = noteChange(db);
  return {
    'supply.added': {
      voids: [],
      project: ({ id, payload: { supply: key, ...facts } }) => supply({ id: key, entry: id, name: facts.name, facts }),
    },
    'supply.changed': {
      voids: [],
      project(entry) {
        const { supply: key, fields } = entry.payload;
        const row = db.select().from(tables.supply).where(eq(tables.supply.id, key)).get()!;
        const facts = withoutNull<SupplyFields>({ ...row.facts, ...fields } as SupplyFields);
        db.update(tables.supply).set({ entry: entry.id, name: facts.name, facts }).where(eq(tables.supply.id, key)).run();
        change(entry, `supply:${key}`, fields);
      },
    },
    'supply.received': {
      voids: ['p_supply_flow'],
      project: ({ id, occurredAtMs, payload }) => flow({ ...payload, entry: id, atMs: occurredAtMs, how: 'came' }),
    },
    'supply.counted': {
      voids: ['p_supply_flow'],
      project({ id, occurredAtMs, payload: { item, amount, dirty } }) {
        flow({ item, amount, entry: id, atMs: occurredAtMs, how: 'counted' });
        if (dirty !== undefined) flow({ item, amount: dirty, entry: id, atMs: occurredAtMs, how: 'dirty' });
      },
    },
    'supply.returned': {
      voids: ['p_supply_flow'],
      project: ({ id, occurredAtMs, payload }) => flow({ ...payload, entry: id, atMs: occurredAtMs, how: 'returned' }),
    },
    'supply.washed': {
      voids: ['p_supply_flow'],
      project({ id, occurredAtMs, payload: { item, amount, thrown } }) {
        flow({ item, amount, entry: id, atMs: occurredAtMs, how: 'washed' });
        if (thrown) flow({ item, amount: thrown, entry: id, atMs: occurredAtMs, how: 'thrown' });
      },
    },
  };
};
