// One line of getting ready: what, by when, why; ticked by one tap, left out with a reason, or done where its link leads.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { PrepLineCard } from '#contract/views.ts';
import type { PrepWhat } from '#core/prepare/index.ts';
import { formatWall, MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { instantOf } from '../parts/crateFacts.ts';
import { WhyForm } from '../parts/WhyForm.tsx';
import { ReadingsForm } from '../readings/ReadingsForm.tsx';
import { sayPrep, whyPrep } from '../words/prepare.ts';
import { tickEntry } from './draft.ts';
import css from './prepare.module.scss';

/** Where it is done. */
function leadsTo(what: PrepWhat, crate: string): { to: string; words: string } | undefined {
  if (what.kind === 'ask') return { to: `/dock?crate=${crate}`, words: 'To the letter' };
  if (what.kind === 'tank') return { to: `/dock?crate=${crate}`, words: 'Choose' };
  if (what.kind === 'way' || what.kind === 'ready') return { to: `/tank/${what.code}`, words: what.code };
  return undefined;
}

export function PrepRow({ line, crate }: { line: PrepLineCard; crate: string }) {
  const { recordAction, undo } = useActions();
  const { when } = useTimes();
  const units = useUnits();
  const { person } = useMe();
  const now = useHouseNow(MINUTE_MS);
  const mayLeave = useMayWrite('match.planned');
  const [open, setOpen] = useState<'leave' | 'read' | 'move'>();
  const { step, what, fromMs, byMs, ends, ticked } = line;
  const words = sayPrep(what, { units, when });
  const why = whyPrep(what, { when });
  const leads = leadsTo(what, crate);
  const toggle = (part: typeof open) => setOpen(open === part ? undefined : part);
  const tick = (left?: string) => {
    setOpen(undefined);
    void recordAction(`${left === undefined ? 'Ready' : 'Left out'}: ${words}`, tickEntry(crate, step, left));
  };
  const done = what.kind === 'way' ? 'Dealt with' : 'Ready';
  const mayTick = ends === 'by hand' && (what.kind !== 'way' || mayLeave);
  // A match is laid down where it is shown, or left out for a reason.
  const isTicked = what.kind !== 'match';
  return (
    <li className={clsx(!ticked && now > byMs && css.late)}>
      <span className={clsx(css.by, 'num')}>{ticked ? (ticked.left === undefined ? 'ready' : 'left out') : `by ${when(byMs)}`}</span>
      <span>
        {words}
        {(ticked ?? why ?? fromMs > now) && (
          <span className={clsx('soft', css.why)}>
            {ticked
              ? `${ticked.by}, ${when(ticked.atMs)}${ticked.left ? `: ${ticked.left}` : ''}`
              : [why, fromMs > now && `not before ${when(fromMs)}`].filter(Boolean).join(' · ')}
          </span>
        )}
      </span>
      <span className={clsx(css.acts, 'no-print')}>
        {!ticked && leads && (
          <Link className="btn btn-plain" to={leads.to} aria-label={`${leads.words}: ${words}`}>
            {leads.words}
          </Link>
        )}
        {!ticked && what.kind === 'read' && (
          <Button variant="plain" aria-expanded={open === 'read'} aria-label={`Read ${what.name}`} onClick={() => toggle('read')}>
            Read
          </Button>
        )}
        {!ticked && what.kind === 'note' && what.waits && mayLeave && (
          <Button
            variant="plain"
            aria-expanded={open === 'move'}
            aria-label={`It slips: ${what.waits.what}`}
            onClick={() => toggle('move')}
          >
            It slips
          </Button>
        )}
        {!ticked && mayTick && isTicked && (
          <Button variant="plain" aria-label={`${done}: ${words}`} onClick={() => tick()}>
            {done}
          </Button>
        )}
        {!ticked && mayTick && mayLeave && (
          <Button variant="plain" aria-expanded={open === 'leave'} aria-label={`Leave out: ${words}`} onClick={() => toggle('leave')}>
            Leave out
          </Button>
        )}
        {ticked && (person.role === 'lead' || ticked.by === person.name) && (
          <Button variant="quiet" className="btn-quiet" aria-label={`Undo: ${words}`} onClick={() => void undo(ticked.actId, words)}>
            undo
          </Button>
        )}
      </span>
      {open === 'read' && what.kind === 'read' && (
        <div className={css.more}>
          <ReadingsForm system={what.system} onDone={() => setOpen(undefined)} />
        </div>
      )}
      {open === 'leave' && <WhyForm className={css.more} label="Why it is left out" submit="Leave it out" onSay={tick} />}
      {open === 'move' && what.kind === 'note' && what.waits && (
        <Slip line={what.line} waits={what.waits} onDone={() => setOpen(undefined)} />
      )}
    </li>
  );
}

/** What it waits for comes at another time; the tank that depends on it moves with it. */
function Slip({ line, waits, onDone }: { line: string; waits: { what: string; untilMs: number }; onDone: () => void }) {
  const { house } = useMe();
  const { recordAction } = useActions();
  const [until, setUntil] = useState(() => formatWall(waits.untilMs, house.zone));
  const untilMs = instantOf(until, house.zone);
  return (
    <form
      className={css.more}
      onSubmit={(event) => {
        event.preventDefault();
        if (untilMs === undefined) return;
        void recordAction(`${waits.what}: at another time`, { kind: 'prep.moved', payload: { line, untilMs } });
        onDone();
      }}
    >
      <Form.Control
        aria-label={`When ${waits.what} comes`}
        type="datetime-local"
        value={until}
        onChange={(event) => setUntil(event.target.value)}
      />
      <Button type="submit" variant="plain" disabled={untilMs === undefined || untilMs === waits.untilMs}>
        Then it comes
      </Button>
    </form>
  );
}
