// The kitchen sheet of a meal: what is taken out and when, what medicine is weighed by which label, who gets it, and each tank's portion in walking order.
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import { useMe, useTimes } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { useTitle } from '../frame/title.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { Batches } from './Batches.tsx';
import { Courses } from './Courses.tsx';
import css from './kitchen.module.scss';
import { overlayKitchen } from './overlay.ts';
import { Portions } from './Portions.tsx';
import { TakeOut } from './TakeOut.tsx';

/** So many of the meals ahead stand there to be chosen. */
const MEALS_SHOWN = 4;

export default function Kitchen() {
  const [query] = useSearchParams();
  const put = useInAddress();
  const asked = query.get('at');
  const { shown: view, error, mutate } = useShown('kitchen', overlayKitchen, asked ? { at: asked } : {});
  const { when } = useTimes();
  const { house } = useMe();
  useTitle('Kitchen sheet');
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  const { atMs } = view;
  if (view.noFoods || atMs === undefined)
    return (
      <div className="empty">
        <h1>No food is on the list of this house</h1>
        <p>Once the foods are, the next meal is worked out here: grams of each, when to thaw it, and each tank’s portion.</p>
        <Link className="btn btn-plain" to="/house?part=foods">
          To the foods
        </Link>
      </div>
    );
  const title = `Kitchen sheet, meal of ${when(atMs)}`;
  const shown = [...new Set([...view.meals.slice(0, MEALS_SHOWN), atMs])].toSorted((a, b) => a - b);
  return (
    <div className={css.kitchen}>
      <PaperHead title={title} />
      <div className={css.head}>
        <h1 className="station-title">Kitchen sheet</h1>
        <p className="soft tight no-print">
          <Link to="/rounds/feed">Feed only</Link> · <Link to="/rounds">To the round</Link> · <PrintButton />
        </p>
        <div className="tabs no-print" role="group" aria-label="Meals ahead">
          {shown.map((mealMs) => (
            <Button
              key={mealMs}
              variant="plain"
              className={mealMs === atMs ? 'chip-on' : ''}
              aria-pressed={mealMs === atMs}
              onClick={() => put('at', String(mealMs))}
            >
              {when(mealMs)}
            </Button>
          ))}
        </div>
      </div>
      <div>
        <TakeOut key={atMs} view={view} atMs={atMs} />
        <Portions view={view} />
      </div>
      <div className={css.side}>
        <Batches view={view} />
        <Courses view={view} />
        <p className="soft">
          Grams are estimates: heads by their length, percent of their mass a day by phase, smaller fish more. The percents stand under{' '}
          <Link to="/house?part=rules">House rules</Link>, Kitchen. What is left over says more: give less next time. Thawed food keeps for{' '}
          {house.rules.kitchen.thawedKeepsH} h here.
        </p>
      </div>
    </div>
  );
}
