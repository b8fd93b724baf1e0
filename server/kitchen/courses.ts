// What a course follows from: when a lot came in, when it ate first, when it was given a mix, what was decided; of itself, and of the lot that it was cut from until it was.
import type Database from 'better-sqlite3';
import { courseNow, type CourseFacts, type CourseNow, type MixFacts } from '#core/kitchen/index.ts';
import { houseDay } from '#core/time/index.ts';
import { flag, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { LINE_OF_ALL, LINE_OF_LOT } from '../stock/line.ts';

/** SQL of whether some of meal `f` was taken: medicine in food that was left is in nobody. */
export const TAKEN = "f.response not in ('ignored', 'looked')";

export function prepareMixes(client: Database.Database): () => (MixFacts & { entry: string })[] {
  const all = makeAsk(client).all(pick(t.mix, 'id', 'entry', 'facts'), 'select id, entry, facts from p_mix order by name');
  return () => all().flatMap(({ facts, ...row }) => (facts.gone ? [] : [{ ...row, ...facts }]));
}

type OfMix = { lot: string; mix: string };
/** Those of a lot that are in one tank. */
export type OneLot = { lot: string; tank: string };
/** Within a house day: until an instant of it, where not all of it counts. */
type Within = { atMs: number; untilMs?: number };
type Histories = {
  factsOf: (asked: OfMix) => CourseFacts;
  /** How often those in a tank took it on a house day, there or in a tank that their lot has left. */
  timesOf: (asked: OfMix & OneLot, within: Within) => number;
};

/** The histories of the lots of a `line`, read at once. */
function prepareHistories(client: Database.Database, line: string): (zone: string, params?: { lot: string }) => Histories {
  const ask = makeAsk(client);
  const given = ask.all(
    { lot: text, mix: text, ...pick(t.feed, 'atMs', 'tank'), moved: flag },
    `with ${line} select line."of" || '' lot, f.mix, f.at_ms atMs, f.tank, not exists (select 1 from now_standing s where s.lot = line."of" and s.place = f.tank) moved
    from line cross join p_feed f indexed by p_feed_mix on f.lot = line.lot and f.mix is not null and f.voided_by is null and ${TAKEN} and f.at_ms <= line.until`,
  );
  const decisions = (table: 'p_course' | 'p_course_stop') =>
    ask.all(
      { lot: text, mix: text, atMs: number },
      `with ${line} select line."of" || '' lot, c.mix || '' mix, c.at_ms + 0 atMs from line cross join ${table} c on c.lot = line.lot and c.voided_by is null and c.at_ms <= line.until`,
    );
  const [begun, stopped] = [decisions('p_course'), decisions('p_course_stop')];
  // Of lots in quarantine: a quarantine that began anew makes nobody a newcomer.
  const first = ask.all(
    { lot: text, inMs: orNull(number), ateMs: orNull(number) },
    `with ${line} select line."of" || '' lot,
      min((select min(g.at_ms) from p_leg g where g.lot = line.lot and g.n > 0 and g.voided_by is null and exists (select 1 from p_tank k where k.id = g.place))) inMs,
      min((select f.at_ms from p_feed f where f.lot = line.lot and f.response in ('ate', 'charged') and f.voided_by is null and f.at_ms <= line.until order by f.at_ms limit 1)) ateMs
    from line where exists (select 1 from now_quarantine q where q.lot = line."of") group by line."of"`,
  );
  return (zone, params) => {
    const read = <T>(rows: (...given: [] | [{ lot: string }]) => T): T => (params ? rows(params) : rows());
    const keyOf = ({ lot, mix }: OfMix) => `${lot} ${mix}`;
    const [givenOf, begunOf, stoppedOf] = [grouped(read(given), keyOf), grouped(read(begun), keyOf), grouped(read(stopped), keyOf)];
    const firstOf = new Map(read(first).map(({ lot, ...row }) => [lot, row]));
    const dayOf = (ms: number) => houseDay(ms, zone);
    return {
      factsOf(asked) {
        const key = keyOf(asked);
        const { inMs, ateMs } = firstOf.get(asked.lot) ?? { inMs: null, ateMs: null };
        const decided = (begunOf.get(key) ?? []).map(({ atMs }) => atMs);
        const stops = (stoppedOf.get(key) ?? []).map(({ atMs }) => atMs);
        return {
          ...(inMs === null ? {} : { releasedDay: dayOf(inMs) }),
          ...(ateMs === null ? {} : { ateDay: dayOf(ateMs) }),
          given: [...new Set((givenOf.get(key) ?? []).map(({ atMs }) => dayOf(atMs)))],
          begun: decided.map(dayOf),
          // By the instant: begun and stopped on one day, either may have the last word.
          ...(stops.length > 0 && Math.max(...stops) >= Math.max(0, ...decided) ? { stopped: true } : {}),
        };
      },
      timesOf: (asked, { atMs, untilMs = Infinity }) =>
        (givenOf.get(keyOf(asked)) ?? []).filter(
          (meal) => (meal.moved || meal.tank === asked.tank) && meal.atMs <= untilMs && dayOf(meal.atMs) === dayOf(atMs),
        ).length,
    };
  };
}

/** Of one lot, for core's questions. */
export function prepareHistory(client: Database.Database): (lot: string, zone: string) => Histories {
  const histories = prepareHistories(client, LINE_OF_LOT);
  return (lot, zone) => histories(zone, { lot });
}

export type MixToday = { mix: MixFacts; now: CourseNow; timesToday: number };

/** On a course first, else in a break: of several the one that asks for something today. */
const ORDER: readonly CourseNow['is'][] = ['on', 'break', 'over'];

/** Of all lots in tanks: the mix that each is on, in a break of, or done with. Nothing is asked where no mix is kept. */
export function prepareCourses(client: Database.Database) {
  const mixes = prepareMixes(client);
  const histories = prepareHistories(client, LINE_OF_ALL);
  return ({ now, zone }: { now: number; zone: string }) => {
    const kept = mixes();
    if (kept.length === 0) return { mixes: kept, todayOf: (): MixToday | undefined => undefined };
    const { factsOf, timesOf } = histories(zone);
    const today = houseDay(now, zone);
    const todayOf = ({ lot, tank }: OneLot): MixToday | undefined =>
      kept
        .flatMap((mix) => {
          const course = courseNow(factsOf({ lot, mix: mix.id }), mix, today);
          return course ? [{ mix, now: course, timesToday: timesOf({ lot, tank, mix: mix.id }, { atMs: now }) }] : [];
        })
        .toSorted((a, b) => ORDER.indexOf(a.now.is) - ORDER.indexOf(b.now.is))[0];
    return { mixes: kept, todayOf };
  };
}
