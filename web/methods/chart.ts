// The chart's parts, registered once: only what a line chart needs is loaded.
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, type ChartDataset, type Plugin } from 'chart.js';
import annotation from 'chartjs-plugin-annotation';
import type { Comparison, MethodResult, Bands, Curve, AcclimationMethod } from '#core/bench/index.ts';

const FARTHEST_PX = 40;

/** Each line by its name at its end: no legend to look up, no colour to tell apart. */
const endLabels: Plugin<'line'> = {
  id: 'endLabels',
  afterDatasetsDraw(chart) {
    const { ctx, chartArea } = chart;
    const taken: number[] = [];
    ctx.save();
    ctx.font = `600 12px ${String(Chart.defaults.font.family)}`;
    ctx.textBaseline = 'middle';
    chart.data.datasets.forEach((dataset, index) => {
      if (!dataset.label) return;
      const last = chart.getDatasetMeta(index).data.at(-1);
      if (!last) return;
      let y = Math.min(chartArea.bottom - 8, Math.max(chartArea.top + 8, last.y));
      while (taken.some((other) => Math.abs(other - y) < 13)) y -= 13;
      // Pushed too far from its line a name would tell a lie.
      if (Math.abs(y - last.y) > FARTHEST_PX) return;
      taken.push(y);
      ctx.fillStyle = typeof dataset.borderColor === 'string' ? dataset.borderColor : 'currentColor';
      const width = ctx.measureText(dataset.label).width;
      ctx.fillText(dataset.label, Math.min(last.x + 6, chart.width - width - 2), y);
    });
    ctx.restore();
  },
};

export type Dot = { x: number; y: number };

let registered = false;
export function chartParts(): typeof Chart {
  if (!registered) Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, annotation, endLabels);
  registered = true;
  return Chart;
}

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
