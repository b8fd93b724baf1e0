import { findZones } from './index.ts';

const ALL = Intl.supportedValuesOf('timeZone');

it.each([
  ['berlin', ['Europe/Berlin']],
  ['europe/berlin', ['Europe/Berlin']],
  ['New York', ['America/New_York']],
  ['  são paulo', ['America/Sao_Paulo']],
  ['', []],
  ['nowhere', []],
])('%s', (typed, zones) => {
  expect(findZones(typed, ALL)).toEqual(zones);
});

it('finds every zone by its own name, and names several where several are meant', () => {
  for (const zone of ALL) expect(findZones(zone, ALL)).toContain(zone);
  expect(findZones('indiana', ALL).length).toBeGreaterThan(1);
});
