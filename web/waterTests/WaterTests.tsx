// Tests of water: system by system what is to be tested and what is over its limit; of the one in front its readings, what is done, where it goes, its own plan.
import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { SystemTests, WaterTestsView } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { ReadingsForm } from '../readings/ReadingsForm.tsx';
import { sayEvery } from '../words/chores.ts';
import { PHASE_SAYS, sayFilter, sayQuantity, titleOf } from '../words/waterTests.ts';
import { capital, plural } from '../words/text.ts';
import { OverLimit } from './OverLimit.tsx';
import { OwnTests } from './OwnTests.tsx';
import { Trend } from './Trend.tsx';
import css from './waterTests.module.scss';

export default function WaterTests() {
  useTitle('Water tests');
  const { data, error, mutate } = useView('waterTests');
  const [query] = useSearchParams();
  const put = useInAddress();
  const list = useRef<HTMLElement>(null);
  const isHere = data !== undefined;
  const named = query.get('tank');
  // What a link leads to is in sight, wherever it stands in the list.
  useEffect(() => {
    list.current?.querySelector('[aria-current="true"]')?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
  }, [named, isHere]);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  if (data.systems.length === 0)
    return (
      <div className="empty">
        <h1>No water to test</h1>
        <p>Systems come here as soon as fish live in them.</p>
      </div>
    );
  const system =
    data.systems.find(({ tanks }) => tanks.some(({ code }) => code === named)) ?? (named === null ? firstOf(data.systems) : undefined);
  return (
    <div className={css.page}>
      <div className={css.head}>
        <h1 className="station-title">Water tests</h1>
        <p className="soft tight">
          <Link to="/rounds">To the round</Link> · <Link to="/house?part=kits">Tests and meters</Link> ·{' '}
          <Link to="/house?part=rules">Limits</Link>
        </p>
      </div>
      <nav className={css.list} ref={list} aria-label="Systems in walking order">
        {data.systems.map((each) => (
          <button
            key={each.id}
            type="button"
            className={css.item}
            aria-current={each === system}
            onClick={() => put('tank', each.tanks[0]!.code)}
          >
            <b>{each.name}</b>
            <span className={clsx(each.over.length > 0 && 'warn')}>{standOf(each)}</span>
          </button>
        ))}
      </nav>
      {system ? (
        <One key={system.id} system={system} view={data} />
      ) : (
        <p className={css.one}>No fish live on the water of {named}: nothing is tested there.</p>
      )}
    </div>
  );
}

const openOf = ({ tests }: SystemTests) => tests.filter(({ is }) => is === 'due' || is === 'overdue');
/** What harms first, then what is due, in walking order. */
const firstOf = (systems: readonly SystemTests[]): SystemTests =>
  systems.find(({ over }) => over.some(({ answered }) => !answered)) ?? systems.find((system) => openOf(system).length > 0) ?? systems[0]!;

function standOf(system: SystemTests): string {
  const unanswered = system.over.filter(({ answered }) => !answered);
  const open = openOf(system).length;
  return (
    [
      unanswered.length > 0 && `${unanswered.map(({ quantity }) => sayQuantity(quantity)).join(', ')} over`,
      unanswered.length === 0 && system.over.length > 0 && 'to be read again',
      open > 0 && `${open} due`,
    ]
      .filter(Boolean)
      .join(', ') || '✓'
  );
}

const sayPhases = ({ phases, treatments }: SystemTests): string => {
  const said = phases.filter((phase) => phase !== 'unripe').map((phase) => PHASE_SAYS[phase]);
  return said.length === 0 ? '' : `${said.join(', ')}${treatments.length > 0 ? `: ${treatments.join(', ')}` : ''}.`;
};

function One({ system, view }: { system: SystemTests; view: WaterTestsView }) {
  const open = openOf(system);
  return (
    <div className={css.one}>
      <section className="card" aria-label={`Water of ${system.name}`}>
        <h2>{system.name}</h2>
        <p className="soft tight">
          {plural(system.tanks.length, 'tank')}: {system.tanks.map(({ code }) => code).join(', ')}. {capital(sayFilter(system.filter))}.{' '}
          {capital(sayPhases(system))}
        </p>
        {system.set.apart && (
          <p className="soft tight">
            Its salinity is another on purpose ({system.set.apart === 'match' ? 'matched to a crate' : 'a treatment by it'}): it is not
            judged.
          </p>
        )}
        {system.feedLess && (
          <p className="warn">
            Feed less until {sayQuantity(system.feedLess)} is read again and within its limit: the kitchen weighs half.
          </p>
        )}
        {system.over.map((card) => (
          <OverLimit key={card.reading.entry} system={system} card={card} salt={view.salt} />
        ))}
        <h3>{open.length > 0 ? `To test: ${open.map(({ quantity }) => sayQuantity(quantity)).join(', ')}` : 'Nothing is due'}</h3>
        <ReadingsForm system={system.id} due={open.map(({ quantity }) => quantity)} onDone={() => undefined} />
        <Plan system={system} view={view} />
      </section>
      <section className="card" aria-label="Trend">
        <Trend system={system.id} first={system.over[0]?.quantity ?? open[0]?.quantity ?? 'ammonia'} />
      </section>
      <OwnTests system={system} />
    </div>
  );
}

/** What is asked here, how often, and when next. */
function Plan({ system, view }: { system: SystemTests; view: WaterTestsView }) {
  const { when } = useTimes();
  if (system.tests.length === 0) return <p className="soft tight">The house asks for no test here: how often stands in the house rules.</p>;
  return (
    <ul className={css.plan} aria-label="What is asked here">
      {system.tests.map(({ quantity, everyDays, is, dueDay, last }) => (
        <li key={quantity}>
          <span>
            {titleOf(quantity)}, {sayEvery(everyDays)}
          </span>
          <span className={is === 'overdue' ? 'warn' : 'soft'}>
            {is === 'later' || is === 'done' ? `next in ${plural(dueDay - view.day, 'day')}` : is}
            {last ? `; last ${when(last.atMs)}, ${last.by}${last.with ? `, ${last.with}` : ''}` : '; never read'}
          </span>
        </li>
      ))}
    </ul>
  );
}
