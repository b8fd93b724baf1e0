// What is left of deliveries, against a shelf from which each gram is taken by its date.
import { makeChance } from '../chance/index.ts';
import { onHand } from './onHand.ts';

const NOW = 1000;

it('what has the nearest date is used first, as a shelf of single grams has it', () => {
  const chance = makeChance(5);
  for (let round = 0; round < 1000; round += 1) {
    const deliveries = Array.from({ length: Math.floor(chance() * 5) }, () => ({
      amount: Math.floor(chance() * 20),
      ...(chance() < 0.7 ? { bestBeforeMs: Math.floor(chance() * 2000) } : {}),
    }));
    const shelf = deliveries
      .flatMap(({ amount, bestBeforeMs }) => Array.from({ length: amount }, () => bestBeforeMs ?? Infinity))
      .toSorted((a, b) => a - b);
    const used = Math.floor(chance() * (shelf.length + 1));
    const left = shelf.slice(used);
    const answer = onHand(left.length, deliveries, { now: NOW });
    expect(answer.amount).toBe(left.length);
    expect(answer.past).toBe(left.filter((date) => date <= NOW).length);
    expect(answer.nextDateMs ?? Infinity).toBe(Math.min(Infinity, ...left.filter((date) => date > NOW && date < Infinity)));
  }
});

it('what is past its date is no stock, and less than nothing is nothing', () => {
  expect(onHand(300, [{ amount: 300, bestBeforeMs: 10 }], { reorderAt: 100, now: NOW })).toMatchObject({ past: 300, low: true });
  expect(onHand(101, [], { reorderAt: 100, now: NOW })).toMatchObject({ low: false });
  expect(onHand(100, [], { reorderAt: 100, now: NOW })).toMatchObject({ low: true });
  expect(onHand(-5, [], { now: NOW })).toEqual({ amount: 0, low: false, past: 0 });
});
