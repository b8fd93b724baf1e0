import { gatherFacts, quarantineClock, checkKey, type QuarantinePolicy } from './index.ts';
import { DAY0, POLICY, at, clock, house, checked, checkedIn, marks, movedAway, otherIn, sign, span } from './testQuarantine.ts';

it('a check of the new tank before the fish came is none of theirs', () => {
  const rows = house({
    ...movedAway(3),
    checks: new Map([...checkedIn('F1', 1, 2), [checkKey('G1', DAY0 + 3), [at(3, 8)]], ...checkedIn('G1', 4)]),
  });
  expect(marks(clock(rows, at(5)).days)).toBe('zccuct');
});

it('all unseen is no day of theirs, whatever was noted; a further look that misses them too does not end it', () => {
  const unseen = (days: number[], all: boolean) =>
    days.map((day) => ({ entry: `u${day}`, atMs: at(day), place: 'F1', lot: 'fish', n: all ? 6 : 1, noted: true, all }));
  expect(marks(clock(house({ unseen: unseen([3], true) }), at(5)).days)).toBe('zccsct');
  expect(marks(clock(house({ unseen: unseen([3], false) }), at(5)).days)).toBe('zcccct');
  const missed = { ...house(), unseen: unseen([18, 19, 20], true), checks: checked(...span(0, 20)), ate: new Map([['fish', at(20, 8)]]) };
  expect(clock(missed, at(20)).blockers).toContainEqual({ why: 'unseen', n: 6, atMs: at(20) });
});

it('a short treatment shortens nothing of what the last illness asks: the later date holds', () => {
  const policy = { ...POLICY, daysAfterTreatment: 3 };
  const rows = house({
    signs: [sign('s', 2, 'white spots')],
    treatments: [{ entry: 'c', system: 'w', family: 'copper', fromMs: at(3), untilMs: at(4), endEntry: 'e' }],
  });
  const now = clock(rows, at(9), policy);
  // By hand: illness on day 2, days 3 and 4 under treatment, 5 to 8 clear: four of fourteen, and not over after three.
  expect([now.clear, now.required, now.blockers[0]]).toEqual([4, 14, { why: 'days', left: 10 }]);
  expect(now.zero.cause).toBe('illness');
});

it('where days under a treatment count, they count, its end is no restart, and its date is true', () => {
  const policy = { ...POLICY, countsUnderTreatment: true };
  const rows = (untilMs?: number) =>
    house({ treatments: [{ entry: 'c', system: 'w', family: 'copper', fromMs: at(3), ...(untilMs ? { untilMs, endEntry: 'e' } : {}) }] });
  const running = clock(rows(), at(6), policy);
  expect([marks(running.days), running.earliestDay! - DAY0]).toEqual(['zccccct', 15]);
  expect(clock(rows(at(5)), at(15, 9), policy)).toMatchObject({ restarts: [], clear: 14, required: 14 });
});

it('counts days that are over from the day after the zero: fourteen clear days are over on day 15', () => {
  const now = clock(house(), at(14, 23));
  expect([now.clear, now.required, now.earliestDay! - DAY0, marks(now.days)]).toEqual([13, 14, 15, `z${'c'.repeat(13)}t`]);
  expect(now.blockers).toEqual([{ why: 'days', left: 1 }]);
  const then = clock(house({ ate: new Map([['fish', at(15, 8)]]) }), at(15, 9));
  expect([then.clear, then.blockers, then.earliestDay! - DAY0]).toEqual([14, [], 15]);
});

it('on the day it arrives says the date that the whole hold leads to', () => {
  expect(clock(house(), at(0, 18)).earliestDay! - DAY0).toBe(15);
});

it('does not count a day without a health check, and does not restart by it', () => {
  const now = clock(house({ checks: checked(0, 1, 2, 4, 5) }), at(6));
  expect([now.clear, now.restarts, marks(now.days)]).toEqual([4, [], 'zccucct']);
  expect(now.earliestDay! - DAY0).toBe(16);
});

