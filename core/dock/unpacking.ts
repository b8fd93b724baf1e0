// The order of unpacking: which bag next and when each is out of its water, with so many people, places to float and buckets. Pure; times in minutes from now.
import { makeChance } from '../chance/index.ts';
import { boundsOf, handling, placeOf } from './unpackingBounds.ts';

/** What is still to be done with a bag. `closed` = in the box, or landed and not begun; `afloat` and `in a bucket` have their place. */
export type UnpackState = 'closed' | 'afloat' | 'in a bucket';
export type UnpackBag = {
  bag: string;
  /** Where it floats; bags without a tank share one place of their own. */
  tank?: string;
  state: UnpackState;
  /** Landed already: only the work after it is left. */
  landed: boolean;
  /** Out of the bag at once, into clean water, and from there into the tank. */
  toBucket: boolean;
  /** Minutes that it floats, or that its fish stand in the bucket; of what runs, minutes that are left. */
  standMin: number;
  /** Minutes until the water of the bag is no place for it; Infinity when nothing is near. */
  reserveMin: number;
};
export type UnpackHands = {
  people: number;
  buckets: number;
  /** Places to float in each tank. */
  placesOf: (tank: string | undefined) => number;
  /** Minutes of a person: landing a bag, setting it afloat, pouring it into clean water, netting it out. */
  landMin: number;
  putMin: number;
  pourMin: number;
  netMin: number;
};
export type UnpackStep = {
  bag: string;
  beginMin: number;
  /** Its fish are out of its water: in the tank, or in clean water. */ safeMin: number;
  outMin: number;
};
export type UnpackPlan = {
  /** In the order in which hands take them up. */
  steps: UnpackStep[];
  /** When the last one is out, and no order is sooner than `boundMin`. */
  endMin: number;
  boundMin: number;
  /** By how much the worst is past its reserve, and no order is better than `boundOverMin`; 0 = none. */
  overMin: number;
  boundOverMin: number;
};

/** So many turns for {@link ORDINARY} bags; a turn costs by the square, so of more there are fewer. */
const TURNS = 1600;
const ORDINARY = 120;
const WHOLE = 1e-9;

/**
 * The order, by list scheduling: whoever is free nets out what is ready, else takes the first bag of the list that has its place free; the list begins with the shortest
 * reserve and is then improved by moving bags, and by which of the ready ones goes first, for a fixed number of turns. A pinned bag is the first that is begun. Better = the minutes of the worst bag past its reserve, weighed, and those until all are out.
 * Durations are judgements of the house. Throws a RangeError without people, and when something has no place at all.
 * Source: list scheduling with local improvement and bounds by machine load, e.g. Pinedo, Scheduling, 5th ed. (2016), ch. 4, 14.
 */
export function unpackingOrder(
  bags: readonly UnpackBag[],
  hands: UnpackHands,
  { pinned, seed = 1 }: { pinned?: string; seed?: number } = {},
): UnpackPlan {
  if (!(hands.people >= 1)) throw new RangeError('somebody must unpack');
  const ready = prepared(bags, hands);
  const waiting = bags.flatMap(({ state }, index) => (state === 'closed' ? [index] : []));
  const first = waiting.filter((index) => bags[index]!.bag === pinned);
  const others = waiting.filter((index) => !first.includes(index));
  const tried = (rest: readonly number[], byLoad: boolean) => ({
    rest,
    byLoad,
    ...simulate(ready, { list: [...first, ...rest], byLoad }, hands),
  });
  let best = startingLists(ready, others)
    .flatMap((rest) => [tried(rest, false), tried(rest, true)])
    .reduce((so, now) => (isBetter(now, so) ? now : so));
  const bounds = boundsOf(bags, hands);
  const chance = makeChance(seed);
  const turns = TURNS * Math.min(1, (ORDINARY / Math.max(1, bags.length)) ** 2);
  for (let turn = 0; turn < turns && others.length > 1; turn += 1) {
    if (best.endMin <= bounds.boundMin + WHOLE && best.overMin <= bounds.boundOverMin + WHOLE) break;
    const now = tried(
      moved(best.rest, Math.floor(chance() * others.length), Math.floor(chance() * others.length)),
      turn % 2 === 0 ? best.byLoad : !best.byLoad,
    );
    if (!isBetter(best, now)) best = now;
  }
  const steps: (UnpackStep & { order: number })[] = [];
  const order = [...first, ...best.rest];
  simulate(ready, { list: order, byLoad: best.byLoad }, hands, (index, { beginMin, standsMin, outMin }) => {
    const { bag, state, toBucket } = bags[index]!;
    const safeMin = state === 'in a bucket' ? 0 : toBucket ? standsMin : outMin;
    steps.push({ bag, beginMin, safeMin, outMin, order: order.indexOf(index) });
  });
  return {
    steps: steps.toSorted((a, b) => a.beginMin - b.beginMin || a.order - b.order).map(({ order: _order, ...step }) => step),
    endMin: best.endMin,
    overMin: best.overMin,
    ...bounds,
  };
}

