import type { QuarantineClock, Restart } from '#core/quarantine/index.ts';
import { countDays, sayBlocker, sayCause, sayDays, sayEarliest, sayZero } from './quarantine.ts';

const DAY = 20_510;
const clock = (more: Partial<QuarantineClock> = {}): QuarantineClock => ({
  zero: { cause: 'arrival', entry: 'e', atMs: 0, day: DAY },
  restarts: [],
  openedDay: DAY,
  days: ['zero', 'clear', 'clear', 'unseen', 'short', 'treatment', 'today'],
  clear: 2,
  required: 14,
  blockers: [{ why: 'days', left: 12 }],
  earliestDay: DAY + 19,
  ...more,
});
const when = (ms: number) => `at ${ms}`;

it('tells every day since the zero once, in words', () => {
  expect(sayDays(clock())).toBe(
    '6 days since arrival, Thu 26 Feb: 2 clear, 1 without a health check, 1 with fish not seen, 1 under a treatment, today not over.',
  );
  const { since, clear, unseen, short, treated, today } = countDays(clock());
  expect(clear + unseen + short + treated + today).toBe(since);
});

it('counts from the last restart, and says what day 0 is', () => {
  const anew = clock({
    zero: { cause: 'illness', entry: 'i', atMs: 0, day: DAY + 3 },
    days: ['zero', 'clear', 'clear', 'zero', 'clear', 'today'],
    clear: 1,
  });
  expect(sayDays(anew)).toBe('2 days since the last sign of illness, Sun 1 Mar: 1 clear, today not over.');
  expect(sayZero(anew)).toBe('the last sign of illness, Sun 1 Mar');
  expect(sayDays(clock({ days: ['zero'], clear: 0 }))).toBe('Day 0: arrival, Thu 26 Feb.');
});

it.each<[Pick<Restart, 'cause' | 'what' | 'who' | 'place'>, string]>([
  [{ cause: 'illness', what: 'white spots', who: 'banggai cardinalfish', place: 'Q8' }, 'white spots on banggai cardinalfish in Q8'],
  [{ cause: 'illness in the system', what: 'fungus', who: 'firefish', place: 'G2' }, 'fungus on firefish in G2, on the same system'],
  [{ cause: 'unexplained death', who: 'cherry barb', place: 'F1' }, 'cherry barb died in F1, nobody knows why'],
  [{ cause: 'lasting stress', what: 'gasping', who: 'loach', place: 'F7' }, 'gasping in F7 more than two days after it came'],
  [{ cause: 'newcomer', who: 'firefish', place: 'G2' }, 'firefish came to its system while in quarantine in G2'],
  [{ cause: 'came to fish in quarantine', who: 'barb, loach', place: 'F3' }, 'it came to barb, loach, in quarantine in F3'],
  [{ cause: 'shared tool', what: 'Fern net', who: 'F2', place: 'F3' }, 'Fern net went into F3, wet from F2'],
  [{ cause: 'shared system', who: 'F2', place: 'F3' }, 'water of F2 went into F3'],
  [{ cause: 'treatment ended', what: 'copper' }, 'the copper ended'],
])('%j', (restart, words) => expect(sayCause(restart)).toBe(words));

it('says what stands before release, and when it may be', () => {
  expect(sayBlocker({ why: 'days', left: 1 }, when)).toBe('1 day more without a sign');
  expect(sayBlocker({ why: 'not eating', atMs: 5 }, when)).toBe('last seen to eat at 5: it must be seen to eat again');
  expect(sayBlocker({ why: 'never ate' }, when)).toBe('nobody has seen it eat here yet');
  expect(sayBlocker({ why: 'unseen', n: 2, atMs: 5 }, when)).toBe('2 not seen at at 5, and not all seen since');
  expect(sayBlocker({ why: 'treatment', family: 'copper' }, when)).toBe('under copper');
  expect(sayEarliest(clock())).toBe('Out on Tue 17 Mar if all goes well.');
  expect(sayEarliest(clock({ blockers: [] }))).toBe('It may be signed off.');
  expect(sayEarliest(clock({ blockers: [{ why: 'never ate' }] }))).toBe('Its days are over.');
  expect(sayEarliest(clock({ earliestDay: undefined }))).toBe('No date while the treatment runs.');
});
