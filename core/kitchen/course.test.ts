// Courses of medicated food against a plain diary that is written day by day, and the edges one by one.
import { makeChance } from '../chance/index.ts';
import { courseNow, type CourseFacts, type CourseNow, type CourseOf } from './course.ts';

const MIX: CourseOf = { days: 3, breakDays: 7, first: true };
const at = (facts: Partial<CourseFacts>, today: number, mix = MIX) => courseNow({ given: [], begun: [], ...facts }, mix, today);

it('newcomers begin with their first meal, and are given it for its days; then they have their break', () => {
  expect(at({ releasedDay: 10 }, 10)).toMatchObject({ is: 'on', day: 1, of: 3, missed: 0 });
  // They do not eat yet: it begins when they do.
  expect(at({ releasedDay: 10 }, 20)).toMatchObject({ is: 'on', day: 1 });
  expect(at({ releasedDay: 10, ateDay: 12, given: [12] }, 13)).toMatchObject({ is: 'on', day: 2, missed: 0 });
  expect(at({ releasedDay: 10, ateDay: 12, given: [12] }, 14)).toMatchObject({ is: 'on', day: 3, missed: 1 });
  expect(at({ releasedDay: 10, ateDay: 12, given: [12, 13, 14] }, 15)).toMatchObject({ is: 'break', day: 1, of: 7, missed: 0 });
  expect(at({ releasedDay: 10, ateDay: 12, given: [12, 13, 14] }, 21)).toMatchObject({ is: 'break', day: 7 });
  expect(at({ releasedDay: 10, ateDay: 12, given: [12, 13, 14] }, 22)).toMatchObject({ is: 'over', endedDay: 14 });
});

it('fish that ate here for days before anybody gave it get none by themselves, nor do old stock', () => {
  expect(at({ releasedDay: 10, ateDay: 10 }, 12)).toMatchObject({ is: 'on', day: 1 });
  expect(at({ releasedDay: 10, ateDay: 10 }, 13)).toBeUndefined();
  expect(at({}, 13)).toBeUndefined();
  expect(at({ releasedDay: 10 }, 11, { ...MIX, first: false })).toBeUndefined();
  // A quarantine that began anew gives no second one.
  expect(at({ releasedDay: 40, given: [12, 13, 14] }, 40)).toMatchObject({ is: 'over', course: 1 });
});

it('a second course is decided, and a stop ends any', () => {
  const before = { releasedDay: 10, ateDay: 10, given: [10, 11, 12] };
  expect(at({ ...before, begun: [25] }, 25)).toMatchObject({ is: 'on', course: 2, day: 1 });
  expect(at({ ...before, given: [10, 11, 12, 25, 26], begun: [25] }, 27)).toMatchObject({ is: 'on', course: 2, day: 3, missed: 0 });
  expect(at({ ...before, begun: [25], stopped: true }, 26)).toBeUndefined();
  expect(at({ releasedDay: 10, stopped: true }, 11)).toBeUndefined();
});

/** A diary: goes through the days and counts, knowing nothing of starts and ends. */
function diary({ given, releasedDay, ateDay }: CourseFacts, mix: CourseOf, today: number): Partial<CourseNow> | undefined {
  let phase: { is: 'on' | 'break' | 'over'; day: number } | undefined;
  let missed = 0;
  for (let day = 0; day <= today; day += 1) {
    if (!phase) {
      const waits =
        given.every((past) => past > today) &&
        releasedDay !== undefined &&
        releasedDay <= day &&
        day === today &&
        (ateDay === undefined || day - Math.max(ateDay, releasedDay) < mix.days);
      if (given.includes(day) || waits) phase = { is: 'on', day: 1 };
      continue;
    }
    if (phase.is === 'on' && !given.includes(day - 1)) missed += 1;
    phase = { ...phase, day: phase.day + 1 };
    if (phase.is === 'on' && phase.day > mix.days) phase = mix.breakDays > 0 ? { is: 'break', day: 1 } : { is: 'over', day: 1 };
    else if (phase.is === 'break' && phase.day > mix.breakDays) phase = { is: 'over', day: 1 };
  }
  if (!phase) return undefined;
  return phase.is === 'over' ? { is: 'over', missed } : { is: phase.is, day: phase.day, missed };
}

it('agrees with a diary, day by day, over thousands of first courses', () => {
  const chance = makeChance(18);
  const whole = (most: number) => Math.floor(chance() * (most + 1));
  for (let round = 0; round < 4000; round += 1) {
    const releasedDay = whole(10);
    const mix = { days: 1 + whole(4), breakDays: whole(6), first: true };
    const start = releasedDay + whole(4);
    const given = chance() < 0.3 ? [] : [start, ...Array.from({ length: whole(5) }, () => start + whole(6))];
    const facts = { releasedDay, given: [...new Set(given)], begun: [], ...(chance() < 0.7 ? { ateDay: releasedDay + whole(6) } : {}) };
    const today = releasedDay + whole(25);
    const now = courseNow(facts, mix, today);
    const said = now && (now.is === 'over' ? { is: now.is, missed: now.missed } : { is: now.is, day: now.day, missed: now.missed });
    expect({ facts, mix, today, said }).toEqual({ facts, mix, today, said: diary(facts, mix, today) });
  }
});