/** By the shortest reserve; by the longest standing, which fills the places; by the fullest place, which frees its own. */
function startingLists({ bags, place, capacity, handling: handlingOf }: Prepared, others: readonly number[]): number[][] {
  const load = new Float64Array(capacity.length);
  for (const index of others) load[place[index]!]! += (handlingOf[index]! + bags[index]!.standMin) / Math.max(1, capacity[place[index]!]!);
  const byReserve = others.toSorted((a, b) => urgency(bags[a]!) - urgency(bags[b]!) || bags[b]!.standMin - bags[a]!.standMin);
  return [
    byReserve,
    byReserve.toSorted((a, b) => bags[b]!.standMin - bags[a]!.standMin),
    byReserve.toSorted((a, b) => load[place[b]!]! - load[place[a]!]!),
    // What cannot wait first, then the fullest place.
    byReserve.toSorted((a, b) => Number(urgency(bags[b]!) <= 0) - Number(urgency(bags[a]!) <= 0) || load[place[b]!]! - load[place[a]!]!),
  ];
}

/** What goes to a bucket cannot wait for a float. */
const urgency = ({ reserveMin, toBucket }: UnpackBag): number => (toBucket ? Math.min(reserveMin, 0) : reserveMin);
type Outcome = Pick<UnpackPlan, 'endMin' | 'overMin'>;
/** A minute past the reserve of the worst bag weighs as much as so many minutes until the last is out. A judgement. */
const OVER_WEIGHT = 3;
const worth = ({ overMin, endMin }: Outcome): number => OVER_WEIGHT * overMin + endMin;
const isBetter = (a: Outcome, b: Outcome): boolean => worth(a) < worth(b) - WHOLE;

function moved<T>(list: readonly T[], from: number, to: number): T[] {
  const next = [...list];
  const [one] = next.splice(from, 1);
  next.splice(to, 0, one!);
  return next;
}

/** What a simulation needs of the bags, as numbers: it runs some hundred times a plan. */
type Prepared = { bags: readonly UnpackBag[]; handling: Float64Array; place: Int32Array; capacity: Int32Array };
function prepared(bags: readonly UnpackBag[], hands: UnpackHands): Prepared {
  const places: string[] = [];
  const capacity: number[] = [];
  const place = bags.map((bag) => {
    const name = placeOf(bag);
    const known = places.indexOf(name);
    if (known >= 0) return known;
    capacity.push(name === 'bucket' ? hands.buckets : hands.placesOf(bag.tank));
    return places.push(name) - 1;
  });
  return {
    bags,
    handling: Float64Array.from(bags, (bag) => handling(bag, hands)),
    place: Int32Array.from(place),
    capacity: Int32Array.from(capacity),
  };
}

/** The list that hands follow (indices of closed bags). `byLoad` = they net out first, and begin before they net out, whose place is waited for longest; else what was ready first. */
type Followed = { list: readonly number[]; byLoad: boolean };

