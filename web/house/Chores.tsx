// The work that comes back: what is done where, how often, by whom, and what it takes.
import type { ChoreFields } from '#core/chores/index.ts';
import { Link } from 'react-router';
import { newId } from '../data/house.ts';
import { sayEvery } from '../words/chores.ts';
import { choreFields, choreOf, choreValues } from './choreForm.ts';
import { KeptList } from './KeptList.tsx';
import type { PartProps } from './part.ts';

export function Chores({ view, write, mayEdit }: PartProps) {
  const rackName = (id: string) => view.racks.find((rack) => rack.id === id)?.name ?? id;
  return (
    <section className="card" aria-label="Chores">
      <h2>Chores</h2>
      <p className="soft">
        Each is due by itself at its places, so many days after it was done there last. What is to be done today stands under{' '}
        <Link to="/rounds/chores">Chores</Link>, with what to carry. What it takes is put on the list under Supplies first.
      </p>
      <KeptList
        what="chore"
        items={view.chores}
        fields={choreFields(view)}
        valuesOf={(chore: ChoreFields) => choreValues(chore, view)}
        read={(values) => choreOf(values, view)}
        add={(fields) => ({ kind: 'chore.planned', payload: { chore: newId(), ...fields } })}
        change={({ id, entry }, fields) => ({ kind: 'chore.changed', payload: { chore: id, basedOn: entry, fields } })}
        says={({ everyDays, racks }) => `${sayEvery(everyDays)}, ${racks.map(rackName).join(', ')}`}
        write={write}
        mayEdit={mayEdit}
      />
    </section>
  );
}
