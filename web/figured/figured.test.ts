// Whoever does the sums of a sheet again, with nothing but the numbers on it, ends where the sheet and the house's own computation end.
import fc from 'fast-check';
import { compareMethods } from '#core/bench/index.ts';
import { CASES } from '#core/bench/testCases.ts';
import type { DayMark, QuarantineClock } from '#core/quarantine/index.ts';
import { floatTime } from '#core/water/index.ts';
import { quarantineFigure } from './clock.ts';
import type { Figure } from './figure.ts';
import { stressFigure } from './stress.ts';
import { ammoniaFigure, bagAmmoniaFigure, closedFigure, floatFigure, toxicAmmonia } from './water.ts';

const numbersIn = (text: string) => [...text.matchAll(/\d+(?:\.\d+)?(?:e-?\d+)?/g)].map(([number]) => Number(number));
const near = (value: number, wanted: number, step: number) => expect(Math.abs(value - wanted)).toBeLessThanOrEqual(step);
const whole = (figure: Figure) => {
  for (const text of [figure.what, figure.law, figure.band, figure.source, figure.changes, ...figure.sums]) {
    expect(text).not.toMatch(/NaN|undefined|Infinity|null/);
    expect(text.trim()).not.toBe('');
  }
};

it('a float: litres to minutes, and the gap to the wait', () => {
  fc.assert(
    fc.property(
      fc.record({
        bagC: fc.double({ min: 8, max: 34, noNaN: true }),
        tankC: fc.double({ min: 8, max: 34, noNaN: true }),
        volumeL: fc.double({ min: 0.1, max: 20, noNaN: true }),
        withinC: fc.double({ min: 0.2, max: 2, noNaN: true }),
      }),
      (asked) => {
        const time = floatTime(asked);
        const figure = floatFigure({ ...asked, time });
        whole(figure);
        const gap = Math.abs(asked.bagC - asked.tankC);
        if (gap <= asked.withinC) return expect(figure.sums).toHaveLength(1);
        const [base, litres, tau] = numbersIn(figure.sums[0]!);
        near(base! * Math.cbrt(litres!), tau!, 0.15);
        const [by, apart, near0, minutes] = numbersIn(figure.sums[1]!);
        expect(by).toBe(tau);
        near(by! * Math.log(apart! / near0!), minutes!, 0.02 * minutes! + by! * 0.06);
        near(minutes!, time.minutes, 0.051);
      },
    ),
    { numRuns: 2000, seed: 16 },
  );
});

it('toxic ammonia: pKa, then the share, by hand', () => {
  fc.assert(
    fc.property(
      fc.record({
        tan: fc.double({ min: 0, max: 30, noNaN: true }),
        pH: fc.double({ min: 5, max: 9.5, noNaN: true }),
        temperature: fc.double({ min: 5, max: 34, noNaN: true }),
        salinity: fc.double({ min: 0, max: 40, noNaN: true }),
      }),
      (facts) => {
        const figure = ammoniaFigure(facts, 'Here.', 'So.');
        whole(figure);
        const [a, b, t, c, d, s, pKa] = numbersIn(figure.sums[0]!);
        near(a! + b! / (t! + c!) + d! * s!, pKa!, 0.0002);
        const [tan, one, ten, exponent, pH, nh3] = numbersIn(figure.sums[1]!);
        expect([one, ten]).toEqual([1, 10]);
        near(tan! / (1 + 10 ** (exponent! - pH!)), nh3!, 0.0002 + 0.003 * nh3!);
        near(nh3!, toxicAmmonia(facts), 0.00006);
      },
    ),
    { numRuns: 2000, seed: 16 },
  );
});

it('a quarantine: what is taken off the days leaves the clear ones, and the rest is to come', () => {
  const mark = fc.constantFrom<DayMark>('clear', 'unseen', 'short', 'treatment');
  fc.assert(
    fc.property(fc.array(mark, { maxLength: 60 }), fc.integer({ min: 1, max: 60 }), (marks, required) => {
      const clear = marks.filter((dayMark) => dayMark === 'clear').length;
      const clock: QuarantineClock = {
        zero: { cause: 'arrival', entry: 'e', atMs: 0, day: 20_000 },
        restarts: [],
        openedDay: 20_000,
        days: ['zero', ...marks, 'today'],
        clear,
        required,
        blockers: [],
      };
      const figure = quarantineFigure(clock);
      whole(figure);
      const [since, unseen, short, treated, today, left] = numbersIn(figure.sums[1]!);
      expect(since! - unseen! - short! - treated! - today!).toBe(left);
      expect(left).toBe(clear);
      const [asked, done, toCome] = numbersIn(figure.sums[2]!);
      expect([asked! - done!, toCome]).toEqual([required - clear, Math.max(0, required - clear)]);
    }),
    { numRuns: 2000, seed: 16 },
  );
});

it('a bag and its methods: what is told is what was computed, the worst of a method first', () => {
  for (const input of Object.values(CASES)) {
    const { start, closed, ranked } = compareMethods(input);
    const bag = { start, closed, closedHours: input.bag.closedHours, measured: { pH: false, ammonia: false } };
    const ammonia = bagAmmoniaFigure(bag);
    whole(ammonia);
    near(numbersIn(ammonia.sums[1]!)[5]!, start.nh3, 0.0001);
    whole(closedFigure(bag));
    for (const method of ranked) {
      const figure = stressFigure(method);
      whole(figure);
      if (method.limiting.stress < 0.05) continue;
      const stresses = figure.sums.map((sum) => numbersIn(sum).at(-1)!);
      near(stresses[0]!, method.limiting.stress, 0.006);
      for (const sum of figure.sums.filter((line) => line.includes('÷'))) {
        const numbers = numbersIn(sum.slice(sum.indexOf(': ')));
        const [stress, tolerated] = [numbers.at(-1)!, numbers.at(-2)!];
        const amount = numbers.length === 4 ? Math.max(0, numbers[0]! - numbers[1]!) : numbers[0]!;
        near(amount / tolerated, stress, 0.006 + 0.0011 / tolerated);
      }
      expect(stresses.toSorted((a, b) => b - a)).toEqual(stresses);
    }
  }
});
