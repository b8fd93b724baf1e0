// Writes docs/bench.md: six bags of the kind that the demo lands, the order of the methods for each, why, and what would turn it.
import fs from 'node:fs';
import { compareMethods, rank, calculate, type BenchInput, bandsOf, drawOne, gridOf, type Doubt, turnsOf } from '#core/bench/index.ts';
import { CASES, type CaseName } from '#core/bench/testCases.ts';

const DRAWS = 200;
const times = (value: number, factor: number) => ({ low: value / factor, high: value * factor });

/** What a receiver has not measured: water by eye, alkalinity by kind, length by eye, salinity as told. */
function doubtsOf({ bag, lot }: BenchInput): Doubt[] {
  return [
    { of: 'bag.waterL', low: bag.waterL * 0.6, high: bag.waterL * 1.4 },
    { of: 'bag.alkalinity', ...times(bag.alkalinity, bag.salinity < 2 ? 2 : 1.3) },
    { of: 'lot.lengthCm', ...times(lot.lengthCm, 1.1) },
    ...(bag.salinity < 2 ? [] : [{ of: 'bag.salinity', low: bag.salinity - 1.5, high: bag.salinity + 1.5 } as const]),
    ...(bag.hardness === undefined ? [] : [{ of: 'bag.hardness', ...times(bag.hardness, 2) } as const]),
  ];
}

const UNITS: Record<string, string> = {
  waterL: 'L',
  temperature: '°C',
  salinity: 'ppt',
  alkalinity: 'meq/L',
  hardness: 'dGH',
  lengthCm: 'cm',
  pH: '',
  tan: 'mg/L N',
};
const WORDS: Record<string, string> = { waterL: 'water', lengthCm: 'length', tan: 'total ammonia' };
const sayOf = (path: string) => `${path.split('.')[0]} ${WORDS[path.split('.')[1]!] ?? path.split('.')[1]}`;

function page(name: CaseName): string[] {
  const input = { ...CASES[name], controls: {} } as Required<BenchInput>;
  const { bag, tank, lot } = input;
  const { ranked, others, start, closed } = compareMethods(input);
  const doubts = doubtsOf(input);
  const grids = new Map(rank(calculate(input).results).map((result) => [result.method, gridOf(result)]));
  const bands = bandsOf(
    Array.from({ length: DRAWS }, (_, index) => drawOne(input, doubts, { index, grids })),
    grids,
  );
  const turns = turnsOf(input, doubts, bands);
  const share = (method: string) => bands.best.find((result) => result.method === method)!.share;
  const first = closed.first
    ? `${closed.first.limit} gives out first, ${closed.first.hours === 0 ? 'over its limit now' : `in ${closed.first.hours.toFixed(0)} h if it stays closed`}`
    : 'nothing gives out within three days';
  return [
    `## ${name[0]!.toUpperCase()}${name.slice(1)}`,
    '',
    `${lot.n} fish of ${lot.lengthCm} cm${lot.bags > 1 ? ` in each of ${lot.bags} bags` : ''} in ${bag.waterL} L, ${bag.opening.is === 'tub' ? 'in an open tub' : 'closed'} for ${bag.closedHours} h, ${bag.temperature} °C, ${bag.salinity} ppt; tank ${tank.temperature} °C, ${tank.salinity} ppt. ` +
      `In the bag now: pH ${start.pH.toFixed(2)}, total ammonia ${start.tan.toFixed(1)} mg/L N of which ${start.nh3.toFixed(3)} toxic, oxygen ${start.oxygen.toFixed(1)} mg/L, carbon dioxide ${start.co2.toFixed(0)} mg/L; ${first}.`,
    '',
    '| | stress (9 in 10) | limited by | best in | what is said |',
    '|---|---|---|---|---|',
    ...ranked.map(({ method, limiting, sentence }, index) => {
      const [low, high] = bands.methods.get(method)!.stress;
      return `| ${index + 1}. ${method} | ${limiting.stress.toFixed(2)} (${low.toFixed(2)}–${high.toFixed(2)}) | ${limiting.name} | ${Math.round(share(method) * 100)} % | ${sentence} |`;
    }),
    '',
    others.length === 0
      ? ''
      : `Not to be had for this bag: ${others.map(({ method, notOffered }) => `${method} (${notOffered})`).join(', ')}.`,
    '',
    turns.length === 0
      ? 'No measurement within its band would turn the order.'
      : `What would turn it: ${turns
          .slice(0, 4)
          .map(({ of, at, side, then, now }) =>
            `${sayOf(of)} ${side} ${at.toPrecision(3)} ${UNITS[of.split('.')[1]!]} (taken as ${now.toPrecision(3)}) → ${then}`.trim(),
          )
          .join('; ')}.`,
    '',
  ];
}

const text = [
  '# Six bags on the bench',
  '',
  `Made by \`npm run docs:bench\` from \`core/bench/testCases.ts\`: point values, and ${DRAWS} seeded simulations of what was not measured. Stress is the worst figure against`,
  'the tolerance of this class of fish (1 = at it); tolerances are a judgement that a lead may change, sources of the rest stand in the docstrings of `core/water` and `core/bench`.',
  'In the order of their numbers; which one is advised, and that of methods about equal the least work comes first, is in [forty bags](advice.md). What the bag already brought counts by how long a method leaves the fish in it.',
  '',
  ...(Object.keys(CASES) as CaseName[]).flatMap(page),
];
fs.writeFileSync(
  'docs/bench.md',
  text
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trimEnd() + '\n',
);
console.log('docs/bench.md');
