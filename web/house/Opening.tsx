// The opening count: what lives in the tanks already when the records begin, tank by tank.
import { useState } from 'react';
import { newId } from '../data/house.ts';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { SpeciesPicker, type Heard } from '../parts/SpeciesPicker.tsx';
import { plural } from '../words/text.ts';
import { OPENING_FIELDS, openingOf } from './forms.ts';
import type { PartProps } from './part.ts';

export function Opening({ view, write, mayEdit }: PartProps) {
  const [heard, setHeard] = useState<Heard>();
  const [round, setRound] = useState(0);
  const codes = view.tanks.map(({ code }) => code);
  const save = async (values: Values) => {
    const tank = view.tanks.find(({ code }) => code.toLowerCase() === values.tank!.toLowerCase());
    if (!heard?.species) return 'Say which species it is: tap one that matches.';
    if (!tank) return `There is no tank ${values.tank}.`;
    const wrong = await write(
      `${values.n} ${heard.species.common} in ${tank.code}`,
      ...openingOf(values, { tank: tank.id, species: heard.species }, newId),
    );
    if (wrong === undefined) {
      setHeard(undefined);
      setRound((now) => now + 1);
    }
    return wrong;
  };
  if (view.tanks.length === 0 || view.species.length === 0) {
    return (
      <div className="empty">
        <h2>First the species and the tanks</h2>
        <p>What lives here already is counted by species and tank, so both must be there.</p>
      </div>
    );
  }
  return (
    <section className="card" aria-label="What lives here already">
      <h2>What lives here already</h2>
      <p className="soft">
        {view.opened === 0 ? 'Nothing is counted yet.' : `${plural(view.opened, 'lot is', 'lots are')} counted.`} Count a tank, put it down,
        go to the next. These fish have no history before this opening count.
      </p>
      {mayEdit ? (
        <>
          <SpeciesPicker
            key={round}
            label="What is in the tank? Any name it goes by"
            species={view.species}
            value={heard}
            onChange={setHeard}
          />
          <PlainForm
            fields={OPENING_FIELDS.map((field) => (field.type === 'text' ? { ...field, list: codes } : field))}
            initial={{ origin: 'unknown', quarantineDays: '0' }}
            submit={(values) => `Put ${values.n?.trim() || 'them'} ${heard?.species?.common ?? ''} here`.replace('  ', ' ')}
            onSubmit={save}
          />
        </>
      ) : (
        <p className="soft">A lead enters them.</p>
      )}
    </section>
  );
}
