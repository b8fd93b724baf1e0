// A crate that is on its way: what is coming, and that it is here.
import { clsx } from 'clsx';
import { useState } from 'react';
import type { CrateCard } from '#contract/views.ts';
import { CARTONS, type Carton } from '#core/dock/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useTimes } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import css from './dock.module.scss';

export function Arrival({ crate }: { crate: CrateCard }) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const [carton, setCarton] = useState<Carton>('dry');
  return (
    <section className={clsx('card', css.bagCard)}>
      <p className="soft">
        {crate.supplier} · promised {when(crate.promisedAtMs)}
      </p>
      <p className="big">
        <span className="num">{crate.bags.length}</span> bags on their way
      </p>
      <p className="soft">
        {crate.label} · packed {when(crate.packedAtMs)}
      </p>
      <Chips label="Carton" options={CARTONS} value={carton} onChange={setCarton} odd={(option) => option !== 'dry'} />
      <Caution>Lifting a full box is for two people: 30 kg and wet.</Caution>
      <ActButton
        onPress={() => void recordAction(`${crate.supplier} is here`, { kind: 'crate.arrived', payload: { crate: crate.crate, carton } })}
        hint={`carton ${carton}`}
        pressKey="dock.land"
      >
        It is here
      </ActButton>
    </section>
  );
}
