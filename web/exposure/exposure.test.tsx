/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { screen } from '@testing-library/react';
import type { MovesView, ToolCard } from '#contract/views.ts';
import { handsOf } from '#core/exposure/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct } from '../testScreen.tsx';
import { ToolList } from './ToolList.tsx';
import { ToolTaps } from './ToolTaps.tsx';

const wet = (tank: string) => ({ tank, code: tank, atMs: NOW - HOUR_MS });
const tool = (id: string, more: Partial<ToolCard> = {}): ToolCard => ({
  id,
  name: `${id} net`,
  what: 'net',
  racks: [id],
  wet: [],
  ...more,
});
const moves = (...tools: ToolCard[]): MovesView => ({ seq: 1, tasks: [], stayLimits: [], tools });
const FERN = tool('Fern', { wet: [wet('F2')] });
const GULL = tool('Gull');
const LOOSE = tool('Loose', { racks: [] });
const HANDS = tool(handsOf('p'), { name: 'Bram’s hands', what: 'hands', racks: [] });
const OTHERS = tool(handsOf('q'), { name: 'Wim’s hands', what: 'hands', racks: [], wet: [wet('G1')] });

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const taps = (tank: string, rack: string) =>
  draw(
    <ActionProvider>
      <ToolTaps moves={moves(FERN, GULL, LOOSE, HANDS, OTHERS)} tank={{ id: tank, code: tank }} rack={rack} />
    </ActionProvider>,
  );
const offered = () => screen.getAllByRole('button').map((button) => button.getAttribute('aria-label'));

it('offers the rack’s own tools, what is wet from elsewhere, what belongs nowhere, and one’s own hands, never another’s', () => {
  taps('B3', 'Birch');
  expect(offered()).toEqual(['Fern net was in B3', 'Loose net was in B3', 'Bram’s hands was in B3']);
  expect(screen.getByText(/wet from F2/)).toBeTruthy();
});

it('a tool that was only in this tank is no warning', () => {
  taps('F2', 'Fern');
  expect(offered()).toContain('Fern net was in F2');
  expect(screen.queryByText(/wet from/)).toBeNull();
});

it('writes a net in a second tank down with one tap', async () => {
  taps('B3', 'Birch');
  await press('Fern net was in B3');
  expect((await sentAct(asked)).entries).toMatchObject([{ kind: 'tool.used', payload: { tool: 'Fern', tanks: ['B3'] } }]);
});

it('shows nothing until it is known what is wet', () => {
  const { container } = draw(
    <ActionProvider>
      <ToolTaps moves={undefined} tank={{ id: 'B3', code: 'B3' }} rack="Birch" />
      <ToolList moves={moves(GULL)} />
    </ActionProvider>,
  );
  expect(container.querySelector('section')).toBeNull();
});

it('lists what is wet and where it was, disinfected in one tap; hands are washed', async () => {
  draw(
    <ActionProvider>
      <ToolList moves={moves({ ...FERN, wet: [wet('F2'), wet('B3')] }, GULL, OTHERS)} />
    </ActionProvider>,
  );
  expect(screen.getByText('F2 B3')).toBeTruthy();
  expect(screen.queryByText(/Gull net/)).toBeNull();
  expect(screen.getByRole('button', { name: 'Wim’s hands washed' })).toBeTruthy();
  await press('Fern net disinfected');
  expect((await sentAct(asked)).entries).toMatchObject([{ kind: 'tool.disinfected', payload: { tool: 'Fern' } }]);
});
