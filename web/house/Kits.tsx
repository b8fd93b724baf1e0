// Tests and meters of the house: what each shows, to where its scale goes, until when it is good.
import type { KitFields } from '#core/water/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { newId } from '../data/house.ts';
import { FORM_SAYS, titleOf } from '../words/waterTests.ts';
import { kitFields, kitOf, kitValues } from './kitForm.ts';
import { KeptList } from './KeptList.tsx';
import type { PartProps } from './part.ts';

export function Kits({ view, write, mayEdit }: PartProps) {
  const { when } = useTimes();
  const { zone } = useMe().house;
  return (
    <section className="card" aria-label="Tests and meters">
      <h2>Tests and meters</h2>
      <p className="soft">
        With its scale known a bare number means what the test means: 1 of a test that reads NH₄ is 0.78 of nitrogen. Ionic and chelated
        copper are two scales. They are chosen where water is read.
      </p>
      <KeptList
        what="kit"
        items={view.kits}
        fields={kitFields(zone)}
        valuesOf={(kit: KitFields) => kitValues(kit, zone)}
        read={(values) => kitOf(values, zone)}
        add={(fields) => ({ kind: 'kit.added', payload: { kit: newId(), ...fields } })}
        change={({ id, entry }, fields) => ({ kind: 'kit.changed', payload: { kit: id, basedOn: entry, fields } })}
        says={({ quantity, form, most, goodUntilMs }) =>
          [
            form ? FORM_SAYS[form] : titleOf(quantity),
            most !== undefined && `to ${most}`,
            goodUntilMs !== undefined && `good until ${when(goodUntilMs)}`,
          ]
            .filter(Boolean)
            .join(', ')
        }
        write={write}
        mayEdit={mayEdit}
      />
    </section>
  );
}
