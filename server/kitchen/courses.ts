// What a course follows from: when a lot was let out, when it ate first, when it was given a mix, by itself or in the lot that it was cut from.
import type Database from 'better-sqlite3';
import { courseNow, type CourseFacts, type CourseNow, type MixFacts } from '#core/kitchen/index.ts';
import { houseDay } from '#core/time/index.ts';
import { flag, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped } from '../now/rows.ts';
import { CUT_LOTS, LINE_OF_LOT } from '../stock/line.ts';

/** Somebody saw quarantine `q` eat since it was opened, the first time. */
const ATE_FIRST = `(select f.at_ms from p_feed f where f.lot = q.lot and f.at_ms >= q.at_ms and f.response in ('ate', 'charged') and f.voided_by is null order by f.at_ms limit 1)`;

/** SQL of whether meal `f` was given to those of a lot that are in a tank: there, or where none of the lot is any more. */
export const GIVEN_HERE = (lot: string, tank: string): string =>
  `(f.tank = ${tank} or not exists (select 1 from now_standing s where s.lot = ${lot} and s.place = f.tank))`;

/** SQL of whether some of meal `f` was taken: medicine in food that was left is in nobody. */
export const TAKEN = "f.response not in ('ignored', 'looked')";

export function prepareMixes(client: Database.Database): () => (MixFacts & { entry: string })[] {
  const all = makeAsk(client).all(pick(t.mix, 'id', 'entry', 'facts'), 'select id, entry, facts from p_mix order by name');
  return () => all().flatMap(({ facts, ...row }) => (facts.gone ? [] : [{ ...row, ...facts }]));
}

type Row = { lot: string; mix: string; atMs: number };
const factsFrom = (
  told: { releasedMs?: number; ateMs?: number; given: readonly Row[]; begun: readonly Row[]; stoppedMs?: number },
  zone: string,
): CourseFacts => ({
  ...(told.releasedMs === undefined ? {} : { releasedDay: houseDay(told.releasedMs, zone) }),
  ...(told.ateMs === undefined ? {} : { ateDay: houseDay(told.ateMs, zone) }),
  given: [...new Set(told.given.map(({ atMs }) => houseDay(atMs, zone)))],
  begun: told.begun.map(({ atMs }) => houseDay(atMs, zone)),
  ...(told.stoppedMs === undefined ? {} : { stoppedDay: houseDay(told.stoppedMs, zone) }),
});

/** Of one lot and mix, for core's questions. */
export function prepareCourseFacts(client: Database.Database): (asked: { lot: string; mix: string; zone: string }) => CourseFacts {
  const ask = makeAsk(client);
  const opened = ask.get(
    { atMs: number, ateMs: orNull(number) },
    `select q.at_ms atMs, ${ATE_FIRST} ateMs from now_quarantine q where q.lot = ? order by q.at_ms desc limit 1`,
  );
  const given = ask.all(
    pick(t.feed, 'lot', 'atMs'),
    `with ${LINE_OF_LOT} select f.lot, f.at_ms atMs from line cross join p_feed f on f.lot = line.lot and f.mix = @mix and f.voided_by is null and ${TAKEN} and f.at_ms <= line.until`,
  );
  const begun = ask.all(
    pick(t.course, 'lot', 'atMs'),
    'select lot, at_ms atMs from p_course where lot = ? and mix = ? and voided_by is null',
  );
  const stopped = ask.value(orNull(number), 'select max(at_ms) from p_course_stop where lot = ? and mix = ? and voided_by is null');
  return ({ lot, mix, zone }) => {
    const row = opened(lot);
    const withMix = (rows: readonly { lot: string; atMs: number }[]) => rows.map((known) => ({ ...known, mix }));
    return factsFrom(
      {
        releasedMs: row?.atMs,
        ateMs: row?.ateMs ?? undefined,
        given: withMix(given({ lot, mix })),
        begun: withMix(begun(lot, mix)),
        stoppedMs: stopped(lot, mix) ?? undefined,
      },
      zone,
    );
  };
}

