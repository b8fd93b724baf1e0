// Who works here, what each may do, and their PINs. A lead adds people; everybody may change their own PIN.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { mutate } from 'swr';
import { paths, viewPath } from '#contract/paths.ts';
import { ROLES, type Role } from '#core/people/index.ts';
import { postJson, Refusal } from '../data/api.ts';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

const MAY: Record<Role, string> = {
  trainee: 'lands bags, looks at tanks, notes what is seen',
  keeper: 'also chooses tanks, floats, lets fish out, takes in lists',
  lead: 'everything, with the house and its people',
};
const PERSON_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'Name' },
  { name: 'title', type: 'text', label: 'What they are here', hint: 'as it stands on the door' },
  { name: 'role', type: 'choice', label: 'What they may do', options: [...ROLES] },
  { name: 'pin', type: 'pin', label: 'A PIN of 4 to 8 digits', hint: 'They can change it here.' },
];
const PIN_FIELDS: FormField[] = [{ name: 'pin', type: 'pin', label: 'The new PIN, 4 to 8 digits' }];

async function setPin(person: string, pin: string): Promise<string | undefined> {
  try {
    await postJson(paths.pin, { person, pin });
    await mutate(viewPath('house'));
    return undefined;
  } catch (error) {
    return error instanceof Refusal ? 'The house did not take this PIN.' : 'The house does not answer. The PIN is not set; try again.';
  }
}

export function People({ view, write, mayEdit }: PartProps) {
  const { person: me } = useMe();
  const [changing, setChanging] = useState<string>();
  const add = async ({ name, title, role, pin }: Values) => {
    const person = newId();
    return (
      (await write(`${name} works here`, { kind: 'person.added', payload: { person, name: name!, title: title!, role: role as Role } })) ??
      setPin(person, pin!)
    );
  };
  return (
    <section className="card" aria-label="People">
      <h2>People</h2>
      <ul className="plain-list">
        {view.people.map(({ id, name, title, role, hasPin }) => (
          <li key={id}>
            <b>{name}</b>{' '}
            <span className="soft">
              {title} · {MAY[role]}
            </span>{' '}
            {!hasPin && <b className="warn">no PIN: cannot sign in</b>}{' '}
            {(mayEdit || id === me.id) && changing !== id && (
              <Button variant="plain" size="sm" onClick={() => setChanging(id)} aria-label={`Set the PIN of ${name}`}>
                Set the PIN
              </Button>
            )}
            {changing === id && (
              <PlainForm
                fields={PIN_FIELDS}
                submit={`Set the PIN of ${name}`}
                onSubmit={async ({ pin }) => {
                  const wrong = await setPin(id, pin!);
                  if (wrong === undefined) setChanging(undefined);
                  return wrong;
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {mayEdit && <PlainForm fields={PERSON_FIELDS} initial={{ role: 'keeper' }} submit="Add this person" onSubmit={add} />}
    </section>
  );
}
