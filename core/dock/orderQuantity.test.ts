// How many to order, against draws and against a sum by logarithms of gamma that shares no code with it.
import { makeChance } from '../chance/index.ts';
import { MOST_ORDERED, orderQuantity } from './orderQuantity.ts';

/** Lanczos; good to 1e-10 here. */
function logGamma(x: number): number {
  const c = [76.1800917295, -86.5053203294, 24.0140982408, -1.23173957245, 0.00120865097387, -0.00000539524];
  const sum = c.reduce((total, value, index) => total + value / (x + 1 + index), 1.00000000019);
  return -(x + 5.5) + (x + 0.5) * Math.log(x + 5.5) + Math.log((2.50662827463 * sum) / x);
}
const logBeta = (a: number, b: number) => logGamma(a) + logGamma(b) - logGamma(a + b);
const logChoose = (n: number, k: number) => logGamma(n + 1) - logGamma(k + 1) - logGamma(n - k + 1);
function atLeast(k: number, n: number, a: number, b: number): number {
  let sum = 0;
  for (let alive = k; alive <= n; alive += 1) sum += Math.exp(logChoose(n, alive) + logBeta(alive + a, n - alive + b) - logBeta(a, b));
  return sum;
}

it('is the smallest number that is enough, by another way of summing, 2,000 times', () => {
  const chance = makeChance(11);
  const below = (n: number) => Math.floor(chance() * n);
  for (let index = 0; index < 2000; index += 1) {
    const [wanted, lived, died] = [1 + below(30), below(400), below(30)];
    const said = orderQuantity({ wanted, lived, died });
    if (!said) continue;
    const [a, b] = [lived + 1, died + 1];
    expect(atLeast(wanted, said.order, a, b)).toBeGreaterThan(0.9 - 1e-8);
    if (said.order > wanted) expect(atLeast(wanted, said.order - 1, a, b)).toBeLessThan(0.9 + 1e-8);
  }
});

it('holds when it is drawn: of so many ordered enough live nine times of ten', () => {
  const chance = makeChance(5);
  const { order } = orderQuantity({ wanted: 12, lived: 57, died: 3 })!;
  // The share that lives, drawn by its rank among uniform draws: Beta(58, 4) is the 58th of 61.
  const share = () => Array.from({ length: 61 }, () => chance()).sort((p, q) => p - q)[57]!;
  let enough = 0;
  const draws = 20_000;
  for (let draw = 0; draw < draws; draw += 1) {
    const p = share();
    let alive = 0;
    for (let fish = 0; fish < order; fish += 1) if (chance() < p) alive += 1;
    if (alive >= 12) enough += 1;
  }
  expect(enough / draws).toBeGreaterThan(0.9 - 0.01);
  expect(enough / draws).toBeLessThan(0.97);
});

it('nothing seen is not zero, and a supplier that kills them all is told so', () => {
  expect(orderQuantity({ wanted: 1, lived: 0, died: 0 })!.order).toBe(9);
  expect(orderQuantity({ wanted: 10, lived: 190, died: 10 })!.order).toBe(12);
  expect(orderQuantity({ wanted: 30, lived: 0, died: 500 })).toBeUndefined();
  expect(MOST_ORDERED).toBe(2000);
  expect(() => orderQuantity({ wanted: 0, lived: 1, died: 1 })).toThrow(RangeError);
  expect(() => orderQuantity({ wanted: 2, lived: 1.5, died: 1 })).toThrow(RangeError);
  expect(() => orderQuantity({ wanted: 2, lived: 1, died: 1, sure: 1 })).toThrow(RangeError);
});
