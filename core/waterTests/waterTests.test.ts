// Limits against a table by hand, changes against a bucket that is carried litre by litre, freed ammonia against a mix whose pH is solved, filters against a diary.
import { makeChance } from '../chance/index.ts';
import { DAY_MS, HOUR_MS } from '../time/index.ts';
import { ammoniaBand, dicFromPH, parseOnKit, mostOf, pHOf, unionizedFraction } from '../water/index.ts';
import { changeFor, freedBy, totalFor } from './change.ts';
import { judgeReading, limitsOf, toxicOf, type SystemSet } from './limits.ts';
import { everyDaysOf, filterState, phasesOf } from './phases.ts';
import { STARTING_WATER_TESTS } from './settings.ts';
import { thin } from './thin.ts';

const drawing = (seed: number) => {
  const next = makeChance(seed);
  const between = (min: number, max: number) => min + next() * (max - min);
  const whole = (min: number, max: number) => Math.floor(between(min, max + 1));
  return { next, between, whole, pick: <T>(values: readonly T[]): T => values[whole(0, values.length - 1)]! };
};
const { waterTests: rules } = STARTING_WATER_TESTS;
const marine: SystemSet = { type: 'marine', temperatureC: 25, salinityPpt: 34 };
const fresh: SystemSet = { type: 'fresh', temperatureC: 25, salinityPpt: 0 };
const judge = (set: SystemSet, quantity: Parameters<typeof judgeReading>[0]['quantity'], value: number, beside = {}) =>
  judgeReading({ quantity, value, beside }, set, limitsOf(set, rules.limits));

it('reads a bare number by the scale of its test, and a unit that was written by itself', () => {
  const value = (form: Parameters<typeof parseOnKit>[0]['form'], quantity: 'ammonia' | 'nitrite' | 'free ammonia', text: string) => {
    const read = parseOnKit({ quantity, form }, text);
    return read.ok ? Number(read.value.toFixed(4)) : read.problem;
  };
  // By molar masses: NH4 18.04, NH3 17.03, NO2 46.01, N 14.007.
  expect(value('total NH4', 'ammonia', '1.288')).toBe(1);
  expect(value('total NH3', 'ammonia', '1.216')).toBe(1);
  expect(value('total N', 'ammonia', '1')).toBe(1);
  expect(value('total NH4', 'ammonia', '1 N')).toBe(1);
  expect(value('NO2-N', 'nitrite', '1')).toBeCloseTo(3.284, 3);
  expect(value('NO2', 'nitrite', '1')).toBe(1);
  expect(value('free NH3', 'free ammonia', '0.1216')).toBe(0.1);
  expect(value('free NH3', 'free ammonia', '1 NH4')).toBe('unit');
  expect(mostOf({ quantity: 'ammonia', form: 'total NH4', most: 8 })).toBeCloseTo(6.211, 3);
  expect(mostOf({ quantity: 'pH', most: 9 })).toBe(9);
});

it('judges each quantity by its own side of its own limit, at the limit itself within', () => {
  expect(judge(fresh, 'nitrite', 0.5).is).toBe('within');
  expect(judge(fresh, 'nitrite', 0.51)).toMatchObject({ is: 'above', limit: 0.5 });
  expect(judge(marine, 'nitrite', 0.51).is).toBe('within');
  expect(judge(marine, 'pH', 7.5)).toMatchObject({ is: 'below', limit: 7.6 });
  expect(judge(fresh, 'pH', 7.5).is).toBe('within');
  expect(judge(marine, 'temperature', 27.1)).toMatchObject({ is: 'above', limit: 27 });
  expect(judge(marine, 'salinity', 32.4)).toMatchObject({ is: 'below', limit: 32.5 });
  expect(judge({ ...marine, apart: 'match' }, 'salinity', 20)).toEqual({ is: 'no limit' });
  expect(judge(marine, 'oxygen', 4)).toMatchObject({ is: 'below', urgent: true });
  // No limit of ours is a dose of theirs.
  expect(judge(marine, 'copper', 3)).toEqual({ is: 'no limit' });
  const label = limitsOf({ ...marine, copper: true }, rules.limits, [{ quantity: 'copper', from: 0.4, to: 0.5 }]);
  expect(limitsOf(marine, rules.limits, [{ quantity: 'copper', from: 0.4, to: 0.5 }]).copper).toEqual({ to: 0.5 });
  // A side that nobody set is the house's still.
  expect(limitsOf(marine, rules.limits, [{ quantity: 'pH', from: 7 }]).pH).toEqual({ from: 7, to: 8.5 });
  expect(judgeReading({ quantity: 'copper', value: 0.6 }, marine, label)).toMatchObject({ is: 'above', urgent: true });
  expect(judgeReading({ quantity: 'copper', value: 0.3 }, marine, label)).toMatchObject({ is: 'below', urgent: false });
});

