// The drawing of a trend. Days before now run to the left; each test has a mark of its own, told apart by shape.
import type { ChartDataset } from 'chart.js';
import type { AnnotationOptions } from 'chartjs-plugin-annotation';
import type { TrendMark, WaterTrendView } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import type { Units } from '../data/units.ts';
import { lineAcross, plainOptions, type Colour, type Dot, type Drawing } from '../parts/LineChart.tsx';

export const SPANS = { '14 days': 14, '90 days': 90, '1 year': 366, '5 years': 1827 } as const;
export type Span = keyof typeof SPANS;

export type TrendPicture = { view: WaterTrendView; unit: string; toShown: Units['bare'] };

const SHAPES = ['circle', 'triangle', 'rect', 'rectRot', 'star'] as const;
const MARKS: Record<TrendMark['is'], { shape: 'line' | 'crossRot'; colour: string; name: string; turn: number }> = {
  change: { shape: 'line', colour: '--soft', name: 'changes', turn: 90 },
  'top-up': { shape: 'line', colour: '--line', name: 'top-ups', turn: 90 },
  loss: { shape: 'crossRot', colour: '--lost', name: 'deaths', turn: 0 },
};

export function drawTrend({ view, unit, toShown }: TrendPicture, colour: Colour): Drawing {
  const { base, axis } = plainOptions(colour);
  const { points, instruments, marks, limits, quantity, toMs } = view;
  const ago = (atMs: number) => (atMs - toMs) / DAY_MS;
  const shown = (value: number) => Number(toShown(quantity, value));
  const ink = colour('--ink');
  const values = points.map(({ value }) => shown(value));
  const ends = [limits?.from, limits?.to].flatMap((limit) => (limit === undefined ? [] : [shown(limit)]));
  const [low, high] = [Math.min(...values, ...ends), Math.max(...values, ...ends)];
  const room = (high - low || Math.abs(high) || 1) * 0.15;
  const bottom = low >= 0 && low - room < 0 ? 0 : low - room;
  const series = instruments.map((name, index): ChartDataset<'line', Dot[]> => ({
    label: name,
    data: points.filter((point) => point.with === index).map(({ atMs, value }) => ({ x: ago(atMs), y: shown(value) })),
    borderColor: ink,
    borderWidth: 1,
    pointStyle: SHAPES[index % SHAPES.length],
    pointRadius: points.length > 300 ? 1.5 : 4,
    pointBackgroundColor: index === 0 ? ink : colour('--card'),
    pointBorderColor: ink,
  }));
  const rows = (Object.keys(MARKS) as TrendMark['is'][]).flatMap((is): ChartDataset<'line', Dot[]>[] => {
    const { shape, colour: name, turn } = MARKS[is];
    const at = marks.filter((mark) => mark.is === is);
    if (at.length === 0) return [];
    return [
      {
        data: at.map(({ atMs }) => ({ x: ago(atMs), y: bottom })),
        showLine: false,
        pointStyle: shape,
        pointRotation: turn,
        pointRadius: 6,
        borderColor: colour(name),
        pointBorderColor: colour(name),
        pointBorderWidth: 2,
        clip: false,
      },
    ];
  });
  return {
    datasets: [...series, ...rows],
    options: {
      ...base,
      layout: { padding: { right: 90, bottom: 6 } },
      plugins: { annotation: { annotations: { ...limitLines(), ...treated() } } },
      scales: {
        x: {
          ...axis,
          type: 'linear',
          min: ago(view.fromMs),
          max: 0,
          title: { display: true, text: 'days from now', color: colour('--soft') },
        },
        y: { ...axis, type: 'linear', min: bottom, max: high + room, title: { display: true, text: unit, color: colour('--soft') } },
      },
    },
  };

  function limitLines(): Record<string, AnnotationOptions<'line'>> {
    const line = (limit: number | undefined, says: string) =>
      limit === undefined
        ? {}
        : {
            [says]: lineAcross(
              { yMin: shown(limit), yMax: shown(limit), borderColor: colour('--look'), borderDash: [4, 4] },
              { says: `${says} ${shown(limit)}`, ink, paper: colour('--card') },
            ),
          };
    return { ...line(limits?.from, 'at least'), ...line(limits?.to, 'at most') };
  }

  function treated(): Record<string, AnnotationOptions<'box'>> {
    return Object.fromEntries(
      view.treatments.map(({ family, fromMs, toMs: endMs }, index) => [
        `treated ${index}`,
        {
          type: 'box' as const,
          xMin: Math.max(ago(view.fromMs), ago(fromMs)),
          xMax: endMs === undefined ? 0 : ago(endMs),
          backgroundColor: colour('--line'),
          borderWidth: 0,
          drawTime: 'beforeDatasetsDraw' as const,
          label: {
            display: true,
            content: family,
            position: { x: 'start' as const, y: 'start' as const },
            color: colour('--soft'),
            font: { size: 11 },
          },
        },
      ]),
    );
  }
}
