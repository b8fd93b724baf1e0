// The order of unpacking: which bag next, when each is out, and how near that is to what no order can beat.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { BenchBag } from '#contract/views.ts';
import type { UnpackStep } from '#core/dock/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { Caution } from '../parts/Caution.tsx';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { capital, plural } from '../words/text.ts';
import type { UnpackAnswer, UnpackRow } from './tasks.ts';
import css from './unpacking.module.scss';
import { usePlan } from './usePlan.ts';

/** Longer than this no bag is said to last: the calculation looks no further. */
const FAR_MIN = 72 * 60;

export default function Order() {
  const [query] = useSearchParams();
  const put = useInAddress();
  const { house } = useMe();
  const { when } = useTimes();
  const pinned = query.get('pin') ?? undefined;
  const { view, error, mutate, answer, failed, again } = usePlan(query.get('crate') ?? undefined, pinned);
  useTitle(view?.crate ? `Order of unpacking, ${view.crate.label}` : 'Order of unpacking');
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  if (!view.crate)
    return (
      <div className="empty">
        <h1>No crate waits to be unpacked</h1>
        <p>Once one is here, the order in which its bags are best taken stands in this place.</p>
        <Link className="btn btn-plain" to="/dock">
          To the dock
        </Link>
      </div>
    );
  const bags = new Map(view.bags.map((bag) => [bag.bag, bag]));
  const without = view.bags.filter(({ tank, clean }) => !tank && !clean).length;
  const { people, buckets } = house.rules.unpack;
  const worst = answer && bags.get(worstOf(answer));
  const at = (minutes: number) => when((answer?.atMs ?? 0) + minutes * MINUTE_MS);
  return (
    <div className={css.order}>
      <PaperHead title={`Order of unpacking, ${view.crate.label}`} />
      <section className="card" aria-label="Order of unpacking">
        <h1 className="station-title">Order of unpacking</h1>
        <p className="soft tight">
          <Link to={`/dock?crate=${view.crate.crate}`}>{view.crate.label}</Link>: {plural(view.bags.length, 'bag')} left,{' '}
          {plural(people, 'person', 'people')}, {plural(buckets, 'bucket')}, by the house’s rules.
        </p>
        {failed && (
          <p className="warn" role="alert">
            It could not be worked out: {failed}.{' '}
            <Button variant="plain" onClick={again}>
              Once more
            </Button>
          </p>
        )}
        {!answer && !failed && <p role="status">Working it out …</p>}
        {answer && (
          <>
            <p className={css.sum}>
              All out by <b className="num">{at(answer.plan.endMin)}</b>
              <span className="soft"> · no order has them out before {at(answer.plan.boundMin)}</span>
            </p>
            {answer.plan.overMin > 1 && (
              <Caution strong>
                <b>
                  {capital(worst?.label ?? 'a bag')}: {sayOver(answer.plan.overMin)} past what its water lasts
                </b>
                , by the hungriest guess; no order does better than {sayOver(answer.plan.boundOverMin)}. More hands or more places help.
              </Caution>
            )}
            {view.more !== undefined && <p className="warn">{plural(view.more, 'bag')} more are not in the plan yet.</p>}
            {without > 0 && (
              <p className="warn">
                {plural(without, 'bag has', 'bags have')} no tank yet: taken as if each kind got one, with two places to float. Choose them,
                and it is made anew.
              </p>
            )}
            <ol className={css.steps}>
              {answer.plan.steps.map((step, index) => (
                <Step
                  key={step.bag}
                  step={step}
                  bag={bags.get(step.bag)}
                  row={answer.rows.find((row) => row.bag === step.bag)}
                  first={index === 0}
                  pinned={step.bag === pinned}
                  at={at}
                  onPin={(on) => put('pin', on ? step.bag : '')}
                />
              ))}
            </ol>
            <p className="soft tight">
              Estimates, made anew as bags are landed and netted out: how long a bag lasts by the hungriest guess, a float by its
              temperature, the minutes of hands by the house’s rules. What you see of the fish goes first.
            </p>
            <p className="no-print">
              <PrintButton />
            </p>
          </>
        )}
      </section>
    </div>
  );
}

/** The bag that is furthest past its reserve. */
function worstOf({ plan, rows }: UnpackAnswer): string {
  const reserve = new Map(rows.map(({ bag, reserveMin }) => [bag, reserveMin]));
  const over = ({ bag, safeMin }: UnpackStep) => safeMin - (reserve.get(bag) ?? Infinity);
  return plan.steps.reduce((worst, step) => (over(step) > over(worst) ? step : worst)).bag;
}

const sayOver = (minutes: number): string => (minutes < 90 ? `${Math.round(minutes)} min` : `${(minutes / 60).toFixed(1)} h`);

function sayReserve({ reserveMin, limit }: UnpackRow, at: StepProps['at']): string | undefined {
  if (limit === 'foul') return 'foul: nothing is known of its water';
  const why = limit ? ` (${limit})` : '';
  if (reserveMin <= 0) return `its water lasts no longer, by the hungriest guess${why}`;
  return reserveMin < FAR_MIN ? `lasts until about ${at(reserveMin)}${why}` : undefined;
}

type StepProps = {
  step: UnpackStep;
  bag: BenchBag | undefined;
  row: UnpackRow | undefined;
  first: boolean;
  pinned: boolean;
  at: (minutes: number) => string;
  onPin: (on: boolean) => void;
};

function Step({ step, bag, row, first, pinned, at, onPin }: StepProps) {
  if (!bag || !row) return null;
  const begun = bag.afloat || bag.clean !== undefined;
  return (
    <li className={clsx(first && css.next)}>
      <span className={clsx(css.when, 'num')}>{begun ? 'runs' : at(step.beginMin)}</span>
      <span>
        <b>{capital(bag.label)}</b> {bag.landed ? bag.landed.alive : bag.listed} {bag.lotLabel}
        <span className={clsx('soft', css.how)}>
          {[!bag.landed && 'land it', sayStand(bag, row), `out by ${at(step.outMin)}`, sayReserve(row, at)].filter(Boolean).join(' · ')}
        </span>
      </span>
      <span className="no-print">
        {!begun && (
          <Button
            variant="plain"
            aria-pressed={pinned}
            className={pinned ? 'chip-on' : ''}
            aria-label={`Take ${bag.label} first`}
            onClick={() => onPin(!pinned)}
          >
            first
          </Button>
        )}
      </span>
    </li>
  );
}

function sayStand(bag: BenchBag, { standMin, known, toBucket }: UnpackRow): string {
  const minutes = `${Math.round(standMin)} min`;
  const tank = bag.tank?.code;
  if (bag.clean) return `in clean water${tank ? `, then ${tank}` : ''}`;
  if (bag.afloat) return `afloat in ${tank}`;
  if (toBucket) return `clean water now, not afloat${tank ? `; then ${tank}` : ''}`;
  if (known && standMin < 1) return `${tank ? `for ${tank}` : 'no tank yet'}, as warm as the tank: the bench says how`;
  return `${tank ? `float in ${tank}` : 'no tank yet, float'} ${known ? minutes : `about ${minutes}, not read of late`}`;
}
