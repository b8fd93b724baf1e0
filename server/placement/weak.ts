// Whether a lot came in poor shape, or a sign of weakness was seen on it, of late: for the rules and the racks alike.
import type Database from 'better-sqlite3';
import { SIGN_CLASS, SIGNS } from '#core/rounds/index.ts';
import { FRAIL_MS } from '#core/healing/index.ts';
import { makeAsk } from '../db/ask.ts';

export const WEAK_SIGNS = JSON.stringify(SIGNS.filter((sign) => SIGN_CLASS[sign] === 'stress' || SIGN_CLASS[sign] === 'appetite'));

export function prepareWeak(client: Database.Database): (lot: string, atMs: number) => boolean {
  const ask = makeAsk(client);
  const weak = ask.is(
    `select 1 from p_odd o join json_each(o.signs) j where o.lot = @lot and o.at_ms between @since and @now and o.voided_by is null
       and json_extract(j.value, '$.sign') in (select value from json_each(@weak))
       union all select 1 from p_landing l where l.lot = @lot and l.at_ms between @since and @now and l.condition <> 'fit' and l.voided_by is null limit 1`,
  );
  return (lot, atMs) => weak({ lot, now: atMs, since: atMs - FRAIL_MS, weak: WEAK_SIGNS });
}
