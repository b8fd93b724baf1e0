// Today: what hands must do now, what is overdue, what comes next, in the order in which one walks.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { TodayView } from '#contract/views.ts';
import { MINUTE_MS, atLocal, houseDay } from '#core/time/index.ts';
import { isAnsweredByReason, isForLead, isSettledByHand, type DueState } from '#core/today/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { type Draft } from '../data/house.ts';
import { useMayWrite, useRank, useMe, useTimes } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { WhyForm } from '../parts/WhyForm.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { DUE_WORDS, sayDue } from '../words/due.ts';
import { plural } from '../words/text.ts';
import { Whose } from './Whose.tsx';
import { visitsOf, shownAt, STATES, overlayToday, type DueRow, type Visit } from './group.ts';
import css from './today.module.scss';

const STATE_WORDS: Record<DueState, string> = { overdue: 'Overdue', now: 'Now', next: 'Next' };

export default function Today() {
  const { shown: view, error, mutate } = useShown('today', overlayToday);
  const now = useHouseNow(15_000);
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  const visits = visitsOf(view.due, now);
  if (STATES.every((state) => visits[state].length === 0)) {
    return (
      <div className="empty">
        <h1>Nothing is due</h1>
        <p>Bags that wait, floats, rounds and checks after a release come here by themselves.</p>
        <Link className="btn btn-plain" to="/dock/list">
          Take in a packing list
        </Link>
      </div>
    );
  }
  return (
    <div className={css.today}>
      <h1 className="visually-hidden">Today</h1>
      <PaperHead title="Today" />
      {STATES.filter((state) => visits[state].length > 0).map((state) => (
        <section key={state} aria-label={STATE_WORDS[state]}>
          <h2>
            {STATE_WORDS[state]} <span className="num soft">{visits[state].length}</span>
          </h2>
          <ul className={css.dueRows}>
            {visits[state].map((visit) => (
              <VisitRow key={visit.key} visit={visit} now={now} people={view.people} />
            ))}
          </ul>
        </section>
      ))}
      <p className="no-print">
        <Link className="btn btn-plain" to="/today/handover">
          Hand-over
        </Link>{' '}
        <PrintButton />
      </p>
    </div>
  );
}

type RowProps = { row: DueRow; now: number; people: TodayView['people'] };

/** One thing is a row; several at one place are a row with rows in it. */
function VisitRow({ visit: { tankCode, rows }, now, people }: { visit: Visit } & Omit<RowProps, 'row'>) {
  if (rows.length === 1) return <Row row={rows[0]} now={now} people={people} />;
  return (
    <li className={css.visit}>
      <p>
        {tankCode} <span className="soft">{plural(rows.length, 'thing')} here</span>
      </p>
      <ul className={css.dueRows} aria-label={`Due at ${tankCode}`}>
        {rows.map((row) => (
          <Row key={row.ids[0]! + row.state} row={row} now={now} people={people} />
        ))}
      </ul>
    </li>
  );
}

