// A bag of the bench view as the computation knows it: the same on a screen and where the house judges.
import type { KnownBag, KnownTank } from '#core/bench/index.ts';
import type { BenchBag } from './views.ts';

export function knownOf(bag: BenchBag): { bag: KnownBag; tank: KnownTank } {
  const { system } = bag;
  if (!system) throw new Error(`${bag.label} has no tank yet`);
  return { bag: knownBagOf(bag), tank: system };
}

export function knownBagOf(bag: BenchBag): KnownBag {
  return {
    n: bag.alive,
    lotBags: bag.lotBags,
    sizeCm: bag.sizeCm,
    packedAtMs: bag.packedAtMs,
    waterL: bag.waterL,
    soft: bag.landed?.bagCondition === 'soft',
    foul: bag.landed?.bagCondition === 'foul' || (bag.landed?.dead ?? 0) > 0,
    transit: bag.transit,
    packedWith: bag.packedWith,
    stated: bag.stated,
    readings: bag.readings,
    siblings: bag.siblings,
    usualPpt: bag.usualPpt,
    kind: bag.kind,
  };
}
