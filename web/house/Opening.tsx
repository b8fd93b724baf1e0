// The opening count: what lives in the tanks already when the records begin, from a list of ours or a lot at a time.
import { useState } from 'react';
import { newId } from '../data/house.ts';
import { Chips } from '../parts/Chips.tsx';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { SpeciesPicker, type Heard } from '../parts/SpeciesPicker.tsx';
import { plural } from '../words/text.ts';
import { OPENING_FIELDS, openingOf, openingSaid } from './openingForms.ts';
import { OpeningList } from './OpeningList.tsx';
import type { PartProps } from './part.ts';

const WAYS = ['A lot at a time', 'A list of ours'] as const;

export function Opening(props: PartProps) {
  const { view, mayEdit } = props;
  const [way, setWay] = useState<(typeof WAYS)[number]>('A lot at a time');
  if (view.tanks.length === 0) {
    return (
      <div className="empty">
        <h2>First the tanks</h2>
        <p>What lives here already is counted tank by tank, so they must be drawn before.</p>
      </div>
    );
  }
  return (
    <section className="card" aria-label="What lives here already">
      <h2>What lives here already</h2>
      <p className="soft">
        {view.opened === 0 ? 'Nothing is counted yet.' : `${plural(view.opened, 'lot is', 'lots are')} counted.`} These fish have no history
        before this opening count. What stands against their place is asked about, as it is when fish move.
      </p>
      {mayEdit ? (
        <>
          <Chips label="How" options={WAYS} value={way} onChange={setWay} />
          {way === 'A lot at a time' ? <OneLot {...props} /> : <OpeningList {...props} />}
        </>
      ) : (
        <p className="soft">A lead enters them.</p>
      )}
    </section>
  );
}

function OneLot({ view, write }: PartProps) {
  const [heard, setHeard] = useState<Heard>();
  const [round, setRound] = useState(0);
  const codes = view.tanks.map(({ code }) => code);
  const save = async (values: Values) => {
    const tank = view.tanks.find(({ code }) => code.toLowerCase() === values.tank!.toLowerCase());
    if (!heard?.species) return 'Say which species it is: tap one that matches, or add it.';
    if (!tank) return `There is no tank ${values.tank}.`;
    const wrong = await write(
      `${values.n} ${heard.species.common} in ${tank.code}`,
      ...openingOf(openingSaid(values, { tank: tank.id, species: heard.species }), newId),
    );
    if (wrong === undefined) {
      setHeard(undefined);
      setRound((now) => now + 1);
    }
    return wrong;
  };
  return (
    <>
      <SpeciesPicker
        key={round}
        label="What is in the tank? Any name it goes by"
        species={view.species}
        value={heard}
        onChange={setHeard}
      />
      <PlainForm
        draft="opening lot"
        fields={OPENING_FIELDS.map((field) => (field.name === 'tank' && field.type === 'text' ? { ...field, list: codes } : field))}
        initial={{ origin: 'unknown', quarantineDays: '0' }}
        submit={(values) => `Put ${values.n?.trim() || 'them'} ${heard?.species?.common ?? ''} here`.replace('  ', ' ')}
        onSubmit={save}
      />
    </>
  );
}
