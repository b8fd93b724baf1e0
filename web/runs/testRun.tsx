// A run and a bag that tests of runs begin from, and a place where actions go.
import type { ReactNode } from 'react';
import type { BenchBag, RunCard } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import type { Role } from '#core/roles/index.ts';
import { follow, runDues, runFactsOf } from '#core/runs/index.ts';
import { dyeBath, runningFacts, T0 } from '#core/runs/testCases.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { benchBag } from '../methods/testBag.ts';
import { draw, NOW } from '../testScreen.tsx';

export const facts = runningFacts({ method: 'long conversion' });
export const FIRST_RUN = facts.started.plan.findIndex((step) => step.do === 'run');
/** The monos, begun so long before 07:40 that one stretch of drip is over. */
const STARTED = NOW - 3.2 * HOUR_MS;
export const card = (more: Partial<RunCard> = {}): RunCard => {
  const run: RunCard = {
    entry: 'entry-1',
    run: 'run-1',
    method: 'long conversion',
    lot: 'lot-1',
    lotLabel: 'silver mono',
    by: 'Odalys',
    n: 6,
    tank: { id: 'D5', code: 'D5', purpose: 'quarantine', type: 'brackish', system: 'd5' },
    from: [{ place: 'bag-1', label: 'bag 1', n: 6 }],
    holdKnown: false,
    startedAtMs: STARTED,
    started: { ...facts.started, run: 'run-1', lot: 'lot-1', tank: 'D5', from: [{ place: 'bag-1', n: 6 }], checkEveryMin: 120 },
    events: facts.actions
      .filter(({ line }) => line! <= FIRST_RUN)
      .map(({ atMs, line, did }) => ({ entry: `w${line}`, atMs: STARTED + (atMs - T0), by: 'Odalys', what: 'worked', line, did })),
    readings: [],
    meterChecks: [],
    tankSince: [],
    fewer: [],
    dues: [],
    pages: [],
    ...more,
  };
  return { ...run, dues: more.dues ?? runDues(run, undefined) };
};
/** The same fish in a first-aid bath of half an hour. */
export const BATH = dyeBath({
  condition: 'poor',
  matched: { temperature: { bath: 25, fish: 25 }, salinity: { bath: 30, fish: 30 } },
});
export const inBath = (more: Partial<RunCard> = {}): RunCard => {
  const run = card(more);
  return { ...run, started: { ...run.started, bath: BATH } };
};
export const followed = (run: RunCard) => follow(runFactsOf(run), NOW);

export const show = (part: ReactNode, role: Role = 'keeper') => draw(<ActionProvider>{part}</ActionProvider>, role);
export const payloads = (act: Act) => act.entries.map(({ kind, payload }) => [kind, payload]);

export const bag = (no: number, more: Partial<BenchBag> = {}): BenchBag => {
  const { landed } = benchBag();
  return benchBag({ bag: `bag-${no}`, label: `bag ${no}`, landed: { ...landed!, condition: 'critical' }, ...more });
};

const room = {
  seq: 1,
  racks: [
    {
      id: 'delta',
      name: 'Delta',
      room: 'Back',
      walk: 1,
      tanks: [
        { id: 'D5', code: 'D5', system: 'd5', occupants: [] },
        { id: 'D4', code: 'D4', system: 'd4', occupants: [] },
      ],
    },
  ],
  systems: [],
};

/** A house that takes what is written, has two tanks, and whose bench meter is out by 2 ppt. */
export const answers = {
  '/api/journal': { body: { seq: 1 } },
  '/api/views/room': { body: room },
  '/api/devices/meter': {
    body: { quantity: 'salinity', value: 23.4, typed: '36.9 mS comp', method: 'meter', instrument: 'bench meter', atMs: NOW },
  },
  '/api/devices/meter/reference': { body: { shown: 37, truth: 35, instrument: 'bench meter' } },
};
