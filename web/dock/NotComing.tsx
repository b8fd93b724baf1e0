// A crate that is waited for no longer, and why.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { CrateCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite } from '../data/me.ts';
import { WhyForm } from '../parts/WhyForm.tsx';

export function NotComing({ crate }: { crate: CrateCard }) {
  const { recordAction } = useActions();
  const may = useMayWrite('crate.givenUp');
  const [open, setOpen] = useState(false);
  if (!may || crate.arrived) return null;
  if (!open)
    return (
      <Button variant="plain" onClick={() => setOpen(true)}>
        It does not come
      </Button>
    );
  const giveUp = (why: string) =>
    void recordAction(`${crate.label} is waited for no longer`, { kind: 'crate.givenUp', payload: { crate: crate.crate, why } });
  return (
    <section className="card" aria-label="It does not come">
      <p className="soft">It leaves the dock, and the tanks kept for it are free again. Undo brings it back.</p>
      <WhyForm label="Why it does not come" submit="Wait for it no longer" odd onSay={giveUp} />
      <Button variant="plain" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </section>
  );
}
