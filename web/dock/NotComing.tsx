// A crate that is waited for no longer, and why.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { CrateCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite } from '../data/me.ts';

export function NotComing({ crate }: { crate: CrateCard }) {
  const { recordAction } = useActions();
  const may = useMayWrite('crate.givenUp');
  const [why, setWhy] = useState<string>();
  if (!may || crate.arrived) return null;
  if (why === undefined)
    return (
      <Button variant="plain" onClick={() => setWhy('')}>
        It does not come
      </Button>
    );
  return (
    <form
      className="card"
      aria-label="It does not come"
      onSubmit={(event) => {
        event.preventDefault();
        void recordAction(`${crate.label} is waited for no longer`, {
          kind: 'crate.givenUp',
          payload: { crate: crate.crate, why: why.trim() },
        });
      }}
    >
      <Form.Control
        aria-label="Why it does not come"
        placeholder="Why; it is kept"
        autoFocus
        maxLength={300}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      <p className="soft">It leaves the dock, and the tanks kept for it are free again. Undo brings it back.</p>
      <div className="chips">
        <Button type="submit" variant="odd" disabled={why.trim() === ''}>
          Wait for it no longer
        </Button>
        <Button variant="plain" onClick={() => setWhy(undefined)}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
