// Where a landed bag goes first: as the rules of the house have it for what was seen of it, unless somebody said otherwise and why.
import type { BagCard } from '#contract/views.ts';
import { adviseBag, type Advised, type BagTimes, type DockSettings, type Route, type Seen } from '#core/dock/index.ts';

type Given = { rules: DockSettings; times?: BagTimes };

export const advisedFor = (seen: Omit<Seen, 'isFish'>, bag: Pick<BagCard, 'isFish'> | undefined, { rules, times }: Given): Advised =>
  adviseBag({ ...seen, isFish: bag?.isFish === true }, rules, times);

/** Of a landed bag with its fish in it still: what was said of it, else what the rules say. */
export function routeFor(bag: BagCard, given: { rules: DockSettings; times?: Omit<BagTimes, 'landedAtMs'> }): Route {
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
