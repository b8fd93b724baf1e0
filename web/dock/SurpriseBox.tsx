// A box that stands on nobody's list: from whom, and how long it has been closed. Its bags are landed one by one, as bags on no list are.
import { clsx } from 'clsx';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import { CARTONS, type Carton } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { houseNow } from '../data/clock.ts';
import { newId, useView } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { NewSupplier } from '../parts/NewSupplier.tsx';
import css from './dock.module.scss';
import { surpriseBox } from './draft.ts';

/** An overnight parcel, when nobody says otherwise. */
const USUAL_H = 24;
const LONGEST_H = 240;

export function SurpriseBox({ onDone }: { onDone: () => void }) {
  const { recordAction } = useActions();
  const navigate = useNavigate();
  const { data } = useView('intake');
  const [supplier, setSupplier] = useState('');
  const [hours, setHours] = useState(USUAL_H);
  const [carton, setCarton] = useState<Carton>('dry');
  // One that was just added is there before the house has answered.
  const [added, setAdded] = useState<{ id: string; name: string; transit: string }[]>([]);
  const suppliers = [...(data?.suppliers ?? []), ...added.filter(({ id }) => !data?.suppliers.some((supplier) => supplier.id === id))];
  const from = suppliers.find(({ id }) => id === supplier);
  const write = () => {
    if (!from) return;
    const crate = newId();
    void recordAction(`${from.name}: a box on nobody’s list is here`, ...surpriseBox({ crate, from, hours, carton, now: houseNow() }));
    onDone();
    void navigate(`/dock?crate=${crate}`);
  };
  return (
    <section className={clsx('card', css.bagCard)}>
      <p className="big">A box or bag without a list</p>
      <Form.Group className="field" controlId="box-supplier">
        <Form.Label className="label">From</Form.Label>
        <Form.Select value={supplier} onChange={(event) => setSupplier(event.target.value)}>
          <option value="">whose name stands on it</option>
          {suppliers.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {data && (
        <NewSupplier
          known={suppliers}
          onAdded={(supplier) => {
            setAdded((now) => [...now, supplier]);
            setSupplier(supplier.id);
          }}
        />
      )}
      <CountField label="Closed for about so many hours" value={hours} max={LONGEST_H} onChange={setHours} />
      <Chips label="Carton" options={CARTONS} value={carton} onChange={setCarton} odd={(option) => option !== 'dry'} />
      <p className="soft">Nothing is known of its water: measure one bag before any is matched.</p>
      <ActButton disabled={!from} onPress={write} hint="then its bags, one by one">
        It is here
      </ActButton>
    </section>
  );
}
