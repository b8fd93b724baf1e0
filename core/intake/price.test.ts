import { currencyOf, readPrice } from './price.ts';

it.each([
  ['2.10', { price: 2.1 }],
  ['€2,10', { price: 2.1, currency: 'EUR' }],
  ['£ 12', { price: 12, currency: 'GBP' }],
  ['3.5 EUR each', { price: 3.5, currency: 'EUR' }],
  ['$4.00', { price: 4 }],
  ['0', { price: 0 }],
  ['2 eur', { price: 2, currency: 'EUR' }],
])('%s is a price', (cell, said) => expect(readPrice(cell)).toEqual(said));

it.each(['', 'ask', 'box 2', '1.234,50', '12.345', '-3', '3-4', '2.10 x 6', '1234567', 'NaN', '1e5'])('%s is none', (cell) =>
  expect(readPrice(cell)).toBeUndefined(),
);

it('a heading names the currency', () => {
  expect(currencyOf('Price (EUR)')).toBe('EUR');
  expect(currencyOf('price €')).toBe('EUR');
  expect(currencyOf('Unit price')).toBeUndefined();
  expect(currencyOf('QTY')).toBeUndefined();
});
