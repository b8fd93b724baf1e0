// Core's question about a run: whose fish, for which tank, and whether it is over.
import type Database from 'better-sqlite3';
import type { Mark } from '#core/journal/index.ts';
import type { RunSummary } from '#core/runs/index.ts';
import { makeAsk, orNull, pick, flag, json } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { personName } from '../now/sqlFragments.ts';

export function prepareRunSummary(client: Database.Database): (id: string) => RunSummary | undefined {
  const ask = makeAsk(client);
  const find = ask.get(
    {
      ...pick(t.benchRun, 'id', 'lot', 'tank', 'vessel'),
      begun: t.benchRun.overruled,
      home: json<string[]>(),
      held: flag,
      overruled: json<string[][]>(),
      released: orNull(json<Mark>()),
    },
    `
    select r.id, r.lot, r.tank, r.vessel, r.overruled begun,
      (select json_group_array(f.place) from p_run_from f join p_tank t on t.id = f.place where f.run = r.id) home,
      exists (select 1 from now_quarantine h where h.lot = r.lot) held,
      (select json_group_array(json(a.overruled)) from p_run_from f join p_assignment a on a.bag = f.place and a.voided_by is null where f.run = r.id and a.tank = r.tank) overruled,
      (select json_object('entry', x.entry, 'by', ${personName('x."by"')}, 'atMs', x.at_ms) from p_run_release x where x.run = r.id and x.remaining = 0 and x.voided_by is null) released
    from p_bench_run r where r.id = ? and r.voided_by is null`,
  );
  return (id) => {
    const row = find(id);
    if (!row) return undefined;
    const { home, held, begun, overruled, released, ...rest } = row;
    const cleared = home.length > 0;
    return {
      ...rest,
      cleared,
      home,
      quarantineDone: cleared && !held,
      passed: [...begun, ...overruled.flat()],
      released: released ?? undefined,
    };
  };
}
