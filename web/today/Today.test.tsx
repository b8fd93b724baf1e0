/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { screen } from '@testing-library/react';
import { MINUTE_MS } from '#core/time/index.ts';
import type { Due } from '#core/today/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { answer, draw, NOW } from '../testScreen.tsx';
import Today from './Today.tsx';

const call: Due = {
  id: 'e:pins-guessed:0',
  rule: 'pins-guessed',
  step: '0',
  fromMs: NOW - MINUTE_MS,
  byMs: NOW + MINUTE_MS,
  walk: [-2, 0, 0],
  facts: { what: '10 wrong PINs within an hour for Bram' },
};

it.each([
  ['trainee', 0],
  ['lead', 1],
] as const)('a call to a lead is seen by a %s, and settled by a lead alone; it leads to the people', async (role, buttons) => {
  answer({ '/api/views/today': { body: { seq: 1, due: [call] } } });
  draw(
    <ActionProvider>
      <Today />
    </ActionProvider>,
    role,
  );
  expect((await screen.findByRole('link', { name: /^To the people/ })).getAttribute('href')).toBe('/house?part=people');
  for (const name of [/^Done/, /^Later/, /^Leave out/]) expect(screen.queryAllByRole('button', { name })).toHaveLength(buttons);
});
