// What is used up besides food: salt, binder, media, socks. Each falls with its use, and says when it is to be ordered.
import { SUPPLY_UNITS, type SupplyFields, type SupplyUnit } from '#core/supplies/index.ts';
import { newId } from '../data/house.ts';
import { numberOf, type FormField, type Values } from '../parts/PlainForm.tsx';
import { sayAmount } from '../words/kitchen.ts';
import { KeptList } from './KeptList.tsx';
import { OnHandForm } from './OnHandForm.tsx';
import type { PartProps } from './part.ts';

const FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 60 },
  { name: 'unit', type: 'choice', label: 'Counted in', options: SUPPLY_UNITS },
  { name: 'reorderAt', type: 'number', label: 'Order it again at', min: 0, max: 10_000_000, optional: true },
  { name: 'reused', type: 'yes', label: 'Washed and used again' },
  { name: 'salt', type: 'yes', label: 'Salt that water is mixed from' },
];
const valuesOf = ({ name, unit, reorderAt, reused, salt }: SupplyFields): Values => ({
  name,
  unit,
  reorderAt: reorderAt === undefined ? '' : String(reorderAt),
  reused: reused ? 'yes' : '',
  salt: salt ? 'yes' : '',
});
const supplyOf = (values: Values): SupplyFields => ({
  name: values.name!.trim(),
  unit: values.unit as SupplyUnit,
  ...(values.reorderAt ? { reorderAt: numberOf(values.reorderAt) } : {}),
  ...(values.reused === 'yes' ? { reused: true } : {}),
  ...(values.salt === 'yes' ? { salt: true } : {}),
});

export function Supplies({ view, write, mayEdit }: PartProps) {
  return (
    <section className="card" aria-label="Supplies">
      <h2>Supplies</h2>
      <p className="soft">
        Salt, ammonia binder, media, socks and the like. Foods stand under Foods, with what is here of each. What is little left of is due
        on Today.
      </p>
      <KeptList
        what="supply"
        items={view.supplies}
        fields={FIELDS}
        valuesOf={valuesOf}
        read={supplyOf}
        add={(fields) => ({ kind: 'supply.added', payload: { supply: newId(), ...fields } })}
        change={({ id, entry }, fields) => ({ kind: 'supply.changed', payload: { supply: id, basedOn: entry, fields } })}
        says={({ reorderAt, unit }) => reorderAt !== undefined && `order at ${sayAmount(reorderAt, unit)}`}
        more={(supply) => <OnHandForm item={supply} here={supply.here} write={write} mayEdit={mayEdit} />}
        write={write}
        mayEdit={mayEdit}
      />
    </section>
  );
}
