// What happens to the water, minute by minute, in the methods compared: bands for estimates, points for measurements, limits as labelled lines.
import type { Chart, ChartConfiguration } from 'chart.js';
import type { AnnotationOptions } from 'chartjs-plugin-annotation';
import { useEffect, useRef, useState } from 'react';
import type { Comparison, Bands, Curve, Tolerances, AcclimationMethod } from '#core/bench/index.ts';
import { AMMONIA_BANDS } from '#core/water/index.ts';
import { useTheme } from '../data/theme.ts';
import { useUnits } from '../data/units.ts';
import { chartParts, datasetsOf, drawnMethods, type Dot } from './chart.ts';
import { CurveTabs } from './CurveTabs.tsx';

const CURVE_WORDS: Record<Curve, string> = {
  nh3: 'toxic ammonia',
  pH: 'pH',
  salinity: 'salinity',
  temperature: 'temperature',
  oxygen: 'oxygen',
};
const CURVES = Object.keys(CURVE_WORDS) as Curve[];

type Props = {
  comparison: Comparison;
  bands?: Bands;
  focus: AcclimationMethod;
  tolerances: Tolerances;
  tank: { temperature: number; salinity: number };
  measured: Partial<Record<Curve, number>>;
};
type Limit = { at: number; says: string };

export function Curves({ comparison, bands, focus, tolerances, tank, measured }: Props) {
  const units = useUnits();
  const theme = useTheme();
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', Dot[]>>(undefined);
  const [curve, setCurve] = useState<Curve>('nh3');
  const toUnit = (value: number) => (curve === 'temperature' && units.unit('temperature') === '°F' ? (value * 9) / 5 + 32 : value);
  const unit = { nh3: 'mg/L N', pH: '', salinity: 'ppt', temperature: units.unit('temperature'), oxygen: 'mg/L' }[curve];
  const limits: Limit[] = {
    nh3: [
      ...AMMONIA_BANDS.slice(0, 4).map(({ below }, index) => ({ at: below, says: AMMONIA_BANDS[index + 1]!.is })),
      { at: tolerances.nh3Peak, says: 'their tolerance' },
    ],
    pH: [],
    salinity: [{ at: tank.salinity, says: 'tank' }],
    temperature: [{ at: tank.temperature, says: 'tank' }],
    oxygen: [{ at: tolerances.lowestOxygen, says: 'their tolerance' }],
  }[curve];

  useEffect(() => {
    // Where nothing can be drawn, the label of the picture still says what it would show.
    if (!canvas.current?.getContext('2d')) return;
    const style = getComputedStyle(document.body);
    const colour = (name: string) => style.getPropertyValue(name).trim();
    const colours = { ink: colour('--ink'), soft: colour('--soft'), deep: colour('--deep'), band: `${colour('--deep')}2e` };
    const datasets = datasetsOf({ comparison, bands, focus, curve, measured: measured[curve], colours, toUnit });
    const top = Math.max(...datasets.flatMap(({ data }) => data.map(({ y }) => y)));
    const shown = limits.filter(({ at }) => curve !== 'nh3' || at <= Math.max(0.06, top * 1.6));
    const last = Math.max(...drawnMethods(comparison, focus).map(({ figures }) => figures.totalMinutes));
    const ends = last > 240 ? Math.ceil(last / 60) * 60 : Math.ceil(last / 10) * 10;
    const Parts = chartParts();
    Parts.defaults.font.family = style.fontFamily || 'sans-serif';
    const lines: Record<string, AnnotationOptions<'line'>> = {};
    const line = (
      at: Partial<AnnotationOptions<'line'>>,
      { says, paper, ink, position }: { says: string; paper: string; ink: string; position: 'start' | 'end' },
    ) => ({
      type: 'line' as const,
      ...at,
      label: {
        display: true,
        content: says,
        position,
        backgroundColor: paper,
        color: ink,
        font: { size: 11 },
        padding: 3,
        xAdjust: position === 'start' && 'yMin' in at ? 34 : 0,
      },
    });
    shown.forEach(({ at, says }, index) => {
      const y = toUnit(at);
      lines[`limit${index}`] = line(
        { yMin: y, yMax: y, borderColor: colour('--look'), borderWidth: 1, borderDash: [3, 3] },
        { says, paper: colour('--card'), ink: colour('--look'), position: 'start' },
      );
    });
    lines.now = line(
      { xMin: 0, xMax: 0, borderColor: colours.ink, borderWidth: 2 },
      { says: 'now', paper: colours.ink, ink: colour('--card'), position: 'start' },
    );
    const axis = {
      grid: { color: colour('--line') },
      ticks: { color: colours.soft, maxTicksLimit: 6 },
      border: { color: colour('--edge') },
    };
    const long = ends > 240;
    const options: ChartConfiguration<'line'>['options'] = {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      layout: { padding: { right: 96, top: 4 } },
      scales: {
        x: {
          type: 'linear' as const,
          min: 0,
          max: ends,
          ...axis,
          ticks: {
            ...axis.ticks,
            includeBounds: false,
            callback: (value: number | string) => (long ? `${Number(value) / 60} h` : `${value} min`),
          },
        },
        y: {
          type: 'linear' as const,
          beginAtZero: curve === 'nh3' || curve === 'oxygen',
          ...axis,
          title: { display: unit !== '', text: unit, color: colours.soft },
        },
      },
      plugins: { annotation: { annotations: lines } },
    };
    if (chart.current) {
      chart.current.data = { datasets };
      chart.current.options = options!;
      chart.current.update('none');
    } else chart.current = new Parts<'line', Dot[]>(canvas.current, { type: 'line', data: { datasets }, options });
    // `limits` and `toUnit` follow from what is listed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [comparison, bands, focus, curve, theme, measured, units, tank.salinity, tank.temperature, tolerances]);
  useEffect(
    () => () => {
      chart.current?.destroy();
      chart.current = undefined;
    },
    [],
  );
  const front = comparison.ranked.find(({ method }) => method === focus);
  const ys = front?.samples.filter(({ where }) => where !== 'tank').map((sample) => sample[curve]) ?? [0];
  return (
    <figure className="curves">
      <CurveTabs curves={CURVES} words={CURVE_WORDS} value={curve} onChange={setCurve} />
      <div className="curve-canvas">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${CURVE_WORDS[curve]} over time: ${focus} from ${toUnit(ys[0]!).toFixed(2)} to ${toUnit(ys.at(-1)!).toFixed(2)} ${unit}, highest ${toUnit(Math.max(...ys)).toFixed(2)}, lowest ${toUnit(Math.min(...ys)).toFixed(2)}`}
        />
      </div>
    </figure>
  );
}
