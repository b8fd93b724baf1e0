// The course of one vessel: what it was, what it is calculated to become, the band, the points that were read, the limits, and now.
import type { ChartDataset } from 'chart.js';
import { clsx } from 'clsx';
import { useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RunCard } from '#contract/views.ts';
import { tolerancesOf } from '#core/bench/index.ts';
import { correctedOf, runFactsOf, tankBy, type Followed, type RunPolicy } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useMe } from '../../data/me.ts';
import { useUnits, type Units } from '../../data/units.ts';
import { CurveTabs } from '../../parts/CurveTabs.tsx';
import { LineChart, lineAcross, plainOptions, type Colour, type Dot, type Drawing } from '../../parts/LineChart.tsx';
import css from './picture.module.scss';
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
  const canvas = useRef<HTMLCanvasElement>(null);
  const [curve, setCurve] = useState<RunCurve>(Math.abs(run.started.start.salinity - run.started.water.salinity) > 1 ? 'salinity' : 'nh3');
  const { unit, toUnit } = scaleOf(curve, units);
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
    <figure className={clsx('curves', css.runCurve)}>
      <CurveTabs curves={CURVES} words={WORDS} value={curve} onChange={setCurve} />
      <div className="curve-canvas">
        {followed && now ? (
          <LineChart
            onCanvas={(element) => void (canvas.current = element)}
            label={`${WORDS[curve]} of ${run.started.vessel.name}: now calculated ${toUnit(valueAt(now, curve)).toFixed(2)} ${unit}`}
            picture={{ run, followed, curve, units, lines }}
            draw={drawing}
          />
        ) : (
          <canvas role="img" aria-label={`${WORDS[curve]}, being calculated`} />
        )}
      </div>
      <figcaption className="soft">
        Band: nine in ten. Dots: read; rings: as a meter that was out showed it.
        <span>
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

type Picture = {
  run: RunCard;
  followed: Followed;
  curve: RunCurve;
  units: Units;
  lines: Pick<RunPolicy, 'ammoniaLine' | 'oxygenLine'>;
};

/** The unit of a curve as this person reads it, and its values in that. */
function scaleOf(curve: RunCurve, units: Units) {
  const inF = curve === 'temperature' && units.unit('temperature') === '°F';
  return {
    unit: { salinity: 'ppt', temperature: units.unit('temperature'), pH: '', nh3: 'mg/L N', ammonia: 'mg/L N', oxygen: 'mg/L' }[curve],
    toUnit: (value: number) => (inF ? (value * 9) / 5 + 32 : value),
  };
}

function limitsOf({ run, curve, units, lines }: Picture): { y: number; says: string }[] {
  const { toUnit } = scaleOf(curve, units);
  const tank = tankBy(runFactsOf(run), Number.MAX_SAFE_INTEGER);
  const tolerances = tolerancesOf(run.started.of);
  switch (curve) {
    case 'salinity':
      return [{ y: tank.salinity, says: run.tank.code }];
    case 'temperature':
      return [{ y: toUnit(tank.temperature), says: run.tank.code }];
    case 'nh3':
      return [
        { y: lines.ammoniaLine, says: 'not to stay in' },
        { y: tolerances.nh3Peak, says: 'their tolerance' },
      ].filter(({ y }, index, all) => all.findIndex((sameHeight) => sameHeight.y === y) === index);
    case 'oxygen':
      return [{ y: lines.oxygenLine, says: 'low' }];
    default:
      return [];
  }
}

/** The band, what was and what is to come, what was read and what a meter that was out showed. */
function linesOf({ run, followed, curve, units }: Picture, x: (minute: number) => number, colour: Colour): ChartDataset<'line', Dot[]>[] {
  const { toUnit } = scaleOf(curve, units);
  const { samples, nowIndex } = followed;
  const dots = (from: number, to: number): Dot[] =>
    samples.slice(from, to).map((sample) => ({ x: x(sample.minute), y: toUnit(valueAt(sample, curve)) }));
  const edge = (side: 'low' | 'high', fill: string | false): ChartDataset<'line', Dot[]> => ({
    data: samples.map(({ minute }, index) => ({ x: x(minute), y: toUnit(followed.band[curve][index]![side]) })),
    borderWidth: 0,
    pointRadius: 0,
    backgroundColor: `${colour('--deep')}2e`,
    fill,
  });
  const points = curve === 'nh3' ? [] : correctedOf(run).filter(({ quantity }) => quantity === curve);
  const xAt = (atMs: number) => x((atMs - run.startedAtMs) / MINUTE_MS);
  const off = points.filter(({ error }) => Math.abs(error) > 1e-9);
  const marks = { showLine: false, pointRadius: 6, borderColor: colour('--ink') };
  return [
    edge('low', false),
    edge('high', '-1'),
    { data: dots(0, nowIndex + 1), borderColor: colour('--deep'), borderWidth: 3, pointRadius: 0 },
    { data: dots(nowIndex, samples.length), borderColor: colour('--deep'), borderWidth: 2, borderDash: [7, 5], pointRadius: 0 },
    { ...marks, data: points.map(({ atMs, value }) => ({ x: xAt(atMs), y: toUnit(value) })), pointBackgroundColor: colour('--ink') },
    {
      ...marks,
      data: off.map(({ atMs, shown: was }) => ({ x: xAt(atMs), y: toUnit(was) })),
      pointBackgroundColor: colour('--card'),
      pointBorderWidth: 2,
    },
  ];
}

function drawing(picture: Picture, colour: Colour): Drawing {
  const { followed, curve, units } = picture;
  const { unit } = scaleOf(curve, units);
  const { samples, now, end } = followed;
  const last = samples.at(-1)!.minute;
  const perX = last > 240 ? 60 : 1;
  const x = (minute: number) => minute / perX;
  const top = Math.max(...followed.band[curve].map(({ high }) => high));
  const shown = limitsOf(picture).filter(({ y }) => curve !== 'nh3' || y <= Math.max(0.06, top * 1.6));
  const upright = (minute: number, says: string, { paper, ...look }: { paper: string; borderColor?: string; borderDash?: number[] }) =>
    lineAcross({ xMin: x(minute), xMax: x(minute), ...look }, { says, ink: colour('--card'), paper });
  const annotations = {
    ...Object.fromEntries(
      shown.map(({ y, says }, index) => {
        const place = { yMin: y, yMax: y, borderColor: colour('--look'), borderDash: [3, 3] };
        return [`limit${index}`, lineAcross(place, { says, ink: colour('--look'), paper: colour('--card') })];
      }),
    ),
    now: upright(now.minute, 'now', { borderColor: colour('--ink'), paper: colour('--ink') }),
    ...(end && end.atMinute > now.minute
      ? { end: upright(end.atMinute, 'there', { borderColor: colour('--soft'), borderDash: [6, 4], paper: colour('--soft') }) }
      : {}),
  };
  const { base, axis } = plainOptions(colour);
  const title = (text: string) => ({ display: text !== '', text, color: colour('--soft') });
  return {
    datasets: linesOf(picture, x, colour),
    options: {
      ...base,
      layout: { padding: { right: 12, top: 4 } },
      scales: {
        x: {
          type: 'linear',
          min: 0,
          max: x(last),
          ...axis,
          title: title(perX === 60 ? 'hours since it began' : 'minutes since it began'),
          ticks: { ...axis.ticks, includeBounds: false },
        },
        y: { type: 'linear', beginAtZero: curve === 'nh3' || curve === 'ammonia' || curve === 'oxygen', ...axis, title: title(unit) },
      },
      plugins: { annotation: { annotations } },
    },
  };
}
