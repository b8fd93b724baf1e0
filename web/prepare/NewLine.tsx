// A line written by hand, perhaps about a tank, perhaps waiting for a delivery.
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { newId, useView } from '../data/house.ts';
import { useMayWrite, useMe } from '../data/me.ts';
import { useActions } from '../actions/actions.tsx';
import { instantOf } from '../parts/crateFacts.ts';
import { PlainForm, type FormField } from '../parts/PlainForm.tsx';

import { lineEntry } from './draft.ts';

const wall = (zone: string) => (text: string) => {
  const ms = instantOf(text.trim().replace(' ', 'T'), zone);
  return ms === undefined ? { problem: 'A day and an hour, such as 2026-03-05 10:00.' } : String(ms);
};

export function NewLine({ crate }: { crate: string }) {
  const may = useMayWrite('prep.added');
  const { house } = useMe();
  const { recordAction } = useActions();
  const { data: room } = useView('room');
  const [open, setOpen] = useState(false);
  if (!may) return null;
  if (!open)
    return (
      <Button variant="plain" className="no-print" onClick={() => setOpen(true)}>
        Another line
      </Button>
    );
  const tanks = room?.racks.flatMap((rack) => rack.tanks) ?? [];
  const fields: FormField[] = [
    { name: 'words', label: 'What is to be done', type: 'text', maxLength: 200 },
    { name: 'tank', label: 'About the tank', type: 'choice', options: [{ value: '', label: 'none' }, ...tanks.map(({ id, code }) => ({ value: id, label: code }))] }, // prettier-ignore
    { name: 'what', label: 'Waits for', type: 'text', maxLength: 120, optional: true, hint: 'a delivery, such as two caves' },
    {
      name: 'until',
      label: 'Which comes',
      type: 'text',
      maxLength: 16,
      optional: true,
      hint: 'day and hour, such as 2026-03-05 10:00',
      read: wall(house.zone),
    },
  ];
  return (
    <div className="no-print">
      <PlainForm
        draft={`line ${crate}`}
        fields={fields}
        submit="Put it on the list"
        onSubmit={async (values) => {
          const line = lineEntry(values, { line: newId(), crate });
          if (typeof line === 'string') return line;
          const outcome = await recordAction(`To be ready: ${values.words}`, line);
          if (outcome.status !== 'refused') setOpen(false);
          return undefined;
        }}
      />
      <Button variant="plain" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </div>
  );
}
