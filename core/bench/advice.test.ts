import { HOUR_MS } from '../time/index.ts';
import { advise, type Advisable } from './advice.ts';
import { STARTING_AMBIENT } from './ambient.ts';
import { compareMethods } from './compare.ts';
import { inputOf } from './facts.ts';
import type { AcclimationMethod } from './methods.ts';
import { ADVICE_CASES } from './testAdvice.ts';
import { helpsOf, needsLead, possibleOf, verdictOf } from './verdict.ts';

const advisable = (method: AcclimationMethod, stress: number, handsOnMinutes: number, second = 0): Advisable => {
  const limiting = { name: 'salinity step' as const, stress, figure: stress, tolerance: 1 };
  return { method, limiting, handsOnMinutes, stresses: [limiting, { ...limiting, name: 'hardness step', stress: second }] };
};
const followed = (...offered: Advisable[]) => {
  const advice = advise(offered);
  return advice.is === 'advised' ? [advice.method, advice.why] : advice.is;
};

it('about equal is a tenth of a tolerance, or harmless; then the least work, then the second-worst', () => {
  expect(followed(advisable('drip', 0.5, 15), advisable('fast siphon', 0.59, 12), advisable('float and net', 0.61, 6))).toEqual([
    'fast siphon',
    'least work',
  ]);
  expect(followed(advisable('drip', 0.05, 15), advisable('float and net', 0.29, 6), advisable('cup exchange', 0.31, 2))).toEqual([
    'float and net',
    'least work',
  ]);
  expect(followed(advisable('drip', 0.5, 12, 0.4), advisable('fast siphon', 0.55, 12, 0.2))).toEqual(['fast siphon', 'second worst']);
  expect(followed(advisable('drip', 0.5, 15), advisable('float and net', 0.9, 6))).toEqual(['drip', 'least stressful']);
});

it('nothing over tolerance is advised while something within is to be had, and nothing at all when all are over', () => {
  expect(followed(advisable('drip', 0.98, 15), advisable('float and net', 1.02, 6))).toEqual(['drip', 'only one within']);
  expect(followed(advisable('drip', 1.01, 15), advisable('float and net', 1.02, 6))).toBe('none within');
  expect(followed()).toBe('none within');
});

it('straight only when it alone is within', () => {
  expect(followed(advisable('straight', 0.1, 3), advisable('float and net', 0.9, 6))).toEqual(['float and net', 'least stressful']);
  expect(followed(advisable('straight', 0.1, 3), advisable('float and net', 1.1, 6))).toEqual(['straight', 'only one within']);
});

const caseOf = (name: string) => {
  const { bag, tank, hours, controls } = ADVICE_CASES.find((each) => each.name === name)!;
  const made = inputOf({ bag, tank, now: hours * HOUR_MS, ambient: STARTING_AMBIENT, controls });
  const { ranked, advice } = compareMethods(made.input);
  const possible = possibleOf(made.input, made.doubts, made.measureFirst);
  const lead = (method: AcclimationMethod) =>
    needsLead(
      ranked.find((each) => each.method === method)!,
      { ...made, possible },
    );
  return { ...made, ranked, advice, lead, verdict: verdictOf({ advice, measureFirst: made.measureFirst }) };
};

it('a euryhaline fish of which nobody knows its system: measure first, and nothing but a lead lets it go on', () => {
  const { verdict, lead, ranked } = caseOf('monos, nothing stated, into 31');
  expect(verdict).toEqual({ is: 'measure first', of: ['bag.salinity'] });
  for (const { method } of ranked) expect(lead(method)).toBeDefined();
  expect(lead('float and net')).toBe('not measured');
});

it('matching a tank to what nobody knows is none', () => {
  expect(caseOf('chromis, nothing stated, into 34').lead('match, float, net')).toBe('not measured');
});

it('all over tolerance: none is advised, and what would help is said', () => {
  const { verdict, input, lead } = caseOf('bumblebee gobies from fresh water into 8');
  expect(verdict.is).toBe('none within');
  expect(helpsOf(input)).toEqual([{ change: { ammoniaBinder: true }, method: 'overnight conversion' }]);
  expect(lead('drip')).toBe('over tolerance');
  expect(lead('straight')).toBe('over tolerance');
});

it('a tank is not brought up to a bag for the sake of one lot', () => {
  expect(caseOf('monos, 30 measured, into 8').ranked.map(({ method }) => method)).not.toContain('match, float, net');
});

it('a stated salinity does not block', () => {
  expect(caseOf('chromis, 28 stated, into 31').verdict).toMatchObject({ is: 'advised', method: 'match, float, net' });
});
