// How many to order so that enough come alive, by what came alive of that supplier before. Pure.

/** More than this nobody orders of one kind. */
export const MOST_ORDERED = 2000;
const ROUNDING = 1e-9;
/** How sure one wants to be that enough come. A judgement. */
export const ORDER_SURE = 0.9;

/** `order` = smallest number of which so many come alive, this surely. */
export type OrderQuantity = { order: number };

/**
 * The smallest order of which at least `wanted` come alive with probability `sure`. The share that comes alive is not known but seen: `lived` of
 * `lived + died` before, over a uniform prior, so that the number alive of n is beta-binomial (Beta(lived + 1, died + 1)). Nothing seen is not zero: without any record half
 * of them may die. Fish of one crate share a fate, which makes the true spread wider: the figure is a least.
 * Undefined when more than {@link MOST_ORDERED} would be needed. Throws a RangeError for counts that are no whole numbers from 0 (wanted from 1), or `sure` outside 0–1.
 * Source: beta-binomial, e.g. Gelman et al., Bayesian Data Analysis, 3rd ed. (2013), §2.4.
 * @example orderQuantity({ wanted: 10, lived: 190, died: 10 })!.order === 12
 */
export function orderQuantity(asked: { wanted: number; lived: number; died: number; sure?: number }): OrderQuantity | undefined {
  const { wanted, lived, died, sure = ORDER_SURE } = asked;
  for (const [name, value] of [
    ['wanted', wanted - 1],
    ['lived', lived],
    ['died', died],
  ] as const)
    if (!Number.isInteger(value) || value < 0) throw new RangeError(`${name} must be a whole number: ${String(asked[name])}`);
  if (!(sure > 0 && sure < 1)) throw new RangeError(`sure must lie between 0 and 1: ${sure}`);
  const [a, b] = [lived + 1, died + 1];
  const isEnough = (order: number) => chanceOfAtLeast(wanted, { of: order, a, b }) >= sure - ROUNDING;
  if (wanted > MOST_ORDERED || !isEnough(MOST_ORDERED)) return undefined;
  // More ordered is never less likely enough: halved until one is left.
  let [few, order] = [wanted - 1, MOST_ORDERED];
  while (order - few > 1) {
    const middle = Math.floor((few + order) / 2);
    if (isEnough(middle)) order = middle;
    else few = middle;
  }
  return { order };
}

/** P(at least k of n) of a beta-binomial, summed from k = n downwards: p(n) is a product, and each p(k − 1) follows from p(k). By logarithms: p(n) may be too small for a number. */
function chanceOfAtLeast(k: number, { of: n, a, b }: { of: number; a: number; b: number }): number {
  // p(n) = Π (a + i) / (a + b + i), i < n.
  let log = 0;
  for (let i = 0; i < n; i += 1) log += Math.log((a + i) / (a + b + i));
  let sum = Math.exp(log);
  for (let alive = n; alive > k; alive -= 1) {
    log += Math.log((alive * (b + n - alive)) / ((n - alive + 1) * (a + alive - 1)));
    sum += Math.exp(log);
  }
  return sum;
}
