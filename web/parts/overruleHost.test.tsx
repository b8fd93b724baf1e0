/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { Act } from '#core/catalogue/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw } from '../testScreen.tsx';
import { useOverrule } from './useOverrule.tsx';

/** A form that is gone as soon as it was sent, as one is whose bag shows as released at once. */
function Form({ onGone }: { onGone: () => void }) {
  const { attempt } = useOverrule();
  const send = () => {
    attempt({
      title: 'bag 1 into G1',
      doing: 'Net out all the same',
      words: 'let in',
      drafts: [{ kind: 'due.done', payload: { due: 'a:lights-on:end' } }],
      onDone: () => undefined,
    });
    onGone();
  };
  return <Button onClick={send}>Net out</Button>;
}
function Screen() {
  const [gone, setGone] = useState(false);
  return gone ? <p>released</p> : <Form onGone={() => setGone(true)} />;
}

it('what stands against a action is asked even when its form has left the screen, and the answer is sent', async () => {
  await outbox.signIn('p');
  const refusal = {
    code: 'release.salinity',
    path: '',
    facts: { step: 3, tolerance: 2, open: false, tank: 'G1' },
    overrule: 'lead',
    emergency: true,
  };
  const asked = answer({ '/api/journal': { status: 409, body: { code: 'refused', refusals: [refusal] } } });
  draw(
    <ActionProvider>
      <Screen />
    </ActionProvider>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Net out' }));
  expect(await screen.findByText('released')).toBeTruthy();
  fireEvent.click(await screen.findByRole('button', { name: 'done already' }));
  fireEvent.change(screen.getByLabelText(/Why you do it/), { target: { value: 'they were in' } });
  const sent = () => asked.filter(({ path }) => path === '/api/journal').map(({ body }) => (body as Act).entries[0]!.overrules);
  expect(sent()).toEqual([undefined]);
  fireEvent.click(screen.getByRole('button', { name: 'Net out all the same' }));
  await waitFor(() => expect(sent()[1]).toEqual([{ code: 'release.salinity', reason: 'they were in', without: 'done already' }]));
});
