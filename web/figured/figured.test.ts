// Whoever does the sums of a sheet again, with nothing but the numbers on it, ends where the sheet and the house's own computation end.
import fc from 'fast-check';
import { compareMethods } from '#core/bench/index.ts';
import { CASES } from '#core/bench/testCases.ts';
import { STARTING_DOCK, transit } from '#core/dock/index.ts';
import { CALM_SYSTEM as CALM, compatibilityOf, STARTING_PLACES, type CandidateTank } from '#core/placement/index.ts';
import type { DayMark, QuarantineClock } from '#core/quarantine/index.ts';
import { flowFromTaps } from '#core/runs/index.ts';
import { floatTime } from '#core/water/index.ts';
import { quarantineFigure } from './clock.ts';
import type { Figure } from './figure.ts';
import { closedHoursFigure, crowdingFigure, crowdOf, tapsFigure } from './place.ts';
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
    const bag = {
      start,
      closed,
      closedHours: input.bag.closedHours,
      measured: { pH: false, ammonia: false },
      gas: input.bag.gas,
      gasBy: 'usual' as const,
    };
    const ammonia = bagAmmoniaFigure(bag);
    whole(ammonia);
    near(numbersIn(ammonia.sums[1]!)[5]!, start.nh3, 0.0001);
    whole(closedFigure(bag));
    expect(closedFigure(bag).sums.join()).toContain(`over its water: ${input.bag.gas}, as is usual on that road: nobody said`);
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

it('crowding: litres to centimetres, and their share; nothing is told of what has no sums', () => {
  fc.assert(
    fc.property(
      fc.record({
        sizeCm: fc.double({ min: 1, max: 40, noNaN: true }),
        n: fc.integer({ min: 1, max: 60 }),
        volumeL: fc.double({ min: 10, max: 900, noNaN: true }),
      }),
      ({ sizeCm, n, volumeL }) => {
        const tank: CandidateTank = {
          purpose: 'quarantine',
          lid: true,
          type: 'marine',
          temperatureC: 25,
          salinityPpt: 33,
          volumeL,
          systemState: CALM,
        };
        const told = compatibilityOf({ sizeCm, lot: 'new', n, quarantineDone: true }, tank, {
          residents: [],
          rules: STARTING_PLACES,
          now: 0,
        }).flatMap((reason) => crowdOf(reason) ?? []);
        const share = (n * sizeCm) / volumeL / STARTING_PLACES.cmPerL.marine;
        expect(told.length > 0).toBe(share > 1);
        for (const crowd of told) {
          const figure = crowdingFigure(crowd);
          whole(figure);
          const [litres, perL, room] = numbersIn(figure.sums[0]!);
          near(litres! * perL!, room!, 0.1 + 0.05 * perL!);
          const [cm, roomAgain, percent] = numbersIn(figure.sums[1]!);
          expect(roomAgain).toBe(room);
          near((cm! / room!) * 100, percent!, 1 + (2 * percent!) / room!);
          near(cm!, n * sizeCm, 0.1 + 0.005 * n * sizeCm + 0.01 * room!);
        }
      },
    ),
  );
  expect(crowdOf({ code: 'cost.crowded', facts: { size: 1.4, limit: 1 } })).toBeUndefined();
});

it('hours closed and late: minutes to hours, by the same clock as the dock', () => {
  const hour = 3_600_000;
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 90 }), fc.integer({ min: -20, max: 40 }), fc.integer({ min: 0, max: 9 }), (packed, due, open) => {
      const now = 1_000 * hour;
      const arrivedAtMs = now - open * hour;
      const crate = { packedAtMs: now - packed * hour, promisedAtMs: now - due * hour, arrivedAtMs };
      const { closedH, lateH } = transit(crate, STARTING_DOCK, now);
      const figure = closedHoursFigure({ ...crate, now, closedH, lateH }, { when: () => 'then', ...STARTING_DOCK });
      whole(figure);
      expect(numbersIn(figure.sums[0]!)).toEqual([packed * 60, 60, packed]);
      if (due > open) expect(numbersIn(figure.sums[1]!)).toEqual([(due - open) * 60, 60, due - open]);
      else expect(figure.sums[1]).toMatch(/not late/);
    }),
  );
});

it('a drip: drops a minute to millilitres, for the airline that was learnt', () => {
  const taps = Array.from({ length: 14 }, (_, index) => index * 2100 + (index % 3) * 40);
  for (const [perML, learnt] of [
    [15, false],
    [18.4, true],
  ] as const) {
    const flow = flowFromTaps(taps, { perML, perMLBand: learnt ? 0.05 : 0.3 })!;
    const figure = tapsFigure(flow, { perML, learnt });
    whole(figure);
    const [used, , drops] = numbersIn(figure.sums[0]!);
    expect(used).toBe(flow.used);
    const [again, of, rate] = numbersIn(figure.sums[1]!);
    expect(again).toBe(drops);
    near(again! / of!, rate!, 0.01);
    expect(figure.band.includes('±30 %')).toBe(!learnt);
  }
});
