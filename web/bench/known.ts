// A bag of the bench view as the computation knows it.
import type { BenchBag } from '#contract/views.ts';
import type { KnownBag, KnownTank } from '#core/bench/facts.ts';

export function knownOf(bag: BenchBag): { bag: KnownBag; tank: KnownTank } {
  const { water } = bag;
  if (!water) throw new Error(`${bag.label} has no tank yet`);
  return {
    bag: {
      n: bag.alive,
      lotBags: bag.lotBags,
      sizeCm: bag.sizeCm,
      packedAtMs: bag.packedAtMs,
      waterL: bag.waterL,
      soft: bag.landed?.bagState === 'soft',
      foul: bag.landed?.bagState === 'foul' || (bag.landed?.dead ?? 0) > 0,
      transit: bag.transit,
      told: bag.told,
      readings: bag.readings,
      kind: bag.kind,
    },
    tank: water,
  };
}
