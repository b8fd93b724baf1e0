// A healing as points by day, with the line it is to come to.
import type { HealingCard } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import { LineChart, lineAcross, plainOptions, type Colour, type Drawing } from '../parts/LineChart.tsx';
import { sayMeasure, sayUntil } from '../words/healing.ts';
import css from './healing.module.scss';

type Picture = Pick<HealingCard, 'by' | 'until' | 'begunMs' | 'measures'>;

export function HealingCurve({ healing }: { healing: HealingCard }) {
  const { by, until, begunMs, measures, what } = healing;
  const label = `${what}: ${measures.map(({ value }) => sayMeasure(value, by)).join(', then ')}; until ${sayUntil(until, by)}`;
  return (
    <div className={css.curve}>
      <LineChart label={label} picture={{ by, until, begunMs, measures }} draw={drawHealing} />
    </div>
  );
}

function drawHealing({ by, until, begunMs, measures }: Picture, colour: Colour): Drawing {
  const { base, axis } = plainOptions(colour);
  const ink = colour('--ink');
  return {
    datasets: [
      {
        label: by === 'mm' ? 'wound' : 'grown back',
        data: measures.map(({ atMs, value }) => ({ x: (atMs - begunMs) / DAY_MS, y: value })),
        borderColor: ink,
        borderWidth: 1.5,
        pointRadius: 4,
        pointBackgroundColor: ink,
      },
    ],
    options: {
      ...base,
      layout: { padding: { right: 80 } },
      plugins: {
        annotation: {
          annotations: {
            until: lineAcross(
              { yMin: until, yMax: until, borderColor: ink, borderDash: [4, 4] },
              { says: `may return: ${sayUntil(until, by)}`, ink, paper: colour('--card') },
            ),
          },
        },
      },
      scales: {
        x: { ...axis, type: 'linear', title: { display: true, text: 'days since it is followed', color: colour('--soft') } },
        y: {
          ...axis,
          type: 'linear',
          min: 0,
          ...(by === 'percent' ? { max: 100 } : {}),
          title: { display: true, text: by === 'mm' ? 'mm' : '%', color: colour('--soft') },
        },
      },
    },
  };
}
