// A system's own plan in place of the house's: how often, its own limits (of copper those on the label), and whether its filter is ripe.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { SystemTests } from '#contract/views.ts';
import { TESTED, type OwnLimit, type OwnTest, type Tested } from '#core/waterTests/index.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayRange, titleOf } from '../words/waterTests.ts';
import { filterEntry, planEntry } from './draft.ts';
import { readOwn, rowsOf, type OwnRow } from './ownRows.ts';
import css from './waterTests.module.scss';

export function OwnTests({ system }: { system: SystemTests }) {
  const may = useMayWrite('tests.planned');
  const { attempt } = useOverrule();
  const { when } = useTimes();
  const [isOpen, setOpen] = useState(false);
  const { own, filter } = system;
  const say = (is: 'ripe' | 'not ripe') =>
    attempt({
      title: `Filter of ${system.name}`,
      doing: 'It is so all the same',
      words: `Filter of ${system.name}: ${is}`,
      drafts: [filterEntry(system.id, is)],
      onDone: () => undefined,
    });
  return (
    <section className="card" aria-label="Its own tests and limits">
      <h2>Its own tests and limits</h2>
      <p className="soft tight">
        {own
          ? `${[
              ...own.every.map(
                ({ quantity, everyDays }) => `${titleOf(quantity)} ${everyDays === 0 ? 'not asked' : `every ${everyDays} d`}`,
              ),
              ...own.limits.map(({ quantity, from, to }) => `${titleOf(quantity)} ${sayRange({ from, to })}`),
            ].join(', ')}${own.note ? ` (${own.note})` : ''}; ${own.by}, ${when(own.atMs)}.`
          : 'As the house tests.'}
      </p>
      {may && (
        <div className="chips" role="group" aria-label="Filter">
          {(['ripe', 'not ripe'] as const).map((is) => (
            <Button
              key={is}
              variant="plain"
              className={filter.is === is ? 'chip-on' : ''}
              aria-pressed={filter.is === is}
              onClick={() => say(is)}
            >
              Filter {is}
            </Button>
          ))}
          <Button variant="plain" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            Change its tests …
          </Button>
        </div>
      )}
      {isOpen && <OwnForm system={system} onDone={() => setOpen(false)} />}
    </section>
  );
}

function OwnForm({ system, onDone }: { system: SystemTests; onDone: () => void }) {
  const units = useUnits();
  const { attempt } = useOverrule();
  const [rows, setRows] = useState(() => rowsOf(system.own, units));
  const [note, setNote] = useState(system.own?.note ?? '');
  const read = readOwn(rows, units);
  const set = (quantity: Tested, more: Partial<OwnRow>) => setRows({ ...rows, [quantity]: { ...rows[quantity], ...more } });
  const send = ({ every, limits }: { every: OwnTest[]; limits: OwnLimit[] }) =>
    attempt({
      title: `Tests of ${system.name}`,
      doing: 'It is planned so all the same',
      words: `Own tests of ${system.name}`,
      drafts: [planEntry(system, { every, limits, note })],
      onDone,
    });
  return (
    <>
      <p className="soft tight">
        What is left empty is as in the house rules. 0 days: not asked here. Of copper write the range that stands on the label.
      </p>
      {TESTED.map((quantity) => (
        <div key={quantity} className={css.ownRow}>
          <span>{titleOf(quantity)}</span>
          {(
            [
              ['days', 'every, days'],
              ['from', `least, ${units.unit(quantity)}`],
              ['to', `most, ${units.unit(quantity)}`],
            ] as const
          ).map(([field, label]) => (
            <Form.Control
              key={field}
              inputMode="decimal"
              placeholder={label}
              aria-label={`${titleOf(quantity)}: ${label}`}
              value={rows[quantity][field]}
              isInvalid={read.wrong.includes(`${quantity} ${field}`)}
              onChange={({ target }) => set(quantity, { [field]: target.value })}
            />
          ))}
        </div>
      ))}
      <Form.Group className="field" controlId={`own-note-${system.id}`}>
        <Form.Label className="label">Why</Form.Label>
        <Form.Control value={note} maxLength={500} onChange={({ target }) => setNote(target.value)} />
      </Form.Group>
      <Button variant="act" disabled={read.wrong.length > 0} onClick={() => send(read)}>
        {read.wrong.length > 0 ? 'Some of it cannot be read' : 'It is tested so'}
      </Button>
    </>
  );
}
