/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { HouseView } from '#contract/views.ts';
import { answer, draw, press } from '../testScreen.tsx';
import { People } from './People.tsx';

const person = (id: string, name: string, more: Partial<HouseView['people'][number]> = {}): HouseView['people'][number] => ({
  id,
  entry: `e-${id}`,
  name,
  title: 'keeper',
  role: 'keeper',
  hasPin: true,
  ...more,
});
const view = {
  people: [person('p', 'Bram Tell'), person('ines', 'Ines Okafor', { role: 'lead' }), person('old', 'Wim Sato', { leftAct: 'act-9' })],
};
const written: unknown[] = [];
const show = (mayEdit: boolean) => {
  written.length = 0;
  draw(
    <People
      view={view as HouseView}
      mayEdit={mayEdit}
      write={(_words, ...drafts) => {
        written.push(...drafts);
        return Promise.resolve(undefined);
      }}
    />,
    mayEdit ? 'lead' : 'keeper',
  );
};
const type = (label: string, text: string) => fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

it('one’s own PIN asks for the old one, and says why it is not taken', async () => {
  show(false);
  expect(screen.queryByRole('button', { name: 'Set the PIN of Ines Okafor' })).toBeNull();
  await press('Set the PIN of Bram Tell');
  type('Your old PIN', '2020');
  type('The new PIN, 4 to 8 digits', '5151');
  const asked = answer({ '/api/pin': { status: 409, body: { code: 'wrongPin', left: 2 } } });
  fireEvent.submit(screen.getByRole('button', { name: 'Set the PIN of Bram Tell' }).closest('form')!);
  expect(await screen.findByText('That is not the PIN. 2 more tries.')).toBeTruthy();
  expect(asked[0]).toMatchObject({ path: '/api/pin', body: { person: 'p', pin: '5151', old: '2020' } });
});

it('a lead changes what somebody may do, and only what was changed is sent', async () => {
  show(true);
  await press('Change Ines Okafor');
  const role = screen.getAllByLabelText('What they may do')[0]!;
  fireEvent.change(role, { target: { value: 'trainee' } });
  await press('Save Ines Okafor');
  await waitFor(() =>
    expect(written).toEqual([{ kind: 'person.changed', payload: { person: 'ines', basedOn: 'e-ines', fields: { role: 'trainee' } } }]),
  );
});

it('who leaves is asked about once more; who worked here comes back by taking that back', async () => {
  show(true);
  await press('Change Ines Okafor');
  await press('Ines Okafor no longer works here');
  expect(written).toEqual([]);
  await press('Yes: sign Ines Okafor out everywhere');
  await press('Wim Sato works here again');
  expect(written).toEqual([
    { kind: 'person.left', payload: { person: 'ines' } },
    { kind: 'entry.reversed', payload: { act: 'act-9' } },
  ]);
});
