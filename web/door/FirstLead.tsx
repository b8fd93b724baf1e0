// An empty house: its name, its zone, and the first lead. Everything else is set up from inside.
import { clsx } from 'clsx';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import type { DoorView } from '#contract/views.ts';
import { postJson, Refusal } from '../data/api.ts';
import { tellTabs } from '../data/tabs.ts';
import { Caution } from '../parts/Caution.tsx';
import { PlainForm, type FormField } from '../parts/PlainForm.tsx';
import { zoneField } from '../parts/zoneField.ts';
import css from './door.module.scss';

const FIELDS: FormField[] = [
  { name: 'house', type: 'text', label: 'What is this house called?' },
  zoneField('Its time zone', 'as this device has it; another by its city'),
  { name: 'name', type: 'text', label: 'Your name' },
  { name: 'title', type: 'text', label: 'What you are here', hint: 'as it stands on the door, such as owner or lead' },
  { name: 'pin', type: 'pin', label: 'A PIN of 4 to 8 digits', hint: 'You sign in with it on every tablet.' },
  { name: 'again', type: 'pin', label: 'The PIN once more' },
];

const CODE: FormField = {
  name: 'code',
  type: 'text',
  label: 'The code that the server printed when it started',
  hint: 'asked because you are on another machine',
  maxLength: 12,
  secret: true,
};

export function FirstLead({ house }: { house: DoorView['house'] }) {
  const send = async ({ again, code, ...said }: Record<string, string>) => {
    if (said.pin !== again) return 'The two PINs are not the same.';
    try {
      await postJson(paths.firstLead, said, code ? { 'x-first-code': code.trim() } : {});
    } catch (error) {
      if (error instanceof Refusal && error.body.code === 'notEmpty') {
        await mutate(paths.door);
        return 'Somebody else has just set this house up. Ask them for a PIN.';
      }
      if (error instanceof Refusal && error.body.code === 'cannotBegin') return `It cannot begin here: ${String(error.body.why)}`;
      if (error instanceof Refusal && error.body.code === 'code') return 'That is not the code that the server printed when it started.';
      return error instanceof Refusal
        ? 'The house did not take it. Check the fields again.'
        : 'The house does not answer. Try again in a moment.';
    }
    tellTabs();
    await mutate(paths.me);
    return undefined;
  };
  return (
    <main className={css.door}>
      <h1>{house.nothingIn ? 'Is this a new house?' : 'A new house'}</h1>
      {house.nothingIn && (
        <Caution strong>
          Nothing was found in <code>{house.nothingIn}</code>. If your house should be there, stop here and see whether its disk is
          connected: nothing has been written yet.
        </Caution>
      )}
      <p className="soft">Nobody works here yet. You are its first lead; you add the others once you are in.</p>
      <PlainForm
        draft="first lead"
        fields={house.code ? [...FIELDS, CODE] : FIELDS}
        initial={{ zone: Intl.DateTimeFormat().resolvedOptions().timeZone, title: 'lead' }}
        submit="Open the house"
        onSubmit={send}
        keep
      />
      <p className={clsx('soft', css.demoNote)}>To see one at work first: npm run demo.</p>
    </main>
  );
}
