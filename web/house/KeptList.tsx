// A list of things that the house keeps, each of which may be changed or let go, and one more added: foods, mixes, supplies.
import { useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import type { Draft } from '../data/house.ts';
import { changedFields } from '../parts/changedFields.ts';
import { PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

type Kept = { id: string; entry: string; name: string };
type Props<F extends { name: string }, T extends F & Kept> = Pick<PartProps, 'write' | 'mayEdit'> & {
  /** `food`: what one of them is called. */
  what: string;
  items: readonly T[];
  fields: readonly FormField[];
  /** What stands in the form of one, and what a form means. */
  valuesOf: (item: F) => Values;
  read: (values: Values) => F;
  add: (fields: F) => Draft;
  change: (item: T, fields: Record<string, unknown>) => Draft;
  says: (item: T) => ReactNode;
  /** Below each. */
  more?: (item: T) => ReactNode;
};

export function KeptList<F extends { name: string }, T extends F & Kept>(props: Props<F, T>) {
  const { what, items, fields, valuesOf, read, add, change, says, more, write, mayEdit } = props;
  const [open, setOpen] = useState<string>();
  const submit = (item: T) => async (values: Values) => {
    const now = read(values);
    const wrong = await write(`${now.name} changed`, change(item, changedFields(read(valuesOf(item)), now)));
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  return (
    <>
      <ul className="plain-list">
        {items.map((item) => (
          <li key={item.id}>
            <b>{item.name}</b> <span className="soft">{says(item)}</span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === item.id}
                aria-label={`Change ${item.name}`}
                onClick={() => setOpen(open === item.id ? undefined : item.id)}
              >
                Change
              </Button>
            )}
            {more?.(item)}
            {open === item.id && (
              <>
                <PlainForm
                  draft={`${what} ${item.id}`}
                  key={item.entry}
                  fields={fields}
                  initial={valuesOf(item)}
                  submit={`${item.name} is so`}
                  keep
                  onSubmit={submit(item)}
                />
                <Button variant="odd" onClick={() => void write(`${item.name} is not kept any more`, change(item, { gone: true }))}>
                  {item.name} is not kept any more
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft={`new ${what}`}
          fields={fields}
          submit={`Add this ${what}`}
          onSubmit={(values) => write(values.name!, add(read(values)))}
        />
      )}
    </>
  );
}
