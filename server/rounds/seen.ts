// What was seen of each lot in its tank: signs of its last check, what is usual for it, fish that counts did not find, fish on record as missing, when it came.
import type Database from 'better-sqlite3';
import type { RoundTank } from '#contract/views.ts';
import { isUsual, LEARNT_FROM_MS, unseenBy, type HeadCount, type Sign, type SignSeen } from '#core/rounds/index.ts';
import { DAY_MS, HOUR_MS, houseDay } from '#core/time/index.ts';
import { makeAsk, number, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { CUT_LOTS } from '../stock/line.ts';

/** Signs of the last check are offered again for so long. */
const BEFORE_FOR_MS = 36 * HOUR_MS;
/** What is usual for a lot is learnt from so many days; the last two are what is judged. */
const USUAL_DAYS = 21;
const JUDGED_DAYS = 2;
const LATELY_MS = 14 * DAY_MS;
const COUNTED_FOR_MS = 21 * DAY_MS;
const CAME_WITHIN_MS = 16 * DAY_MS;

type Lot = RoundTank['lots'][number];
export type Seen = Pick<Lot, 'before' | 'usual' | 'lately' | 'cameMs' | 'unseen' | 'missing'>;
const keyOf = ({ tank, lot }: { tank: string; lot: string }): string => `${tank}|${lot}`;

type Here = { tank: string; lot: string; sinceMs?: number };

export function prepareSeen(client: Database.Database): (given: { now: number; zone: string }) => (here: Here) => Seen {
  const ask = makeAsk(client);
  const odd = ask.all(
    pick(t.odd, 'tank', 'lot', 'atMs', 'signs'),
    "select tank, lot, at_ms atMs, signs from p_odd where at_ms > ? and at_ms <= ? and signs <> '[]' and voided_by is null order by at_ms desc, entry desc",
  );
  const lastCheck = ask.value(number, 'select max(at_ms) from p_health_check where tank = ? and voided_by is null');
  const checkedDays = ask.only(
    number,
    'select count(distinct day) from p_health_check where tank = ? and day between ? and ? and voided_by is null',
  );
  const counts = ask.all(
    pick(t.headCount, 'tank', 'lot', 'day', 'round', 'expected', 'seen', 'atMs'),
    'select tank, lot, day, round, expected, seen, at_ms atMs from p_head_count where at_ms > ? and at_ms <= ? and voided_by is null order by at_ms desc, entry desc',
  );
  // What was written about their number since makes an older count one of other fish.
  const lastLeg = ask.value(number, 'select max(at_ms) from p_leg where lot = ? and +place = ? and voided_by is null');
  const came = ask.map(
    t.release.lot,
    number,
    `select r.lot, min(r.at_ms) from p_release r where r.at_ms > ? and r.voided_by is null and r.alive > 0
      and not exists (select 1 from p_release e where e.lot = r.lot and e.at_ms < ? and e.voided_by is null) group by r.lot`,
  );
  // Fish that were cut off came when those came, and had what those had.
  const elders = ask.all({ of: text, lot: text, until: number }, `with ${CUT_LOTS} select "of", lot, until from line`);
  const missing = ask.map(
    t.balance.lot,
    t.balance.n,
    "select lot, n from p_balance indexed by p_balance_lost where place = 'missing' and n > 0",
  );

  return ({ now, zone }) => {
    const today = houseDay(now, zone);
    const seenOdd = odd(now - USUAL_DAYS * DAY_MS, now);
    const signs = grouped(seenOdd, keyOf);
    const ofLot = grouped(seenOdd, ({ lot }) => lot);
    const cutFrom = grouped(elders(), (elder) => elder.of);
    const counted = grouped(counts(now - COUNTED_FOR_MS, now), keyOf);
    const since = now - CAME_WITHIN_MS;
    const [cameAt, lost] = [came(since, since), missing()];
    return ({ tank, lot, sinceMs }) => {
      const rows = signs.get(keyOf({ tank, lot })) ?? [];
      const usual = sinceMs === undefined ? [] : usualOf(rows, { tank, fromMs: sinceMs + LEARNT_FROM_MS });
      const line = [{ lot, until: Infinity }, ...(cutFrom.get(lot) ?? [])];
      // Wherever it was: spots that were seen in another tank are spots.
      const hadOf = line.flatMap((elder) =>
        (ofLot.get(elder.lot) ?? []).filter(({ atMs }) => atMs > now - LATELY_MS && atMs <= elder.until),
      );
      const lately = [...new Set(hadOf.flatMap((row) => row.signs.map(({ sign }) => sign)))];
      const unseen = unseenBy(shortOf(counted.get(keyOf({ tank, lot })) ?? []));
      const before = beforeOf(rows, tank);
      const cameMs = line.map((elder) => cameAt.get(elder.lot)).find((atMs) => atMs !== undefined);
      const gone = lost.get(lot);
      return {
        ...(before ? { before } : {}),
        ...(usual.length > 0 ? { usual } : {}),
        ...(lately.length > 0 ? { lately } : {}),
        ...(cameMs === undefined ? {} : { cameMs }),
        ...(unseen ? { unseen } : {}),
        ...(gone === undefined ? {} : { missing: gone }),
      };
    };

    type Row = { atMs: number; signs: SignSeen[] };
    /** What its last check said, if that is of yesterday and nobody has looked at the tank since. */
    function beforeOf(rows: readonly Row[], tank: string): Lot['before'] {
      const [last] = rows;
      if (!last || last.atMs <= now - BEFORE_FOR_MS || last.atMs < (lastCheck(tank) ?? 0)) return undefined;
      return { atMs: last.atMs, signs: last.signs };
    }

    function usualOf(rows: readonly Row[], { tank, fromMs }: { tank: string; fromMs: number }): NonNullable<Lot['usual']> {
      const days = new Map<Sign, Set<number>>();
      for (const row of rows) {
        const day = houseDay(row.atMs, zone);
        if (day > today - JUDGED_DAYS || row.atMs < fromMs) continue;
        for (const { sign } of row.signs) days.set(sign, (days.get(sign) ?? new Set()).add(day));
      }
      return [...days].flatMap(([sign, seen]) => {
        // Of all days that it was looked at, those before the sign was seen first too.
        const first = houseDay(Math.max(fromMs, now - USUAL_DAYS * DAY_MS), zone);
        const before = { days: seen.size, of: Math.max(seen.size, checkedDays(tank, first, today - JUDGED_DAYS)) };
        return isUsual(sign, before) ? [{ sign, ...before }] : [];
      });
    }

    function shortOf(rows: readonly (HeadCount & { tank: string; lot: string; atMs: number })[]): HeadCount[] {
      const [latest] = rows;
      if (!latest || latest.seen >= latest.expected) return [];
      const changedMs = lastLeg(latest.lot, latest.tank) ?? 0;
      return rows.filter(({ atMs }) => atMs > changedMs);
    }
  };
}
