// Lots that showed stress within their settling time, of which nobody has said since that it is over: a look is due when the time is.
import type Database from 'better-sqlite3';
import { SETTLING_MS, SIGN_CLASS } from '#core/rounds/index.ts';
import type { DueFacts } from '#core/today/index.ts';
import { makeAsk, number, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { placed, WALK } from '../today/walk.ts';

export function prepareSettling(client: Database.Database): (now: number) => DueFacts['settling'] {
  const odd = makeAsk(client).all(
    {
      ...pick(t.odd, 'entry', 'atMs', 'signs', 'lot'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.lot.label,
      movedMs: orNull(number),
      checkedAtMs: orNull(number),
    },
    `select o.entry, o.at_ms atMs, o.signs, o.lot, t.id tank, t.code tankCode, l.label what, ${WALK},
      (select max(at_ms) from p_leg g where g.lot = o.lot and +g.place = o.tank and g.n > 0 and g.voided_by is null and g.at_ms <= o.at_ms) movedMs,
      (select max(at_ms) from p_health_check c where c.tank = o.tank and c.voided_by is null) checkedAtMs
    from p_odd o join p_tank t on t.id = o.tank join p_rack k on k.id = t.rack join p_lot l on l.id = o.lot
    where o.at_ms > ? and o.signs <> '[]' and o.voided_by is null and exists (select 1 from now_standing b where b.lot = o.lot and b.place = o.tank)
    order by o.at_ms desc, o.entry desc`,
  );
  return (now) => {
    const told = new Set<string>();
    return odd(now - 2 * SETTLING_MS).flatMap(({ movedMs, checkedAtMs, signs, atMs, lot, ...row }) => {
      const key = `${row.tank}|${lot}`;
      const isStress = signs.some(({ sign }) => SIGN_CLASS[sign] === 'stress');
      // Later ones were judged as they were seen: by then it is a warning already.
      if (told.has(key) || !isStress || movedMs === null || atMs - movedMs > SETTLING_MS) return [];
      told.add(key);
      return [{ ...placed(row), movedMs, ...(checkedAtMs === null ? {} : { checkedAtMs }) }];
    });
  };
}
