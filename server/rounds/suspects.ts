// Which systems are suspect now, and what was odd of late: judged on each read from looks, losses and arrivals.
import type Database from 'better-sqlite3';
import type { Oddity } from '#contract/views.ts';
import { makesSuspect } from '#core/rounds/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

const SUSPECT_FOR_MS = 7 * DAY_MS;
const SHOWN_FOR_MS = 2 * DAY_MS;

export type Suspects = { systems: ReadonlySet<string>; oddByTank: ReadonlyMap<string, Oddity[]> };

/** Signs of the last week make a system suspect, so do deaths unexplained or by illness; the last two days are shown. */
export function prepareSuspects(client: Database.Database): (now: number) => Suspects {
  const ask = makeAsk(client);
  const odd = ask.all(
    {
      ...pick(t.odd, 'tank', 'lot', 'atMs', 'expected', 'seen', 'signs'),
      system: t.tank.system,
      label: t.lot.label,
      arrivedMs: orNull(number),
    },
    `
    select o.tank, t.system, o.lot, l.label, o.at_ms atMs, o.expected, o.seen, o.signs,
      (select max(at_ms) from p_release r where r.tank = o.tank and r.at_ms <= o.at_ms and r.voided_by is null) arrivedMs
    from p_odd o join p_tank t on t.id = o.tank join p_lot l on l.id = o.lot
    where o.at_ms > ? and o.at_ms <= ? and o.voided_by is null order by o.at_ms desc, o.entry desc`,
  );
  const losses = ask.all(
    { system: t.tank.system, ...pick(t.loss, 'lot', 'atMs', 'n', 'cause'), label: t.lot.label, tank: t.loss.place },
    `
    select x.place tank, t.system, x.lot, l.label, x.at_ms atMs, x.n, x.cause from now_loss x join p_tank t on t.id = x.place join p_lot l on l.id = x.lot
    where x.at_ms > ? and x.at_ms <= ? order by x.at_ms desc, x.entry desc`,
  );

  return (now) => {
    const systems = new Set<string>();
    const oddByTank = new Map<string, Oddity[]>();
    const show = (tank: string, oddity: Oddity) => {
      if (oddity.atMs > now - SHOWN_FOR_MS) oddByTank.set(tank, [...(oddByTank.get(tank) ?? []), oddity]);
    };
    for (const row of losses(now - SUSPECT_FOR_MS, now)) {
      if (row.cause === 'illness' || row.cause === 'not known') systems.add(row.system);
      show(row.tank, { lot: row.lot, what: row.label, atMs: row.atMs, signs: [], missing: 0, died: row.n });
    }
    for (const row of odd(now - SUSPECT_FOR_MS, now)) {
      const signs = row.signs.map(({ sign }) => sign);
      if (signs.some((sign) => makesSuspect(sign, row.atMs, row.arrivedMs ?? undefined))) systems.add(row.system);
      show(row.tank, {
        lot: row.lot,
        what: row.label,
        atMs: row.atMs,
        signs,
        missing: row.seen === null ? 0 : Math.max(0, row.expected - row.seen),
        died: 0,
      });
    }
    return { systems, oddByTank };
  };
}
