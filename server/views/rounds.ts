// The round that the clock is in: tanks with fish in walking order, what was odd, what has been looked at.
import type Database from 'better-sqlite3';
import type { RoundTank } from '#contract/views.ts';
import { walkingOrder } from '#core/room/index.ts';
import { FAULT_LAPSES_MS, roundAt, ROUNDS, type RoundName } from '#core/rounds/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { flag, makeAsk, number, text, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareTankChores } from '../chores/atTanks.ts';
import { prepareTankTests } from '../waterTests/atTanks.ts';
import { prepareEaters, type LotEater } from '../feeding/eaters.ts';
import { prepareHealingHere } from '../healing/here.ts';
import { prepareMedicated } from '../kitchen/medicated.ts';
import { grouped, personName } from '../now/rows.ts';
import { prepareSeen } from '../rounds/seen.ts';
import { prepareSuspects } from '../rounds/suspects.ts';
import type { MakeView } from './view.ts';

/** Tank `t` is on the walk: fish live in it, and it is ours. */
export const WALKED = `t.purpose <> 'customer' and exists (select 1 from now_standing b where b.place = t.id)`;

/** Tanks on the walk that a day's rounds have not looked at. */
export function prepareLeft(client: Database.Database): (day: number) => Record<RoundName, number> {
  const ask = makeAsk(client);
  const walked = ask.only(number, `select count(*) from p_tank t where ${WALKED}`);
  const checked = ask.only(
    number,
    `select count(distinct l.tank) from p_health_check l join p_tank t on t.id = l.tank where l.day = ? and l.round = ? and l.voided_by is null and ${WALKED}`,
  );
  return (day) => {
    const left = (round: RoundName) => walked() - checked(day, round);
    return { morning: left('morning'), evening: left('evening') };
  };
}

/** SQL of since when lot `lot` is in `place` without a break: what went and came back stands there since it came back. */
const sinceIn = (lot: string, place: string) =>
  `(select max(at_ms) from (select g.at_ms, g.n, sum(g.n) over (order by g.at_ms, g.entry, g.rowid) total from p_leg g where g.lot = ${lot} and +g.place = ${place} and g.voided_by is null) where total = n)`;

/** Of days that are over: the codes of tanks with fish that stood there before the day began, and that a round passed by. */
export function prepareMissed(
  client: Database.Database,
): (days: readonly PastDay[]) => { day: number; missed: Record<RoundName, string[]> }[] {
  const ask = makeAsk(client);
  const standing = ask.all(
    { ...pick(t.tank, 'id', 'code'), sinceMs: orNull(number) },
    `select t.id, t.code, (select min(${sinceIn('b.lot', 'b.place')}) from now_standing b where b.place = t.id) sinceMs
    from p_tank t join p_rack r on r.id = t.rack
    where ${WALKED} order by r.walk, t."row", t."column"`,
  );
  const checked = ask.values(t.check.tank, 'select distinct tank from p_health_check where day = ? and round = ? and voided_by is null');
  return (days) => {
    const tanks = standing();
    return days.map(({ day, beganMs }) => {
      const missedIn = (round: RoundName) => {
        const seen = new Set(checked(day, round));
        return tanks.filter(({ id, sinceMs }) => sinceMs !== null && sinceMs < beganMs && !seen.has(id)).map(({ code }) => code);
      };
      return { day, missed: { morning: missedIn('morning'), evening: missedIn('evening') } };
    });
  };
}
type PastDay = { day: number; beganMs: number };

/** Who chased whom is shown for so long. */
const CHASES_FOR_MS = 2 * DAY_MS;

type Lot = RoundTank['lots'][number];
type About = {
  seen: ReturnType<ReturnType<typeof prepareSeen>>;
  healing: (lot: string) => Pick<Lot, 'healings'>;
};
type MealIn = ReturnType<ReturnType<typeof prepareMedicated>>['mealIn'];
/** What the walk needs of who is fed. */
function lotsOf(eaters: readonly LotEater[], mealIn: MealIn, { seen, healing }: About): RoundTank['lots'] {
  const meal = mealIn(eaters);
  return eaters.map((eater) => {
    const { lot, tank, label, species, is, n, sinceMs, inQuarantine, lastFed, fast } = eater;
    return {
      ...{ lot, label, species, is, n, sinceMs, lastFed, fast },
      ...(inQuarantine ? { inQuarantine } : {}),
      meal: meal(eater),
      ...seen({ tank, lot, ...(sinceMs === undefined ? {} : { sinceMs }) }),
      ...healing(lot),
    };
  });
}

