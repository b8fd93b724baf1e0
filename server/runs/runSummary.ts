// Core's question about a run: whose fish, for which tank, and whether it is over.
import type Database from 'better-sqlite3';
import type { Mark } from '#core/journal/index.ts';
import type { RunSummary } from '#core/runs/index.ts';
import { personName, STILL_OPEN } from '../now/sqlFragments.ts';

type Row = {
  id: string;
  lot: string;
  tank: string;
  vessel: string;
  home: string | null;
  held: number;
  begun: string;
  overruled: string | null;
  released: string | null;
};

export function prepareRunSummary(client: Database.Database): (id: string) => RunSummary | undefined {
  const find = client.prepare(`
    select r.id, r.lot, r.tank, r.vessel, r.overruled begun,
      (select group_concat(f.place, '|') from p_run_from f join p_tank t on t.id = f.place where f.run = r.id) home,
      exists (select 1 from p_quarantine h where h.lot = r.lot and ${STILL_OPEN}) held,
      (select group_concat(a.overruled, '|') from p_run_from f join p_assignment a on a.bag = f.place and a.voided_by is null where f.run = r.id and a.tank = r.tank) overruled,
      (select json_object('entry', x.entry, 'by', ${personName('x."by"')}, 'atMs', x.at_ms) from p_run_release x where x.run = r.id and x.remaining = 0 and x.voided_by is null) released
    from p_bench_run r where r.id = ? and r.voided_by is null`);
  return (id) => {
    const row = find.get(id) as Row | undefined;
    if (!row) return undefined;
    const { home, held, begun, overruled, released, ...rest } = row;
    const cleared = home !== null;
    const passed = [begun, ...(overruled ?? '').split('|')].flatMap((list) => (list ? (JSON.parse(list) as string[]) : []));
    return {
      ...rest,
      cleared,
      home: home?.split('|') ?? [],
      quarantineDone: cleared && held === 0,
      passed,
      released: released === null ? undefined : (JSON.parse(released) as Mark),
    };
  };
}
