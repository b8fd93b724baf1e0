// What is due: the facts that due things are derived from, read in a few indexed queries. Nothing here is stored as due.
import { claimWindow, sayClaimed, transit } from '#core/dock/index.ts';
import { roundAt } from '#core/rounds/index.ts';
import { CONVERSION_HOURS, CONVERSION_PPT } from '#core/runs/index.ts';
import { HOUR_MS, startOfHouseDay } from '#core/time/index.ts';
import {
  CLAIM_LAPSES_MS,
  deriveDue,
  FOLLOW_UP_HOURS,
  FOLLOW_UP_LAPSES_MS,
  MISSED_DAYS,
  missedRoundsOf,
  type DueFacts,
} from '#core/today/index.ts';
import { makeAsk, number, orNull, pick, word } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { CRATE_WINDOW_MS, RECENT_CRATE } from '../now/rows.ts';
import { prepareCleanWater } from '../dock/bags.ts';
import { prepareClaims } from '../dock/claims.ts';
import { prepareChoreDue } from '../chores/due.ts';
import { prepareHealingDue } from '../healing/due.ts';
import { prepareKitchenDue } from '../kitchen/due.ts';
import { preparePreparation } from '../prepare/facts.ts';
import { preparePeopleHere } from '../people/here.ts';
import { prepareRoomDue } from '../today/room.ts';
import { prepareAssigned } from '../today/state.ts';
import { placed, WALK, walkOf } from '../today/walk.ts';
import { prepareSettling } from '../rounds/settling.ts';
import { prepareUntested } from '../rounds/untested.ts';
import { prepareRunCards } from '../runs/cards.ts';
import { prepareWaterTestDue } from '../waterTests/due.ts';
import { prepareLeft, prepareMissed } from './rounds.ts';
import type { MakeView } from './view.ts';