export const makeRoundsView: MakeView<'rounds'> = (client) => {
  const ask = makeAsk(client);
  const tanks = ask.all(
    { ...pick(t.tank, 'id', 'code', 'row', 'column', 'system', 'purpose', 'volumeL'), walk: t.rack.walk, rack: t.rack.name },
    `
    select t.id, t.code, r.name rack, r.walk, t."row", t."column", t.system, t.purpose, t.volume_l volumeL from p_tank t join p_rack r on r.id = t.rack
    where ${WALKED}`,
  );
  const checks = ask.all(
    { tank: t.check.tank, by: text, atMs: number, allWell: flag },
    `
    select tank, ${personName('"by"')} by, max(at_ms) atMs, min(all_well) allWell from p_health_check where day = ? and round = ? and voided_by is null group by tank`,
  );
  const leftOf = prepareLeft(client);
  const eaters = prepareEaters(client);
  const medicated = prepareMedicated(client);
  const suspects = prepareSuspects(client);
  const tankChores = prepareTankChores(client);
  const tankTests = prepareTankTests(client);
  const seenOf = prepareSeen(client);
  const healingOf = prepareHealingHere(client);
  const chases = ask.all(
    { ...pick(t.chase, 'tank', 'chaser', 'chased', 'how', 'atMs'), chaserLabel: text, chasedLabel: text },
    `select c.tank, c.chaser, c.chased, c.how, c.at_ms atMs, a.label chaserLabel, b.label chasedLabel from p_chase c join p_lot a on a.id = c.chaser join p_lot b on b.id = c.chased
    where c.at_ms > ? and c.at_ms <= ? and c.voided_by is null order by c.at_ms desc, c.entry desc`,
  );
  const faults = ask.all(
    { ...pick(t.fault, 'tank', 'what', 'atMs'), putOffUntilMs: orNull(number) },
    'select tank, what, at_ms atMs, put_off_until_ms putOffUntilMs from now_fault where at_ms > ? order by at_ms, entry',
  );

  return ({ now, zone, rules, query }) => {
    const current = roundAt(now, zone, rules.eveningFromHour);
    const round = (ROUNDS as readonly string[]).includes(query.round ?? '') ? (query.round as RoundName) : current.round;
    const { systems, oddByTank } = suspects(now);
    const checkOf = new Map(checks(current.day, round).map((check) => [check.tank, check]));
    const faultsOf = new Map<string, RoundTank['faults']>();
    for (const { tank, putOffUntilMs, ...fault } of faults(now - FAULT_LAPSES_MS))
      faultsOf.set(tank, [...(faultsOf.get(tank) ?? []), { ...fault, putOffUntilMs: putOffUntilMs ?? undefined }]);
    const { foods, eatersIn } = eaters({ zone, rules })(now);
    const about: About = { seen: seenOf({ now, zone }), healing: healingOf({ now, zone }) };
    const chasesAt = grouped(chases(now - CHASES_FOR_MS, now), ({ tank }) => tank);
    const choresAt = tankChores({ now, zone });
    const testsAt = tankTests({ now, zone, rules: rules.waterTests });
    const { mealIn } = medicated({ now, zone, keepsH: rules.kitchen.thawedKeepsH });
    const ordered = walkingOrder(tanks().map((tank) => ({ ...tank, suspect: systems.has(tank.system) })));
    const cards = ordered.map(({ walk: _walk, row: _row, column: _column, volumeL, ...tank }): RoundTank => {
      const check = checkOf.get(tank.id);
      const odd = oddByTank.get(tank.id) ?? [];
      return {
        ...tank,
        odd: oddByTank.get(tank.id) ?? [],
        faults: faultsOf.get(tank.id) ?? [],
        chores: choresAt.get(tank.id) ?? [],
        ...(testsAt.has(tank.id) ? { water: testsAt.get(tank.id)! } : {}),
        chases: chasesAt.get(tank.id)?.map(({ tank: _tank, ...chase }) => chase) ?? [],
        lots: lotsOf(eatersIn({ id: tank.id, volumeL }, odd), mealIn, about),
        ...(check ? { checkedBy: check.by, checkedAtMs: check.atMs, allWell: check.allWell } : {}),
      };
    });
    return {
      day: current.day,
      round,
      current: current.round,
      left: leftOf(current.day),
      foods: foods.map(({ name, form, prepared, leaveInH }) => ({
        name,
        form,
        ...(prepared === undefined ? {} : { prepared }),
        ...(leaveInH === undefined ? {} : { leaveInH }),
      })),
      toFeed: cards.filter(({ lots }) => lots.some(({ meal }) => meal.due)).length,
      tanks: cards,
    };
  };
};
