// Who watches it, looks on the way, and handing it over to the next shift.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { BenchView, RunCard } from '#contract/views.ts';
import { CHECKS, checksEvery, type RunCheck } from '#core/runs/index.ts';
import { useActions } from '../../actions/actions.tsx';
import { useTimes } from '../../data/me.ts';
import { ActButton } from '../../parts/ActButton.tsx';
import { Chips } from '../../parts/Chips.tsx';
import { PersonPicker } from '../../parts/PersonPicker.tsx';
import { capital, countdown } from '../../words/text.ts';
import { checkedEntry, handedEntry } from './draft.ts';
import css from './watch.module.scss';

type Props = { run: RunCard; people: BenchView['people']; now: number };
const EVERY = ['30', '60', '120', '240'] as const;

export function Watch({ run, people, now }: Props) {
  const { when } = useTimes();
  const { recordAction } = useActions();
  const [wrong, setWrong] = useState<ReadonlySet<RunCheck>>(new Set());
  const [note, setNote] = useState('');
  const [to, setTo] = useState('');
  const every = checksEvery(run);
  const [minutes, setMinutes] = useState<(typeof EVERY)[number]>();
  const check = run.dues.find(({ rule }) => rule === 'run-check');
  const name = capital(run.started.vessel.name);
  const toggle = (check: RunCheck) =>
    setWrong((before) => new Set(before.has(check) ? [...before].filter((done) => done !== check) : [...before, check]));
  const checked = () => {
    void recordAction(`${name} checked`, checkedEntry(run.run, wrong, note));
    setWrong(new Set());
    setNote('');
  };
  const hand = () => {
    const person = people.find(({ id }) => id === to);
    if (!person) return;
    void recordAction(`${name} handed to ${person.name}`, handedEntry({ run: run.run, to, minutes, note }));
    setTo('');
    setNote('');
  };
  return (
    <div className={css.watch}>
      <p>
        {run.watcher ? (
          <>
            <b>{run.watcher.name}</b> watches it
          </>
        ) : (
          <span className="warn">Nobody is named to watch it</span>
        )}
        {every === undefined ? '.' : `, a check every ${every >= 120 ? `${every / 60} h` : `${every} min`}.`}
        {check && ` Next check ${check.dueAtMs <= now ? 'is due' : `in ${countdown(check.dueAtMs - now)}`}.`}
        {run.pages.map((page) => (
          <span key={`${page.due} ${page.stage}`} className="warn">
            {' '}
            {page.toName} was called at {when(page.atMs)}.
          </span>
        ))}
      </p>
      <div className="field">
        <span className="label">Check: tap what is not so</span>
        <div className="chips" role="group" aria-label="Check: tap what is not so">
          {CHECKS.map((check) => (
            <Button
              key={check}
              variant="odd"
              className={wrong.has(check) ? 'chip-on' : ''}
              aria-pressed={wrong.has(check)}
              onClick={() => toggle(check)}
            >
              {check}
            </Button>
          ))}
        </div>
      </div>
      <Form.Group className="field" controlId="watch-note">
        <Form.Label className="label">Note for whoever comes next</Form.Label>
        <Form.Control value={note} maxLength={300} onChange={(event) => setNote(event.target.value)} />
      </Form.Group>
      <div className="pair">
        <PersonPicker id="watch-to" label="Hand it to" nobody="nobody else" people={people} value={to} onChange={setTo} />
        <Chips label="Checks every, min" options={EVERY} value={minutes} onChange={setMinutes} />
        <Button variant="plain" disabled={to === ''} onClick={hand}>
          Hand over
        </Button>
      </div>
      <div className="thumb">
        <ActButton pressKey="bench.act" onPress={checked} hint="fish, air, lid, hose, drip, tub">
          {wrong.size === 0 ? 'All in order' : `Write: ${wrong.size} not so`}
        </ActButton>
      </div>
    </div>
  );
}
