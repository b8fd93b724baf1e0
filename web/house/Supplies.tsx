// What is used up besides food: salt, binder, media, socks. Each falls with its use, and says when it is to be ordered.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { HouseView } from '#contract/views.ts';
import { SUPPLY_UNITS, type SupplyFields, type SupplyUnit } from '#core/supplies/index.ts';
import { newId } from '../data/house.ts';
import { changedFields } from '../parts/changedFields.ts';
import { numberOf, PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import { sayAmount } from '../words/kitchen.ts';
import { OnHandForm } from './OnHandForm.tsx';
import type { PartProps } from './part.ts';

type Supply = HouseView['supplies'][number];
const FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  { name: 'unit', type: 'choice', label: 'Counted in', options: SUPPLY_UNITS },
  { name: 'reorderAt', type: 'number', label: 'Order it again at', min: 0, max: 10_000_000, optional: true },
];
const valuesOf = ({ name, unit, reorderAt }: SupplyFields): Values => ({
  name,
  unit,
  reorderAt: reorderAt === undefined ? '' : String(reorderAt),
});
export const supplyOf = (values: Values): SupplyFields => ({
  name: values.name!.trim(),
  unit: values.unit as SupplyUnit,
  ...(values.reorderAt ? { reorderAt: numberOf(values.reorderAt) } : {}),
});

export function Supplies({ view, write, mayEdit }: PartProps) {
  const [open, setOpen] = useState<string>();
  const change = (supply: Supply) => async (values: Values) => {
    const now = supplyOf(values);
    const wrong = await write(`${now.name} changed`, {
      kind: 'supply.changed',
      payload: { supply: supply.id, basedOn: supply.entry, fields: changedFields(supplyOf(valuesOf(supply)), now) },
    });
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  return (
    <section className="card" aria-label="Supplies">
      <h2>Supplies</h2>
      <p className="soft">
        Salt, ammonia binder, media, socks and the like. Foods stand under Foods, with what is here of each. What is little left of is due
        on Today.
      </p>
      <ul className="plain-list">
        {view.supplies.map((supply) => (
          <li key={supply.id}>
            <b>{supply.name}</b>
            {supply.reorderAt !== undefined && <span className="soft"> order at {sayAmount(supply.reorderAt, supply.unit)}</span>}{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === supply.id}
                aria-label={`Change ${supply.name}`}
                onClick={() => setOpen(open === supply.id ? undefined : supply.id)}
              >
                Change
              </Button>
            )}
            <OnHandForm item={supply} here={supply.here} write={write} mayEdit={mayEdit} />
            {open === supply.id && (
              <>
                <PlainForm
                  draft={`supply ${supply.id}`}
                  key={supply.entry}
                  fields={FIELDS}
                  initial={valuesOf(supply)}
                  submit={`${supply.name} is so`}
                  keep
                  onSubmit={change(supply)}
                />
                <Button
                  variant="odd"
                  onClick={() =>
                    void write(`${supply.name} is not kept any more`, {
                      kind: 'supply.changed',
                      payload: { supply: supply.id, basedOn: supply.entry, fields: { gone: true } },
                    })
                  }
                >
                  {supply.name} is not kept any more
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="new supply"
          fields={FIELDS}
          submit="Add this supply"
          onSubmit={(values) => write(values.name!, { kind: 'supply.added', payload: { supply: newId(), ...supplyOf(values) } })}
        />
      )}
    </section>
  );
}
