// Writes docs/advice.md: forty bags, what is advised for each and why, what must be measured first and what is refused.
import fs from 'node:fs';
import {
  STARTING_AMBIENT,
  compareMethods,
  rank,
  calculate,
  bandsOf,
  drawOne,
  gridOf,
  inputOf,
  turnsOf,
  helpsOf,
  needsLead,
  possibleOf,
  verdictOf,
  type Verdict,
} from '#core/bench/index.ts';
import { ADVICE_CASES, type AdviceCase } from '#core/bench/testAdvice.ts';

const DRAWS = 200;
const HOUR_MS = 3_600_000;
const WHY = {
  'least stressful': 'least stressful',
  'least work': 'about equal, least work',
  'second worst': 'about equal, smaller second-worst stress',
  'only one within': 'the only one within tolerance',
};

function row({ name, bag, tank, hours, controls, state }: AdviceCase, index: number): string {
  const { input, doubts, facts, measureFirst } = inputOf({
    bag,
    tank,
    now: hours * HOUR_MS,
    ambient: STARTING_AMBIENT,
    controls,
    ...(state === undefined ? {} : { opening: state === 'tub' ? ({ is: 'tub' } as const) : ({ is: 'opened', hours: state } as const) }),
  });
  const { ranked, advice } = compareMethods(input);
  const grids = new Map(rank(calculate(input).results).map((result) => [result.method, gridOf(result)]));
  const bands = bandsOf(
    Array.from({ length: DRAWS }, (_, draw) => drawOne(input, doubts, { index: draw, grids })),
    grids,
  );
  const verdict = verdictOf({
    advice,
    measureFirst,
    bands,
    turns: turnsOf(input, doubts, bands),
    helps: advice.is === 'none within' ? helpsOf(input) : [],
  });
  const possible = possibleOf(input, doubts, measureFirst);
  const locked = ranked.flatMap((methodResult) => (needsLead(methodResult, { measureFirst, possible }) ? [methodResult.method] : []));
  const salt = facts.find(({ of }) => of === 'bag.salinity')!;
  const resultOf = (method: string) => ranked.find((methodResult) => methodResult.method === method)!;
  const front = 'method' in verdict ? resultOf(verdict.method) : ranked[0]!;
  return `| ${index + 1} | ${name} | ${hours} h | ${salt.source}: ${salt.source === 'not known' ? `${salt.low}–${salt.high}` : salt.value} → ${tank.salinityPpt} | ${sayVerdict(verdict)} | ${
    verdict.is === 'measure first' ? `it may lie anywhere in ${salt.high! - salt.low!} ppt` : front.sentence
  } | ${ranked.map(({ method, limiting }) => `${method} ${limiting.stress.toFixed(2)}`).join(', ')} | ${locked.join(', ') || '–'} |`;
}

function sayVerdict(verdict: Verdict): string {
  switch (verdict.is) {
    case 'measure first':
      return '**measure salinity first**';
    case 'not decided':
      return `**not decided** (${verdict.method} leads); measure ${verdict.measure.slice(0, 2).join(', ') || 'the bag'}`;
    case 'none within':
      return `**none within tolerance**; ${
        verdict.helps.length === 0
          ? 'nothing at hand would bring one within'
          : `within would be: ${verdict.helps.map(({ change, method }) => `${method} with ${JSON.stringify(change).replaceAll('"', '')}`).join('; ')}`
      }`;
    default:
      return `**${verdict.method}**, ${WHY[verdict.why]}, best in ${Math.round((verdict.share ?? 0) * 100)} %`;
  }
}

const text = [
  '# Forty bags and what is advised',
  '',
  `Made by \`npm run docs:advice\` from \`core/bench/testAdvice.ts\`, ${DRAWS} seeded simulations of what nobody measured for each. Numbers behind methods are stress: the worst figure over`,
  'the tolerance of this class of fish (1 = at tolerance; tolerances are judgements, `core/bench/figures.ts`). *Lead* = only with a lead’s reason.',
  '',
  '| | bag | closed | salinity, ppt | advice | why | stress | lead |',
  '|---|---|---|---|---|---|---|---|',
  ...ADVICE_CASES.map(row),
  '',
];
fs.writeFileSync('docs/advice.md', text.join('\n'));
console.log('docs/advice.md');
