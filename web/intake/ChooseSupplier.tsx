// Who sent the list: one that the house knows, or somebody new, named here.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { IntakeView } from '#contract/views.ts';
import { NewSupplier } from '../parts/NewSupplier.tsx';

type Props = { suppliers: IntakeView['suppliers']; value: string; onChoose: (supplier: string) => void };

export function ChooseSupplier({ suppliers, value, onChoose }: Props) {
  // One that was just added is there before the house has answered.
  const [added, setAdded] = useState<{ id: string; name: string }[]>([]);
  const all = [...suppliers, ...added.filter(({ id }) => suppliers.every((supplier) => supplier.id !== id))];
  return (
    <>
      <Form.Group className="field" controlId="intake-supplier">
        <Form.Label className="label">Supplier</Form.Label>
        <Form.Select value={value} onChange={(event) => onChoose(event.target.value)}>
          <option value="">Choose</option>
          {all.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {!value && (
        <NewSupplier
          known={all}
          onAdded={(supplier) => {
            setAdded((now) => [...now, supplier]);
            onChoose(supplier.id);
          }}
        />
      )}
    </>
  );
}
