// What is done in passing at a tank of the walk: something to fix noted, its water read. Folded away until a hand wants it.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { FAULT_HOURS } from '#core/rounds/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useTimes } from '../data/me.ts';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { Chips } from '../parts/Chips.tsx';
import { ReadingsForm } from '../readings/ReadingsForm.tsx';
import { capital } from '../words/text.ts';
import css from './rounds.module.scss';

/** The readings of the system that the tank is on; asked for only when it is opened. */
export function ItsWater({ tank }: { tank: RoundTank }) {
  const [open, setOpen] = useState(false);
  return (
    <details className={clsx(css.faults, css.water)} open={open} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>Read its water?</summary>
      {open && <ReadingsForm system={tank.system} onDone={() => setOpen(false)} />}
    </details>
  );
}

/** A fault in passing costs one tap; what is none of the usual ones is typed. */
export function Faults({ tank }: { tank: RoundTank }) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const [words, setWords] = useState('');
  // They stay where they are: a finger that comes down twice meets the same one, which is noted already.
  // What was put off is off Today: seen again, it is noted anew.
  const now = useHouseNow(60_000);
  const isPutOff = (fault: RoundTank['faults'][number]) => (fault.putOffUntilMs ?? 0) > now;
  const noted = tank.faults.filter((fault) => !isPutOff(fault)).map(({ what }) => what);
  const notice = (what: string) => void recordAction(`${tank.code}: ${what}`, { kind: 'fault.noticed', payload: { tank: tank.id, what } });
  return (
    <details className={css.faults} open={tank.faults.length > 0 || undefined}>
      <summary>Something to fix?</summary>
      <Chips label="To fix" options={Object.keys(FAULT_HOURS)} value={noted} onChange={(what) => !noted.includes(what) && notice(what)} />
      {tank.faults.map((fault, index) => (
        <p key={`${fault.atMs} ${index}`} className="tight">
          <span className="warn">{capital(fault.what)}</span>{' '}
          <span className="soft">
            since {when(fault.atMs)}
            {isPutOff(fault) && `, put off until ${when(fault.putOffUntilMs!)}`}
          </span>
        </p>
      ))}
      {tank.faults.length > 0 && (
        <TakePhoto
          of={{ kind: 'tank', id: tank.id }}
          shows="what is broken"
          what={`what is to fix at ${tank.code}`}
          label="photograph it"
          quiet
        />
      )}
      <form
        className={css.faultWords}
        onSubmit={(event) => {
          event.preventDefault();
          if (words.trim() === '') return;
          notice(words.trim());
          setWords('');
        }}
      >
        <label>
          Something else
          <input className="form-control" value={words} maxLength={60} onChange={({ target }) => setWords(target.value)} />
        </label>
        <Button type="submit" variant="plain" disabled={words.trim() === ''}>
          Note it
        </Button>
      </form>
    </details>
  );
}