it('counts a day of a split lot only when each of its tanks was looked at', () => {
  const legs = [
    { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
    { entry: 'out', lot: 'fish', place: 'F1', n: -2, atMs: at(2) },
    { entry: 'out', lot: 'fish', place: 'F2', n: 2, atMs: at(2) },
  ];
  const balances = [
    { lot: 'fish', place: 'F1', n: 4 },
    { lot: 'fish', place: 'F2', n: 2 },
  ];
  const checks = new Map([...checkedIn('F1', 1, 2, 3, 4), ...checkedIn('F2', 4)]);
  // On day 2 they came to F2 from F1, which was looked at; on day 3 nobody looked at F2.
  expect(marks(clock(house({ legs, balances, checks }), at(5)).days)).toBe('zccuct');
});

it('asks the policy what counts', () => {
  const never: QuarantinePolicy = { ...POLICY, restartsOn: { newcomer: false, illnessInSystem: false, contact: false } };
  const rows = house({ ...otherIn('F2', 2), signs: [sign('s', 3, 'fungus', { lot: 'other', place: 'F2' })] });
  expect(clock(rows, at(6)).restarts).toHaveLength(2);
  expect(clock(rows, at(6), never).restarts).toEqual([]);
});

it('follows a lot that comes to fish in quarantine, and one whose tank is put on their water', () => {
  const rows = house(otherIn('G1', 1));
  const joined = { ...rows, systemsSince: [...rows.systemsSince, { tank: 'G1', system: 'w', atMs: at(5) }] };
  expect(clock(rows, at(8)).restarts).toEqual([]);
  expect(clock(joined, at(8)).restarts.map(({ cause, day }) => [cause, day - DAY0])).toEqual([['newcomer', 5]]);
});

it('does not take a lot that was cut out of it for a newcomer, and gives the child its history until then', () => {
  const rows = house({
    quarantines: [...house().quarantines, { lot: 'child', entry: 'h3', openedAtMs: at(0), zero: 'arrival' }],
    balances: [
      { lot: 'fish', place: 'F1', n: 4 },
      { lot: 'child', place: 'F1', n: 2 },
    ],
    legs: [
      { entry: 'in', lot: 'fish', place: 'F1', n: 6, atMs: at(0) },
      { entry: 'cut', lot: 'fish', place: 'F1', n: -2, atMs: at(5) },
      { entry: 'cut', lot: 'child', place: 'F1', n: 2, atMs: at(5) },
    ],
    lineage: [{ lot: 'child', from: 'fish', atMs: at(5) }],
    signs: [sign('before', 3, 'white spots')],
  });
  const both = gatherFacts(rows, new Set(['fish', 'child']));
  const now = (lot: string) => quarantineClock(both.get(lot)!, POLICY, at(8));
  expect(now('fish').restarts.map(({ entry }) => entry)).toEqual(['before']);
  expect(now('child').restarts.map(({ entry }) => entry)).toEqual(['before']);
  expect([now('fish').clear, now('child').clear]).toEqual([4, 4]);
});

it('does not take what happens to its parent after the cut for its own', () => {
  const cut = [{ lot: 'fish', from: 'parent', atMs: at(5) }];
  const rows = house({
    lineage: cut,
    balances: [
      { lot: 'fish', place: 'F1', n: 2 },
      { lot: 'parent', place: 'F2', n: 4 },
    ],
    legs: [
      { entry: 'p', lot: 'parent', place: 'F2', n: 6, atMs: at(0) },
      { entry: 'cut', lot: 'parent', place: 'F2', n: -2, atMs: at(5) },
      { entry: 'cut', lot: 'fish', place: 'F1', n: 2, atMs: at(5) },
    ],
    quarantines: [...house().quarantines, { lot: 'parent', entry: 'h4', openedAtMs: at(0), zero: 'arrival' }],
    deaths: [{ entry: 'd', atMs: at(7), place: 'F2', lot: 'parent', cause: 'not known', n: 1 }],
    signs: [sign('s', 8, 'not eating', { lot: 'parent', place: 'F2' })],
    ate: new Map([['fish', at(8, 7)]]),
  });
  const now = clock(rows, at(8));
  expect([now.restarts, now.blockers]).toEqual([[], [{ why: 'days', left: 7 }]]);
});

it('under a treatment days do not count, its end begins a count of its own length, and no date is promised while it runs', () => {
  const policy = { ...POLICY, days: 7, daysAfterTreatment: 7 };
  const running = house({ treatments: [{ entry: 'c', system: 'w', family: 'copper', fromMs: at(3) }] });
  const now = clock(running, at(6), policy);
  expect([marks(now.days), now.clear, now.earliestDay]).toEqual(['zccrrrt', 2, undefined]);
  expect(now.blockers.map(({ why }) => why)).toEqual(['days', 'treatment']);
  expect(marks(clock(running, at(6), { ...policy, countsUnderTreatment: true }).days)).toBe('zccccct');
  const over = house({ treatments: [{ entry: 'c', system: 'w', family: 'copper', fromMs: at(3), untilMs: at(5), endEntry: 'e' }] });
  expect(clock(over, at(9), policy)).toMatchObject({ required: 7, clear: 3, zero: { cause: 'treatment ended' } });
});

it('a day with fish not seen does not count unless somebody said why, or the dead were found', () => {
  const unseen = (noted: boolean) => [{ entry: 'u', atMs: at(3), place: 'F1', lot: 'fish', n: 1, noted }];
  expect(marks(clock(house({ unseen: unseen(false) }), at(5)).days)).toBe('zccsct');
  expect(marks(clock(house({ unseen: unseen(true) }), at(5)).days)).toBe('zcccct');
  const deaths = [{ entry: 'd', atMs: at(3), place: 'F1', lot: 'fish', cause: 'bullied' as const, n: 1 }];
  expect(marks(clock(house({ unseen: unseen(false), deaths }), at(5)).days)).toBe('zcccct');
});

it('blocks release while fish are not seen or do not eat, without beginning anew', () => {
  const late = { checks: checked(...span(0, 19)) };
  const eats = new Map([['fish', at(20, 8)]]);
  expect(clock(house({ ...late, ate: eats }), at(20)).blockers).toEqual([]);
  expect(clock(house({ ...late, ate: new Map() }), at(20)).blockers).toEqual([{ why: 'never ate' }]);
  expect(clock(house({ ...late, ate: new Map([['fish', at(18)]]) }), at(20)).blockers).toEqual([{ why: 'not eating', atMs: at(18) }]);
  expect(clock(house({ ...late, ate: eats, signs: [sign('s', 20, 'not eating', { atMs: at(20, 10) })] }), at(20)).blockers).toEqual([
    { why: 'not eating', atMs: at(20, 8) },
  ]);
  const missed = { unseen: [{ entry: 'u', atMs: at(19), place: 'F1', lot: 'fish', n: 2, noted: false }] };
  expect(clock(house({ ...late, ...missed, ate: eats }), at(20)).blockers).toEqual([{ why: 'unseen', n: 2, atMs: at(19) }]);
  expect(clock(house({ checks: checked(...span(0, 20)), ...missed, ate: eats }), at(20)).blockers).toEqual([]);
});

it('counts a day of 23 hours as one', () => {
  // Summer time begins on 29 March 2026, which is day 28.
  expect(clock(house({ checks: checked(...span(0, 40)) }), at(31)).clear).toBe(30);
});
