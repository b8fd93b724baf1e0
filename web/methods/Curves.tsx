// What happens to the water, minute by minute, in the methods compared: bands for estimates, points for measurements, limits as labelled lines.
import { useState } from 'react';
import type { Comparison, Bands, Curve, Tolerances, AcclimationMethod } from '#core/bench/index.ts';
import { AMMONIA_BANDS } from '#core/water/index.ts';
import { useUnits, type Units } from '../data/units.ts';
import { CurveTabs } from '../parts/CurveTabs.tsx';
import { LineChart, lineAcross, plainOptions, type Colour, type Drawing } from '../parts/LineChart.tsx';
import { datasetsOf, drawnMethods } from './chart.ts';

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

/** Where a value would be too high, or where it should come to. */
function limitsOf(curve: Curve, { tolerances, tank }: Pick<Props, 'tolerances' | 'tank'>): { at: number; says: string }[] {
  switch (curve) {
    case 'nh3':
      return [
        ...AMMONIA_BANDS.slice(0, 4).map(({ below }, index) => ({ at: below, says: AMMONIA_BANDS[index + 1]!.is })),
        { at: tolerances.nh3Peak, says: 'their tolerance' },
      ];
    case 'pH':
      return [];
    case 'salinity':
      return [{ at: tank.salinity, says: 'tank' }];
    case 'temperature':
      return [{ at: tank.temperature, says: 'tank' }];
    case 'oxygen':
      return [{ at: tolerances.lowestOxygen, says: 'their tolerance' }];
  }
}

type Picture = Props & { curve: Curve; units: Units };

/** The unit of a curve as this person reads it, and its values in that. */
function scaleOf(curve: Curve, units: Units) {
  const inF = curve === 'temperature' && units.unit('temperature') === '°F';
  return {
    unit: { nh3: 'mg/L N', pH: '', salinity: 'ppt', temperature: units.unit('temperature'), oxygen: 'mg/L' }[curve],
    toUnit: (value: number) => (inF ? (value * 9) / 5 + 32 : value),
  };
}

function drawing({ comparison, bands, focus, curve, units, measured, ...of }: Picture, colour: Colour): Drawing {
  const { unit, toUnit } = scaleOf(curve, units);
  const colours = { ink: colour('--ink'), soft: colour('--soft'), deep: colour('--deep'), band: `${colour('--deep')}2e` };
  const datasets = datasetsOf({ comparison, bands, focus, curve, measured: measured[curve], colours, toUnit });
  const top = Math.max(...datasets.flatMap(({ data }) => data.map(({ y }) => y)));
  const shown = limitsOf(curve, of).filter(({ at }) => curve !== 'nh3' || at <= Math.max(0.06, top * 1.6));
  const last = Math.max(...drawnMethods(comparison, focus).map(({ figures }) => figures.totalMinutes));
  const ends = last > 240 ? Math.ceil(last / 60) * 60 : Math.ceil(last / 10) * 10;
  const limits = shown.map(({ at, says }, index): [string, ReturnType<typeof lineAcross>] => {
    const y = toUnit(at);
    const place = { yMin: y, yMax: y, borderColor: colour('--look'), borderWidth: 1, borderDash: [3, 3] };
    return [`limit${index}`, lineAcross(place, { says, ink: colour('--look'), paper: colour('--card') })];
  });
  const now = lineAcross(
    { xMin: 0, xMax: 0, borderColor: colours.ink, borderWidth: 2 },
    { says: 'now', ink: colour('--card'), paper: colours.ink },
  );
  const { base, axis } = plainOptions(colour);
  const say = (value: number | string) => (ends > 240 ? `${Number(value) / 60} h` : `${value} min`);
  return {
    datasets,
    options: {
      ...base,
      layout: { padding: { right: 96, top: 4 } },
      scales: {
        x: { type: 'linear', min: 0, max: ends, ...axis, ticks: { ...axis.ticks, includeBounds: false, callback: say } },
        y: {
          type: 'linear',
          beginAtZero: curve === 'nh3' || curve === 'oxygen',
          ...axis,
          title: { display: unit !== '', text: unit, color: colours.soft },
        },
      },
      plugins: { annotation: { annotations: { ...Object.fromEntries(limits), now } } },
    },
  };
}

export function Curves({ comparison, bands, focus, tolerances, tank, measured }: Props) {
  const units = useUnits();
  const [curve, setCurve] = useState<Curve>('nh3');
  const { unit, toUnit } = scaleOf(curve, units);
  const front = comparison.ranked.find(({ method }) => method === focus);
  const ys = front?.samples.filter(({ where }) => where !== 'tank').map((sample) => sample[curve]) ?? [0];
  const said = (value: number) => toUnit(value).toFixed(2);
  return (
    <figure className="curves">
      <CurveTabs curves={CURVES} words={CURVE_WORDS} value={curve} onChange={setCurve} />
      <div className="curve-canvas">
        <LineChart
          label={`${CURVE_WORDS[curve]} over time: ${focus} from ${said(ys[0]!)} to ${said(ys.at(-1)!)} ${unit}, highest ${said(Math.max(...ys))}, lowest ${said(Math.min(...ys))}`}
          picture={{ comparison, bands, focus, tolerances, tank, measured, curve, units }}
          draw={drawing}
        />
      </div>
    </figure>
  );
}
