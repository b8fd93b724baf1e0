// Fish of the house as if they stood in an open tub of their tank's water: what is known of that water is known of theirs, and it is aired and clean.
import { oxygenSolubility } from '../water/index.ts';
import type { KnownBag, KnownTank } from './facts.ts';

type Housed = { tank: Pick<KnownTank, 'salinityPpt' | 'temperatureC' | 'readings'>; waterL: number; now: number } & Pick<
  KnownBag,
  'n' | 'sizeCm' | 'kind'
>;

export function outOfTank({ tank, waterL, now, n, sizeCm, kind }: Housed): KnownBag {
  const salinity = tank.readings.salinity?.value ?? tank.salinityPpt;
  const temperature = tank.readings.temperature?.value ?? tank.temperatureC;
  const set = (value: number, source: 'measured' | 'estimated') => ({ value, method: 'in the water' as const, source });
  return {
    n,
    sizeCm,
    kind,
    waterL,
    lotBags: 1,
    packedAtMs: now,
    soft: false,
    foul: false,
    transit: 'local',
    stated: {},
    readings: {
      ammonia: set(0, 'estimated'),
      oxygen: set(oxygenSolubility({ salinity, temperature }), 'estimated'),
      ...tank.readings,
      salinity: set(salinity, 'measured'),
      temperature: set(temperature, 'measured'),
    },
  };
}
