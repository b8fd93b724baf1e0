/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen } from '@testing-library/react';
import { outbox } from '../data/house.ts';
import { answer, NOW } from '../testScreen.tsx';
import { answers, card, show } from './testRun.tsx';
import { RunPage } from './RunPage.tsx';

/** A worker that is still calculating: the page must serve without its picture. */
class Calculation {
  postMessage(): void {}
  terminate(): void {}
}

beforeEach(async () => {
  globalThis.Worker = Calculation as unknown as typeof Worker;
  Element.prototype.scrollIntoView = () => undefined;
  answer(answers);
  await outbox.signIn('p');
});
const page = () => show(<RunPage run={card()} people={[]} now={NOW} />);
const tab = (name: string) => screen.getByRole('button', { name });
const openTab = () =>
  ['steps', 'drip', 'read', 'signs', 'watch'].filter(
    (name) => screen.queryByRole('button', { name })?.getAttribute('aria-pressed') === 'true',
  );

it('serves while it is being calculated: what is next, and every panel', () => {
  page();
  expect(screen.getByText('being calculated …')).toBeTruthy();
  expect(openTab()).toEqual(['steps']);
  for (const name of ['drip', 'read', 'signs', 'watch', 'steps']) {
    fireEvent.click(tab(name));
    expect(openTab()).toEqual([name]);
  }
});

it('letting go leads to reading, and back to where it was', () => {
  page();
  fireEvent.click(tab('release before it is there'));
  expect(openTab()).toEqual([]);
  fireEvent.click(tab('read now'));
  expect(openTab()).toEqual(['read']);
  expect(screen.getByRole('textbox', { name: /^Salinity/ })).toBeTruthy();
  fireEvent.click(tab('steps'));
  fireEvent.click(tab('release before it is there'));
  fireEvent.click(tab('not yet, back to the steps'));
  expect(openTab()).toEqual(['steps']);
});

it('the keys for reading and signs work from everywhere on it, letting go included', () => {
  page();
  fireEvent.click(tab('release before it is there'));
  fireEvent.keyDown(document.body, { key: 's', code: 'KeyS' });
  expect(openTab()).toEqual(['signs']);
  fireEvent.keyDown(document.body, { key: 'r', code: 'KeyR' });
  expect(openTab()).toEqual(['read']);
});
