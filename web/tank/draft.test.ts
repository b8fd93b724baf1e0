// What is said of a tank becomes what was meant, and what the house takes.
import { v7 } from 'uuid';
import type { TankCard } from '#contract/views.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { accepted } from '../data/testOverlay.ts';
import { classedEntry, differing, exchangeEntry, measuredEntry, recountEntries, stayLimitEntry, swapped } from './draft.ts';

const [a, b] = [v7(), v7()];
const tank = {
  id: 'F2',
  occupants: [
    { lot: a, label: 'chromis', n: 6 },
    { lot: b, label: 'firefish', n: 2 },
  ],
} as unknown as TankCard;

it('a count that differs is posted: fewer are missing, more are a difference, who was not counted is as on record', () => {
  expect(recountEntries(tank, {})).toEqual([]);
  expect(recountEntries(tank, { [a]: 6 })).toEqual([]);
  expect(accepted(...recountEntries(tank, { [a]: 4, [b]: 3 }))).toEqual([
    { kind: 'stock.counted', place: 'F2', lot: a, found: 4, onRecord: 6, against: 'missing', note: 'recount' },
    { kind: 'stock.counted', place: 'F2', lot: b, found: 3, onRecord: 2, against: 'discrepancy', note: 'recount' },
  ]);
  // None left is a count, not a field left empty.
  expect(differing(tank, { [b]: 0 })).toEqual([{ lot: b, label: 'firefish', onRecord: 2, seen: 0 }]);
});

it('water of another tank is that tank’s; mixed water is what was read of it, and not known when nobody read it', () => {
  const [salinity, temperature] = [METRIC_UNITS.read('salinity', '34'), METRIC_UNITS.read('temperature', '')];
  expect(accepted(exchangeEntry('F2', 20, { salinity, temperature }))).toEqual([
    { kind: 'water.exchanged', tank: 'F2', litres: 20, source: 'mixed', salinityPpt: 34 },
  ]);
  expect(accepted(exchangeEntry('F2', 20, { fromTank: 'B1', salinity, temperature }))).toEqual([
    { kind: 'water.exchanged', tank: 'F2', litres: 20, source: 'tank', fromTank: 'B1' },
  ]);
});

it('a share swapped leaves the tank that far on the way; into water that nobody read, nowhere known', () => {
  expect(swapped(35, 25, 0)).toBe(35);
  expect(swapped(35, 25, 1)).toBe(25);
  // Two litres of eight: 6 L at 35 with 2 L at 25.
  expect(swapped(35, 25, 0.25)).toBeCloseTo((6 * 35 + 2 * 25) / 8, 9);
  expect(swapped(35, undefined, 0.25)).toBeUndefined();
});

it('a length, an hour at which they leave, another cause: each as it was said', () => {
  const stay = { lot: a, place: 'F2' };
  expect(accepted(measuredEntry(stay, 4.5))).toEqual([{ kind: 'lot.measured', ...stay, sizeCm: 4.5 }]);
  expect(accepted(stayLimitEntry(stay, { untilCm: 6, why: 'too big then' }))[0]).not.toHaveProperty('untilMs');
  const atHour = { untilMs: Date.UTC(2026, 2, 5), why: 'fetched' };
  expect(accepted(stayLimitEntry(stay, atHour))).toMatchObject([{ kind: 'stay.limited', ...stay, ...atHour }]);
  const loss = v7();
  expect(accepted(classedEntry(loss, 'jumped', ' lid was off '))).toEqual([
    { kind: 'loss.classed', loss, cause: 'jumped', sure: 'likely', why: 'lid was off' },
  ]);
});
