import { makeClock } from './clock.ts';

it('runs from where it was told to, or with real time', () => {
  let real = 1000;
  const clock = makeClock({ startAtMs: 500, realNow: () => real });
  expect(makeClock({ realNow: () => real }).now()).toBe(1000);
  real = 1250;
  expect([clock.now(), clock.offsetMs()]).toEqual([750, -500]);
});

it('stands when frozen and goes forward only', () => {
  let real = 1000;
  const clock = makeClock({ startAtMs: 500, freeze: true, realNow: () => real });
  real = 9000;
  expect(clock.now()).toBe(500);
  clock.shift(100);
  expect(clock.now()).toBe(600);
  expect(() => clock.shift(-1)).toThrow(RangeError);
});
