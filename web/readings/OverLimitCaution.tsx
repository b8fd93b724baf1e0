// A reading over its limit, said before it is written: what follows is asked once it stands.
import type { ReadingsView } from '#contract/views.ts';
import { isOver, judgeReading, type Beside } from '#core/waterTests/index.ts';
import type { Quantity } from '#core/water/index.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { sayOver } from '../words/waterTests.ts';

type Props = { read: readonly { quantity: Quantity; value: number }[]; judging: ReadingsView['judging'] };
const WITH: readonly Quantity[] = ['pH', 'temperature', 'salinity'];

export function OverLimitCaution({ read, judging }: Props) {
  const units = useUnits();
  if (!judging) return null;
  const { set, limits } = judging;
  // What is read in the same breath counts before what was read a while ago.
  const beside: Beside = {
    ...judging.beside,
    ...Object.fromEntries(read.filter(({ quantity }) => WITH.includes(quantity)).map(({ quantity, value }) => [quantity, value])),
  };
  return read.map(({ quantity, value }) => {
    const verdict = judgeReading({ quantity, value, beside }, set, limits);
    return isOver(verdict) ? (
      <Caution key={quantity} strong={verdict.urgent}>
        <b>{sayOver({ quantity, value, verdict }, units)}.</b> Once it is written down, what is done about it is asked under Water tests.
      </Caution>
    ) : null;
  });
}
