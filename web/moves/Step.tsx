// What another system asks of fish that are netted straight over: said before they are lifted.
import type { WaterStep } from '#core/moves/index.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';

export function Step({ step, to }: { step: WaterStep | undefined; to: string }) {
  const { say, sayStep } = useUnits();
  if (!step) return null;
  const { salinityPpt, temperatureC, beyond } = step;
  const words = [
    Math.abs(salinityPpt) >= 0.5 && `${say('salinity', Math.abs(salinityPpt))} ${salinityPpt > 0 ? 'up' : 'down'}`,
    Math.abs(temperatureC) >= 0.5 && `${sayStep(Math.abs(temperatureC))} ${temperatureC > 0 ? 'warmer' : 'colder'}`,
  ].filter(Boolean);
  return (
    <Caution strong={beyond.length > 0}>
      {to} is {words.join(' and ')}, by what is last known of both.{' '}
      {beyond.length > 0
        ? `Ordinary fish tolerate ${beyond.map(({ what, tolerance }) => (what === 'salinity' ? say(what, tolerance) : sayStep(tolerance))).join(' and ')} of that at once: bring the water over to them first, in a bucket with air and lid, and read both with one meter.`
        : 'Float them, or let some of the water run in, before they go.'}
    </Caution>
  );
}
