// The foods of this house: for whom, for which mouths, and how each is got ready. What is given to a tank follows from them.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { HouseView } from '#contract/views.ts';
import { USUAL_FOODS } from '#core/feeding/index.ts';
import { newId } from '../data/house.ts';
import { changedFields } from '../parts/changedFields.ts';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { foodFields, foodOf, foodValues, sayFood } from './foodForm.ts';
import { OnHandForm } from './OnHandForm.tsx';
import type { PartProps } from './part.ts';

type Food = HouseView['foods'][number];

export function Foods({ view, write, mayEdit }: PartProps) {
  const [open, setOpen] = useState<string>();
  const change = (food: Food) => async (values: Values) => {
    const now = foodOf(values);
    const fields = changedFields(foodOf(foodValues(food)), now);
    const wrong = await write(`${now.name} changed`, { kind: 'food.changed', payload: { food: food.id, basedOn: food.entry, fields } });
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
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
      <ul className="plain-list">
        {view.foods.map((food) => (
          <li key={food.id}>
            <b>{food.name}</b> <span className="soft">{sayFood(food)}</span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === food.id}
                aria-label={`Change ${food.name}`}
                onClick={() => setOpen(open === food.id ? undefined : food.id)}
              >
                Change
              </Button>
            )}
            <OnHandForm item={{ id: food.id, name: food.name, unit: 'g' }} here={food.here} write={write} mayEdit={mayEdit} />
            {open === food.id && (
              <>
                <PlainForm
                  draft={`food ${food.id}`}
                  key={food.entry}
                  fields={foodFields()}
                  initial={foodValues(food)}
                  submit={`${food.name} is so`}
                  keep
                  onSubmit={change(food)}
                />
                <Button
                  variant="odd"
                  onClick={() =>
                    void write(`${food.name} is not kept any more`, {
                      kind: 'food.changed',
                      payload: { food: food.id, basedOn: food.entry, fields: { gone: true } },
                    })
                  }
                >
                  {food.name} is not kept any more
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="new food"
          fields={foodFields()}
          submit="Add this food"
          onSubmit={(values) => write(values.name!, { kind: 'food.added', payload: { food: newId(), ...foodOf(values) } })}
        />
      )}
    </section>
  );
}
