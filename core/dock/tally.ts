// The crate against its list: what is short, over, dead and wrong, summed as bags land.

export type TalliedBag = {
  /** Heads the list promises in this bag; 0 for a bag on no list. */
  listed: number;
  absent: boolean;
  landed?: { alive: number; dead: number; /** Fish of another lot than listed. */ wrong: boolean };
};

export type Tally = {
  listed: number;
  alive: number;
  dead: number;
  short: number;
  over: number;
  wrong: number;
  bagsListed: number;
  bagsDone: number;
  bagsUnlisted: number;
};

/**
 * Heads against the list. A bag with the wrong fish is short of all it should have held, and its fish count as wrong,
 * not as over; a bag on no list is over. For every crate that is done: listed + over + wrong = alive + dead + short.
 */
export function tallyCrate(bags: readonly TalliedBag[]): Tally {
  const tally: Tally = { listed: 0, alive: 0, dead: 0, short: 0, over: 0, wrong: 0, bagsListed: 0, bagsDone: 0, bagsUnlisted: 0 };
  for (const bag of bags) {
    tally.listed += bag.listed;
    if (bag.listed > 0) tally.bagsListed += 1;
    else tally.bagsUnlisted += 1;
    if (bag.absent) {
      tally.short += bag.listed;
      tally.bagsDone += 1;
    }
    if (!bag.landed) continue;
    const heads = bag.landed.alive + bag.landed.dead;
    tally.alive += bag.landed.alive;
    tally.dead += bag.landed.dead;
    if (bag.listed > 0) tally.bagsDone += 1;
    if (bag.landed.wrong) {
      tally.wrong += heads;
      tally.short += bag.listed;
    } else {
      tally.short += Math.max(0, bag.listed - heads);
      tally.over += Math.max(0, heads - bag.listed);
    }
  }
  return tally;
}
