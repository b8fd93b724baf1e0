// What the way of a landed bag asks of its first tank: a tank where poor fish are watched, or at least no medicine before they have strength for it.
import type { PlaceNeed } from '../placement/index.ts';
import type { DockSettings } from './settings.ts';
import { routeOf, type Route, type Triaged } from './triage.ts';
import { transit } from './urgency.ts';

export type Landed = Pick<Triaged, 'condition' | 'bagCondition' | 'alive' | 'dead' | 'isFish'> & {
  landedAtMs: number;
  packedAtMs: number;
  promisedAtMs: number;
  arrivedAtMs?: number;
  /** The way that somebody gave it instead of the rules'. */
  routed?: Route;
};

const OF_ROUTE: Partial<Record<Route, PlaceNeed>> = {
  'observation tank': 'observation tank',
  'quarantine without medicine': 'no medicine',
  'clean water now': 'no medicine',
};

/** By the way it was given, else by every fact that speaks: clean water is no tank, and what else was seen of them says where they go from it. A critical fish is a poor one at least. */
export function needOf({ routed, landedAtMs, ...bag }: Landed, rules: DockSettings): PlaceNeed | 'nothing' {
  if (bag.alive === 0) return 'nothing';
  if (routed !== undefined) return OF_ROUTE[routed] ?? 'nothing';
  const { closedH, lateH } = transit(bag, rules, landedAtMs);
  const { because } = routeOf({ ...bag, late: lateH > rules.lateAfterH, longClosed: closedH > rules.longClosedH }, rules.triage);
  const routes = because.map(({ fact, route }) => (fact === 'critical' ? rules.triage.poor : route));
  return needs(routes.map((route) => OF_ROUTE[route]));
}

/** Of several bags the one that asks for most. */
export function needs(all: readonly (PlaceNeed | 'nothing' | undefined)[]): PlaceNeed | 'nothing' {
  return all.includes('observation tank') ? 'observation tank' : all.includes('no medicine') ? 'no medicine' : 'nothing';
}
