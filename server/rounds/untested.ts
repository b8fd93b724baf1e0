// Deaths after which nobody has tested the water.
import type Database from 'better-sqlite3';
import { UNTESTED_LAPSES_MS, type DueFacts } from '#core/today/index.ts';
import { makeAsk, number, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';

/** The first death in a system since its ammonia was tested, of those of the last days; one that fell out, or was eaten, says nothing of the water. */
export function prepareUntested(client: Database.Database): (now: number) => DueFacts['untested'] {
  const all = makeAsk(client).all(
    {
      entry: t.loss.entry,
      atMs: number,
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.lot.label,
    },
    `
    select x.entry, min(x.at_ms) atMs, t.id tank, t.code tankCode, l.label what, k.walk, t."row", t."column"
    from now_loss x join p_tank t on t.id = x.place join p_rack k on k.id = t.rack join p_lot l on l.id = x.lot
    where x.at_ms > ? and t.purpose <> 'customer' and x.cause not in ('jumped', 'eaten')
      and not exists (select 1 from p_reading r where r.subject = t.system and r.quantity = 'ammonia' and r.source = 'measured' and r.voided_by is null and r.at_ms >= x.at_ms)
    group by t.system`,
  );
  return (now) => all(now - UNTESTED_LAPSES_MS).map(({ walk, row, column, ...rest }) => ({ ...rest, walk: [walk, row, column] }));
}
