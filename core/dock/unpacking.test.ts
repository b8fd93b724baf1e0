// The order of unpacking, held against a check of its own that knows only who does what when, and against every order of small crates.
import { madeCrate } from './testCrates.ts';
import { unpackingOrder, type UnpackBag, type UnpackHands, type UnpackPlan } from './unpacking.ts';

const isBucket = ({ toBucket, state }: UnpackBag) => toBucket || state === 'in a bucket';
const handlingOf = (bag: UnpackBag, { landMin, putMin, pourMin }: UnpackHands) =>
  bag.state === 'closed' ? (bag.landed ? 0 : landMin) + (bag.toBucket ? pourMin : putMin) : 0;

/** The most at once of so many spans; one that ends as another begins is not with it. */
function mostAtOnce(spans: readonly (readonly [number, number])[]): number {
  const edges = spans.flatMap(([from, to]) => (to - from > 1e-7 ? [[from + 1e-7, 1] as const, [to - 1e-7, -1] as const] : []));
  let [now, most] = [0, 0];
  for (const [, by] of edges.toSorted(([a], [b]) => a - b)) most = Math.max(most, (now += by));
  return most;
}

/** Everything that a plan must keep to. */
function checkPlan(bags: readonly UnpackBag[], hands: UnpackHands, plan: UnpackPlan): void {
  expect(plan.steps.map(({ bag }) => bag).toSorted()).toEqual(bags.map(({ bag }) => bag).toSorted());
  const steps = new Map(plan.steps.map((step) => [step.bag, step]));
  const work: [number, number][] = [];
  const stands = new Map<string, [number, number][]>();
  let [end, over] = [0, 0];
  for (const bag of bags) {
    const { beginMin, safeMin, outMin } = steps.get(bag.bag)!;
    const handling = handlingOf(bag, hands);
    if (bag.state === 'closed') work.push([beginMin, beginMin + handling]);
    work.push([outMin - hands.netMin, outMin]);
    // It stood as long as it must before it was netted.
    const stoodFrom = bag.state === 'closed' ? beginMin + handling : 0;
    expect(outMin - hands.netMin).toBeGreaterThanOrEqual(stoodFrom + bag.standMin - 1e-6);
    const place = isBucket(bag) ? 'bucket' : (bag.tank ?? '');
    stands.set(place, [...(stands.get(place) ?? []), [bag.state === 'closed' ? beginMin : 0, outMin]]);
    end = Math.max(end, outMin);
    if (bag.state !== 'in a bucket') over = Math.max(over, safeMin - bag.reserveMin);
    expect(safeMin).toBeCloseTo(bag.state === 'in a bucket' ? 0 : bag.toBucket ? beginMin + handling : outMin, 6);
  }
  expect(mostAtOnce(work)).toBeLessThanOrEqual(hands.people);
  for (const [place, spans] of stands) {
    const running = bags.filter((bag) => bag.state !== 'closed' && (isBucket(bag) ? 'bucket' : (bag.tank ?? '')) === place).length;
    const places = place === 'bucket' ? hands.buckets : hands.placesOf(place === '' ? undefined : place);
    expect(mostAtOnce(spans)).toBeLessThanOrEqual(Math.max(places, running));
  }
  expect(plan.endMin).toBeCloseTo(end, 6);
  expect(plan.overMin).toBeCloseTo(over, 6);
  expect(plan.boundMin).toBeLessThanOrEqual(plan.endMin + 1e-6);
  expect(plan.boundOverMin).toBeLessThanOrEqual(plan.overMin + 1e-6);
}

it('keeps to people, places and times, and to its own figures; 120 crates', () => {
  for (let seed = 1; seed <= 120; seed += 1) {
    const { bags, hands } = madeCrate(seed, 1 + (seed % 25), { tanks: 1 + (seed % 5) });
    checkPlan(bags, hands, unpackingOrder(bags, hands, { seed }));
  }
});

