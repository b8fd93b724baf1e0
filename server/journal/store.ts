// The journal table itself: rows in, entries out, lifted to today's versions. Knows nothing of rules or projections.
import { asc, eq, gt, sql } from 'drizzle-orm';
import { lift } from '#contract/act.ts';
import type { Entry, RecordedEntry } from '#core/catalogue/index.ts';
import { prepareInsert } from '../db/insert.ts';
import { entry as table } from '../db/journalTables.ts';
import type { Drizzle } from '../db/open.ts';

export type Row = typeof table.$inferSelect;
export type JournalStore = ReturnType<typeof makeJournalStore>;
const PAGE = 2000;

export function makeJournalStore(db: Drizzle) {
  const insert = prepareInsert(db, table);
  const byAct = db
    .select()
    .from(table)
    .where(eq(table.actId, sql.placeholder('actId')))
    .orderBy(asc(table.seq))
    .prepare();
  const byId = db
    .select()
    .from(table)
    .where(eq(table.id, sql.placeholder('id')))
    .prepare();
  const latest = db
    .select({ seq: sql<number | null>`max(${table.seq})` })
    .from(table)
    .prepare();
  const after = db
    .select()
    .from(table)
    .where(gt(table.seq, sql.placeholder('seq')))
    .orderBy(asc(table.seq))
    .limit(PAGE)
    .prepare();

  return {
    insert(entry: Entry, record: Omit<RecordedEntry, keyof Entry | 'seq'>): number {
      return insert({ ...entry, ...record });
    },
    latestSeq: (): number => latest.get()?.seq ?? 0,
    ofAct: (actId: string): RecordedEntry[] => byAct.all({ actId }).map(lifted),
    find(id: string): RecordedEntry | undefined {
      const row = byId.get({ id });
      return row && lifted(row);
    },
    /** The whole journal in order of record, a page at a time. */
    *all(): Generator<RecordedEntry> {
      let seq = 0;
      for (;;) {
        const rows = after.all({ seq });
        for (const row of rows) yield lifted(row);
        if (rows.length < PAGE) return;
        seq = rows.at(-1)!.seq;
      }
    },
  };
}

/** A row as the entry it holds, with a payload of today's version. */
export function lifted(row: Row): RecordedEntry {
  const { overrules, corrects, payload, ...rest } = row;
  return {
    ...rest,
    payload: lift(row.kind, row.version, payload),
    ...(overrules ? { overrules } : {}),
    ...(corrects ? { corrects } : {}),
  } as RecordedEntry;
}
