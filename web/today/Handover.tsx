// The hand-over: one page of what happened since the last one, what runs and who watches it, what is due, whose days count; handed over with a word, taken over by a name.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { HandoverView, ShiftCard } from '#contract/views.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { newId, useView } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Timeline } from '../parts/Timeline.tsx';
import { useKept, forgetKept } from '../parts/useKept.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { sayDue } from '../words/due.ts';
import { RULE_SAYS } from '../words/runs.ts';
import { capital, countdown, plural } from '../words/text.ts';
import { visitsOf } from './group.ts';
import css from './today.module.scss';

export default function Handover() {
  const { data, error, mutate } = useView('handover');
  useTitle('Hand-over');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  return <Page view={data} />;
}

function Page({ view }: { view: HandoverView }) {
  const { when } = useTimes();
  const { counted } = view;
  return (
    <div className={css.handover}>
      <h1 className="station-title">Hand-over</h1>
      <PaperHead title="Hand-over" />
      <p className="soft">
        Since {when(view.sinceMs)}: {plural(counted.checks, 'health check')}, {plural(counted.meals, 'meal')},{' '}
        {plural(counted.readings, 'reading')}.
      </p>
      {view.last && <Last shift={view.last} />}
      <Runs view={view} />
      <Due view={view} />
      <Days view={view} />
      <div className="card">
        {view.more && <p className="warn">Only the latest {view.happened.length} stand here; the logbook has the rest.</p>}
        <Timeline entries={view.happened} names={view.names} all="/logbook" />
      </div>
      {view.last && <TakeOver shift={view.last} />}
      <HandOver view={view} />
      <p className="no-print">
        <PrintButton />
      </p>
    </div>
  );
}

/** The latest one: what was on the mind of who handed it, and who took it over. */
function Last({ shift: { by, atMs, worries, taken, actId } }: { shift: ShiftCard }) {
  const { when } = useTimes();
  const { person } = useMe();
  const { undo } = useActions();
  const isMine = person.name === by;
  return (
    <section className="card" aria-label="The last hand-over">
      <p>
        Handed over {when(atMs)} by <b>{by}</b>
        {taken ? (
          <>
            , taken over {when(taken.atMs)} by <b>{taken.by}</b>
            {taken.note && `: ${taken.note}`}.
          </>
        ) : (
          <b className="warn">, not taken over yet.</b>
        )}
      </p>
      {worries && <p className={css.worries}>{worries}</p>}
      {!taken && isMine && (
        <p className="soft">
          Somebody else takes it over.{' '}
          <Button variant="link" className="btn-quiet" onClick={() => void undo(actId, 'hand-over')}>
            Take it back
          </Button>
        </p>
      )}
    </section>
  );
}

