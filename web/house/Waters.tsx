// The waters of the house: what each is set to, how many tanks it runs through.
import { newId } from '../data/house.ts';
import { PlainForm } from '../parts/PlainForm.tsx';
import { WATER_FIELDS, waterOf } from './forms.ts';
import type { PartProps } from './part.ts';
import { useUnits } from '../data/units.ts';

export function Waters({ view, write, mayEdit }: PartProps) {
  const { say } = useUnits();
  return (
    <section className="card" aria-label="Waters">
      <h2>Waters</h2>
      <ul className="plain-list">
        {view.waters.map(({ id, name, type, temperatureC, salinityPpt, volumeL, tanks }) => (
          <li key={id}>
            <b>{name}</b>{' '}
            <span className="soft">
              {type}, {say('temperature', temperatureC)}, {say('salinity', salinityPpt)}, {say('volume', volumeL)}, {tanks}{' '}
              {tanks === 1 ? 'tank' : 'tanks'}
            </span>
          </li>
        ))}
      </ul>
      {view.waters.length === 0 && (
        <p className="soft">None yet. A tank that stands alone gets its own water when you draw it, under racks and tanks.</p>
      )}
      {mayEdit && (
        <PlainForm
          fields={WATER_FIELDS}
          submit="Add this water"
          onSubmit={(values) => write(`Water ${values.name}`, waterOf(values, newId))}
        />
      )}
    </section>
  );
}
