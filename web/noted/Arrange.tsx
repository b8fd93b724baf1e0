// A tank with fish in it was arranged anew: what was changed, with a photograph; what was changed before.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { ArrangementCard } from '#contract/views.ts';
import { ARRANGED, type Arranged } from '#core/noted/index.ts';
import { useTimes } from '../data/me.ts';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { arrangedEntry, toggled } from './draft.ts';
import { NoteField } from './NoteField.tsx';

type Props = { tank: { id: string; code: string }; onDone: () => void };

export function ArrangeForm({ tank, onDone }: Props) {
  const { attempt } = useOverrule();
  const [did, setDid] = useState<Arranged[]>([]);
  const [note, setNote] = useState('');
  const words = `${tank.code}: ${did.join(', ')}`;
  return (
    <div className="tank-form">
      <Chips label="Changed" options={ARRANGED} value={did} onChange={(word) => setDid(toggled(did, word))} />
      <NoteField id={`arrange-${tank.id}`} label="Note" note={note} onChange={setNote} />
      <TakePhoto of={{ kind: 'tank', id: tank.id }} shows="the tank" what={tank.code} label="photograph it" quiet />
      <Caution>
        Heater and pumps off before hands go in; count the fish afterwards: one may lie under a rock. A lid is set in House, Racks and
        tanks.
      </Caution>
      <Button
        variant="act"
        disabled={did.length === 0}
        onClick={() =>
          attempt({ title: words, doing: 'It was done all the same', words, drafts: [arrangedEntry(tank.id, did, note)], onDone })
        }
      >
        {did.length === 0 ? 'Choose what was changed' : `Changed: ${did.join(', ')}`}
      </Button>
    </div>
  );
}

export function Arrangements({ arrangements }: { arrangements: readonly ArrangementCard[] }) {
  const { when } = useTimes();
  if (arrangements.length === 0) return null;
  return (
    <>
      <h2>Arranged</h2>
      <ul className="plain-list">
        {arrangements.map(({ did, atMs, by, note }) => (
          <li key={atMs}>
            {did.join(', ')}
            {note ? `: ${note}` : ''}{' '}
            <span className="soft">
              {when(atMs)}, {by}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
