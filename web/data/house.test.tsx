/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { render, screen, waitFor } from '@testing-library/react';
import { preloadViews, useView } from './house.ts';
import { answer } from '../testScreen.tsx';

function Dock() {
  const { data } = useView('dock');
  return <p>{data ? `seen ${data.seq}` : 'nothing'}</p>;
}

it('reading ahead puts answers there, and takes nothing away when the house has gone', async () => {
  answer({ '/api/views/dock': { body: { seq: 7, crates: [], species: [] } } });
  render(<Dock />);
  expect(await screen.findByText('seen 7')).toBeTruthy();
  const asked = answer({});
  preloadViews();
  await waitFor(() => expect(asked.map(({ path }) => path)).toContain('/api/views/dock'));
  await new Promise((resolve) => setTimeout(resolve, 50)); // for a wrong answer to be shown, were it so
  expect(screen.getByText('seen 7')).toBeTruthy();
  answer({ '/api/views/dock': { body: { seq: 8, crates: [], species: [] } } });
  preloadViews();
  expect(await screen.findByText('seen 8')).toBeTruthy();
});
