// The foods of this house: for whom, for which mouths, and how each is got ready. What is given to a tank follows from them.
import Button from 'react-bootstrap/Button';
import { USUAL_FOODS } from '#core/feeding/index.ts';
import { newId } from '../data/house.ts';
import { foodFields, foodOf, foodValues, sayFood } from './foodForm.ts';
import { KeptList } from './KeptList.tsx';
import { OnHandForm } from './OnHandForm.tsx';
import type { PartProps } from './part.ts';

export function Foods({ view, write, mayEdit }: PartProps) {
  return (
    <section className="card" aria-label="Foods">
      <h2>Foods</h2>
      <p className="soft">
        What a lot is given follows from what its species lives on, its length, and what it took before. How often is set under House rules,
        Meals.
      </p>
      {view.foods.length === 0 && mayEdit && (
        <Button
          variant="act"
          onClick={() =>
            void write(
              'The usual foods',
              ...USUAL_FOODS.map((food) => ({ kind: 'food.added' as const, payload: { food: newId(), ...food } })),
            )
          }
        >
          Begin with {USUAL_FOODS.length} usual foods
        </Button>
      )}
      <KeptList
        what="food"
        items={view.foods}
        fields={foodFields()}
        valuesOf={foodValues}
        read={foodOf}
        add={(fields) => ({ kind: 'food.added', payload: { food: newId(), ...fields } })}
        change={({ id, entry }, fields) => ({ kind: 'food.changed', payload: { food: id, basedOn: entry, fields } })}
        says={sayFood}
        more={({ id, name, here }) => <OnHandForm item={{ id, name, unit: 'g' }} here={here} write={write} mayEdit={mayEdit} />}
        write={write}
        mayEdit={mayEdit}
      />
    </section>
  );
}
