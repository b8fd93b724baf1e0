// Whose fish a bath is for: those of a bag in hand, or of a tank.
import { knownOf } from '#contract/bench/known.ts';
import type { BenchBag, TankView } from '#contract/views.ts';
import { type BenchInput, type AmbientConditions, inputOf, type Fact } from '#core/bench/index.ts';
import type { Condition } from '#core/dock/index.ts';

export type Patient = {
  place: string;
  lot: string;
  lotLabel: string;
  n: number;
  /** Some may stay behind: a bag is poured whole, out of a tank they are netted. */
  netted: boolean;
  /** Where they go afterwards. */
  tank: { id: string; code: string };
  condition: Condition;
  comesFrom: string;
  input: Required<BenchInput>;
  facts: Fact[];
};

type Here = { now: number; ambient: AmbientConditions };

export function patientOfBag(bag: BenchBag, here: Here): Patient {
  const { input, facts } = inputOf({ ...knownOf(bag), ...here });
  return {
    place: bag.bag,
    lot: bag.lot,
    lotLabel: bag.lotLabel,
    n: bag.alive,
    netted: false,
    tank: bag.tank!,
    condition: bag.landed?.condition ?? 'poor',
    comesFrom: `${bag.crateLabel} · ${bag.label}`,
    input,
    facts,
  };
}

type Occupant = NonNullable<TankView['tank']>['occupants'][number];
type Lives = Required<Pick<TankView, 'tank' | 'system'>>;

/** Fish of a tank: their own water is the tank's. */
export function patientOfTank({ tank, system }: Lives, { lot, label, n, sizeCm }: Occupant, here: Here): Patient {
  const { type, temperatureC, salinityPpt, volumeL } = system;
  const own = {
    n,
    lotBags: 1,
    sizeCm,
    packedAtMs: here.now,
    soft: false,
    foul: false,
    transit: 'local',
    stated: { temperatureC, salinityPpt },
    readings: {},
  };
  const { input, facts } = inputOf({ bag: own, tank: { type, temperatureC, salinityPpt, volumeL, readings: {} }, ...here });
  return {
    place: tank.id,
    lot,
    lotLabel: label,
    n,
    netted: true,
    tank: { id: tank.id, code: tank.code },
    condition: 'poor',
    comesFrom: `${tank.code}, and back into it`,
    input,
    facts,
  };
}
