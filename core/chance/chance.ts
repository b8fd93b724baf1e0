// Seeded chance, the one owner of it: the same seed draws the same.

/** Chance in [0, 1) by mulberry32, from a whole number. Not for secrets. */
export function makeChance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A standard normal deviate from two chances (Box & Muller 1958). */
export const normal = (chance: () => number): number => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