function Row({ row, now, people }: RowProps) {
  const { state } = row;
  const { when } = useTimes();
  const { recordAction } = useActions();
  const [open, setOpen] = useState<'later' | 'skip' | 'whose'>();
  const { to, doing } = DUE_WORDS[row.rule].leads(row);
  const words = sayDue(row);
  const settle = (said: string, draftOf: (due: string) => Draft) => {
    setOpen(undefined);
    void recordAction(`${said}: ${words}`, ...row.ids.map(draftOf));
  };
  const { person: me } = useMe();
  const mayLead = useRank('lead');
  const mayDecide = mayLead || !isForLead(row.rule);
  // Nobody can walk it any more: it is answered, not done or put off.
  const isOver = isAnsweredByReason(row.rule);
  const byHand = mayDecide && isSettledByHand(row.rule);
  return (
    <li className={css[state]}>
      <span className={clsx(css.dueTime, 'num')}>
        {isOver
          ? 'is over'
          : state === 'overdue'
            ? sayLate(now - row.byMs)
            : state === 'now'
              ? saySince(row, { now, when })
              : when(shownAt(row))}
      </span>
      <span className={css.dueWhat}>
        {words}
        {row.snoozed && <span className="soft"> · put off</span>}
        {row.whose && <b> · {row.whose.person === me.id ? 'yours' : row.whose.name}</b>}
      </span>
      <span className={css.dueDoes}>
        <Link className="btn btn-plain" to={to} aria-label={`${doing}: ${words}`}>
          {doing}
        </Link>
        {byHand && state !== 'next' && (
          <Button
            variant="plain"
            aria-label={`Done: ${words}`}
            onClick={() => settle('Done', (due) => ({ kind: 'due.done', payload: { due } }))}
          >
            Done
          </Button>
        )}
        {mayDecide && row.rule !== 'round' && !isOver && (
          <Button
            variant="plain"
            aria-expanded={open === 'later'}
            aria-label={`Later: ${words}`}
            onClick={() => setOpen(open === 'later' ? undefined : 'later')}
          >
            Later
          </Button>
        )}
        {mayDecide && !isOver && row.rule !== 'round' && (
          <Button
            variant="plain"
            aria-expanded={open === 'whose'}
            aria-label={`Whose: ${words}`}
            onClick={() => setOpen(open === 'whose' ? undefined : 'whose')}
          >
            Whose
          </Button>
        )}
        {(byHand || (mayDecide && isOver)) && (
          <Button
            variant="plain"
            aria-expanded={open === 'skip'}
            aria-label={`${isOver ? 'Say why' : 'Leave out'}: ${words}`}
            onClick={() => setOpen(open === 'skip' ? undefined : 'skip')}
          >
            {isOver ? 'Say why' : 'Leave out'}
          </Button>
        )}
      </span>
      {open === 'later' && (
        <Later
          onChoose={(untilMs, why) => settle('Put off', (due) => ({ kind: 'due.snoozed', payload: { due, untilMs, why } }))}
          now={now}
        />
      )}
      {open === 'whose' && (
        <Whose
          whose={row.whose?.person}
          people={people}
          onGive={(person) =>
            settle(person === null ? 'Nobody’s' : `For ${people.find(({ id }) => id === person)?.name ?? person}`, (due) => ({
              kind: 'due.assigned',
              payload: { due, person },
            }))
          }
        />
      )}
      {open === 'skip' && <Skip onSkip={(why) => settle('Left out', (due) => ({ kind: 'due.skipped', payload: { due, why } }))} />}
    </li>
  );
}

/** Of what is open a little before its hour, the hour. */
function saySince(row: DueRow, { now, when }: { now: number; when: (ms: number) => string }): string {
  const atMs = shownAt(row);
  return atMs > now ? `at ${when(atMs)}` : `since ${when(atMs)}`;
}

/** `4 min late`, `3 h late`. */
function sayLate(ms: number): string {
  const minutes = Math.max(0, Math.floor(ms / MINUTE_MS));
  return `${minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h`} late`;
}

function Later({ onChoose, now }: { onChoose: (untilMs: number, why: string) => void; now: number }) {
  const { house } = useMe();
  const [why, setWhy] = useState('busy at the dock');
  const tomorrow = atLocal(houseDay(now, house.zone) + 1, { hour: 8, minute: 0 }, house.zone);
  const choices = [
    ['in 15 min', now + 15 * MINUTE_MS],
    ['in 1 h', now + 60 * MINUTE_MS],
    ['in 4 h', now + 240 * MINUTE_MS],
    ['tomorrow at 8', tomorrow],
  ] as const;
  return (
    <div className={css.dueMore}>
      <Form.Control aria-label="Why later" value={why} maxLength={300} onChange={(event) => setWhy(event.target.value)} />
      <div className="chips" role="group" aria-label="When again">
        {choices.map(([name, untilMs]) => (
          <Button key={name} variant="plain" disabled={why.trim() === ''} onClick={() => onChoose(Math.round(untilMs), why.trim())}>
            {name}
          </Button>
        ))}
      </div>
    </div>
  );
}

function Skip({ onSkip }: { onSkip: (why: string) => void }) {
  const may = useMayWrite('due.skipped');
  if (!may) return <p className={clsx(css.dueMore, 'soft')}>A keeper may leave it out, with a reason.</p>;
  return <WhyForm className={css.dueMore} label="Why it is left out" submit="Leave it out" onSay={onSkip} />;
}
