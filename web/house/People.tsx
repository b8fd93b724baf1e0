// Who works here, what each may do, and their PINs. A lead adds people; everybody may change their own PIN.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { mutate } from 'swr';
import { paths, viewPath } from '#contract/paths.ts';
import { ROLES, type Role } from '#core/roles/index.ts';
import { postJson, Refusal } from '../data/api.ts';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { sayPinProblem } from '../door/pinProblem.ts';
import { PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

const MAY: Record<Role, string> = {
  trainee: 'lands bags, checks tanks, notes what is seen',
  keeper: 'also chooses tanks, floats, lets fish out, takes in lists',
  lead: 'everything, with the house and its people',
};
const PERSON_FIELDS: FormField[] = [
  { name: 'name', type: 'text', label: 'Name' },
  { name: 'title', type: 'text', label: 'What they are here', hint: 'as it stands on the door' },
  { name: 'role', type: 'choice', label: 'What they may do', options: [...ROLES] },
  { name: 'pin', type: 'pin', label: 'A PIN of 4 to 8 digits', hint: 'They can change it here.' },
];
const NEW_PIN: FormField = {
  name: 'pin',
  type: 'pin',
  label: 'The new PIN, 4 to 8 digits',
  hint: 'Signs them out everywhere else.',
};
const OLD_PIN: FormField = { name: 'old', type: 'pin', label: 'Your old PIN' };
type One = PartProps['view']['people'][number];

async function setPin(person: string, pin: string, old?: string): Promise<string | undefined> {
  try {
    await postJson(paths.pin, { person, pin, ...(old === undefined ? {} : { old }) });
    await mutate(viewPath('house'));
    return undefined;
  } catch (error) {
    if (!(error instanceof Refusal)) return 'The house does not answer. The PIN is not set; try again.';
    return ['wrongPin', 'tooMany', 'busy'].includes(error.body.code ?? '') ? sayPinProblem(error) : 'The house did not take this PIN.';
  }
}

export function People({ view, write, mayEdit }: PartProps) {
  const add = async ({ name, title, role, pin }: Values) => {
    const person = newId();
    return (
      (await write(`${name} works here`, { kind: 'person.added', payload: { person, name: name!, title: title!, role: role as Role } })) ??
      setPin(person, pin!)
    );
  };
  const [here, gone] = [view.people.filter(({ leftAct }) => !leftAct), view.people.filter(({ leftAct }) => leftAct)];
  return (
    <section className="card" aria-label="People">
      <h2>People</h2>
      <ul className="plain-list">
        {here.map((person) => (
          <OnePerson key={person.id} person={person} write={write} mayEdit={mayEdit} />
        ))}
      </ul>
      {mayEdit && (
        <>
          <h3>Somebody new</h3>
          <PlainForm draft="new person" fields={PERSON_FIELDS} initial={{ role: 'keeper' }} submit="Add this person" onSubmit={add} />
        </>
      )}
      {gone.length > 0 && (
        <>
          <h3>Worked here</h3>
          <ul className="plain-list">
            {gone.map(({ id, name, title, leftAct }) => (
              <li key={id}>
                {name} <span className="soft">{title}</span>{' '}
                {mayEdit && (
                  <Button
                    variant="plain"
                    size="sm"
                    onClick={() => void write(`${name} works here again`, { kind: 'entry.reversed', payload: { act: leftAct! } })}
                  >
                    {name} works here again
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

type Open = 'pin' | 'change' | undefined;

function OnePerson({ person, write, mayEdit }: Omit<PartProps, 'view'> & { person: One }) {
  const { person: me } = useMe();
  const [open, setOpen] = useState<Open>();
  const { id, name, title, role, hasPin } = person;
  const close = (wrong: string | undefined) => {
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  return (
    <li>
      <b>{name}</b>{' '}
      <span className="soft">
        {title} · {MAY[role]}
      </span>{' '}
      {!hasPin && <b className="warn">no PIN: cannot sign in</b>}{' '}
      {(mayEdit || id === me.id) && open !== 'pin' && (
        <Button variant="plain" size="sm" onClick={() => setOpen('pin')} aria-label={`Set the PIN of ${name}`}>
          Set the PIN
        </Button>
      )}{' '}
      {mayEdit && open !== 'change' && (
        <Button variant="plain" size="sm" onClick={() => setOpen('change')} aria-label={`Change ${name}`}>
          Change
        </Button>
      )}
      {open === 'pin' && (
        <PlainForm
          draft={`PIN of ${id}`}
          fields={id === me.id ? [OLD_PIN, NEW_PIN] : [NEW_PIN]}
          submit={`Set the PIN of ${name}`}
          onSubmit={async ({ pin, old }) => close(await setPin(id, pin!, old))}
        />
      )}
      {open === 'change' && <ChangePerson person={person} write={write} onDone={close} isMe={id === me.id} />}
    </li>
  );
}

type ChangeProps = { person: One; write: PartProps['write']; onDone: (wrong: string | undefined) => string | undefined; isMe: boolean };

function ChangePerson({ person, write, onDone, isMe }: ChangeProps) {
  const { id, entry, name, title, role } = person;
  const [leaving, setLeaving] = useState(false);
  return (
    <>
      <PlainForm
        draft={`person ${person.id}`}
        key={entry}
        fields={PERSON_FIELDS.filter((field) => field.name !== 'pin')}
        initial={{ name, title, role }}
        submit={`Save ${name}`}
        keep
        onSubmit={async (values) => {
          const changed = Object.entries(values).filter(([field, value]) => person[field as 'name'] !== value);
          if (changed.length === 0) return onDone(undefined);
          const fields = Object.fromEntries(changed);
          return onDone(await write(`${values.name} changed`, { kind: 'person.changed', payload: { person: id, basedOn: entry, fields } }));
        }}
      />
      {leaving ? (
        <Button variant="odd" onClick={() => void write(`${name} no longer works here`, { kind: 'person.left', payload: { person: id } })}>
          Yes: sign {name} out everywhere
        </Button>
      ) : (
        <Button variant="odd" onClick={() => setLeaving(true)} disabled={isMe}>
          {name} no longer works here
        </Button>
      )}
    </>
  );
}
