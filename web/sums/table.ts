// The sums that people get wrong by feel: what goes in, what comes out, and the arithmetic as it is done. All reckoning is core's.
import {
  afterChanges,
  afterEvaporation,
  ammoniaBand,
  AMMONIA_TESTS,
  changesTo,
  climb,
  everySalinity,
  floatTime,
  flowFromDrops,
  gramsFor,
  hoursUntilFull,
  litresForShare,
  litresOf,
  netVolume,
  salinityFromHydrometer,
  saltGrams,
  siphonFlow,
  swapLitres,
  totalAmmoniaN,
  unionizedFraction,
  type AmmoniaTest,
  type Quantity,
} from '#core/water/index.ts';
import type { Units } from '../data/units.ts';

/** `number` in the unit of its label; a quantity in any of its units. */
export type SumField = { name: string; label: string; start: string; kind?: Quantity; options?: readonly string[] };
export type Values = Readonly<Record<string, number>> & { readonly chosen: Readonly<Record<string, string>> };
/** `lines` = what comes out, the first in large type; `how` = the arithmetic. */
export type Outcome = { lines: string[]; how: string };
export type Sum = {
  title: string;
  fields: readonly SumField[];
  caution?: string;
  reckon: (values: Values, units: Units, dateIn: (days: number) => string) => Outcome;
};

const fix = (value: number, decimals: number) => String(Number(value.toFixed(decimals)));
const US = 3.785411784;
const IMPERIAL = 4.54609;
export const litresInWords = (litres: number): string =>
  `${fix(litres, 1)} L = ${fix(litres / US, 1)} US gal = ${fix(litres / IMPERIAL, 1)} imp gal`;

