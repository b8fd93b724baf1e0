// Calculators about what is in the water, and how much water there is.
import {
  afterChanges,
  afterEvaporation,
  ammoniaBand,
  AMMONIA_TESTS,
  changesTo,
  everySalinity,
  gramsFor,
  litresOf,
  netVolume,
  salinityFromHydrometer,
  saltGrams,
  totalAmmoniaN,
  unionizedFraction,
  type AmmoniaTest,
} from '#core/water/index.ts';
import { fix, type Sum } from './sum.ts';

const US = 3.785411784;
const IMPERIAL = 4.54609;
const litresInWords = (litres: number): string =>
  `${fix(litres, 1)} L = ${fix(litres / US, 1)} US gal = ${fix(litres / IMPERIAL, 1)} imp gal`;

export const WATER_CALCULATORS: readonly Sum[] = [
  {
    title: 'Salinity, gravity, conductivity',
    fields: [{ name: 's', label: 'Salinity, as you have it', start: '1.022', kind: 'salinity' }],
    calculate: ({ s }, units) => ({
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
    calculate: ({ shown, t }, units) => ({
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
    calculate: ({ a, pH, t, s, chosen }) => {
      const water = { pH: pH!, temperature: t!, salinity: s! };
      const total = totalAmmoniaN({ shown: a!, test: chosen.test as AmmoniaTest, water });
      const share = unionizedFraction(water);
      const toxic = total * share;
      return {
        lines: [`${fix(toxic, 3)} mg/L N toxic: ${ammoniaBand(toxic)}`, `${fix(100 * share, 2)} % of ${fix(total, 2)} mg/L N in all`],
        how: `1 / (1 + 10^(pKa − ${fix(pH!, 2)})) × ${fix(total, 3)} mg/L N. An ammonia binder can upset the test.`,
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
    calculate: ({ v, from, to, yield: labelYield }) => ({
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
    calculate: ({ gross, less, has, to }, units) => {
      const volumeL = netVolume({ grossL: gross!, displacedL: less! });
      return {
        lines: [`${fix(gramsFor({ present: has!, target: to!, volumeL }) * 1000, 1)} mg into ${units.say('volume', volumeL)}`],
        how: `(${to} − ${has}) mg/L × (${fix(gross!, 1)} − ${less}) L. After a water change dose the new water only.`,
      };
    },
  },
  {
    title: 'Water changes',
    fields: [
      { name: 'c', label: 'In the water, mg/L', start: '0.5' },
      { name: 'p', label: 'Each change, %', start: '25' },
      { name: 'n', label: 'Changes', start: '2' },
      { name: 'to', label: 'Down to, mg/L', start: '0.05' },
    ],
    calculate: ({ c, p, n, to }) => ({
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
    calculate: ({ v, s, e }, units) => ({
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
    calculate: ({ l, w, h, less, chosen }) => {
      const shape = chosen.shape as 'box' | 'cylinder';
      const grossL = litresOf({ shape, lengthCm: l!, widthCm: w!, heightCm: h! });
      const litres = netVolume({ grossL, displacedL: less! });
      return {
        lines: litresInWords(litres).split(' = '),
        how: `${shape === 'box' ? `${l} × ${w} × ${h}` : `π/4 × ${l}² × ${h}`} / 1000 − ${less}. A bare gallon is either of the two.`,
      };
    },
  },
];
