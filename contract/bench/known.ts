// A bag of the bench view as the computation knows it: the same on a screen and where the house judges.
import type { KnownBag, KnownTank } from '#core/bench/index.ts';
import { isFoul, isSoft } from '#core/dock/index.ts';
import type { Reading } from '#core/water/index.ts';
import type { BenchBag } from './views.ts';

export function knownOf(bag: BenchBag): { bag: KnownBag; tank: KnownTank } {
  const { system } = bag;
  if (!system) throw new Error(`${bag.label} has no tank yet`);
  return { bag: knownBagOf(bag), tank: system };
}

export function knownBagOf(bag: BenchBag): KnownBag {
  if (bag.clean) return inCleanWater(bag, bag.clean);
  return {
    n: bag.alive,
    lotBags: bag.lotBags,
    sizeCm: bag.sizeCm,
    packedAtMs: bag.packedAtMs,
    waterL: bag.waterL,
    soft: bag.landed !== undefined && isSoft(bag.landed.bagCondition),
    foul: bag.landed !== undefined && (isFoul(bag.landed.bagCondition) || bag.landed.dead > 0),
    transit: bag.transit,
    packedWith: bag.packedWith,
    boxC: bag.boxC,
    stated: bag.stated,
    readings: bag.readings,
    siblings: bag.siblings,
    usualPpt: bag.usualPpt,
    kind: bag.kind,
  };
}

/** Another water, open to the air, since then: what was known of the bag's own says nothing of it. What nobody measured in it is as it was said to be made. */
function inCleanWater(bag: BenchBag, { atMs, litres, temperature, salinity }: NonNullable<BenchBag['clean']>): KnownBag {
  const isMeasured = (reading: Reading) => reading.source === 'measured';
  return {
    n: bag.alive,
    lotBags: bag.lotBags,
    sizeCm: bag.sizeCm,
    packedAtMs: atMs,
    waterL: litres,
    soft: false,
    foul: false,
    transit: 'local',
    opening: { is: 'tub' },
    stated: {
      ...(isMeasured(temperature) ? {} : { temperatureC: temperature.value }),
      ...(isMeasured(salinity) ? {} : { salinityPpt: salinity.value }),
    },
    readings: {
      ...(isMeasured(temperature) ? { temperature } : {}),
      ...(isMeasured(salinity) ? { salinity } : {}),
      ...Object.fromEntries(Object.entries(bag.readings).filter(([, reading]) => reading.atMs > atMs)),
    },
    kind: bag.kind,
  };
}
