// The stream bar: heads at each stage, heads expected, heads lost in a week.
import { stageCounts, type Standing } from '#core/stock/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { CRATE_WINDOW_MS, QUARANTINE_OPEN, OPEN_FLOAT, RECENT_CRATE } from '../now/rows.ts';
import { PROMISED } from '../now/sqlFragments.ts';
import type { MakeView } from './view.ts';

const WEEK_MS = 7 * DAY_MS;
type Row = { lot: string; n: number; isBag: number; customer: number; inRun: number; quarantineOpen: number };

export const makeStreamView: MakeView<'stream'> = (client) => {
  const standings = client.prepare(`
    select b.lot, b.n, t.id is null isBag, t.purpose = 'customer' customer,
      t.id is null and (${OPEN_FLOAT('b.place')} or exists (select 1 from p_bench_run r where r.id = b.place)) inRun, ${QUARANTINE_OPEN('b.lot')} quarantineOpen
    from p_balance b left join p_tank t on t.id = b.place where b.inside = 1 and b.n <> 0`);
  const promised = client.prepare(`select p.lot, sum(p.n) n from p_promise p where ${PROMISED} group by p.lot`);
  const expected = client
    .prepare(
      `
    select coalesce(sum(b.listed), 0) from p_crate c cross join p_bag b on b.crate = c.id and b.voided_by is null
    where ${RECENT_CRATE} and c.voided_by is null
      and not exists (select 1 from p_landing l where l.bag = b.id and l.voided_by is null)
      and not exists (select 1 from p_absence a where a.bag = b.id and a.voided_by is null)`,
    )
    .pluck();
  const lost = client
    .prepare("select coalesce(sum(n), 0) from p_leg where place in ('died', 'put-down') and at_ms > ? and at_ms <= ? and voided_by is null")
    .pluck();

  return ({ now }) => {
    const rows = standings.all() as Row[];
    const promises = new Map((promised.all() as { lot: string; n: number }[]).map(({ lot, n }) => [lot, n]));
    const counts = stageCounts(rows.map(standingOf), promises);
    return {
      ...counts,
      expected: expected.get(now - CRATE_WINDOW_MS, now - CRATE_WINDOW_MS) as number,
      lost7: lost.get(now - WEEK_MS, now) as number,
    };
  };
};

function standingOf({ lot, n, isBag, customer, inRun, quarantineOpen }: Row): Standing {
  return { lot, n, place: isBag ? 'bag' : customer ? 'customer tank' : 'tank', inRun: inRun === 1, quarantineOpen: quarantineOpen === 1 };
}
