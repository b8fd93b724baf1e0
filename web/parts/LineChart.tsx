// One line chart for every course of water: a function makes the drawing of a picture and the colours in force, anew when one of them changes.
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartDataset,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import annotation, { type AnnotationOptions } from 'chartjs-plugin-annotation';
import { memo, useState } from 'react';
import { Chart as ReactChart } from 'react-chartjs-2';
import { useTheme } from '../data/theme.ts';

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
      while (taken.some((height) => Math.abs(height - y) < 13)) y -= 13;
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
export type Colour = (name: string) => string;
export type Drawing = { datasets: ChartDataset<'line', Dot[]>[]; options: ChartOptions<'line'> };

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler, annotation, endLabels);

/** A labelled line across the picture. */
export const lineAcross = (
  place: Partial<AnnotationOptions<'line'>>,
  { says, ink, paper }: { says: string; ink: string; paper: string },
): AnnotationOptions<'line'> => ({
  type: 'line',
  borderWidth: 1.5,
  ...place,
  label: {
    display: true,
    content: says,
    position: 'start',
    backgroundColor: paper,
    color: ink,
    font: { size: 11 },
    padding: 3,
    xAdjust: 'yMin' in place ? 32 : 0,
  },
});

/** What all of them share: no movement, the letters and colours of the page. */
export function plainOptions(colour: Colour) {
  // Scales take their letters from here alone.
  Chart.defaults.font.family = getComputedStyle(document.body).fontFamily || 'sans-serif';
  return {
    base: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
    } satisfies ChartOptions<'line'>,
    axis: {
      grid: { color: colour('--line') },
      ticks: { color: colour('--soft'), maxTicksLimit: 7 },
      border: { color: colour('--edge') },
    },
  };
}

type Props<Picture extends object> = {
  label: string;
  /** All that `draw` makes the drawing of. */
  picture: Picture;
  draw: (picture: Picture, colour: Colour) => Drawing;
  onCanvas?: (canvas: HTMLCanvasElement | null) => void;
};

/** Where nothing can be drawn, the label of the picture still says what it would show. */
function Drawn<Picture extends object>({ label, picture, draw, onCanvas }: Props<Picture>) {
  // The colours are those of the theme in force.
  useTheme();
  const [canDraw] = useState(() => document.createElement('canvas').getContext('2d') !== null);
  if (!canDraw) return <canvas role="img" aria-label={label} />;
  const style = getComputedStyle(document.body);
  const { datasets, options } = draw(picture, (name) => style.getPropertyValue(name).trim());
  return (
    <ReactChart
      type="line"
      data={{ datasets }}
      options={options}
      updateMode="none"
      aria-label={label}
      ref={(chart) => onCanvas?.(chart?.canvas ?? null)}
    />
  );
}

const isSame = (before: object, after: object): boolean =>
  Object.entries(after).every(([part, value]) => Object.is((before as Record<string, unknown>)[part], value));

/** Drawn anew only when a part of its picture is another: a page that counts minutes redraws no chart. */
export const LineChart = memo(
  Drawn,
  (before, after) => before.label === after.label && before.draw === after.draw && isSame(before.picture, after.picture),
) as typeof Drawn;
