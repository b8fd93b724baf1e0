// What is said before a float: what cannot wait, and the step in salinity.
import { Link } from 'react-router';
import type { BenchBag } from '#contract/views.ts';
import { lotOf, salinityGap, tolerancesOf } from '#core/bench/index.ts';
import { wantsCleanWater } from '../dock/route.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { firstAid } from '../words/firstAid.ts';
import { Caution } from '../parts/Caution.tsx';

export function Urgency({ bag }: { bag: BenchBag }) {
  const { rules } = useMe().house;
  if (!bag.landed || !wantsCleanWater(bag, rules)) return null;
  return (
    <>
      <Caution strong>{firstAid(bag.landed)}</Caution>
      <Link className="btn btn-act" to={`/dock?crate=${bag.crate}&clean=${bag.bag}`}>
        Clean water now
      </Link>
    </>
  );
}

export function SalinityStep({ bag, tankPpt }: { bag: BenchBag; tankPpt: number }) {
  const { say } = useUnits();
  // Measured here beats measured in another bag, and that what was stated.
  const [ppt, from] = bag.readings.salinity
    ? [bag.readings.salinity.value, 'measured']
    : bag.siblings?.salinity
      ? [bag.siblings.salinity.value, 'in another bag']
      : [bag.stated.salinityPpt, 'stated'];
  const gap = salinityGap(ppt, tankPpt);
  if (!gap.judged)
    return <Caution>Salinity of the bag not known. Ask the supplier, or measure the tell-tale bag in its first minute.</Caution>;
  const words = `${say('salinity', gap.fromPpt)} ${from} → ${say('salinity', gap.toPpt)} in ${bag.tank!.code}`;
  if (gap.direction === 'none') return <p>Salinity: {words}, no step.</p>;
  const tolerances = tolerancesOf(lotOf({ n: bag.alive, lotBags: bag.lotBags, kind: bag.kind }));
  const size = Math.abs(gap.stepPpt);
  const tolerance = gap.direction === 'up' ? tolerances.salinityStepUp : tolerances.salinityStepDown;
  const over = size > tolerance;
  return (
    <Caution strong={over}>
      Salinity: {words}, a step <b>{gap.direction}</b> of {say('salinity', size)}; they tolerate {say('salinity', tolerance)} at once.
      {over && ' Bring tank and bag nearer before they are let in.'}
    </Caution>
  );
}
