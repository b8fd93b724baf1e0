// Medicated mixes, as their labels say: what is weighed for how much food or fish, for how many days. No amount comes from here.
import { newId } from '../data/house.ts';
import { Caution } from '../parts/Caution.tsx';
import { sayLabel } from '../words/kitchen.ts';
import { plural } from '../words/text.ts';
import { KeptList } from './KeptList.tsx';
import { mixFields, mixOf, mixValues } from './mixForm.ts';
import type { PartProps } from './part.ts';

export function Mixes({ view, write, mayEdit }: PartProps) {
  return (
    <section className="card" aria-label="Medicated food">
      <h2>Medicated food</h2>
      <Caution>
        Write down what stands on the label, and nothing else. Some of it is prescription only, and not allowed everywhere: the label, local
        rules and a veterinarian come first. The kitchen sheet only multiplies.
      </Caution>
      <KeptList
        what="mix"
        items={view.mixes}
        fields={mixFields()}
        valuesOf={mixValues}
        read={mixOf}
        add={(fields) => ({ kind: 'mix.added', payload: { mix: newId(), ...fields } })}
        change={({ id, entry }, fields) => ({ kind: 'mix.changed', payload: { mix: id, basedOn: entry, fields } })}
        says={(mix) =>
          `${sayLabel(mix)}; then ${plural(mix.breakDays, 'day')} of break; ${mix.family ?? 'whom it harms is not known'}${mix.first ? '; given to newcomers' : ''}`
        }
        write={write}
        mayEdit={mayEdit}
      />
    </section>
  );
}
