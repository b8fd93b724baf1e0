// A course of medicated food: days in a row, then a break, each lot on a counter of its own. A day is a house day; what counts is the first on which it was given.

/** `releasedDay` = when it came into a tank of this house first, of a lot in quarantine; `ateDay` = the first day on which it ate. `given` = days with that mix. `begun` = days on which a further course was decided. `stopped` = since what was decided last. */
export type CourseFacts = {
  releasedDay?: number;
  ateDay?: number;
  given: readonly number[];
  begun: readonly number[];
  stopped?: boolean;
};
export type CourseOf = { days: number; breakDays: number; first: boolean };
/** `day` counts from 1. `missed` = days of it that went by without. */
export type CourseNow =
  | { is: 'on'; course: number; day: number; of: number; missed: number }
  | { is: 'break'; course: number; day: number; of: number; missed: number; endedDay: number }
  | { is: 'over'; course: number; missed: number; endedDay: number };

/** Where a lot stands with a mix on `today`; undefined when it has no course: it is not meant for it, the first days went by without, or somebody stopped it. */
export function courseNow(facts: CourseFacts, mix: CourseOf, today: number): CourseNow | undefined {
  const given = facts.given.filter((day) => day <= today).toSorted((a, b) => a - b);
  // A day on which it was decided to give it again begins a course; the first one begins by itself.
  const decided = facts.begun.filter((day) => day <= today).toSorted((a, b) => a - b);
  const latest = decided.at(-1);
  if (facts.stopped) return undefined;
  const start = latest === undefined ? firstStart(facts, mix, { given, today }) : startFrom(latest, mix, { given, today });
  if (start === undefined) return undefined;
  const course = latest === undefined ? 1 : decided.length + (given.some((day) => day < decided[0]!) ? 1 : 0);
  const end = start + mix.days - 1;
  const missed = Array.from({ length: Math.max(0, Math.min(end, today - 1) - start + 1) }, (_, index) => start + index).filter(
    (day) => !given.includes(day),
  ).length;
  if (today <= end) return { is: 'on', course, day: today - start + 1, of: mix.days, missed };
  if (today <= end + mix.breakDays) return { is: 'break', course, day: today - end, of: mix.breakDays, missed, endedDay: end };
  return { is: 'over', course, missed, endedDay: end };
}

type Days = { given: readonly number[]; today: number };

/** Newcomers: on the first day on which it was given; until then today, for as many days as it lasts after they began to eat. What is given to others began when it was. */
function firstStart({ releasedDay, ateDay }: CourseFacts, { days, first }: CourseOf, { given, today }: Days): number | undefined {
  if (given.length > 0) return given[0];
  if (!first || releasedDay === undefined) return undefined;
  return ateDay === undefined || today - Math.max(releasedDay, ateDay) < days ? today : undefined;
}

const startFrom = (decided: number, { days }: CourseOf, { given, today }: Days): number =>
  given.find((day) => day >= decided) ?? Math.min(today, decided + days - 1);
