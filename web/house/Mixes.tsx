// Medicated mixes, as their labels say: what is weighed for how much food or fish, for how many days. No amount comes from here.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { HouseView } from '#contract/views.ts';
import { newId } from '../data/house.ts';
import { Caution } from '../parts/Caution.tsx';
import { changedFields } from '../parts/changedFields.ts';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { sayLabel } from '../words/kitchen.ts';
import { plural } from '../words/text.ts';
import { mixFields, mixOf, mixValues } from './mixForm.ts';
import type { PartProps } from './part.ts';

type Mix = HouseView['mixes'][number];

export function Mixes({ view, write, mayEdit }: PartProps) {
  const [open, setOpen] = useState<string>();
  const change = (mix: Mix) => async (values: Values) => {
    const now = mixOf(values);
    const wrong = await write(`${now.name} changed`, {
      kind: 'mix.changed',
      payload: { mix: mix.id, basedOn: mix.entry, fields: changedFields(mixOf(mixValues(mix)), now) },
    });
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  return (
    <section className="card" aria-label="Medicated food">
      <h2>Medicated food</h2>
      <Caution>
        Write down what stands on the label, and nothing else. Some of it is prescription only, and not allowed everywhere: the label, local
        rules and a veterinarian come first. The kitchen sheet only multiplies.
      </Caution>
      <ul className="plain-list">
        {view.mixes.map((mix) => (
          <li key={mix.id}>
            <b>{mix.name}</b>{' '}
            <span className="soft">
              {sayLabel(mix)}; then {plural(mix.breakDays, 'day')} of break; {mix.family ?? 'whom it harms is not known'}
              {mix.first && '; given to newcomers'}
            </span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === mix.id}
                aria-label={`Change ${mix.name}`}
                onClick={() => setOpen(open === mix.id ? undefined : mix.id)}
              >
                Change
              </Button>
            )}
            {open === mix.id && (
              <>
                <PlainForm
                  draft={`mix ${mix.id}`}
                  key={mix.entry}
                  fields={mixFields()}
                  initial={mixValues(mix)}
                  submit={`${mix.name} is so`}
                  keep
                  onSubmit={change(mix)}
                />
                <Button
                  variant="odd"
                  onClick={() =>
                    void write(`${mix.name} is not kept any more`, {
                      kind: 'mix.changed',
                      payload: { mix: mix.id, basedOn: mix.entry, fields: { gone: true } },
                    })
                  }
                >
                  {mix.name} is not kept any more
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="new mix"
          fields={mixFields()}
          submit="Add this mix"
          onSubmit={(values) => write(values.name!, { kind: 'mix.added', payload: { mix: newId(), ...mixOf(values) } })}
        />
      )}
    </section>
  );
}
