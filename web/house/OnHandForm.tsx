// How much of a thing is here, and the two ways to say so: some came in, or it was counted.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { Item, OnHand } from '#core/supplies/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import { sayAmount } from '../words/kitchen.ts';
import { cameEntry, countedEntry } from './onHand.ts';
import type { Write } from './part.ts';

const MOST = 10_000_000;
type Props = { item: Item; here?: OnHand; write: Write; mayEdit: boolean };

export function OnHandForm({ item, here, write, mayEdit }: Props) {
  const { house } = useMe();
  const { when } = useTimes();
  const [open, setOpen] = useState<'came' | 'counted'>();
  const { id, name, unit } = item;
  const done = (wrong: string | undefined) => {
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  const amountField = (min: number): FormField => ({ name: 'amount', type: 'number', label: `How much, ${unit}`, min, max: MOST });
  const came = async (values: Values) => done(await write(`${name} came in`, cameEntry(id, values, house.zone)));
  const toggle = (part: typeof open) => setOpen(open === part ? undefined : part);
  return (
    <div>
      {here === undefined ? (
        <span className="soft">Nobody keeps count of it. </span>
      ) : (
        <span>
          <b className="num">{sayAmount(here.amount, unit)}</b> here
          {here.low && <b className="warn"> · order it</b>}
          {here.past > 0 && <b className="warn"> · {sayAmount(here.past, unit)} may be past its date: check</b>}
          {here.nextDateMs !== undefined && <span className="soft"> · next date {when(here.nextDateMs)}</span>}{' '}
        </span>
      )}
      {mayEdit && (
        <>
          <Button
            variant="quiet"
            className="btn-quiet"
            aria-expanded={open === 'came'}
            aria-label={`${name} came in`}
            onClick={() => toggle('came')}
          >
            Came in
          </Button>
          <Button
            variant="quiet"
            className="btn-quiet"
            aria-expanded={open === 'counted'}
            aria-label={`Count ${name}`}
            onClick={() => toggle('counted')}
          >
            Count
          </Button>
        </>
      )}
      {open === 'came' && (
        <PlainForm
          draft={`came ${id}`}
          fields={[
            amountField(0.001),
            {
              name: 'until',
              type: 'text',
              label: 'Best before, YYYY-MM-DD',
              optional: true,
              maxLength: 10,
              read: (typed) => (isDate(typed) ? typed : { problem: 'As 2026-09-30.' }),
            },
          ]}
          submit={`${name} came in`}
          onSubmit={came}
        />
      )}
      {open === 'counted' && (
        <PlainForm
          draft={`counted ${id}`}
          fields={[
            amountField(0),
            ...(item.reused
              ? [{ name: 'dirty', type: 'number' as const, label: 'Dirty ones beside them', min: 0, max: MOST, optional: true }]
              : []),
          ]}
          submit="So much is here"
          onSubmit={async (values) => done(await write(`${name} counted`, countedEntry(id, values)))}
        />
      )}
    </div>
  );
}

const isDate = (typed: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(typed) && !Number.isNaN(Date.parse(typed));
