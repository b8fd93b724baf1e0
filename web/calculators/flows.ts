// Calculators about water that moves: swaps, drips, floats, siphons.
import {
  climb,
  floatedTank,
  floatTime,
  flowFromDrops,
  hoursUntilFull,
  litresForShare,
  risingPlan,
  shareMixed,
  siphonFlow,
  steadyFlow,
  swapLitres,
  systemAfterOverflow,
} from '#core/water/index.ts';
import { fix, type Sum } from './sum.ts';

export const FLOW_SUMS: readonly Sum[] = [
  {
    title: 'Match a tank: litres to swap, and the climb back',
    fields: [
      { name: 'v', label: 'All its water', start: '300 L', kind: 'volume' },
      { name: 'from', label: 'It has', start: '31 ppt', kind: 'salinity' },
      { name: 'to', label: 'It shall have', start: '28 ppt', kind: 'salinity' },
      { name: 'with', label: 'Changed with water of', start: '0 ppt', kind: 'salinity' },
      { name: 'back', label: 'Back up with water of', start: '35 ppt', kind: 'salinity' },
      { name: 'day', label: 'Back at most, ppt a day', start: '1' },
    ],
    calculate: ({ v, from, to, with: swapped, back, day }, units, dateIn) => {
      const litres = swapLitres({ volumeL: v!, from: from!, to: to!, with: swapped! });
      const days = climb({ volumeL: v!, from: to!, to: from!, perDay: day!, with: back! });
      return {
        lines: [
          `Swap ${units.say('volume', litres)}`,
          ...days.map((day) => `${dateIn(day.day)}: ${units.say('volume', day.litres)} to ${units.say('salinity', day.to)}`),
        ],
        how: `V (S1 − S2) / (S1 − S3) = ${fix(v!, 0)} × (${fix(from!, 1)} − ${fix(to!, 1)}) / (${fix(from!, 1)} − ${fix(swapped!, 1)}). Mixed and at temperature the day before; measured again after.`,
      };
    },
  },
  {
    title: 'Drip into a bucket',
    fields: [
      { name: 'drops', label: 'Drops counted', start: '30' },
      { name: 'sec', label: 'in seconds', start: '20' },
      { name: 'v', label: 'Water in the bucket', start: '1.5 L', kind: 'volume' },
      { name: 'b', label: 'The bucket holds', start: '10 L', kind: 'volume' },
      { name: 'p', label: 'Of the way to the tank, %', start: '75' },
    ],
    calculate: ({ drops, sec, v, b, p }) => {
      const { mLPerMin, low, high } = flowFromDrops({ drops: drops!, seconds: sec! });
      const flowLPerH = (mLPerMin * 60) / 1000;
      const litres = litresForShare({ share: p! / 100, startL: v!, bucketL: b! });
      return {
        lines: [
          `${fix(mLPerMin, 1)} mL/min (${fix(low, 1)} to ${fix(high, 1)} until caught in a measure)`,
          `${fix(p!, 0)} % after ${sayHours(litres / flowLPerH)}, ${fix(litres, 1)} L run in`,
          `full after ${sayHours(hoursUntilFull({ startL: v!, bucketL: b!, flowLPerH }))}`,
        ],
        how: `${drops} drops / 15 a mL in ${sec} s. Half-filled, a full bucket is halfway; beyond that it overflows.`,
      };
    },
  },
  {
    title: 'Float',
    fields: [
      { name: 'bag', label: 'Bag', start: '22 C', kind: 'temperature' },
      { name: 'tank', label: 'Tank', start: '25 C', kind: 'temperature' },
      { name: 'v', label: 'Water in the bag', start: '0.5 L', kind: 'volume' },
    ],
    calculate: ({ bag, tank, v }, units) => {
      const { minutes, low, high } = floatTime({ bagC: bag!, tankC: tank!, volumeL: v!, withinC: 0.5 });
      return {
        lines: [`${fix(minutes, 0)} min (${fix(low, 0)} to ${fix(high, 0)})`],
        how: `14 min × ${fix(v!, 2)}^(1/3) × ln(${fix(Math.abs(tank! - bag!), 1)} / 0.5): until within ${units.sayStep(0.5)}. A reading beats the clock.`,
      };
    },
  },
  {
    title: 'A drip that rises: the same change every hour',
    fields: [
      { name: 'v', label: 'Water in the bucket', start: '2 L', kind: 'volume' },
      { name: 'b', label: 'The bucket holds', start: '12 L', kind: 'volume' },
      { name: 'h', label: 'Hours', start: '12' },
      { name: 'n', label: 'Steps', start: '6' },
      { name: 'gap', label: 'From bag to tank, ppt', start: '22' },
    ],
    calculate: ({ v, b, h, n, gap }) => {
      const steps = Math.min(24, Math.max(1, Math.round(n!)));
      const plan = risingPlan({ startL: v!, bucketL: b!, hours: h!, steps });
      const steady = steadyFlow({ share: 0.95, startL: v!, bucketL: b!, hours: h!, gap: gap! });
      return {
        lines: [
          `${fix((0.95 * Math.abs(gap!)) / h!, 1)} ppt an hour all the way`,
          ...plan.map(({ fromH, flowLPerH }) => `from ${fix(fromH, 1)} h: ${fix((flowLPerH * 1000) / 60, 1)} mL/min`),
        ],
        how: `To 95 % of the way. A steady ${fix((steady.flowLPerH * 1000) / 60, 1)} mL/min would begin with ${fix(steady.steepestPerH, 1)} ppt an hour.`,
      };
    },
  },
  {
    title: 'Bags afloat: the tank after',
    fields: [
      { name: 'v', label: 'Tank', start: '60 L', kind: 'volume' },
      { name: 't', label: 'Tank', start: '25 C', kind: 'temperature' },
      { name: 'n', label: 'Bags', start: '6' },
      { name: 'l', label: 'Water in each', start: '1 L', kind: 'volume' },
      { name: 'bag', label: 'Bags', start: '20 C', kind: 'temperature' },
    ],
    calculate: ({ v, t, n, l, bag }, units) => {
      const bags = Array.from({ length: Math.min(500, Math.max(0, Math.round(n!))) }, () => ({ litres: l!, temperature: bag! }));
      const { temperature, displacedL } = floatedTank({ tankL: v!, tankC: t!, bags });
      return {
        lines: [units.say('temperature', temperature), `its level rises by ${units.say('volume', displacedL)} of water`],
        how: `(${fix(v!, 1)} × ${fix(t!, 1)} + ${bags.length} × ${fix(l!, 2)} × ${fix(bag!, 1)}) / all of it, with no heater.`,
      };
    },
  },
  {
    title: 'Overflow into the system',
    fields: [
      { name: 'v', label: 'All its water', start: '300 L', kind: 'volume' },
      { name: 's', label: 'It has', start: '30 ppt', kind: 'salinity' },
      { name: 'start', label: 'The bucket began with', start: '8 ppt', kind: 'salinity' },
      { name: 'l', label: 'of', start: '2 L', kind: 'volume' },
      { name: 'b', label: 'The bucket holds', start: '12 L', kind: 'volume' },
      { name: 'add', label: 'Run in', start: '40 L', kind: 'volume' },
    ],
    calculate: ({ v, s, start, l, b, add }, units) => {
      const share = shareMixed({ startL: l!, bucketL: b!, addedL: add! });
      const bucketEnd = start! + (s! - start!) * share;
      const after = systemAfterOverflow({ systemL: v!, system: s!, bucketStart: start!, bucketEnd, startL: l!, bucketL: b!, addedL: add! });
      return {
        lines: [`the system after: ${units.say('salinity', after)}`, `the bucket: ${units.say('salinity', bucketEnd)}`],
        how: 'What spills takes its salt and whatever lived in the bag along. A waste tub spares the system both.',
      };
    },
  },
  {
    title: 'Siphon',
    caution: 'Never start a siphon by mouth. Secure both ends of the hose.',
    fields: [
      { name: 'head', label: 'Water line above the outlet, m', start: '0.6' },
      { name: 'bore', label: 'Bore, mm', start: '4' },
      { name: 'length', label: 'Hose, m', start: '1.5' },
    ],
    calculate: ({ head, bore, length }) => {
      const { mLPerMin, laminar } = siphonFlow({ headM: head!, boreMm: bore!, lengthM: length! });
      return {
        lines: [`about ${fix(mLPerMin, 0)} mL/min, ${fix((mLPerMin * 60) / 1000, 1)} L/h`],
        how: `${laminar ? 'Hagen and Poiseuille, with' : 'Darcy and Weisbach, with'} losses at both ends; right within a third. Catch it in a measure.`,
      };
    },
  },
];

function sayHours(hours: number): string {
  return hours < 3 ? `${fix(hours * 60, 0)} min` : `${fix(hours, 1)} h`;
}
