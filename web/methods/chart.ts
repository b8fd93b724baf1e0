// What the picture of the compared methods is made of: a line a method, a band for its estimates, a dot for what was measured.
import type { ChartDataset } from 'chart.js';
import type { Comparison, MethodResult, Bands, Curve, AcclimationMethod } from '#core/bench/index.ts';
import type { Dot } from '../parts/LineChart.tsx';

type Colours = { ink: string; soft: string; deep: string; band: string };
const DASHES: readonly number[][] = [[], [7, 4], [2, 3], [10, 3, 2, 3], [4, 2, 1, 2], [1, 4], [12, 5]];
/** Beyond this a method is left out of the picture of minutes, unless it is the one in front. */
const SHORT_MIN = 240;

export type Shown = {
  comparison: Comparison;
  bands?: Bands;
  focus: AcclimationMethod;
  curve: Curve;
  measured?: number;
  colours: Colours;
  toUnit: (value: number) => number;
};

export const drawnMethods = ({ ranked }: Comparison, focus: AcclimationMethod): MethodResult[] =>
  ranked.filter(({ method, figures }) => method === focus || figures.totalMinutes <= SHORT_MIN);

/** Lines of the methods in the order of the ranking, a band for the one in front, a point for what was measured now. */
export function datasetsOf({ comparison, bands, focus, curve, measured, colours, toUnit }: Shown): ChartDataset<'line', Dot[]>[] {
  const band = bands?.methods.get(focus);
  const edge = (ys: number[], fill: string | false): ChartDataset<'line', Dot[]> => ({
    data: ys.map((y, index) => ({ x: band!.minutes[index]!, y: toUnit(y) })),
    borderWidth: 0,
    pointRadius: 0,
    backgroundColor: colours.band,
    fill,
  });
  const lines = drawnMethods(comparison, focus).map(({ method, samples }, index): ChartDataset<'line', Dot[]> => {
    const front = method === focus;
    return {
      label: method,
      data: samples.filter(({ where }) => where !== 'tank').map((sample) => ({ x: sample.minute, y: toUnit(sample[curve]) })),
      borderColor: front ? colours.deep : colours.soft,
      borderWidth: front ? 3 : 1.4,
      borderDash: DASHES[index % DASHES.length],
      pointRadius: 0,
      order: front ? 0 : 1,
    };
  });
  return [
    ...(band ? [edge(band.curves[curve].low, false), edge(band.curves[curve].high, '-1')] : []),
    ...lines,
    ...(measured === undefined
      ? []
      : [
          {
            data: [{ x: 0, y: toUnit(measured) }],
            pointRadius: 6,
            pointBackgroundColor: colours.ink,
            borderColor: colours.ink,
            showLine: false,
          },
        ]),
  ];
}
