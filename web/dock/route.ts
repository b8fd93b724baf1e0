// Where a landed bag goes first: as the rules of the house have it for what was seen of it, unless somebody said otherwise and why.
import type { BagCard } from '#contract/views.ts';
import { routeOf, transit, type Advised, type DockSettings, type Route, type Triaged } from '#core/dock/index.ts';

type Seen = Pick<Triaged, 'condition' | 'bagCondition' | 'alive' | 'dead'>;
type Bag = Pick<BagCard, 'isFish'>;
/** Left out where the times of the crate are not at hand: nothing that cannot wait hangs on them. */
type Times = { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number; landedAtMs: number };

export function advisedFor(seen: Seen, bag: Bag | undefined, given: { rules: DockSettings; times?: Times }): Advised {
  const { rules, times } = given;
  const { closedH, lateH } = times ? transit(times, rules, times.landedAtMs) : { closedH: 0, lateH: 0 };
  const more = { late: lateH > rules.lateAfterH, longClosed: closedH > rules.longClosedH, isFish: bag?.isFish === true };
  return routeOf({ ...seen, ...more }, rules.triage);
}

/** Of a landed bag with its fish in it still: what was said of it, else what the rules say. */
export function routeFor(bag: BagCard, given: { rules: DockSettings; times?: Omit<Times, 'landedAtMs'> }): Route {
  if (!bag.landed) return 'as usual';
  const times = given.times && { ...given.times, landedAtMs: bag.landed.atMs };
  return bag.routed?.route ?? advisedFor(bag.landed, bag, { rules: given.rules, times }).route;
}

/** Its fish are to be out of it before anything else, and are not. */
export const wantsCleanWater = (bag: BagCard, rules: DockSettings): boolean =>
  bag.clean === undefined &&
  bag.released === undefined &&
  bag.inRun === undefined &&
  (bag.landed?.alive ?? 0) > 0 &&
  routeFor(bag, { rules }) === 'clean water now';
