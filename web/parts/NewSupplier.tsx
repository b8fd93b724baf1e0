// "Somebody new", wherever a crate asks who sent it: the name and how it comes are on hand, the rest can follow.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { TRANSITS, type Transport } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { useMayWrite } from '../data/me.ts';
import { Chips } from './Chips.tsx';

type Added = { id: string; name: string; transit: Transport };

export function NewSupplier({ known, onAdded }: { known: readonly { name: string }[]; onAdded: (supplier: Added) => void }) {
  const { recordAction } = useActions();
  const mayAdd = useMayWrite('supplier.added');
  const [open, setOpen] = useState(known.length === 0);
  const [name, setName] = useState('');
  const [transit, setTransit] = useState<Transport>('overnight');
  if (!mayAdd) return null;
  if (!open)
    return (
      <Button variant="plain" onClick={() => setOpen(true)}>
        Somebody new …
      </Button>
    );
  const called = name.trim();
  const twice = known.some((supplier) => supplier.name.toLowerCase() === called.toLowerCase());
  const add = () => {
    const id = newId();
    void recordAction(`${called} supplies us`, { kind: 'supplier.added', payload: { supplier: id, name: called, transit } });
    setOpen(false);
    setName('');
    onAdded({ id, name: called, transit });
  };
  return (
    <div className="form-part" role="group" aria-label="A supplier that is not listed yet">
      <Form.Group className="field" controlId="new-supplier">
        <Form.Label className="label">Who sent it</Form.Label>
        <Form.Control value={name} maxLength={120} autoComplete="off" onChange={(event) => setName(event.target.value)} />
        {twice && <span className="field-problem">{called} is in the list above.</span>}
      </Form.Group>
      <Chips label="How it comes" options={TRANSITS} value={transit} onChange={setTransit} />
      <Button variant="act" disabled={called === '' || twice} onClick={add}>
        Add {called || 'this supplier'}
      </Button>
    </div>
  );
}
