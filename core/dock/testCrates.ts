// Crates made up at random for tests and bench of the order of unpacking.
import { makeChance } from '../chance/index.ts';
import type { UnpackBag, UnpackHands } from './unpacking.ts';

/** `whole` = durations in whole minutes. `harsh` = reserves that no hands can keep, and more afloat than there are places; else as of an overnight crate: few foul, most with hours. */
export function madeCrate(
  seed: number,
  n: number,
  { tanks, whole = false, harsh = true }: { tanks: number; whole?: boolean; harsh?: boolean },
): { bags: UnpackBag[]; hands: UnpackHands } {
  const chance = makeChance(seed);
  const between = (low: number, high: number) => {
    const value = low + chance() * (high - low);
    return whole ? Math.round(value) : value;
  };
  const places = new Map(Array.from({ length: tanks }, (_, index) => [`t${index}`, 1 + Math.floor(chance() * 4)]));
  const bags = Array.from({ length: n }, (_, index): UnpackBag => {
    const running = harsh && chance() < 0.08;
    const toBucket = !running && chance() < 0.1;
    return {
      bag: `b${index}`,
      ...(chance() < 0.9 ? { tank: `t${Math.floor(chance() * tanks)}` } : {}),
      state: running ? (chance() < 0.3 ? 'in a bucket' : 'afloat') : 'closed',
      landed: running || chance() < 0.4,
      toBucket,
      standMin: running ? between(1, 20) : toBucket ? between(10, 20) : between(10, 40),
      reserveMin: toBucket && !harsh ? 0 : chance() < 0.3 ? Infinity : harsh ? between(-10, 400) : between(300, 3000),
    };
  });
  const hands: UnpackHands = {
    people: 1 + Math.floor(chance() * 3),
    buckets: 1 + Math.floor(chance() * 3),
    placesOf: (tank) => (tank === undefined ? 1 : places.get(tank)!),
    landMin: between(1, 3),
    putMin: between(1, 2),
    pourMin: between(2, 4),
    netMin: between(1, 4),
  };
  return { bags, hands };
}
