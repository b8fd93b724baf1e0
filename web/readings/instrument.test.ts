/** @jest-environment jsdom */
import { keepInstruments, keptInstruments } from './instrument.ts';

beforeEach(() => localStorage.clear());

it('keeps the instrument of each quantity, and forgets none for being left empty once', () => {
  expect(keptInstruments()).toEqual({});
  keepInstruments({ pH: ' pen 2 ', salinity: 'prism' });
  keepInstruments({ pH: '', ammonia: 'drops' });
  expect(keptInstruments()).toEqual({ pH: 'pen 2', salinity: 'prism', ammonia: 'drops' });
});

it.each(['[', '7', 'null', '{"pH":7}'])('what cannot be read is nothing: %s', (kept) => {
  localStorage.setItem('daily-crate-instruments', kept);
  expect(keptInstruments()).toEqual({});
});
