// What was found in the boxes as they were opened: wet, cold, with what besides. One tap for each, and nothing is said of what nobody looked at.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { CrateCard } from '#contract/views.ts';
import { CAME_ALONG, INSIDES, PACKS } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { problemOf, QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { sayBox } from '../words/boxes.ts';
import css from './dock.module.scss';
import { boxEntry, NO_BOX, type BoxDraft } from './draft.ts';

type Props = { crate: CrateCard; onUndo: (actId: string, words: string) => void };

export function OpenBox({ crate, onUndo }: Props) {
  const { when } = useTimes();
  const { say } = useUnits();
  const { person } = useMe();
  const [open, setOpen] = useState(false);
  const sayC = (celsius: number) => say('temperature', celsius);
  const boxes = crate.boxes ?? [];
  return (
    <section aria-label="Inside the boxes" className={css.boxes}>
      {boxes.map((found) => (
        <p key={found.actId} className="tight">
          {sayBox(found, sayC)}{' '}
          <span className="soft">
            {found.by}, {when(found.atMs)}
          </span>
          {(person.role === 'lead' || found.by === person.name) && (
            <Button
              variant="link"
              className={clsx('btn-quiet', css.otherWay)}
              aria-label={`Undo: ${sayBox(found, sayC)}`}
              onClick={() => onUndo(found.actId, 'what was found in a box')}
            >
              undo
            </Button>
          )}
        </p>
      ))}
      {boxes.some(({ inside }) => inside === 'wet') && (
        <Caution>Wet inside: one of its bags leaks. Feel each before it is opened, and take the soft one first.</Caution>
      )}
      {open ? (
        <BoxForm crate={crate} onDone={() => setOpen(false)} />
      ) : (
        <Button variant="link" className="btn-quiet" onClick={() => setOpen(true)}>
          {boxes.length === 0 ? 'Inside of the boxes: not noted yet' : 'Note more about a box'}
        </Button>
      )}
    </section>
  );
}

const ALL = 'all alike';

function BoxForm({ crate, onDone }: { crate: CrateCard; onDone: () => void }) {
  const { recordAction } = useActions();
  const units = useUnits();
  const numbers = [...new Set(crate.bags.map(({ box }) => box))].filter((box) => box > 0);
  const form = `box ${crate.crate}`;
  const [draft, setDraft] = useKept<BoxDraft>(form, 'draft', NO_BOX);
  const change = (part: Partial<BoxDraft>) => setDraft((now) => ({ ...now, ...part }));
  const entry = boxEntry(draft, { crate: crate.crate, units });
  const wrong = problemOf('temperature', draft.air, { units, optional: true }) !== undefined;
  const write = () => {
    if (!entry || wrong) return;
    forgetKept(form);
    void recordAction(`${crate.label}: ${sayBox(entry.payload, (celsius) => units.say('temperature', celsius))}`, entry);
    onDone();
  };
  // The same word again takes it back: nobody is held to what a finger slipped on.
  const again = <T extends string>(is: T | undefined, next: T) => (is === next ? undefined : next);
  return (
    <div className="tank-form">
      {numbers.length > 1 && (
        <Chips
          label="Which box"
          options={[ALL, ...numbers.map(String)]}
          value={draft.box === undefined ? ALL : String(draft.box)}
          onChange={(box) => change({ box: box === ALL ? undefined : Number(box) })}
        />
      )}
      <Chips
        label="Inside"
        options={INSIDES}
        value={draft.inside}
        onChange={(inside) => change({ inside: again(draft.inside, inside) })}
        odd={(is) => is !== 'dry'}
      />
      <Chips
        label="Heat or cool packs"
        options={PACKS}
        value={draft.packs}
        onChange={(packs) => change({ packs: again(draft.packs, packs) })}
        odd={(is) => is === 'spent'}
      />
      <QuantityField
        label="Air in the box"
        quantity="temperature"
        optional
        text={draft.air}
        onChange={(air) => change({ air })}
        hint="As the lid comes off. It stands for bags that nobody measured, until one is."
      />
      <Chips
        label="Came along"
        options={CAME_ALONG}
        value={draft.along}
        onChange={(thing) =>
          change({ along: draft.along.includes(thing) ? draft.along.filter((is) => is !== thing) : [...draft.along, thing] })
        }
      />
      <Form.Group className="field" controlId="box-note">
        <Form.Label className="label">Note</Form.Label>
        <Form.Control value={draft.note} maxLength={500} onChange={(event) => change({ note: event.target.value })} />
      </Form.Group>
      {draft.along.includes('medicine') && (
        <Caution>No medicine from a stranger’s bag goes into water: without its label nobody knows what it is.</Caution>
      )}
      <div className="chips">
        <Button variant="act" disabled={!entry || wrong} onClick={write}>
          Note it
        </Button>
        <Button variant="plain" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </div>
  );
}
