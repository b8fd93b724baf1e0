import { systemStep } from './systemStep.ts';

const waterOf = (temperatureC: number, salinityPpt: number) => ({ temperatureC, salinityPpt });

it.each([
  ['as good as one', waterOf(25, 34), waterOf(25.4, 34.4), undefined],
  ['just beyond that', waterOf(25, 34), waterOf(25.5, 34), []],
  ['two ppt up is borne', waterOf(25, 30), waterOf(25, 32), []],
  ['more is not', waterOf(25, 30), waterOf(25, 32.1), ['salinity 2']],
  ['six down is borne', waterOf(25, 34), waterOf(25, 28), []],
  ['more is not', waterOf(25, 34), waterOf(25, 27.9), ['salinity 6']],
  ['two degrees either way', waterOf(24, 1), waterOf(26, 1), []],
  ['more is not', waterOf(24, 1), waterOf(21.9, 1), ['temperature 2']],
  ['a conversion is both', waterOf(23, 8), waterOf(26, 30), ['salinity 2', 'temperature 2']],
] as const)('%s: %j to %j', (_what, from, to, beyond) => {
  expect(systemStep(from, to)?.beyond.map(({ what, tolerance }) => `${what} ${tolerance}`)).toEqual(beyond);
});

it('says which way it goes', () => {
  expect(systemStep(waterOf(26, 30), waterOf(24, 8))).toMatchObject({ temperatureC: -2, salinityPpt: -22 });
});
