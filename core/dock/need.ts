// What the way of a landed bag asks of its first tank: a tank where poor fish are watched, or at least no medicine before they have strength for it.
import type { PlaceNeed } from '../placement/index.ts';
import type { DockSettings } from './settings.ts';
import { routeOf, type Advised, type Route, type Triaged } from './triage.ts';
import { transit } from './urgency.ts';

/** What was seen of a bag; and the times of its crate, left out where they are not at hand: nothing that cannot wait hangs on them. */
export type Seen = Pick<Triaged, 'condition' | 'bagCondition' | 'alive' | 'dead' | 'isFish'>;
export type BagTimes = { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number; landedAtMs: number };
/** `routed` = the way that somebody gave it instead of the rules'. */
export type Landed = Seen & BagTimes & { routed?: Route };

/** Where the house's rules send a bag for what was seen of it, and for how long it was closed and late by when it landed. */
export function adviseBag(seen: Seen, rules: DockSettings, times?: BagTimes): Advised {
  const { closedH, lateH } = times ? transit(times, rules, times.landedAtMs) : { closedH: 0, lateH: 0 };
  return routeOf({ ...seen, late: lateH > rules.lateAfterH, longClosed: closedH > rules.longClosedH }, rules.triage);
}

const OF_ROUTE: Partial<Record<Route, PlaceNeed>> = {
  'observation tank': 'observation tank',
  'quarantine without medicine': 'no medicine',
  'clean water now': 'no medicine',
};

/** By the way it was given, else by every fact that speaks: clean water is no tank, and what else was seen of them says where they go from it. A critical fish is a poor one at least. */
export function needOf({ routed, ...bag }: Landed, rules: DockSettings): PlaceNeed | 'nothing' {
  if (bag.alive === 0) return 'nothing';
  if (routed !== undefined) return OF_ROUTE[routed] ?? 'nothing';
  const { because } = adviseBag(bag, rules, bag);
  const routes = because.map(({ fact, route }) => (fact === 'critical' ? rules.triage.poor : route));
  return needs(routes.map((route) => OF_ROUTE[route]));
}

/** Of several bags the one that asks for most. */
export function needs(all: readonly (PlaceNeed | 'nothing' | undefined)[]): PlaceNeed | 'nothing' {
  return all.includes('observation tank') ? 'observation tank' : all.includes('no medicine') ? 'no medicine' : 'nothing';
}
