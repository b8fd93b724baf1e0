import { METRIC_UNITS } from '../data/units.ts';
import { sayRefusal } from './refusals.ts';

const voice = { units: METRIC_UNITS, when: () => '08:00' } as unknown as Parameters<typeof sayRefusal>[1];

it('a step that was measured is not said to be unmeasured, and one that was not is', () => {
  const say = (open: boolean) => sayRefusal({ code: 'release.salinity', facts: { step: 5.1, tolerance: 2, open, tank: 'G3' } }, voice);
  expect(say(false)).toBe(
    'Into G3 the salinity goes up by 5.1 ppt; they tolerate 2 ppt at once. Bring it nearer first; if the tank was matched, write its reading.',
  );
  expect(say(true)).toMatch(/at worst, for nobody has measured it/);
});
