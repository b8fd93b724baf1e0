import { HOUR_MS } from '../time/index.ts';
import { EXPECTED_SIGNS, STOP_SIGNS } from './entries.ts';
import { exitOf } from './exit.ts';
import { follow } from './follow.ts';
import { STARTING_RUN_POLICY as LINES } from './policy.ts';
import { actionFor, judgeSign, calculatedSigns } from './signs.ts';
import { runningFacts } from './testCases.ts';
import { trajectoryOf } from './trajectory.ts';

const calm = {
  method: 'drip',
  minutes: 20,
  nh3: 0.01,
  oxygen: 7,
  airOn: false,
  ammoniaBinder: false,
  flowing: true,
  exit: { is: 'within' },
} as const;
const far = { is: 'over', back: { toPpt: 14, litres: 1.2, withPpt: 0 } } as const;

it.each(STOP_SIGNS)('%s stops the run and says what to do now', (sign) => {
  const { stops, doNow } = judgeSign(sign, calm, LINES);
  expect(stops).toBe(true);
  expect(doNow.length).toBeGreaterThan(0);
});

it('gasping with much toxic ammonia wants a binder before air; with little oxygen it wants air first', () => {
  expect(judgeSign('gasping at the surface', { ...calm, nh3: 0.3 }, LINES).doNow).toEqual(['ammonia binder in', 'air on', 'out now']);
  expect(judgeSign('gasping at the surface', { ...calm, nh3: 0.3, ammoniaBinder: true, airOn: true }, LINES).doNow).toEqual(['out now']);
  expect(judgeSign('gasping at the surface', { ...calm, oxygen: 2 }, LINES).doNow).toEqual([
    'air on',
    'tank water in',
    'read ammonia',
    'out now',
  ]);
});

it.each(['gasping at the surface', 'rolling', 'lying and breathing fast', 'ammonia over the line', 'oxygen low'] as const)(
  '%s half-way through a conversion never ends in the tank: back to what they bore, rest, slower',
  (sign) => {
    for (const exit of [far, undefined]) {
      const { stops, doNow } = judgeSign(sign, { ...calm, method: 'long conversion', exit }, LINES);
      expect(stops).toBe(true);
      expect(doNow).not.toContain('out now');
      expect(doNow).not.toContain('tank water in');
      expect(doNow[0]).toBe('stop the drip');
      expect(doNow).toEqual(expect.arrayContaining(['air on', 'read oxygen', 'read ammonia']));
      expect(doNow.includes('back towards')).toBe(exit !== undefined);
      expect(doNow.at(-1)).toBe('rest, then slower');
    }
  },
);

it('the way back: litres that bring the vessel to where it was an hour ago, and none when the tank is near', () => {
  const facts = runningFacts({ method: 'long conversion', flow: { mLPerMin: 12, from: 'caught' } });
  const { started, startedAtMs } = facts;
  const followed = follow(facts, startedAtMs + 5 * HOUR_MS);
  const exit = exitOf(followed, started);
  if (exit.is !== 'over' || !exit.back) throw new Error('there is a way back');
  const { toPpt, litres, withPpt } = exit.back;
  const { now } = followed;
  // By a ledger of salt: what is left and what is poured in make the water of an hour ago.
  expect(((now.volumeL - litres) * now.salinity + litres * withPpt) / now.volumeL).toBeCloseTo(toPpt, 6);
  const hourAgo = trajectoryOf(facts, { now: startedAtMs + 4 * HOUR_MS, parameters: followed.estimate.parameters, pastOnly: true }).now;
  expect(toPpt).toBeCloseTo(hourAgo.salinity, 1);
  expect(
    exitOf(followed, {
      ...started,
      water: { ...started.water, salinity: now.salinity, temperature: now.temperature, alkalinity: now.alkalinity },
    }),
  ).toEqual({ is: 'within' });
});

it('sitting on the bottom is expected on the first day of a conversion, not on its second and not in a drip', () => {
  const signsAfter = (method: 'drip' | 'long conversion', hours: number) =>
    judgeSign('sitting on the bottom', { ...calm, method, minutes: hours * 60 }, LINES);
  expect(signsAfter('long conversion', 23)).toMatchObject({ stops: false, expected: 'first day of a conversion' });
  expect(signsAfter('long conversion', 25).expected).toBeUndefined();
  expect(signsAfter('long conversion', 25).doNow).toContain('read oxygen');
  expect(signsAfter('drip', 1).expected).toBeUndefined();
});

it('clamped is what fish do just after, and no more after two days', () => {
  expect(judgeSign('clamped', calm, LINES)).toMatchObject({ stops: false, doNow: ['leave it'], expected: 'just after' });
  expect(judgeSign('clamped', { ...calm, minutes: 49 * 60 }, LINES).expected).toBeUndefined();
  expect(EXPECTED_SIGNS.map((sign) => judgeSign(sign, calm, LINES).stops)).toEqual(EXPECTED_SIGNS.map(() => false));
});

it('does not ask again for what hands have done', () => {
  expect(judgeSign('rolling', calm, LINES).doNow).toEqual(['stop the drip', 'air on', 'clean matched water', 'out now']);
  expect(judgeSign('rolling', { ...calm, airOn: true, flowing: false }, LINES).doNow).toEqual(['clean matched water', 'out now']);
  const { doNow } = judgeSign('rolling', calm, LINES);
  expect(doNow.map((what) => actionFor(what)?.do)).toEqual(['flow', 'air', undefined, undefined]);
  expect(actionFor('ammonia binder in')).toEqual({ do: 'ammonia binder' });
  expect(actionFor('float the vessel')).toEqual({ do: 'float' });
});

it('in a bath every stop sign means out, into clean water', () => {
  expect(judgeSign('rolling', { ...calm, method: 'first-aid bath' }, LINES).doNow).toContain('clean matched water');
});

it('the numbers give signs of their own before any fish does, once it is out of its bag', () => {
  const sample = (minute: number, more: object) => ({ minute, nh3: 0, oxygen: 7, temperature: 25, where: 'bucket', ...more });
  const found = calculatedSigns(
    [
      sample(0, { nh3: 0.5, where: 'bag' }),
      sample(10, { nh3: 0.21 }),
      sample(20, { nh3: 0.3, oxygen: 2.5 }),
      sample(30, { temperature: 21 }),
    ],
    25,
    LINES,
  );
  expect(found).toEqual([
    { sign: 'ammonia over the line', atMinute: 10 },
    { sign: 'oxygen low', atMinute: 20 },
    { sign: 'chilled', atMinute: 30 },
  ]);
  expect(calculatedSigns([sample(0, {})], 25, LINES)).toEqual([]);
});