/** Nothing of it may be forgotten between two people. */
function Runs({ view: { vessels, floats, clean, stays, claims } }: { view: HandoverView }) {
  const now = useHouseNow(MINUTE_MS);
  const left = (ms: number) => (ms <= now ? 'due' : `in ${countdown(ms - now)}`);
  const rows = [
    ...clean.map(({ bag, label, lotLabel, n, dueAtMs, by }) => ({
      key: bag,
      to: `/bench?bag=${bag}`,
      says: `${n} ${lotLabel} of ${label} in clean water: check and move them on`,
      atMs: dueAtMs,
      who: `given by ${by}`,
      unwatched: false,
    })),
    ...floats.map(({ floatId, bag, bagLabel, tankCode, n, lotLabel, dueAtMs, by }) => ({
      key: floatId,
      to: `/bench?bag=${bag}`,
      says: `${capital(bagLabel)}, ${n} ${lotLabel}, afloat in ${tankCode}`,
      atMs: dueAtMs,
      who: `begun by ${by}`,
      unwatched: false,
    })),
    ...vessels.map(({ run, vessel, n, lotLabel, tankCode, next, watcherName, by }) => ({
      key: run,
      to: `/bench?run=${run}`,
      says: `${capital(vessel)}, ${n} ${lotLabel} for ${tankCode}: ${RULE_SAYS[next.rule]}`,
      atMs: next.dueAtMs,
      unwatched: watcherName === undefined,
      who: watcherName ? `watched by ${watcherName}` : `begun by ${by}`,
    })),
    ...stays.map(({ stayLimit, tank, tankCode, n, lotLabel, untilMs }) => ({
      key: stayLimit,
      to: `/room?tank=${tank}`,
      says: `${n} ${lotLabel} are to be out of ${tankCode}`,
      atMs: untilMs,
      who: '',
      unwatched: false,
    })),
    ...claims.map(({ crate, label, n, endMs }) => ({
      key: `claim ${crate}`,
      to: `/dock/claims?crate=${crate}`,
      says: `Claim of ${label}, ${n} fish`,
      atMs: endMs,
      who: '',
      unwatched: false,
    })),
  ].sort((a, b) => a.atMs - b.atMs);
  return (
    <section aria-label="What runs">
      <h2>
        Runs now <span className="num soft">{rows.length}</span>
      </h2>
      {rows.length === 0 && <p className="soft">Nothing runs.</p>}
      <ul className={css.handoverRows}>
        {rows.map(({ key, to, says, atMs, who, unwatched }) => (
          <li key={key}>
            <Link to={to}>{says}</Link> <b className="num">{left(atMs)}</b> <span className="soft">{who}</span>
            {unwatched && <b className="warn"> nobody is named to watch it</b>}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Due({ view }: { view: HandoverView }) {
  const now = useHouseNow(MINUTE_MS);
  const { overdue, now: open } = visitsOf(view.due, now);
  const rows = [...overdue.map((visit) => ({ ...visit, late: true })), ...open.map((visit) => ({ ...visit, late: false }))];
  return (
    <section aria-label="What is due">
      <h2>
        Due now <span className="num soft">{rows.length}</span>
      </h2>
      {rows.length === 0 && <p className="soft">Nothing is due.</p>}
      <ul className={css.handoverRows}>
        {rows.flatMap(({ key, rows: due, late }) =>
          due.map((row) => (
            <li key={key + row.ids[0]!}>
              {sayDue(row)} {late && <b className="warn">late</b>}
            </li>
          )),
        )}
      </ul>
    </section>
  );
}

function Days({ view: { days } }: { view: HandoverView }) {
  return (
    <section aria-label="Days in quarantine">
      <h2>
        In quarantine <span className="num soft">{days.length}</span>
      </h2>
      <ul className={css.days}>
        {days.map(({ lot, label, n, tanks, clear, required, notEating }) => (
          <li key={lot}>
            <b className="num">
              {clear} of {required}
            </b>{' '}
            <Link to={`/lot/${lot}`}>
              {n} {label}
            </Link>{' '}
            <span className="soft">{tanks.join(', ')}</span> {notEating && <b className="warn">not eating</b>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** At the foot: it is read before it is taken. */
function TakeOver({ shift: { shift, by, taken } }: { shift: ShiftCard }) {
  const { person } = useMe();
  const { recordAction } = useActions();
  const may = useMayWrite('shift.taken');
  if (taken || !may || person.name === by) return null;
  return (
    <div className="no-print">
      <ActButton
        onPress={() => void recordAction(`Taken over from ${by}`, { kind: 'shift.taken', payload: { shift } })}
        hint="what runs is yours from now on"
      >
        I take over from {by}
      </ActButton>
    </div>
  );
}

function HandOver({ view }: { view: HandoverView }) {
  const { recordAction } = useActions();
  const may = useMayWrite('shift.handed');
  const [worries, setWorries] = useKept('hand-over', 'worries', '');
  const [again, setAgain] = useState(false);
  if (!may) return null;
  const waits = view.last && !view.last.taken;
  if (waits && !again)
    return (
      <p className="no-print">
        <Button variant="plain" onClick={() => setAgain(true)}>
          Hand over once more, with what came since
        </Button>
      </p>
    );
  const write = () => {
    forgetKept('hand-over');
    setWorries('');
    setAgain(false);
    const said = worries.trim();
    void recordAction('Shift handed over', {
      kind: 'shift.handed',
      payload: said === '' ? { shift: newId() } : { shift: newId(), worries: said },
    });
  };
  return (
    <section className="card no-print" aria-label="Hand over">
      <Form.Group className="field" controlId="worries">
        <Form.Label className="label">What no record tells: worries, promises, what to keep an eye on</Form.Label>
        <Form.Control as="textarea" rows={4} maxLength={1000} value={worries} onChange={(event) => setWorries(event.target.value)} />
      </Form.Group>
      <ActButton onPress={write} hint="whoever comes takes it over by name">
        Hand over the shift
      </ActButton>
    </section>
  );
}
