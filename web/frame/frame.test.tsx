/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import type { Afloat, StreamView } from '#contract/views.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { hearHouseTime, houseNow, setHouseClock } from '../data/clock.ts';
import { answer, draw, NOW } from '../testScreen.tsx';
import { Guard } from './Guard.tsx';
import { RunningStrip } from './RunningStrip.tsx';
import { StreamBar } from './StreamBar.tsx';

const stream: StreamView = {
  seq: 1,
  expected: 42,
  dock: 18,
  bench: 24,
  quarantine: 311,
  cleared: 96,
  promised: 20,
  inHouse: 469,
  lost7: 6,
};
const run = (no: number, dueInMs: number): Afloat => ({
  floatId: `r${no}`,
  bag: `b${no}`,
  bagLabel: `bag ${no}`,
  crate: 'c',
  lotLabel: 'firefish',
  n: 2,
  tank: 'G1',
  tankCode: 'G1',
  startedAtMs: NOW - 600_000,
  dueAtMs: NOW + dueInMs,
  bagC: 22,
  bagMethod: 'folded',
  tankC: 25.4,
  waterL: 1,
  by: 'Bram',
});

it('the stream shows each stage, and its ribbon only the house', async () => {
  answer({ '/api/views/stream': { body: stream } });
  const { container } = draw(<StreamBar />);
  await screen.findByText('469');
  expect([...container.querySelectorAll('.stream-stages b')].map(({ textContent }) => textContent)).toEqual([
    '42',
    '18',
    '24',
    '311',
    '96',
    '20',
  ]);
  expect([...container.querySelectorAll<HTMLElement>('.stream-flow i')].map((part) => part.style.flexGrow)).toEqual([
    '18',
    '24',
    '311',
    '96',
    '20',
  ]);
});

it('the strip tells what is due and what is left, and takes no room when nothing runs', async () => {
  answer({ '/api/views/running': { body: { seq: 1, stays: [], vessels: [], floats: [run(1, -1000), run(2, 250_000)] } } });
  const first = draw(<RunningStrip />);
  expect((await screen.findByText('Bag 1 float, G1')).closest('li')!.textContent).toContain('due');
  expect(screen.getByText('Bag 2 float, G1').closest('li')!.textContent).toContain('04:10');
  first.unmount();
  answer({ '/api/views/running': { body: { seq: 1, stays: [], vessels: [], floats: [] } } });
  const { container } = draw(<RunningStrip />);
  await act(() => Promise.resolve());
  expect(container.innerHTML).toBe('');
});

it('a station that breaks leaves the frame standing', () => {
  const quiet = console.error;
  console.error = () => undefined;
  const Broken = () => {
    throw new Error('broken');
  };
  draw(
    <Guard>
      <Broken />
    </Guard>,
  );
  console.error = quiet;
  expect(screen.getByRole('alert').textContent).toContain('This station could not be drawn');
});

it('the clock on this screen follows the house, whatever this device’s own says, and stands when the house does', () => {
  setHouseClock({ nowMs: NOW, frozen: true });
  expect(houseNow()).toBe(NOW);
  // Moved on while it stands.
  hearHouseTime(NOW + MINUTE_MS);
  expect(houseNow()).toBe(NOW + MINUTE_MS);
  // Half of an odd answer time is no whole millisecond; the house’s instants are.
  setHouseClock({ nowMs: NOW, frozen: false }, 200.5);
  expect(Number.isInteger(houseNow())).toBe(true);
  const off = () => houseNow() - NOW;
  expect(off()).toBeGreaterThanOrEqual(200);
  expect(off()).toBeLessThan(1000);
  // What comes late by the length of the way is not followed; a clock that was moved is.
  hearHouseTime(houseNow() - 150);
  expect(off()).toBeGreaterThanOrEqual(200);
  hearHouseTime(NOW + HOUR_MS);
  expect(Math.abs(off() - HOUR_MS)).toBeLessThan(1000);
});