/** Every order in which hands can take up the parts of the work, each part as soon as it can be: the best of them is the best there is. */
function bestOfAll(bags: readonly UnpackBag[], hands: UnpackHands): { endMin: number; overMin: number }[] {
  const found: { endMin: number; overMin: number }[] = [];
  type Now = { people: number[]; begun: Map<string, number>; out: Map<string, number> };
  const placeOf = (bag: UnpackBag) => (isBucket(bag) ? 'bucket' : (bag.tank ?? ''));
  const placesAt = (place: string) => (place === 'bucket' ? hands.buckets : hands.placesOf(place === '' ? undefined : place));
  const go = (now: Now): void => {
    if (now.out.size === bags.length) {
      const over = bags.map((bag) => (bag.toBucket ? now.begun.get(bag.bag)! : now.out.get(bag.bag)!) - bag.reserveMin);
      found.push({ endMin: Math.max(...now.out.values()), overMin: Math.max(0, ...over) });
      return;
    }
    for (const bag of bags) {
      const stoodFrom = now.begun.get(bag.bag);
      const who = now.people.indexOf(Math.min(...now.people));
      const people = (at: number) => now.people.map((free, index) => (index === who ? at : free));
      if (stoodFrom !== undefined && !now.out.has(bag.bag)) {
        const out = Math.max(now.people[who]!, stoodFrom + bag.standMin) + hands.netMin;
        go({ ...now, people: people(out), out: new Map([...now.out, [bag.bag, out]]) });
      }
      if (stoodFrom !== undefined) continue;
      const same = bags.filter((known) => placeOf(known) === placeOf(bag) && now.begun.has(known.bag));
      // Who stands in its places still is out at some time, or the order cannot be.
      const taken = same.map((known) => now.out.get(known.bag) ?? Infinity).toSorted((a, b) => b - a);
      const freeFrom = taken.length < placesAt(placeOf(bag)) ? 0 : taken[placesAt(placeOf(bag)) - 1]!;
      if (freeFrom === Infinity) continue;
      const stands = Math.max(now.people[who]!, freeFrom) + handlingOf(bag, hands);
      go({ ...now, people: people(stands), begun: new Map([...now.begun, [bag.bag, stands]]) });
    }
  };
  go({ people: Array.from({ length: hands.people }, () => 0), begun: new Map(), out: new Map() });
  return found;
}

it('bounds are beaten by no order, and the plan is near the best of all orders of small crates', () => {
  let [worst, same, n] = [1, 0, 0];
  for (let seed = 1; seed <= 50; seed += 1) {
    const made = madeCrate(seed, 4, { tanks: 2, whole: true });
    const bags = made.bags.map((bag) => ({ ...bag, state: 'closed' as const }));
    const plan = unpackingOrder(bags, made.hands, { seed });
    const all = bestOfAll(bags, made.hands);
    const least = Math.min(...all.map(({ overMin }) => overMin));
    const end = Math.min(...all.map(({ endMin }) => endMin));
    expect(plan.boundMin).toBeLessThanOrEqual(end + 1e-6);
    expect(plan.boundOverMin).toBeLessThanOrEqual(least + 1e-6);
    expect(plan.overMin).toBeGreaterThanOrEqual(least - 1e-6);
    const best = Math.min(...all.map(({ overMin, endMin }) => 3 * overMin + endMin));
    n += 1;
    if (3 * plan.overMin + plan.endMin <= best + 1e-6) same += 1;
    worst = Math.max(worst, (3 * plan.overMin + plan.endMin) / best);
  }
  expect(same / n).toBeGreaterThan(0.9);
  expect(worst).toBeLessThan(1.35);
});

it('begins with the pinned one, and with what cannot wait', () => {
  const { hands } = madeCrate(7, 1, { tanks: 1 });
  const bag = (name: string, more: Partial<UnpackBag> = {}): UnpackBag => ({ bag: name, tank: 't0', state: 'closed', landed: true, toBucket: false, standMin: 20, reserveMin: 300, ...more }); // prettier-ignore
  const plain = { ...hands, people: 1, buckets: 1, placesOf: () => 1, landMin: 1, putMin: 1, pourMin: 3, netMin: 2 };
  const bags = [bag('calm'), bag('short', { reserveMin: 40 }), bag('foul', { toBucket: true, standMin: 15, reserveMin: 200 })];
  const order = (pinned?: string) => unpackingOrder(bags, plain, { pinned }).steps.map(({ bag: name }) => name);
  expect(order().slice(0, 2).toSorted()).toEqual(['foul', 'short']);
  expect(order('calm')[0]).toBe('calm');
  expect(order('none')).toEqual(order());
});

it('says what cannot be', () => {
  const { bags, hands } = madeCrate(3, 5, { tanks: 1 });
  const closed = bags.map((bag) => ({ ...bag, state: 'closed' as const, toBucket: false }));
  expect(() => unpackingOrder(closed, { ...hands, people: 0 })).toThrow(RangeError);
  expect(() => unpackingOrder(closed, { ...hands, placesOf: () => 0 })).toThrow(RangeError);
  expect(unpackingOrder([], hands)).toEqual({ steps: [], endMin: 0, boundMin: 0, overMin: 0, boundOverMin: 0 });
});
