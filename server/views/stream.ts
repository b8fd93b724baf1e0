// The stream bar: heads at each stage, heads expected, heads lost in a week.
import { stageCounts, type Standing } from '#core/stock/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, pick, flag, orNull, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { CRATE_WINDOW_MS, RECENT_CRATE } from '../now/rows.ts';
import type { MakeView } from './view.ts';

const WEEK_MS = 7 * DAY_MS;
const STANDING = { ...pick(t.balance, 'lot', 'n'), isBag: flag, customer: orNull(flag), inRun: flag, quarantineOpen: flag };

export const makeStreamView: MakeView<'stream'> = (client) => {
  const ask = makeAsk(client);
  const standings = ask.all(
    STANDING,
    `
    select b.lot, b.n, t.id is null isBag, t.purpose = 'customer' customer,
      t.id is null and (exists (select 1 from now_float f where f.bag = b.place) or exists (select 1 from p_bench_run r where r.id = b.place)) inRun, exists (select 1 from now_quarantine h where h.lot = b.lot) quarantineOpen
    from now_standing b left join p_tank t on t.id = b.place`,
  );
  const promised = ask.map(t.promise.lot, number, `select p.lot, sum(p.n) n from now_promise p group by p.lot`);
  const expected = ask.only(
    number,
    `
    select coalesce(sum(b.listed), 0) from p_crate c cross join p_bag b on b.crate = c.id and b.voided_by is null
    where ${RECENT_CRATE} and c.voided_by is null
      and not exists (select 1 from p_landing l where l.bag = b.id and l.voided_by is null)
      and not exists (select 1 from p_absence a where a.bag = b.id and a.voided_by is null)`,
  );
  const lost = ask.only(
    number,
    "select coalesce(sum(n), 0) from p_leg where place in ('died', 'put-down') and at_ms > ? and at_ms <= ? and voided_by is null",
  );

  return ({ now }) => {
    const rows = standings();
    const promises = promised();
    const counts = stageCounts(rows.map(standingOf), promises);
    return {
      ...counts,
      expected: expected(now - CRATE_WINDOW_MS, now - CRATE_WINDOW_MS),
      lost7: lost(now - WEEK_MS, now),
    };
  };
};

function standingOf({ lot, n, isBag, customer, inRun, quarantineOpen }: RowOf<typeof STANDING>): Standing {
  return { lot, n, place: isBag ? 'bag' : customer ? 'customer tank' : 'tank', inRun, quarantineOpen };
}