it('judges ammonia by the part that harms; while nobody read the pH it may be the worst of it', () => {
  // 5.38 % at pH 8 and 25 °C in fresh water (Emerson 1975).
  expect(toxicOf(1, { pH: 8, temperature: 25 }, fresh).high).toBeCloseTo(0.0538, 4);
  expect(judge(fresh, 'ammonia', 0.4, { pH: 7, temperature: 25 })).toMatchObject({ is: 'within' });
  expect(judge(fresh, 'ammonia', 0.4, { pH: 8.4, temperature: 25 })).toMatchObject({ is: 'above', by: 'free ammonia' });
  expect(judge(fresh, 'ammonia', 0.6, { pH: 6.5, temperature: 25 })).toMatchObject({ is: 'above', by: 'ammonia', urgent: false });
  expect(judge(fresh, 'ammonia', 0.4)).toMatchObject({ is: 'perhaps' });
  expect(judge(fresh, 'ammonia', 0)).toMatchObject({ is: 'within' });
  expect(judge(fresh, 'free ammonia', 0.06)).toMatchObject({ is: 'above', urgent: false });
  expect(judge(fresh, 'free ammonia', 0.3)).toMatchObject({ is: 'above', urgent: true });
  const chance = drawing(31);
  for (let no = 0; no < 2000; no += 1) {
    const set = chance.pick([marine, fresh]);
    const [tan, pH, temperature] = [chance.between(0, 3), chance.between(6, 8.5), chance.between(22, 28)];
    // By hand: 10 to the power of pKa − pH, and the house's own words for what it does.
    const toxic = tan / (1 + 10 ** (0.09018 + 2729.92 / (temperature + 273.2) + 0.003071 * set.salinityPpt - pH));
    const verdict = judge(set, 'ammonia', tan, { pH, temperature });
    expect(verdict.is === 'above').toBe(toxic > 0.05 || tan > 0.5);
    if (verdict.is === 'above') expect(verdict.urgent).toBe(['harm within hours', 'act now'].includes(ammoniaBand(toxic)));
    // Whoever reads less is never told less.
    const unread = judge(set, 'ammonia', tan);
    if (verdict.is === 'above' && pH <= (set.type === 'fresh' ? 8.4 : 8.5) && pH >= (set.type === 'fresh' ? 6 : 7.6))
      expect(['above', 'perhaps']).toContain(unread.is);
  }
});

it('changes what a bucket changes that is carried litre by litre', () => {
  const chance = drawing(32);
  for (let no = 0; no < 2000; no += 1) {
    const volumeL = chance.between(20, 2000);
    const value = chance.between(0.05, 8);
    const target = chance.between(0.01, 8);
    const poured = chance.next() < 0.5 ? 0 : chance.between(0, 0.5);
    const mostShare = chance.between(0.1, 1);
    const plan = changeFor({ value, target, volumeL, mostShare, poured });
    if (value <= target) {
      expect(plan).toMatchObject({ litres: 0, times: 0 });
      continue;
    }
    if (poured >= target) {
      expect(plan).toBeUndefined();
      continue;
    }
    // Mass by mass: so many litres out, as many in, as often as it says.
    let mass = value * volumeL;
    for (let turn = 0; turn < plan!.times; turn += 1) mass += plan!.litres * (poured - mass / volumeL);
    expect(mass / volumeL).toBeCloseTo(target, 9);
    expect(plan!.share).toBeLessThanOrEqual(mostShare + 1e-9);
    // One fewer of the largest would not do.
    let most = value * volumeL;
    for (let turn = 1; turn < plan!.times; turn += 1) most += mostShare * volumeL * (poured - most / volumeL);
    if (plan!.times > 1) expect(most / volumeL).toBeGreaterThan(target - 1e-9);
  }
  expect(() => changeFor({ value: 1, target: 0.5, volumeL: 0, mostShare: 0.5 })).toThrow(RangeError);
});

it('never says less toxic than the mix is, whose pH is solved from what both waters hold', () => {
  const chance = drawing(33);
  let worse = 0;
  for (let no = 0; no < 2000; no += 1) {
    const set = chance.pick([marine, fresh]);
    const { temperatureC: temperature, salinityPpt: salinity } = set;
    const water = () => {
      const [pH, alkalinity] = [chance.between(6.2, 8.4), chance.between(0.3, 4)];
      return { pH, alkalinity, dic: dicFromPH({ alkalinity, pH, temperature, salinity })! };
    };
    const [here, poured] = [water(), water()];
    const [tan, share] = [chance.between(0.1, 5), chance.between(0.1, 0.9)];
    const mix = (part: 'alkalinity' | 'dic') => here[part] * (1 - share) + poured[part] * share;
    const pH = pHOf({ alkalinity: mix('alkalinity'), dic: mix('dic'), temperature, salinity }).nbs;
    const toxic = tan * (1 - share) * unionizedFraction({ pH, temperature, salinity });
    const freed = freedBy({ tan, share, pouredPH: poured.pH }, { pH: here.pH, temperature, salinity }, set);
    expect(toxic).toBeLessThanOrEqual(freed.then * 1.001);
    expect(freed.now).toBeCloseTo(tan * unionizedFraction({ pH: here.pH, temperature, salinity }), 12);
    if (toxic > freed.now) worse += 1;
    const unread = freedBy({ tan, share }, {}, set);
    if (poured.pH >= (set.type === 'fresh' ? 6 : 7.6))
      expect(unread.then).toBeGreaterThanOrEqual(
        tan * (1 - share) * unionizedFraction({ pH: Math.min(pH, 8.4), temperature, salinity }) * 0.999,
      );
  }
  // Sour water that is changed for a higher pH does become worse: it is no rare case.
  expect(worse).toBeGreaterThan(200);
  expect(totalFor(0.05, 8, {}, fresh) * unionizedFraction({ pH: 8, temperature: 25, salinity: 0 })).toBeCloseTo(0.05, 12);
});

