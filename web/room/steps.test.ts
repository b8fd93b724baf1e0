import type { RackCard, TankCard } from '#contract/views.ts';
import { stepFrom, type Arrow } from './steps.ts';

const tank = (code: string, row: number, column: number, will = true) =>
  ({ id: code, code, row, column, reasons: will ? [] : [{ code: 'fit.noLid', facts: {} }] }) as unknown as TankCard;
const rack = (...tanks: TankCard[]) => ({ id: 'r', name: 'r', tanks }) as unknown as RackCard;
// A1 A2 A3 over A4 _ A6, then a bench of two.
const racks = [
  rack(tank('A2', 0, 1), tank('A1', 0, 0, false), tank('A3', 0, 2), tank('A4', 1, 0), tank('A6', 1, 2)),
  rack(tank('F1', 0, 0), tank('F2', 0, 1)),
];

it.each<[string | undefined, Arrow, string]>([
  [undefined, 'ArrowRight', 'A2'],
  [undefined, 'ArrowUp', 'A2'],
  ['gone', 'ArrowDown', 'A2'],
  ['A1', 'ArrowRight', 'A2'],
  ['A3', 'ArrowRight', 'A4'],
  ['A1', 'ArrowLeft', 'A1'],
  ['A2', 'ArrowDown', 'A4'],
  ['A3', 'ArrowDown', 'A6'],
  ['A6', 'ArrowDown', 'F2'],
  ['F2', 'ArrowDown', 'F2'],
  ['F1', 'ArrowUp', 'A4'],
  ['A6', 'ArrowUp', 'A3'],
])('from %s by %s to %s', (from, arrow, to) => expect(stepFrom(racks, from, arrow)).toBe(to));

it('has nowhere to go in a house without tanks', () => expect(stepFrom([], undefined, 'ArrowDown')).toBeUndefined());
