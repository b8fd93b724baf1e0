// What the bag's water is now, and how long it lasts closed: from what was measured where somebody measured, else an estimate.
import type { BenchBag } from '#contract/views.ts';
import { isSoft } from '#core/dock/index.ts';
import { type BenchInput, type Comparison, sayTime } from '#core/bench/index.ts';
import { ammoniaBand } from '#core/water/index.ts';
import { useUnits } from '../data/units.ts';
import { Figured } from '../figured/Figured.tsx';
import { bagAmmoniaFigure, closedFigure } from '../figured/water.ts';
import { Caution } from '../parts/Caution.tsx';
import css from './methods.module.scss';

export function InTheBag({ bag, input, comparison }: { bag: BenchBag; input: Required<BenchInput>; comparison: Comparison }) {
  const units = useUnits();
  const { start, closed } = comparison;
  const measured = { pH: bag.readings.pH !== undefined, ammonia: bag.readings.ammonia !== undefined };
  const gasBy: 'soft' | 'answered' | 'usual' =
    bag.landed && isSoft(bag.landed.bagCondition) ? 'soft' : bag.packedWith ? 'answered' : 'usual';
  const figured = {
    start,
    closed,
    closedHours: input.bag.closedHours,
    measured,
    gas: input.bag.gas,
    gasBy,
  };
  const isClosed = input.bag.opening.is === 'closed';
  return (
    <>
      <p className={css.wayNow}>
        {bag.clean ? `In the clean water, ${bag.clean.vessel},` : 'In the bag'} now,{' '}
        {bag.readings.pH && bag.readings.ammonia ? 'measured' : 'an estimate'}: pH {start.pH.toFixed(1)}, ammonia{' '}
        {units.say('ammonia', start.tan)}, of it {start.nh3.toFixed(2)} toxic ({ammoniaBand(start.nh3)})
        <Figured figure={bagAmmoniaFigure(figured)} />, oxygen {start.oxygen.toFixed(0)} mg/L.{' '}
        {isClosed && !closed.outside && <Lasts closed={closed} />}
        {isClosed && !closed.outside && <Figured figure={closedFigure(figured)} />}
      </p>
      {input.bag.closedHours > LONGEST_JUDGED_H && (
        <Caution strong>
          Closed for {sayTime(input.bag.closedHours * 60)}: is it right when they were packed? So long a time is outside the calculation.
        </Caution>
      )}
      {closed.outside && (
        <Caution strong>
          Foul water or a dead fish is outside the calculation: take the ammonia as {units.say('ammonia', start.tan)} at least until it is
          tested, and count on no time. Keep it closed until the net is ready, then out within two minutes.
        </Caution>
      )}
    </>
  );
}

/** The model was thought out to three days; one more and it is a guess. */
const LONGEST_JUDGED_H = 96;

const LIMIT_WORDS = {
  oxygen: 'oxygen gives out first',
  'carbon dioxide': 'carbon dioxide comes to its limit first',
  temperature: 'it is too cold or too warm first',
  'toxic ammonia': 'toxic ammonia comes to its limit first',
} as const;
const OVER_WORDS = {
  oxygen: 'Its oxygen is below the limit already',
  'carbon dioxide': 'Its carbon dioxide is over the limit already',
  temperature: 'It is too cold or too warm for them already',
  'toxic ammonia': 'Its toxic ammonia is over the limit already',
} as const;

function Lasts({ closed: { first, band } }: { closed: Comparison['closed'] }) {
  if (!first) return <>Closed, it lasts over 3 days.</>;
  if (first.hours === 0) return <b>{OVER_WORDS[first.limit]}: do not let it stand.</b>;
  const [soonest] = band.firstHours;
  return (
    <>
      Kept closed, {LIMIT_WORDS[first.limit]}, in about {sayTime(first.hours * 60)}
      {soonest !== undefined && soonest < first.hours && `, in ${sayTime(soonest * 60)} if they breathe hard`}.
    </>
  );
}