it('a filter is ripe by two good tests of each, days apart; a bad one undoes it, and every word about it', () => {
  const now = 100 * DAY_MS;
  const tests = (...days: [number, boolean][]) => days.map(([ago, within]) => ({ atMs: now - ago * DAY_MS, within }));
  const good = tests([9, true], [4, true]);
  expect(filterState({ now, ammonia: good, nitrite: good })).toEqual({ is: 'ripe', by: 'tests' });
  expect(filterState({ now, ammonia: good, nitrite: tests([4, true]) })).toEqual({ is: 'not known' });
  expect(filterState({ now, ammonia: tests([2, true], [1, true]), nitrite: good })).toEqual({ is: 'not known' });
  expect(filterState({ now, ammonia: [], nitrite: [] })).toEqual({ is: 'not known' });
  const word = { is: 'ripe' as const, atMs: now - 20 * DAY_MS };
  expect(filterState({ now, judged: word, ammonia: [], nitrite: [] })).toEqual({ is: 'ripe', by: 'word' });
  expect(filterState({ now, judged: word, ammonia: tests([1, false]), nitrite: good })).toEqual({ is: 'not ripe', by: 'tests' });
  // A bad one a while ago, and two good ones since.
  expect(filterState({ now, ammonia: tests([20, false], [9, true], [4, true]), nitrite: good })).toEqual({ is: 'ripe', by: 'tests' });
  expect(filterState({ now, ammonia: tests([9, true], [6, false], [5, true], [4, true]), nitrite: good })).toEqual({ is: 'not known' });
  // Said not to be, it is proven anew by what was tested since.
  const not = { is: 'not ripe' as const, atMs: now - 6 * DAY_MS };
  expect(filterState({ now, judged: not, ammonia: good, nitrite: good })).toEqual({ is: 'not ripe', by: 'word' });
  expect(filterState({ now, judged: { ...not, atMs: now - 10 * DAY_MS }, ammonia: good, nitrite: good })).toEqual({
    is: 'ripe',
    by: 'tests',
  });
  // What was tested long ago, or later than now, tells nothing.
  expect(filterState({ now, ammonia: tests([40, true], [35, true]), nitrite: good }).is).toBe('not known');
  expect(filterState({ now, ammonia: tests([9, true], [-4, true]), nitrite: good }).is).toBe('not known');
});

it('asks the most that any of its phases asks, and what a keeper planned for it in its place', () => {
  const ripe = { is: 'ripe', by: 'word' } as const;
  const phasesWith = (more: Partial<Parameters<typeof phasesOf>[0]> = {}) =>
    phasesOf({ filter: ripe, inQuarantine: false, treated: false, ...more });
  expect(phasesWith()).toEqual(['settled']);
  expect(phasesWith({ filter: { is: 'not known' } })).toEqual(['unripe']);
  expect(phasesWith({ inQuarantine: true, treated: true })).toEqual(['quarantine', 'treated']);
  const asked = everyDaysOf({ phases: ['quarantine', 'treated'], copper: true, salty: true }, rules);
  expect(asked).toEqual({ ammonia: 1, nitrite: 4, pH: 2, salinity: 2, copper: 1 });
  expect(everyDaysOf({ phases: ['settled'], copper: false, salty: false }, rules)).not.toHaveProperty('salinity');
  const own = [
    { quantity: 'nitrite', everyDays: 0 },
    { quantity: 'hardness', everyDays: 30 },
  ] as const;
  expect(everyDaysOf({ phases: ['settled'], copper: false, salty: false, own }, rules)).toEqual({
    ammonia: 7,
    nitrate: 14,
    pH: 7,
    hardness: 30,
  });
});

it('thins years to what can be drawn, and loses no peak of any stretch', () => {
  const chance = drawing(34);
  for (let no = 0; no < 300; no += 1) {
    let atMs = 0;
    const points = Array.from({ length: chance.whole(1, 3000) }, () => ({
      atMs: (atMs += chance.whole(1, 10) * HOUR_MS),
      value: chance.between(0, 5),
    }));
    const most = chance.whole(4, 400);
    const kept = thin(points, most);
    expect(kept.length).toBeLessThanOrEqual(Math.max(most, 4));
    expect(kept.every((point, turn) => turn === 0 || point.atMs >= kept[turn - 1]!.atMs)).toBe(true);
    const ends = (rows: { value: number }[]) => [Math.min(...rows.map(({ value }) => value)), Math.max(...rows.map(({ value }) => value))];
    expect(ends(kept)).toEqual(ends(points));
    if (points.length <= most) expect(kept).toEqual(points);
  }
});
