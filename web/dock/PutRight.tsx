// A crate put right, before it comes or after: its name, its dates, the water as stated. What is computed of its bags follows.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { CrateCard } from '#contract/views.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { CrateFacts } from '../parts/CrateFacts.tsx';
import { crateChangedEntry, faultsOf, filledFrom } from '../parts/crateFacts.ts';
import { useOverrule } from '../parts/useOverrule.tsx';

export function PutRight({ crate }: { crate: CrateCard }) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Fields crate={crate} onDone={() => setOpen(false)} />
  ) : (
    <Button variant="plain" onClick={() => setOpen(true)}>
      Put its name, dates, water or answers right
    </Button>
  );
}

function Fields({ crate, onDone }: { crate: CrateCard; onDone: () => void }) {
  const { house } = useMe();
  const units = useUnits();
  const { attempt } = useOverrule();
  const where = { zone: house.zone, units };
  // What stood there when it was opened: a change is based on that, whatever comes in meanwhile.
  const [known] = useState(crate);
  const [filled, setFilled] = useState(() => filledFrom(known, where));
  const faults = faultsOf(filled, where);
  const entry = faults.length === 0 ? crateChangedEntry(known, filled, where) : undefined;
  const write = () =>
    entry && attempt({ title: `${known.label} put right`, doing: 'It is so', words: `${known.label} put right`, drafts: [entry], onDone });
  return (
    <section className="card" aria-label="Put the crate right">
      <CrateFacts filled={filled} onSet={(field, text) => setFilled((now) => ({ ...now, [field]: text }))} />
      {faults.length > 0 && (
        <ul className="warn">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      <div className="chips">
        <Button variant="act" disabled={!entry} onClick={write}>
          It is so
        </Button>
        <Button variant="plain" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </section>
  );
}
