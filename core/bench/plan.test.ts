// What steps do to fish, for steps that nobody would take.
import { D5, MONO_BAG, MONOS } from '../runs/testCases.ts';
import { stressOfPlan } from './compare.ts';

it('steps that no computation can follow have no figure, and break nothing', () => {
  const bag = { ...MONO_BAG, waterL: 5, temperature: 25, salinity: 34, opening: { is: 'tub' as const } };
  const tank = { ...D5, temperature: 25.5, salinity: 33.5, volumeL: 400 };
  const sea = Array.from({ length: 100 }, () => ({ do: 'run' as const, mLPerMin: 99_999, minutes: 2880 }));
  expect(stressOfPlan({ bag, tank, lot: { ...MONOS, n: 1 } }, sea)).toBeUndefined();
  expect(
    stressOfPlan(
      { bag, tank, lot: { ...MONOS, n: 1 } },
      sea.slice(0, 1).map((step) => ({ ...step, mLPerMin: 30, minutes: 60 })),
    ),
  ).toBeDefined();
});
