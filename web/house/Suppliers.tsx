// Who sends the crates.
import { newId } from '../data/house.ts';
import { PlainForm } from '../parts/PlainForm.tsx';
import { SUPPLIER_FIELDS, supplierOf } from './forms.ts';
import type { PartProps } from './part.ts';

export function Suppliers({ view, write, mayEdit }: PartProps) {
  return (
    <section className="card" aria-label="Suppliers">
      <h2>Suppliers</h2>
      <ul className="plain-list">
        {view.suppliers.map(({ id, name, transit }) => (
          <li key={id}>
            <b>{name}</b> <span className="soft">{transit}</span>
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="supplier"
          fields={SUPPLIER_FIELDS}
          submit="Add this supplier"
          onSubmit={(values) => write(values.name!, supplierOf(values, newId))}
        />
      )}
    </section>
  );
}
