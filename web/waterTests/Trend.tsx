// Where a quantity of a system goes: points by what they were read with, its limits, changes of water, treatments and deaths marked.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { WaterTrendView } from '#contract/views.ts';
import type { Quantity } from '#core/water/index.ts';
import { useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { LineChart } from '../parts/LineChart.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { sayRange, titleOf } from '../words/waterTests.ts';
import { drawTrend, SPANS, type Span } from './drawTrend.ts';
import css from './waterTests.module.scss';

export function Trend({ system, first }: { system: string; first: Quantity }) {
  const [quantity, setQuantity] = useState(first);
  const [span, setSpan] = useState<Span>('90 days');
  const { data, error, mutate } = useView('waterTrend', { system, quantity, days: String(SPANS[span]) });
  return (
    <>
      <h2>Trend</h2>
      <div className="chips" role="group" aria-label="For how long">
        {(Object.keys(SPANS) as Span[]).map((name) => (
          <Button
            key={name}
            variant="plain"
            className={name === span ? 'chip-on' : ''}
            aria-pressed={name === span}
            onClick={() => setSpan(name)}
          >
            {name}
          </Button>
        ))}
      </div>
      {data ? <Picture view={data} quantity={quantity} onQuantity={setQuantity} /> : <Waiting error={error} retry={() => void mutate()} />}
    </>
  );
}

function Picture({ view, quantity, onQuantity }: { view: WaterTrendView; quantity: Quantity; onQuantity: (quantity: Quantity) => void }) {
  const units = useUnits();
  const quantities = view.quantities.includes(quantity) ? view.quantities : [quantity, ...view.quantities];
  const { points, marks, marksMore, instruments, limits, readings, thinned } = view;
  const last = points.at(-1);
  return (
    <>
      <div className="chips" role="group" aria-label="What">
        {quantities.map((name) => (
          <Button
            key={name}
            variant="plain"
            className={name === quantity ? 'chip-on' : ''}
            aria-pressed={name === quantity}
            onClick={() => onQuantity(name)}
          >
            {titleOf(name)}
          </Button>
        ))}
      </div>
      {points.length === 0 || !last ? (
        <p>{titleOf(quantity)} was not read here in that time.</p>
      ) : (
        <>
          <div className={css.chart}>
            <LineChart
              label={`${titleOf(quantity)} of ${view.system?.name}: ${plural(readings, 'reading')}, last ${units.say(quantity, last.value)}${limits ? `; limits ${sayRange(limits)}` : ''}`}
              picture={{ view, unit: units.unit(quantity), toShown: units.bare }}
              draw={drawTrend}
            />
          </div>
          <p className="soft tight">
            {plural(readings, 'reading')}: {instruments.join('; ')}.{' '}
            {thinned && 'Of so many the lowest and the highest of each stretch are drawn. '}
            {marks.length > 0 && 'Below: changes of water (│), deaths (✕). '}
            {marksMore > 0 && `${marksMore} earlier ones are not drawn.`}
          </p>
        </>
      )}
    </>
  );
}
