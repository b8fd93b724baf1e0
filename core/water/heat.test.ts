import { floatTau, floatTime, temperatureAfloat, TAU_FACTOR } from './index.ts';

it('scales the time constant with the cube root of the volume', () => {
  expect(floatTau(1)).toBe(14);
  expect(floatTau(8)).toBeCloseTo(28, 12);
  expect(floatTau(0.125)).toBeCloseTo(7, 12);
});

it('equals the docstring example', () => {
  expect(floatTime({ bagC: 22, tankC: 25, volumeL: 1, withinC: 0.5 }).minutes).toBeCloseTo(25.085, 3);
});

it('leaves exactly the allowed gap when the time is over', () => {
  for (const volumeL of [0.3, 1, 2.5, 6]) {
    for (const bagC of [15, 19.5, 24, 26.2, 31]) {
      const { minutes } = floatTime({ bagC, tankC: 25, volumeL, withinC: 0.5 });
      const left = Math.abs(temperatureAfloat({ bagC, tankC: 25, volumeL, minutes }) - 25);
      expect(left).toBeCloseTo(0.5, 9);
    }
  }
});

it.each([
  ['equal waters', 25, 0],
  ['just inside', 25.5, 0],
  ['a warm bag takes as long as a cold one', 28, 25.085],
])('%s', (_name, bagC, minutes) => {
  expect(floatTime({ bagC, tankC: 25, volumeL: 1, withinC: 0.5 }).minutes).toBeCloseTo(minutes, 3);
});

it('gives a band and says when it reaches beyond its range', () => {
  const time = floatTime({ bagC: 20, tankC: 25, volumeL: 1, withinC: 0.5 });
  expect(time.high / time.low).toBeCloseTo(TAU_FACTOR ** 2, 9);
  expect(time.extrapolated).toBe(false);
  expect(floatTime({ bagC: 20, tankC: 25, volumeL: 0.05, withinC: 0.5 }).extrapolated).toBe(true);
  expect(floatTime({ bagC: 20, tankC: 25, volumeL: 25, withinC: 0.5 }).extrapolated).toBe(true);
});

it.each([
  { bagC: 20, tankC: 25, volumeL: 0, withinC: 0.5 },
  { bagC: 20, tankC: 25, volumeL: -1, withinC: 0.5 },
  { bagC: 20, tankC: 25, volumeL: Number.NaN, withinC: 0.5 },
  { bagC: Number.POSITIVE_INFINITY, tankC: 25, volumeL: 1, withinC: 0.5 },
  { bagC: 20, tankC: 25, volumeL: 1, withinC: 0 },
])('refuses %j', (input) => {
  expect(() => floatTime(input)).toThrow(RangeError);
});