export const SUMS: readonly Sum[] = [
  {
    title: 'Salinity, gravity, conductivity',
    fields: [{ name: 's', label: 'Salinity, as you have it', start: '1.022', kind: 'salinity' }],
    reckon: ({ s }, units) => ({
      lines: [
        units.say('salinity', s!),
        ...everySalinity(s!).map(({ reference, text }) =>
          reference === 'compensated25' ? `${text} on a meter compensated to 25 °C` : `${text} at ${reference}`,
        ),
      ],
      how: 'Densities by EOS-80, conductivity by PSS-78. A specific gravity without its reference is up to 2 ppt off.',
    }),
  },
  {
    title: 'Glass hydrometer, made for 25 °C',
    fields: [
      { name: 'shown', label: 'It shows', start: '1.0230' },
      { name: 't', label: 'The water has', start: '28 C', kind: 'temperature' },
    ],
    reckon: ({ shown, t }, units) => ({
      lines: [units.say('salinity', salinityFromHydrometer({ shown: shown!, temperature: t! }))],
      how: `It floats by density: ${shown} × ρ(0, 25 °C), looked up at ${fix(t!, 1)} °C.`,
    }),
  },
  {
    title: 'Toxic ammonia',
    fields: [
      { name: 'a', label: 'The test shows, mg/L', start: '1' },
      { name: 'test', label: 'It tells', start: 'total N', options: AMMONIA_TESTS },
      { name: 'pH', label: 'pH', start: '8.0', kind: 'pH' },
      { name: 't', label: 'Temperature', start: '25 C', kind: 'temperature' },
      { name: 's', label: 'Salinity', start: '0 ppt', kind: 'salinity' },
    ],
    reckon: ({ a, pH, t, s, chosen }) => {
      const water = { pH: pH!, temperature: t!, salinity: s! };
      const total = totalAmmoniaN({ shown: a!, test: chosen.test as AmmoniaTest, water });
      const share = unionizedFraction(water);
      const toxic = total * share;
      return {
        lines: [`${fix(toxic, 3)} mg/L N toxic: ${ammoniaBand(toxic)}`, `${fix(100 * share, 2)} % of ${fix(total, 2)} mg/L N in all`],
        how: `1 / (1 + 10^(pKa − ${fix(pH!, 2)})) × ${fix(total, 3)} mg/L N. A binder can upset the test.`,
      };
    },
  },
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
    reckon: ({ v, from, to, with: other, back, day }, units, dateIn) => {
      const litres = swapLitres({ volumeL: v!, from: from!, to: to!, with: other! });
      const days = climb({ volumeL: v!, from: to!, to: from!, perDay: day!, with: back! });
      return {
        lines: [
          `Swap ${units.say('volume', litres)}`,
          ...days.map((one) => `${dateIn(one.day)}: ${units.say('volume', one.litres)} to ${units.say('salinity', one.to)}`),
        ],
        how: `V (S1 − S2) / (S1 − S3) = ${fix(v!, 0)} × (${fix(from!, 1)} − ${fix(to!, 1)}) / (${fix(from!, 1)} − ${fix(other!, 1)}). Mixed and at temperature the day before; measured again after.`,
      };
    },
  },
  {
    title: 'Salt to raise',
    fields: [
      { name: 'v', label: 'Water', start: '100 L', kind: 'volume' },
      { name: 'from', label: 'It has', start: '30 ppt', kind: 'salinity' },
      { name: 'to', label: 'It shall have', start: '32 ppt', kind: 'salinity' },
      { name: 'yield', label: 'Grams of mix for a gram of salt', start: '1.1' },
    ],
    reckon: ({ v, from, to, yield: labelYield }) => ({
      lines: [`${fix(saltGrams({ volumeL: v!, from: from!, to: to!, labelYield: labelYield! }), 0)} g of salt mix`],
      how: `${fix(v!, 1)} L × ${fix(to! - from!, 1)} ppt × 1.02 kg/L × ${labelYield}. Mix it the day before, measure again.`,
    }),
  },
  {
    title: 'Dose, from the label',
    caution: 'The level is the label’s, entered by you. Follow the label, local rules and a veterinarian.',
    fields: [
      { name: 'gross', label: 'Tank to the water line', start: '60 L', kind: 'volume' },
      { name: 'less', label: 'Rock, sand and fish take, L', start: '6' },
      { name: 'has', label: 'In the water now, mg/L', start: '0' },
      { name: 'to', label: 'The label says, mg/L', start: '' },
    ],
    reckon: ({ gross, less, has, to }, units) => {
      const volumeL = netVolume({ grossL: gross!, displacedL: less! });
      return {
        lines: [`${fix(gramsFor({ present: has!, target: to!, volumeL }) * 1000, 1)} mg into ${units.say('volume', volumeL)}`],
        how: `(${to} − ${has}) mg/L × (${fix(gross!, 1)} − ${less}) L. After a change of water dose the new water only.`,
      };
    },
  },
  {
    title: 'Changes of water',
    fields: [
      { name: 'c', label: 'In the water, mg/L', start: '0.5' },
      { name: 'p', label: 'Each change, %', start: '25' },
      { name: 'n', label: 'Changes', start: '2' },
      { name: 'to', label: 'Down to, mg/L', start: '0.05' },
    ],
    reckon: ({ c, p, n, to }) => ({
      lines: [
        `${fix(afterChanges({ concentration: c!, share: p! / 100, times: n! }), 3)} mg/L after ${n}`,
        `${changesTo({ from: c!, to: to!, share: p! / 100 })} changes to ${to} mg/L`,
      ],
      how: `${c} × (1 − ${fix(p! / 100, 2)})^${n}; nothing redosed.`,
    }),
  },
  {
    title: 'Evaporation and top-off',
    fields: [
      { name: 'v', label: 'Water when full', start: '300 L', kind: 'volume' },
      { name: 's', label: 'Salinity when full', start: '34 ppt', kind: 'salinity' },
      { name: 'e', label: 'Gone off', start: '6 L', kind: 'volume' },
    ],
    reckon: ({ v, s, e }, units) => ({
      lines: [
        units.say('salinity', afterEvaporation({ salinity: s!, volumeL: v!, evaporatedL: e! })),
        `topped up with plain water it is ${units.say('salinity', s!)} again`,
      ],
      how: `${fix(s!, 1)} × ${fix(v!, 1)} / (${fix(v!, 1)} − ${fix(e!, 1)}). Salt stays; what is topped up plain changes nothing else.`,
    }),
  },
  {
    title: 'Volume by the tape',
    fields: [
      { name: 'shape', label: 'It is', start: 'box', options: ['box', 'cylinder'] },
      { name: 'l', label: 'Length or diameter, cm', start: '60' },
      { name: 'w', label: 'Width, cm', start: '30' },
      { name: 'h', label: 'Water height, cm', start: '28' },
      { name: 'less', label: 'Rock, sand and fish take, L', start: '0' },
    ],
    reckon: ({ l, w, h, less, chosen }) => {
      const shape = chosen.shape as 'box' | 'cylinder';
      const grossL = litresOf({ shape, lengthCm: l!, widthCm: w!, heightCm: h! });
      const litres = netVolume({ grossL, displacedL: less! });
      return {
        lines: litresInWords(litres).split(' = '),
        how: `${shape === 'box' ? `${l} × ${w} × ${h}` : `π/4 × ${l}² × ${h}`} / 1000 − ${less}. A bare gallon is either of the two.`,
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
    reckon: ({ drops, sec, v, b, p }) => {
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
    reckon: ({ bag, tank, v }, units) => {
      const { minutes, low, high } = floatTime({ bagC: bag!, tankC: tank!, volumeL: v!, withinC: 0.5 });
      return {
        lines: [`${fix(minutes, 0)} min (${fix(low, 0)} to ${fix(high, 0)})`],
        how: `14 min × ${fix(v!, 2)}^(1/3) × ln(${fix(Math.abs(tank! - bag!), 1)} / 0.5): until within ${units.sayStep(0.5)}. A reading beats the clock.`,
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
    reckon: ({ head, bore, length }) => {
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
