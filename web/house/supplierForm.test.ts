import fc from 'fast-check';
import { accepted } from '../data/testOverlay.ts';
import { METRIC_UNITS as units } from '../data/units.ts';
import { supplierChanged, supplierFields, supplierValues, type KnownSupplier } from './supplierForm.ts';

const known: KnownSupplier = {
  id: 'yard',
  entry: '019cb270-7380-7000-8036-9ee768e6d3a5',
  name: 'Yard',
  transit: 'overnight',
  note: 'ships low',
  usualH: 26,
  origins: ['wild', 'bred'],
  ships: { temperatureC: 24, salinityPpt: 27.2, salinitySaid: '1.0205 sg 25/25' },
  claim: { withinH: 4, from: 'opening', leastDead: 2, evidence: 'photographs' },
};
const fieldsOf = (values: Record<string, string>, of = known) => {
  const change = supplierChanged(of, { ...supplierValues(of, units), ...values }, units);
  return change?.kind === 'supplier.changed' ? change.payload.fields : undefined;
};

it('what nobody touched is not changed, whatever is known', () => {
  expect(fieldsOf({})).toBeUndefined();
  expect(fieldsOf({}, { id: 'y', entry: known.entry, name: 'Y', transit: 'van' })).toBeUndefined();
});

it('only what was touched is sent, in the words that it was said in; what was emptied is not known any more', () => {
  expect(fieldsOf({ salinity: '1.021 sg 25/25' })).toEqual({
    ships: { temperatureC: 24, salinityPpt: expect.closeTo(27.9, 0) as unknown, salinitySaid: '1.021 sg 25/25' },
  });
  expect(fieldsOf({ salinity: '', temperatureC: '' })).toEqual({ ships: null });
  expect(fieldsOf({ withinH: '' })).toEqual({ claim: null });
  expect(fieldsOf({ origins: 'not known', usualH: '0', from: 'from when the box came' })).toEqual({
    origins: null,
    usualH: 0,
    claim: { ...known.claim, from: 'arrival' },
  });
});

it('what another client wrote together stands in the form, and blocks no other change', () => {
  const odd = { ...known, origins: ['wild', 'bred', 'unknown'] as const };
  const mutable = { ...odd, origins: [...odd.origins] };
  const field = supplierFields(units, mutable).find(({ name }) => name === 'origins')!;
  expect(field.type === 'choice' && field.options).toContain(supplierValues(mutable, units).origins);
  expect(fieldsOf({ note: 'x' }, mutable)).toEqual({ note: 'x' });
});

it('words that cannot be read again block no other change', () => {
  const odd = { ...known, ships: { salinityPpt: 28, salinitySaid: 'a bit low, as ever' } };
  expect(supplierValues(odd, units).salinity).toBe('28');
  expect(fieldsOf({ note: 'x' }, odd)).toEqual({ note: 'x' });
});

it('every change that the form makes is one that the house takes', () => {
  const text = fc.constantFrom('', 'x', '28', '1.021 sg 25/25', '7.4');
  fc.assert(
    fc.property(
      fc.record({
        note: text,
        contact: text,
        usualH: fc.constantFrom('', '0', '26,5'),
        withinH: fc.constantFrom('', '2'),
        evidence: text,
        pH: fc.constantFrom('', '7,4'),
      }),
      (values) => {
        const change = supplierChanged(known, { ...supplierValues(known, units), ...values }, units);
        if (change) expect(accepted(change)).toHaveLength(1);
      },
    ),
  );
});

it('what cannot be read is said before it is sent', () => {
  const salinity = supplierFields(units).find(({ name }) => name === 'salinity')!;
  expect(salinity.type === 'text' && salinity.read?.('low')).toEqual({ problem: 'This cannot be read as salinity.' });
});
