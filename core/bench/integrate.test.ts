import { integrate } from './integrate.ts';

it('follows an exponential and asked-for times to 1e-6', () => {
  const seen: number[] = [];
  const y = Float64Array.of(10);
  integrate({
    rates: (_t, now, into) => void (into[0] = -0.7 * now[0]!),
    y,
    until: 5,
    times: [0, 1, 2.5, 5],
    at: (t, now) => seen.push(now[0]! / (10 * Math.exp(-0.7 * t))),
  });
  expect(Math.abs(y[0]! / (10 * Math.exp(-3.5)) - 1)).toBeLessThan(1e-6);
  expect(seen).toHaveLength(4);
  // Between steps by a cubic: still far below anything shown.
  for (const ratio of seen) expect(Math.abs(ratio - 1)).toBeLessThan(2e-5);
});

it('a tighter tolerance comes closer, a stiff one is got through', () => {
  const error = (relative: number) => {
    const y = Float64Array.of(1, 0);
    integrate({
      rates: (_t, now, into) => ((into[0] = now[1]!), (into[1] = -now[0]!)),
      y,
      until: 20,
      tolerance: { relative, absolute: relative / 100 },
    });
    return Math.hypot(y[0]! - Math.cos(20), y[1]! + Math.sin(20));
  };
  expect(error(1e-9)).toBeLessThan(error(1e-5) / 100);
  const y = Float64Array.of(1);
  integrate({ rates: (t, now, into) => void (into[0] = -500 * (now[0]! - Math.cos(t))), y, until: 2 });
  expect(y[0]).toBeCloseTo(Math.cos(2), 2);
});

it('stops at what is not a number, and does nothing in no time', () => {
  expect(() => integrate({ rates: (_t, _y, into) => void (into[0] = NaN), y: Float64Array.of(1), until: 1 })).toThrow('not a number');
  const y = Float64Array.of(3);
  integrate({ rates: () => undefined, y, until: 0, times: [0], at: (_t, now) => expect(now[0]).toBe(3) });
  expect(y[0]).toBe(3);
});
