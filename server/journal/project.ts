// All projectors in one table, and the one way to project an entry, its stock and its reversal.
import type Database from 'better-sqlite3';
import type { JournalEntries, Kind, Payloads, RecordedEntry } from '#core/catalogue/index.ts';
import type { Leg } from '#core/journal/index.ts';
import { benchProjectors } from '../bench/project.ts';
import { prepareInsert } from '../db/insert.ts';
import type { Drizzle } from '../db/open.ts';
import * as tables from '../db/projectionTables.ts';
import type { Projector, Projectors } from '../db/projector.ts';
import { choreProjectors } from '../chores/project.ts';
import { dockProjectors } from '../dock/project.ts';
import { exposureProjectors } from '../exposure/project.ts';
import { healingProjectors } from '../healing/project.ts';
import { notedProjectors } from '../noted/project.ts';
import { waterTestProjectors } from '../waterTests/project.ts';
import { moveProjectors } from '../moves/project.ts';
import { peopleProjectors } from '../people/project.ts';
import { photoProjectors } from '../photos/project.ts';
import { prepareProjectors } from '../prepare/project.ts';
import { quarantineProjectors } from '../quarantine/project.ts';
import { roomProjectors } from '../room/project.ts';
import { feedingProjectors } from '../feeding/project.ts';
import { kitchenProjectors } from '../kitchen/project.ts';
import { roundProjectors } from '../rounds/project.ts';
import { runProjectors } from '../runs/project.ts';
import { settingsProjectors } from '../settings/project.ts';
import { speciesProjectors } from '../species/project.ts';
import { stockProjectors } from '../stock/project.ts';
import { supplyProjectors } from '../supplies/project.ts';
import { todayProjectors } from '../today/project.ts';
import { treatmentProjectors } from '../treatments/project.ts';
import { waterProjectors } from '../water/project.ts';
import { makeStockProjector } from './legs.ts';

/** Void with the facts of every kind. */
const SHARED_VOIDS = ['p_leg', 'p_need'];

export type Project = (entry: RecordedEntry, actEntries: (actId: string) => RecordedEntry[]) => Leg[];

export function makeAreaProjectors(db: Drizzle): Projectors<Omit<Payloads, keyof JournalEntries>> {
  return {
    ...benchProjectors(db),
    ...choreProjectors(db),
    ...healingProjectors(db),
    ...notedProjectors(db),
    ...waterTestProjectors(db),
    ...dockProjectors(db),
    ...exposureProjectors(db),
    ...moveProjectors(db),
    ...peopleProjectors(db),
    ...photoProjectors(db),
    ...prepareProjectors(db),
    ...quarantineProjectors(db),
    ...roomProjectors(db),
    ...roundProjectors(db),
    ...runProjectors(db),
    ...settingsProjectors(db),
    ...feedingProjectors(db),
    ...kitchenProjectors(db),
    ...supplyProjectors(db),
    ...speciesProjectors(db),
    ...stockProjectors(db),
    ...todayProjectors(db),
    ...treatmentProjectors(db),
    ...waterProjectors(db),
  };
}

/** A function that turns one recorded entry into rows and gives the stock legs that it posted. */
export function makeProject(client: Database.Database, db: Drizzle): Project {
  const area = makeAreaProjectors(db) as unknown as Partial<Record<Kind, Projector<Kind>>>;
  const stock = makeStockProjector(db);
  const reversal = prepareInsert(db, tables.reversal);
  const voidTables = new Set([...Object.values(area).flatMap((projector) => projector.voids), ...SHARED_VOIDS]);
  const voidIn = new Map([...voidTables].map((table) => [table, client.prepare(`update ${table} set voided_by = ? where entry = ?`)]));

  return (entry, actEntries) => {
    if (entry.kind !== 'entry.reversed') {
      area[entry.kind]!.project(entry);
      return stock.post(entry);
    }
    reversal({ act: entry.payload.act, entry: entry.id, by: entry.actor, atMs: entry.occurredAtMs });
    return actEntries(entry.payload.act).flatMap((undone) => {
      for (const table of [...area[undone.kind]!.voids, ...SHARED_VOIDS]) voidIn.get(table)!.run(entry.id, undone.id);
      return stock.takeBack(undone, entry.id);
    });
  };
}