/** What happens when hands follow the list. `note` is told each bag as it is netted out, when somebody asks for more than the figures. */
function simulate(
  { bags, handling: handlingOf, place, capacity }: Prepared,
  { list, byLoad }: Followed,
  { people: many, netMin }: Pick<UnpackHands, 'people' | 'netMin'>,
  note?: (index: number, times: { beginMin: number; standsMin: number; outMin: number }) => void,
): Outcome {
  const free = Int32Array.from(capacity);
  const begun = new Float64Array(bags.length);
  const ready: { index: number; atMin: number }[] = [];
  const releases: { place: number; atMin: number }[] = [];
  bags.forEach(({ state, standMin }, index) => {
    // What runs has its place, whatever the house says of places by now.
    if (state === 'closed') return;
    free[place[index]!]! -= 1;
    ready.push({ index, atMin: standMin });
  });
  const load = new Float64Array(capacity.length);
  for (const index of list) load[place[index]!]! += (handlingOf[index]! + bags[index]!.standMin + netMin) / capacity[place[index]!]!;
  const people = new Float64Array(many);
  const left = [...list];
  let [endMin, overMin] = [0, 0];
  while (left.length + ready.length > 0) {
    let who = 0;
    for (let person = 1; person < many; person += 1) if (people[person]! < people[who]!) who = person;
    const now = people[who]!;
    for (let index = releases.length - 1; index >= 0; index -= 1)
      if (releases[index]!.atMin <= now + WHOLE) free[releases.splice(index, 1)[0]!.place]! += 1;
    const next = left.findIndex((index) => free[place[index]!]! > 0);
    const netted = byLoad ? fullestOf(ready, now, (index) => load[place[index]!]!) : earliestBy(ready);
    const isDue = netted >= 0 && ready[netted]!.atMin <= now + WHOLE;
    // Whose place the next ones wait for goes first; the others may stand a little longer.
    const startsFirst = byLoad && isDue && next >= 0 && load[place[left[next]!]!]! > load[place[ready[netted]!.index]!]!;
    if (netted >= 0 && ((isDue && !startsFirst) || next < 0)) {
      const { index, atMin } = ready.splice(netted, 1)[0]!;
      const bag = bags[index]!;
      const outMin = Math.max(now, atMin) + netMin;
      people[who] = outMin;
      endMin = Math.max(endMin, outMin);
      const standsMin = bag.state === 'closed' ? begun[index]! + handlingOf[index]! : 0;
      // A floated bag is safe when its fish are out of it; poured into a bucket they are safe there.
      if (bag.state !== 'in a bucket') overMin = Math.max(overMin, (bag.toBucket ? standsMin : outMin) - bag.reserveMin);
      note?.(index, { beginMin: bag.state === 'closed' ? begun[index]! : outMin - netMin, standsMin, outMin });
      releases.push({ place: place[index]!, atMin: outMin });
      continue;
    }
    if (next < 0) {
      // All places are taken: until one of them is free.
      const soonestMin = releases.reduce((least, { atMin }) => Math.min(least, atMin), Infinity);
      if (soonestMin === Infinity) throw new RangeError('no place to float and no bucket');
      people[who] = Math.max(now, soonestMin);
      continue;
    }
    const index = left.splice(next, 1)[0]!;
    free[place[index]!]! -= 1;
    load[place[index]!]! -= (handlingOf[index]! + bags[index]!.standMin + netMin) / capacity[place[index]!]!;
    begun[index] = now;
    people[who] = now + handlingOf[index]!;
    ready.push({ index, atMin: people[who]! + bags[index]!.standMin });
  }
  return { endMin, overMin };
}

/** Of those that stand long enough the one whose place is waited for longest; of none, the soonest. */
function fullestOf(ready: readonly { index: number; atMin: number }[], now: number, load: (index: number) => number): number {
  let best = -1;
  for (const [index, { atMin, index: bag }] of ready.entries())
    if (atMin <= now + WHOLE && (best < 0 || load(bag) > load(ready[best]!.index))) best = index;
  return best < 0 ? earliestBy(ready) : best;
}

const earliestBy = (ready: readonly { atMin: number }[]): number =>
  ready.reduce((best, { atMin }, index) => (best < 0 || atMin < ready[best]!.atMin ? index : best), -1);
