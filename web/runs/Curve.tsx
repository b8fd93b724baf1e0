// The course of one vessel: what it was, what it is calculated to become, the band, the points that were read, the limits, and now.
import type { Chart, ChartConfiguration, ChartDataset } from 'chart.js';
import type { AnnotationOptions } from 'chartjs-plugin-annotation';
import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import { tolerancesOf } from '#core/bench/index.ts';
import { correctedOf, runFactsOf, tankBy, type Followed, type RunPolicy } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useTheme } from '../data/theme.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { chartParts, type Dot } from '../methods/chart.ts';
import { CurveTabs } from '../methods/CurveTabs.tsx';
import { saveBlob } from './save.ts';

const CURVES = ['salinity', 'temperature', 'pH', 'nh3', 'ammonia', 'oxygen'] as const;
export type RunCurve = (typeof CURVES)[number];
const WORDS: Record<RunCurve, string> = {
  salinity: 'salinity',
  temperature: 'temperature',
  pH: 'pH',
  nh3: 'toxic ammonia',
  ammonia: 'ammonia',
  oxygen: 'oxygen',
};
const valueAt = (sample: Followed['now'], curve: RunCurve): number => (curve === 'ammonia' ? sample.tan : sample[curve]);

export function Curve({ run, followed }: { run: RunCard; followed?: Followed }) {
  const units = useUnits();
  const lines = useMe().house.rules.runs;
  const theme = useTheme();
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', Dot[]>>(undefined);
  const [curve, setCurve] = useState<RunCurve>(Math.abs(run.started.start.salinity - run.started.water.salinity) > 1 ? 'salinity' : 'nh3');
  const unit = { salinity: 'ppt', temperature: units.unit('temperature'), pH: '', nh3: 'mg/L N', ammonia: 'mg/L N', oxygen: 'mg/L' }[curve];
  const toUnit = (value: number) => (curve === 'temperature' && unit === '°F' ? (value * 9) / 5 + 32 : value);
  useEffect(() => {
    if (!followed || !canvas.current?.getContext('2d')) return;
    const style = getComputedStyle(document.body);
    const colour = (name: string) => style.getPropertyValue(name).trim();
    const { datasets, options } = drawing({ run, followed, curve, unit, toUnit, colour, lines });
    const Parts = chartParts();
    Parts.defaults.font.family = style.fontFamily || 'sans-serif';
    if (chart.current) {
      chart.current.data = { datasets };
      chart.current.options = options!;
      chart.current.update('none');
    } else chart.current = new Parts<'line', Dot[]>(canvas.current, { type: 'line', data: { datasets }, options });
    // What is drawn follows from the picture and what is chosen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [followed, curve, theme, unit, lines]);
  useEffect(
    () => () => {
      chart.current?.destroy();
      chart.current = undefined;
    },
    [],
  );
  const toPng = () => {
    // On paper colour, not on nothing: a picture is looked at on white.
    const from = canvas.current;
    if (!from) return;
    const copy = document.createElement('canvas');
    [copy.width, copy.height] = [from.width, from.height];
    const context = copy.getContext('2d')!;
    context.fillStyle = getComputedStyle(document.body).getPropertyValue('--card').trim() || '#fff';
    context.fillRect(0, 0, copy.width, copy.height);
    context.drawImage(from, 0, 0);
    copy.toBlob((blob) => blob && saveBlob(`${run.started.vessel.name} ${WORDS[curve]}.png`, blob), 'image/png');
  };
  // Only who takes it out needs the writer of tables.
  const take = async (as: 'csv' | 'json') => {
    if (!followed) return;
    const { runCsv, runJson } = await import('./exportRun.ts');
    saveBlob(`${run.started.vessel.name}.${as}`, (as === 'csv' ? runCsv : runJson)(run, followed));
  };
  const now = followed?.now;
  return (
    <figure className="curves run-curve">
      <CurveTabs curves={CURVES} words={WORDS} value={curve} onChange={setCurve} />
      <div className="curve-canvas">
        <canvas
          ref={canvas}
          role="img"
          aria-label={
            now
              ? `${WORDS[curve]} of ${run.started.vessel.name}: now calculated ${toUnit(valueAt(now, curve)).toFixed(2)} ${unit}`
              : `${WORDS[curve]}, being calculated`
          }
        />
      </div>
      <figcaption className="soft">
        Band: nine in ten. Dots: read; rings: as a meter that was out showed it.
        <span className="curve-save">
          <Button variant="link" className="btn-quiet" onClick={toPng} disabled={!followed}>
            PNG
          </Button>
          <Button variant="link" className="btn-quiet" onClick={() => void take('csv')} disabled={!followed}>
            CSV
          </Button>
          <Button variant="link" className="btn-quiet" onClick={() => void take('json')} disabled={!followed}>
            JSON
          </Button>
        </span>
      </figcaption>
    </figure>
  );
}

type Drawing = {
  run: RunCard;
  followed: Followed;
  curve: RunCurve;
  unit: string;
  toUnit: (value: number) => number;
  colour: (name: string) => string;
  lines: Pick<RunPolicy, 'ammoniaLine' | 'oxygenLine'>;
};

function drawing({ run, followed, curve, unit, toUnit, colour, lines }: Drawing): {
  datasets: ChartDataset<'line', Dot[]>[];
  options: ChartConfiguration<'line'>['options'];
} {
  const { samples, nowIndex, now, end } = followed;
  const last = samples.at(-1)!.minute;
  const perX = last > 240 ? 60 : 1;
  const x = (minute: number) => minute / perX;
  const dots = (from: number, to: number): Dot[] =>
    samples.slice(from, to).map((sample) => ({ x: x(sample.minute), y: toUnit(valueAt(sample, curve)) }));
  const band = followed.band[curve];
  const edge = (side: 'low' | 'high', fill: string | false): ChartDataset<'line', Dot[]> => ({
    data: samples.map(({ minute }, index) => ({ x: x(minute), y: toUnit(band[index]![side]) })),
    borderWidth: 0,
    pointRadius: 0,
    backgroundColor: `${colour('--deep')}2e`,
    fill,
  });
  const points = curve === 'nh3' ? [] : correctedOf(run).filter(({ quantity }) => quantity === curve);
  const at = (atMs: number) => x((atMs - run.startedAtMs) / MINUTE_MS);
  const off = points.filter(({ error }) => Math.abs(error) > 1e-9);
  const tank = tankBy(runFactsOf(run), Number.MAX_SAFE_INTEGER);
  const tolerances = tolerancesOf(run.started.of);
  const limits: { y: number; says: string }[] = {
    salinity: [{ y: tank.salinity, says: `${run.tank.code}` }],
    temperature: [{ y: toUnit(tank.temperature), says: `${run.tank.code}` }],
    pH: [],
    nh3: [
      { y: lines.ammoniaLine, says: 'not to stay in' },
      { y: tolerances.nh3Peak, says: 'their tolerance' },
    ].filter(({ y }, index, all) => all.findIndex((other) => other.y === y) === index),
    ammonia: [],
    oxygen: [{ y: lines.oxygenLine, says: 'low' }],
  }[curve];
  const line = (place: object, says: string, { ink, paper }: { ink: string; paper: string }): AnnotationOptions<'line'> => ({
    type: 'line',
    borderColor: ink,
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
      xAdjust: 'yMin' in place ? 30 : 0,
    },
  });
  const top = Math.max(...band.map(({ high }) => high));
  const shown = limits.filter(({ y }) => curve !== 'nh3' || y <= Math.max(0.06, top * 1.6));
  const annotations: Record<string, AnnotationOptions<'line'>> = Object.fromEntries(
    shown.map(({ y, says }, index) => [
      `limit${index}`,
      line({ yMin: y, yMax: y, borderDash: [3, 3] }, says, { ink: colour('--look'), paper: colour('--card') }),
    ]),
  );
  annotations.now = line({ xMin: x(now.minute), xMax: x(now.minute), borderColor: colour('--ink'), borderWidth: 2 }, 'now', {
    ink: colour('--card'),
    paper: colour('--ink'),
  });
  if (end && end.atMinute > now.minute)
    annotations.end = line({ xMin: x(end.atMinute), xMax: x(end.atMinute), borderDash: [6, 4] }, 'there', {
      ink: colour('--soft'),
      paper: colour('--card'),
    });
  const axis = {
    grid: { color: colour('--line') },
    ticks: { color: colour('--soft'), maxTicksLimit: 7 },
    border: { color: colour('--edge') },
  };
  return {
    datasets: [
      edge('low', false),
      edge('high', '-1'),
      { data: dots(0, nowIndex + 1), borderColor: colour('--deep'), borderWidth: 3, pointRadius: 0 },
      { data: dots(nowIndex, samples.length), borderColor: colour('--deep'), borderWidth: 2, borderDash: [7, 5], pointRadius: 0 },
      {
        data: points.map(({ atMs, value }) => ({ x: at(atMs), y: toUnit(value) })),
        showLine: false,
        pointRadius: 6,
        pointBackgroundColor: colour('--ink'),
        borderColor: colour('--ink'),
      },
      {
        data: off.map(({ atMs, shown: was }) => ({ x: at(atMs), y: toUnit(was) })),
        showLine: false,
        pointRadius: 6,
        pointBackgroundColor: colour('--card'),
        borderColor: colour('--ink'),
        pointBorderWidth: 2,
      },
    ],
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      layout: { padding: { right: 12, top: 4 } },
      scales: {
        x: {
          type: 'linear',
          min: 0,
          max: x(last),
          ...axis,
          title: { display: true, text: perX === 60 ? 'hours since it began' : 'minutes since it began', color: colour('--soft') },
          ticks: { ...axis.ticks, includeBounds: false },
        },
        y: {
          type: 'linear',
          beginAtZero: curve === 'nh3' || curve === 'ammonia' || curve === 'oxygen',
          ...axis,
          title: { display: unit !== '', text: unit, color: colour('--soft') },
        },
      },
      plugins: { annotation: { annotations } },
    },
  };
}