/** The last follow-up and the time after which it is dropped. */
const FOLLOWED_MS = (FOLLOW_UP_HOURS.at(-1)! + 48) * HOUR_MS;
const CONVERTED_MS = CONVERSION_HOURS.at(-1)! * HOUR_MS + FOLLOW_UP_LAPSES_MS;
/** SQL of whether run `e` was a conversion, as core says it (isConversion). */
const CONVERSION = `(e.method in ('long conversion', 'overnight conversion') or abs(json_extract(e.facts, '$.water.salinity') - json_extract(e.facts, '$.start.salinity')) >= ${CONVERSION_PPT})`;
/** The longest window that may be, and as long as it is still asked for after. */
const CLAIMS_MS = 720 * HOUR_MS + CLAIM_LAPSES_MS;
export const makeTodayView: MakeView<'today'> = (client) => {
  const ask = makeAsk(client);
  // A bag waits from its landing until it is afloat or its fish are let out; a listed bag waits to be landed.
  const arrivals = ask.all(
    {
      entry: t.arrival.entry,
      ...pick(t.crate, 'packedAtMs', 'promisedAtMs'),
      crate: t.crate.id,
      crateLabel: t.crate.label,
      arrivedAtMs: t.arrival.atMs,
      waiting: number,
      sinceMs: t.arrival.atMs,
    },
    `
    select a.entry, c.id crate, c.label crateLabel, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, a.at_ms arrivedAtMs, count(b.id) waiting, a.at_ms sinceMs
    from p_arrival a join p_crate c on c.id = a.crate join now_open_bag b on b.crate = c.id
    where a.voided_by is null and a.at_ms > ? and c.voided_by is null
      and not exists (select 1 from now_float f where f.bag = b.id)
      and not exists (select 1 from p_clean_water q where q.bag = b.id and q.voided_by is null)
    group by a.entry`,
  );
  const expected = ask.all(
    { ...pick(t.crate, 'entry', 'promisedAtMs'), crate: t.crate.id, crateLabel: t.crate.label },
    `
    select c.entry, c.id crate, c.label crateLabel, c.promised_at_ms promisedAtMs from p_crate c
    where ${RECENT_CRATE} and c.voided_by is null and not exists (select 1 from p_arrival a where a.crate = c.id and a.voided_by is null)`,
  );
  const floats = ask.all(
    {
      ...pick(t.float, 'entry', 'bag'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      bagLabel: t.bag.label,
      tankCode: t.tank.code,
      lotLabel: t.lot.label,
      dueAtMs: number,
    },
    `
    select r.entry, r.bag, g.label bagLabel, t.code tankCode, l.label lotLabel, r.at_ms + cast(round(r.minutes * 60000) as integer) dueAtMs, ${WALK}
    from now_standing b cross join p_bag g on g.id = b.place cross join now_float r on r.bag = g.id
    join p_lot l on l.id = r.lot join p_tank t on t.id = r.tank join p_rack k on k.id = t.rack`,
  );
  const after = ask.all(
    {
      ...pick(t.chase, 'entry', 'atMs'),
      walk: t.rack.walk,
      ...pick(t.tank, 'row', 'column'),
      rule: word<'after-release' | 'after-mishap' | 'after-conversion' | 'after-chase'>(),
      tank: t.tank.id,
      tankCode: t.tank.code,
      what: t.lot.label,
      checkedAtMs: orNull(number),
    },
    `
    select f.entry, f.rule, t.id tank, t.code tankCode, l.label what, f.at_ms atMs, ${WALK},
      (select max(at_ms) from p_health_check o where o.tank = t.id and o.voided_by is null and o.at_ms >= f.at_ms) checkedAtMs
    from (
      select entry, 'after-release' rule, tank, lot, at_ms from p_release where at_ms > @since and voided_by is null and alive > 0
      union all select x.entry, 'after-conversion', x.tank, x.lot, x.at_ms from p_release x join p_bench_run e on e.id = x.run and x.bag is null
        where x.at_ms > @longSince and x.voided_by is null and x.alive > 0
          and ${CONVERSION}
      union all select entry, 'after-mishap', tank, lot, at_ms from p_mishap where at_ms > @since and voided_by is null
      union all select entry, 'after-chase', tank, chased, at_ms from p_chase where at_ms > @since and voided_by is null and how <> 'displays'
    ) f join p_tank t on t.id = f.tank join p_rack k on k.id = t.rack join p_lot l on l.id = f.lot
    where exists (select 1 from now_standing b where b.lot = f.lot and b.place = f.tank)`,
  );
  const calls = ask.all(
    { ...pick(t.page, 'due', 'atMs'), what: t.page.says },
    "select due, says what, at_ms atMs from p_page where (due like '%:without-lead:0' or due like '%:pins-guessed:%') and at_ms > ? and voided_by is null",
  );
  const settled = ask.get(
    pick(t.due, 'kind', 'untilMs'),
    'select kind, until_ms untilMs from p_due where due = ? and voided_by is null order by at_ms desc, entry desc limit 1',
  );
  const runs = prepareRunCards(client);
  const walkOfTank = ask.one(
    { walk: t.rack.walk, ...pick(t.tank, 'row', 'column') },
    `select ${WALK} from p_tank t join p_rack k on k.id = t.rack where t.id = ?`,
  );
  const dark = ask.all(
    { ...pick(t.dim, 'entry', 'untilMs'), walk: t.rack.walk, ...pick(t.tank, 'row', 'column'), tank: t.tank.id, tankCode: t.tank.code },
    `
    select d.entry, t.id tank, t.code tankCode, d.until_ms untilMs, ${WALK} from p_dim d join p_tank t on t.id = d.tank join p_rack k on k.id = t.rack
    where d.until_ms > ? and d.voided_by is null and d.entry = (select entry from p_dim x where x.tank = d.tank and x.voided_by is null order by x.at_ms desc, x.entry desc limit 1)`,
  );
  const preparation = preparePreparation(client);
  const roomDue = prepareRoomDue(client);
  const kitchen = prepareKitchenDue(client);
  const chores = prepareChoreDue(client);
  const assigned = prepareAssigned(client);
  const people = preparePeopleHere(client);
  const untested = prepareUntested(client);
  const settling = prepareSettling(client);
  const healing = prepareHealingDue(client);
  const waterTests = prepareWaterTestDue(client);
  const claims = prepareClaims(client);
  const clean = prepareCleanWater(client);
  const leftOf = prepareLeft(client);
  const missedOn = prepareMissed(client);
  const openedAt = ask.value(number, 'select min(recorded_at_ms) from entry where seq = (select min(seq) from entry)');

  return ({ now, zone, rules }) => {
    const recent = now - CRATE_WINDOW_MS;
    const { day } = roundAt(now, zone, rules.eveningFromHour);
    const openedAtMs = openedAt() ?? now;
    const unanswered = Array.from({ length: MISSED_DAYS }, (_, back) => day - 1 - back).filter(
      (past) => startOfHouseDay(past + 1, zone) > openedAtMs && !settled(missedRoundsOf(past)),
    );
    const facts: DueFacts = {
      arrivals: arrivals(recent).map((row) => ({ ...row, pressing: transit(row, rules, now).pressing })),
      claims: claims.waiting(now - CLAIMS_MS).map((claim) => ({
        entry: claim.entry,
        crate: claim.crate,
        crateLabel: claim.label,
        what: sayClaimed(claim.counts),
        sinceMs: claimWindow(claim)?.startMs ?? claim.arrivedAtMs!,
        endsMs: claimWindow(claim)?.endMs,
      })),
      expected: expected(recent, recent),
      clean: clean(rules.cleanWaterMin),
      floats: floats().map(placed),
      after: after({ since: now - FOLLOWED_MS, longSince: now - CONVERTED_MS }).map((row) => ({
        ...placed(row),
        checkedAtMs: row.checkedAtMs ?? undefined,
      })),
      runs: runs(now).map(({ entry, run, tank, lotLabel, started, n, startedAtMs, dues }) => ({
        entry,
        run,
        tankCode: tank.code,
        what: `${started.vessel.name}, ${n} ${lotLabel}`,
        n,
        sinceMs: startedAtMs,
        dues,
        walk: walkOf(walkOfTank(tank.id)),
      })),
      dark: dark(now - FOLLOW_UP_LAPSES_MS).map(placed),
      rounds: { day, left: leftOf(day), openedAtMs },
      missedRounds: missedOn(unanswered.map((past) => ({ day: past, beganMs: startOfHouseDay(past, zone) }))),
      ...roomDue(now),
      untested: untested(now),
      settling: settling(now),
      healing: healing(),
      calls: calls(now - FOLLOW_UP_LAPSES_MS),
      ...preparation(recent, rules, now),
      ...kitchen({ now, zone, rules }),
      ...chores({ now, zone }),
      ...waterTests({ now, zone, rules: rules.waterTests }),
      assigned: { get: assigned },
      settled: {
        get(due) {
          const row = settled(due);
          return row && { kind: row.kind, untilMs: row.untilMs ?? undefined };
        },
      },
    };
    return { due: deriveDue(facts, { now, zone, lateAfterH: rules.lateAfterH, eveningFromHour: rules.eveningFromHour }), people: people() };
  };
};
