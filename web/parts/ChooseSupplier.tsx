// Who sent it, a list or a box: one that the house knows, or somebody new, named here.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { IntakeView } from '#contract/views.ts';
import { NewSupplier } from './NewSupplier.tsx';

type Supplier = { id: string; name: string };
type Props = {
  label?: string;
  suppliers: IntakeView['suppliers'];
  value: string | undefined;
  onChoose: (supplier: Supplier | undefined) => void;
};

export function ChooseSupplier({ label = 'Supplier', suppliers, value, onChoose }: Props) {
  // One that was just added is there before the house has answered.
  const [added, setAdded] = useState<Supplier[]>([]);
  const all = [...suppliers, ...added.filter(({ id }) => suppliers.every((supplier) => supplier.id !== id))];
  return (
    <>
      <Form.Group className="field" controlId="intake-supplier">
        <Form.Label className="label">{label}</Form.Label>
        <Form.Select value={value ?? ''} onChange={(event) => onChoose(all.find(({ id }) => id === event.target.value))}>
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
            onChoose(supplier);
          }}
        />
      )}
    </>
  );
}
