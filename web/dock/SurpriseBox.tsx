// A box that stands on nobody's list: from whom, and how long it has been closed. Its bags are landed one by one, as bags on no list are.
import { clsx } from 'clsx';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { CARTONS, type Carton } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { houseNow } from '../data/clock.ts';
import { newId, useView } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { ChooseSupplier } from '../parts/ChooseSupplier.tsx';
import css from './dock.module.scss';
import { surpriseBox } from './draft.ts';

/** An overnight parcel, when nobody says otherwise. */
const USUAL_H = 24;
const LONGEST_H = 240;

export function SurpriseBox({ onDone }: { onDone: () => void }) {
  const { recordAction } = useActions();
  const navigate = useNavigate();
  const { data } = useView('intake');
  const [from, setFrom] = useState<{ id: string; name: string }>();
  const [hours, setHours] = useState(USUAL_H);
  const [carton, setCarton] = useState<Carton>('dry');
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
      {data && <ChooseSupplier label="From" suppliers={data.suppliers} value={from?.id} onChoose={setFrom} />}
      <CountField label="Closed for about so many hours" value={hours} max={LONGEST_H} onChange={setHours} />
      <Chips label="Carton" options={CARTONS} value={carton} onChange={setCarton} odd={(option) => option !== 'dry'} />
      <p className="soft">Nothing is known of its water: measure one bag before any is matched.</p>
      <ActButton disabled={!from} onPress={write} hint="then its bags, one by one">
        It is here
      </ActButton>
    </section>
  );
}
