// A reading that is far from the one before: asked about wherever it is entered.
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { capital } from '../words/text.ts';
import type { FarOff } from './draft.ts';

export function FarOffCaution({ far }: { far: readonly FarOff[] }) {
  const units = useUnits();
  return far.map(({ quantity, value, before }) => (
    <Caution key={quantity} strong>
      <b>
        {capital(quantity)} {units.say(quantity, value)}, and {units.say(quantity, before)} before.
      </b>{' '}
      Is the probe in the water, and is that the unit? If it is so, the fish come first.
    </Caution>
  ));
}