/** Those of a lot that are in one tank. */
export type OneLot = { lot: string; tank: string; releasedMs?: number };
export type MixToday = { mix: MixFacts; now: CourseNow; timesToday: number };

/** Of all lots in tanks: the mix that each is on, in a break of, or done with. Nothing is asked where no mix is kept. */
export function prepareCourses(client: Database.Database) {
  const ask = makeAsk(client);
  const mixes = prepareMixes(client);
  const FED = { lot: text, mix: text, ...pick(t.feed, 'atMs', 'tank'), moved: flag };
  const WITH_MIX = (lot: string) =>
    `f.mix, f.at_ms atMs, f.tank, not exists (select 1 from now_standing s where s.lot = ${lot} and s.place = f.tank) moved`;
  const given = ask.all(
    FED,
    `select x.lot || '' lot, ${WITH_MIX('x.lot')} from (select distinct b.lot from p_tank t cross join now_standing b on b.place = t.id) x
    cross join p_feed f indexed by p_feed_mix on f.lot = x.lot and f.mix is not null and f.voided_by is null and ${TAKEN}`,
  );
  const givenBefore = ask.all(
    FED,
    `with ${CUT_LOTS} select line."of" || '' lot, ${WITH_MIX('line."of"')} from line
    cross join p_feed f indexed by p_feed_mix on f.lot = line.lot and f.mix is not null and f.voided_by is null and ${TAKEN} and f.at_ms <= line.until`,
  );
  const begun = ask.all(
    pick(t.course, 'lot', 'mix', 'atMs'),
    'select c.lot, c.mix, c.at_ms atMs from p_tank t cross join now_standing b on b.place = t.id cross join p_course c on c.lot = b.lot and c.voided_by is null group by c.entry',
  );
  const stopped = ask.all(
    pick(t.courseStop, 'lot', 'mix', 'atMs'),
    'select c.lot, c.mix, c.at_ms atMs from p_tank t cross join now_standing b on b.place = t.id cross join p_course_stop c on c.lot = b.lot and c.voided_by is null group by c.entry',
  );
  const ate = ask.map(
    t.balance.lot,
    orNull(number),
    `select b.lot, ${ATE_FIRST} ateMs from p_tank t cross join now_standing b on b.place = t.id join now_quarantine q on q.lot = b.lot group by b.lot`,
  );
  return ({ now, zone }: { now: number; zone: string }) => {
    const kept = mixes();
    if (kept.length === 0) return { mixes: kept, todayOf: (): MixToday | undefined => undefined };
    const keyOf = ({ lot, mix }: { lot: string; mix: string }) => `${lot} ${mix}`;
    const [givenOf, begunOf, stoppedOf] = [
      grouped([...given(), ...givenBefore()], keyOf),
      grouped(begun(), keyOf),
      grouped(stopped(), keyOf),
    ];
    const ateOf = ate();
    const today = houseDay(now, zone);
    const courseOf = ({ lot, tank, releasedMs }: OneLot, mix: MixFacts): MixToday | undefined => {
      const key = keyOf({ lot, mix: mix.id });
      const days = givenOf.get(key) ?? [];
      const stops = (stoppedOf.get(key) ?? []).map(({ atMs }) => atMs);
      const facts = factsFrom(
        {
          releasedMs,
          ateMs: ateOf.get(lot) ?? undefined,
          given: days,
          begun: begunOf.get(key) ?? [],
          stoppedMs: stops.length > 0 ? Math.max(...stops) : undefined,
        },
        zone,
      );
      const course = courseNow(facts, mix, today);
      return (
        course && {
          mix,
          now: course,
          timesToday: days.filter((meal) => (meal.moved || meal.tank === tank) && houseDay(meal.atMs, zone) === today).length,
        }
      );
    };
    /** On a course first, else in a break: of several the one that asks for something today. */
    const order = ['on', 'break', 'over'];
    const todayOf = (some: OneLot): MixToday | undefined =>
      kept.flatMap((mix) => courseOf(some, mix) ?? []).toSorted((a, b) => order.indexOf(a.now.is) - order.indexOf(b.now.is))[0];
    return { mixes: kept, todayOf };
  };
}
