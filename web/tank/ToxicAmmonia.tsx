// The toxic part of the ammonia that was read, when pH and temperature were read with it; else what is missing.
import type { TankView } from '#contract/views.ts';
import { DAY_MS, MINUTE_MS } from '#core/time/index.ts';
import { TOGETHER_MS } from '#core/waterTests/index.ts';
import { ammoniaBand, AMMONIA_BANDS } from '#core/water/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useTimes } from '../data/me.ts';
import { Figured } from '../figured/Figured.tsx';
import { ammoniaFigure, toxicAmmonia } from '../figured/water.ts';

type Props = { readings: TankView['readings']; salinityPpt: number };

/** Older than this it tells of a water that was. */
const OLD_MS = DAY_MS;

export function ToxicAmmonia({ readings, salinityPpt }: Props) {
  const readingOf = (wanted: string) => readings.find(({ quantity }) => quantity === wanted);
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const ammonia = readingOf('ammonia');
  if (!ammonia) return null;
  const beside = (wanted: string) => {
    const reading = readingOf(wanted);
    return reading?.source === 'measured' && Math.abs(reading.atMs - ammonia.atMs) <= TOGETHER_MS ? reading.value : undefined;
  };
  const [pH, temperature] = [beside('pH'), beside('temperature')];
  const missing = [pH === undefined && 'pH', temperature === undefined && 'temperature'].filter(Boolean).join(' and ');
  if (pH === undefined || temperature === undefined)
    return (
      <tr>
        <th scope="row">toxic part</th>
        <td>not known</td>
        <td className="soft">read {missing} together with the ammonia</td>
      </tr>
    );
  const salinity = beside('salinity') ?? salinityPpt;
  const facts = { tan: ammonia.value, pH, temperature, salinity };
  const nh3 = toxicAmmonia(facts);
  const isOld = now - ammonia.atMs > OLD_MS;
  const calm = !isOld && nh3 < AMMONIA_BANDS[0].below;
  return (
    <tr>
      <th scope="row">toxic part</th>
      <td className="num">{nh3.toFixed(3)} mg/L N</td>
      <td className={calm ? 'soft' : 'warn'}>
        {isOld ? `of ${when(ammonia.atMs)}; what it is today is not known` : `calculated: ${ammoniaBand(nh3)}`}{' '}
        <Figured
          figure={ammoniaFigure(
            facts,
            beside('salinity') === undefined ? 'Salinity as the system is set, not read with it.' : 'All of it read here within two hours.',
            'A test of total ammonia reads ±15 % or so; a pH pen ±0.1, which is a quarter of the toxic part.',
          )}
        />
      </td>
    </tr>
  );
}
