// What no order of unpacking can beat. Pure; times in minutes from now.
import type { UnpackBag, UnpackHands, UnpackPlan } from './unpacking.ts';

/** Minutes of a person before the bag stands somewhere. */
export const handling = ({ landed, toBucket }: UnpackBag, { landMin, putMin, pourMin }: UnpackHands): number =>
  (landed ? 0 : landMin) + (toBucket ? pourMin : putMin);
export const placeOf = ({ tank, toBucket, state }: UnpackBag): string =>
  toBucket || state === 'in a bucket' ? 'bucket' : `tank ${tank ?? ''}`;

/** What no order can beat: all the work shared by all people, all the standing shared by the places, the longest way of one bag; for all of them, and for those whose reserve ends first. */
export function boundsOf(bags: readonly UnpackBag[], hands: UnpackHands): Pick<UnpackPlan, 'boundMin' | 'boundOverMin'> {
  const boundMin = soonest(bags, hands, false);
  const byReserve = bags
    .filter(({ reserveMin, state }) => reserveMin < Infinity && state !== 'in a bucket')
    .toSorted((a, b) => a.reserveMin - b.reserveMin);
  let boundOverMin = 0;
  byReserve.forEach(({ reserveMin }, index) => {
    boundOverMin = Math.max(boundOverMin, soonest(byReserve.slice(0, index + 1), hands, true) - reserveMin);
  });
  return { boundMin, boundOverMin };
}

/** No order has all of these out (or, `safe`, out of their own water) sooner. */
function soonest(bags: readonly UnpackBag[], hands: UnpackHands, safe: boolean): number {
  const isBucket = (bag: UnpackBag) => bag.toBucket || bag.state === 'in a bucket';
  const work = (bag: UnpackBag) => (bag.state === 'closed' ? handling(bag, hands) : 0) + (safe && isBucket(bag) ? 0 : hands.netMin);
  const chain = (bag: UnpackBag) =>
    (bag.state === 'closed' ? handling(bag, hands) : 0) + (safe && isBucket(bag) ? 0 : bag.standMin + hands.netMin);
  const stands = new Map<string, { places: number; closed: number; running: number[]; pours: { handling: number; min: number }[] }>();
  for (const bag of bags) {
    const place = placeOf(bag);
    const places = Math.max(1, place === 'bucket' ? hands.buckets : hands.placesOf(bag.tank));
    const known = stands.get(place) ?? { places, closed: 0, running: [], pours: [] };
    // A place is taken from the handling on until it is netted out.
    if (safe && isBucket(bag))
      known.pours.push({
        handling: bag.state === 'closed' ? handling(bag, hands) : 0,
        min: (bag.state === 'closed' ? handling(bag, hands) : 0) + bag.standMin + hands.netMin,
      });
    else if (bag.state === 'closed') known.closed += handling(bag, hands) + bag.standMin + hands.netMin;
    else known.running.push(bag.standMin + hands.netMin);
    stands.set(place, known);
  }
  return Math.max(0, bags.reduce((sum, bag) => sum + work(bag), 0) / hands.people, ...bags.map(chain), ...[...stands.values()].map(loadOf));
}

/** A place that is full begins with the next when so many of what runs are out that one is free. */
function loadOf({
  places,
  closed,
  running,
  pours,
}: {
  places: number;
  closed: number;
  running: number[];
  pours: { handling: number; min: number }[];
}): number {
  // The last ones need only be poured: what came before them has left by then.
  if (pours.length > places) {
    const before = pours
      .map(({ min }) => min)
      .toSorted((a, b) => a - b)
      .slice(0, pours.length - places);
    return before.reduce((sum, min) => sum + min, 0) / places + Math.min(...pours.map(({ handling: min }) => min));
  }
  if (pours.length > 0) return 0;
  if (running.length < places) return (closed + running.reduce((sum, min) => sum + min, 0)) / places;
  const free = running.toSorted((a, b) => a - b)[running.length - places]!;
  return free + closed / places;
}
