import { salinityGap } from '../bench/index.ts';
import { parseLocal } from '../time/index.ts';
import { makesSuspect, progress, roundAt, SETTLING_MS, SIGN_CLASS, SIGNS } from './index.ts';

const LISBON = 'Europe/Lisbon';

it.each([
  ['2026-03-03T00:00', 20515, 'morning'],
  ['2026-03-03T13:59', 20515, 'morning'],
  ['2026-03-03T14:00', 20515, 'evening'],
  ['2026-03-03T23:59', 20515, 'evening'],
])('%s is of day %d, %s', (wall, day, round) => {
  expect(roundAt(parseLocal(wall, LISBON), LISBON, 14)).toEqual({ day, round });
});

it('counts what is still to be looked at', () => {
  expect(progress([{ checked: true }, { checked: false }, { checked: false }])).toEqual({ checked: 1, total: 3, left: 2 });
  expect(progress([])).toEqual({ checked: 0, total: 0, left: 0 });
});

describe('what makes a tank suspect', () => {
  it('illness always, injury and appetite never', () => {
    const suspect = SIGNS.filter((sign) => makesSuspect(sign, 1000, 900));
    expect(suspect.map((sign) => SIGN_CLASS[sign])).toEqual(suspect.map(() => 'illness'));
    expect(suspect).toContain('white spots');
  });

  it('stress only when the settling time is over', () => {
    expect(makesSuspect('fast breathing', SETTLING_MS, 0)).toBe(false);
    expect(makesSuspect('fast breathing', SETTLING_MS + 1, 0)).toBe(true);
    expect(makesSuspect('fast breathing', 0)).toBe(true);
  });
});

it.each([
  ['not known', undefined, 31, { judged: false }],
  ['up', 28, 31, { judged: true, fromPpt: 28, toPpt: 31, stepPpt: 3, direction: 'up' }],
  ['down', 34, 31, { judged: true, fromPpt: 34, toPpt: 31, stepPpt: -3, direction: 'down' }],
  ['none', 31, 31.4, { judged: true, fromPpt: 31, toPpt: 31.4, stepPpt: expect.closeTo(0.4, 9), direction: 'none' }],
])('salinity step: %s', (_name, from, to, expected) => expect(salinityGap(from, to)).toEqual(expected));
