// Whether a lot is ready for medicine, by what the records say of it: one answer for the list that ticks itself and for the question at a treatment.
import type Database from 'better-sqlite3';
import { conditionOf, type Condition } from '#core/healing/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, orNull } from '../db/ask.ts';
import { WEAK_SIGNS } from '../placement/weak.ts';

/** Only as far back as any of them matters. */
const sign = (which: string) =>
  `(select max(o.at_ms) from p_odd o join json_each(o.signs) j where o.lot = @lot and o.at_ms between @weekAgo and @at and o.voided_by is null and json_extract(j.value, '$.sign') ${which})`;

export function prepareCondition(client: Database.Database): (lot: string, atMs: number) => Condition {
  const facts = makeAsk(client).one(
    {
      ateMs: orNull(number),
      checkedMs: orNull(number),
      thinMs: orNull(number),
      movedMs: orNull(number),
      signMs: orNull(number),
      landedMs: orNull(number),
    },
    `select (select max(at_ms) from p_feed f where f.lot = @lot and f.response in ('ate', 'charged') and f.planned is not 1 and f.at_ms between @weekAgo and @at and f.voided_by is null) ateMs,
      (select min(last) from (select (select max(c.at_ms) from p_health_check c where c.tank = b.place and c.at_ms <= @at and c.voided_by is null) last
        from p_balance b join p_tank t on t.id = b.place where b.lot = @lot and b.inside = 1 and b.n > 0)) checkedMs,
      ${sign("= 'thin'")} thinMs, ${sign('in (select value from json_each(@weak))')} signMs,
      (select max(g.at_ms) from p_leg g join p_tank t on t.id = g.place where g.lot = @lot and g.n > 0 and g.at_ms between @weekAgo and @at and g.voided_by is null
        and exists (select 1 from p_leg w left join p_tank f on f.id = w.place where w.entry = g.entry and w.lot = g.lot and w.n < 0 and w.place not in ('opening', 'relabelled', 'hatched', 'missing', 'discrepancy') and f.system is not t.system)) movedMs,
      (select max(at_ms) from p_landing l where l.lot = @lot and l.at_ms between @weekAgo and @at and l.condition <> 'fit' and l.voided_by is null) landedMs`,
  );
  return (lot, atMs) => {
    const { ateMs, checkedMs, thinMs, movedMs, signMs, landedMs } = facts({ lot, at: atMs, weekAgo: atMs - 8 * DAY_MS, weak: WEAK_SIGNS });
    const weakMs = Math.max(signMs ?? 0, landedMs ?? 0);
    return conditionOf(
      {
        ...(ateMs === null ? {} : { ateMs }),
        ...(checkedMs === null ? {} : { checkedMs }),
        ...(thinMs === null ? {} : { thinMs }),
        ...(movedMs === null ? {} : { movedMs }),
        ...(weakMs > 0 ? { weakMs } : {}),
      },
      atMs,
    );
  };
}
