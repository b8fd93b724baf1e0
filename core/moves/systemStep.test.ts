import { systemStep } from './systemStep.ts';

const at = (temperatureC: number, salinityPpt: number) => ({ temperatureC, salinityPpt });

it.each([
  ['as good as one', at(25, 34), at(25.4, 34.4), undefined],
  ['just beyond that', at(25, 34), at(25.5, 34), []],
  ['two ppt up is borne', at(25, 30), at(25, 32), []],
  ['more is not', at(25, 30), at(25, 32.1), ['salinity 2']],
  ['six down is borne', at(25, 34), at(25, 28), []],
  ['more is not', at(25, 34), at(25, 27.9), ['salinity 6']],
  ['two degrees either way', at(24, 1), at(26, 1), []],
  ['more is not', at(24, 1), at(21.9, 1), ['temperature 2']],
  ['a conversion is both', at(23, 8), at(26, 30), ['salinity 2', 'temperature 2']],
] as const)('%s: %j to %j', (_what, from, to, beyond) => {
  expect(systemStep(from, to)?.beyond.map(({ what, tolerance }) => `${what} ${tolerance}`)).toEqual(beyond);
});

it('says which way it goes', () => {
  expect(systemStep(at(26, 30), at(24, 8))).toMatchObject({ temperatureC: -2, salinityPpt: -22 });
});
