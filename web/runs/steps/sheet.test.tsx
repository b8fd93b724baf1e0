/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, within } from '@testing-library/react';
import { Navigate, Route, Routes } from 'react-router';
import { nextOf, runFactsOf, sheetOf } from '#core/runs/index.ts';
import { HOUR_MS, MINUTE_MS, formatTime } from '#core/time/index.ts';
import { outbox } from '../../data/house.ts';
import { METRIC_UNITS } from '../../data/units.ts';
import { RunningStrip } from '../../frame/RunningStrip.tsx';
import { SignOut } from '../../frame/SignOut.tsx';
import { answer, draw, NOW, press, sentAct } from '../../testScreen.tsx';
import { sayDue } from '../../words/due.ts';
import { sayAction, sayLine } from '../../words/runs.ts';
import { Figures, NowLine } from '../picture/NowLine.tsx';
import { answers, BATH, card, FIRST_RUN, followed, inBath, payloads, show } from '../testRun.tsx';
import { BathNote } from './BathNote.tsx';
import { NextStep } from './NextStep.tsx';
import { Sheet } from './Sheet.tsx';
import SheetPage from './SheetPage.tsx';

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer(answers);
  await outbox.signIn('p');
});
const partsOf = (run = card()) => {
  const lines = sheetOf(run.started);
  return { run, lines, next: nextOf(lines, runFactsOf(run)) };
};

describe('the sheet on the screen', () => {
  it('shows what goes on and what is next; the whole of it is one tap away', () => {
    show(<Sheet {...partsOf()} />);
    const [now, whole] = screen.getAllByRole('list');
    expect(
      within(now!)
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent),
    ).toEqual([
      expect.stringMatching(/^going onStart the drip at 2\.2 mL\/min for 3 h going on/),
      expect.stringMatching(/^nextOpen up to 2\.9 mL\/min for 3 h/),
    ]);
    expect(screen.getByText('Never start a siphon by mouth')).toBeTruthy();
    expect(within(whole!).getAllByRole('listitem')).toHaveLength(partsOf().lines.length);
    expect(screen.getByText('The whole sheet: 4 done, 7 to come')).toBeTruthy();
  });

  it('one tap ticks off one motion: cut, pour and air together, the drip by itself', async () => {
    const fresh = partsOf(card({ events: [] }));
    show(<NextStep {...fresh} now={NOW} done={false} onRelease={() => undefined} />);
    await press(/^Cut the bag open, pour fish and water into the vessel of 12 L, air stone in, gentle/);
    const act = await sentAct(asked);
    expect(payloads(act).map(([, payload]) => (payload as { line: number }).line)).toEqual([0, 1, 2, 3]);
    expect(payloads(act).map(([, payload]) => (payload as { did: { do: string } }).did.do)).toEqual(['open', 'pour', 'air', 'stand']);
  });

  it('says how long until the next is planned; when it is there the action is to released', async () => {
    const parts = partsOf();
    const { unmount } = show(<NextStep {...parts} now={parts.run.startedAtMs + 61 * MINUTE_MS} done={false} onRelease={() => undefined} />);
    expect(screen.getByRole('button', { name: /^Open up to 2\.9 mL\/min/ }).textContent).toMatch(/planned in 2:00 h/);
    unmount();
    let went = false;
    show(<NextStep {...parts} now={NOW} done onRelease={() => (went = true)} />);
    await press(/^Release into D5/);
    expect(went).toBe(true);
  });
});

describe('the vessel now', () => {
  it('says when it is there with its band, or that it never is', () => {
    const run = card();
    const picture = followed(run);
    const { unmount } = show(<NowLine run={run} followed={picture} now={NOW} />);
    expect(screen.getByText(/until it is near enough to D5, about .*nine in ten between/)).toBeTruthy();
    unmount();
    show(<NowLine run={run} followed={{ ...picture, end: undefined, endBand: undefined }} now={NOW} />);
    expect(screen.getByText(/does not come there within a day of the plan/)).toBeTruthy();
  });

  it('says until when a binder holds, and since when it is spent', () => {
    const ammoniaBinder = {
      entry: 'b',
      atMs: NOW - HOUR_MS,
      by: 'Odalys',
      what: 'worked' as const,
      did: { do: 'ammonia binder' as const },
    };
    const run = card({ events: [ammoniaBinder] });
    const { unmount } = show(<Figures run={run} followed={followed(run)} now={NOW} />);
    expect(screen.getByText(/^ammonia binder holds until/)).toBeTruthy();
    unmount();
    show(<Figures run={run} followed={followed(run)} now={NOW + 23 * HOUR_MS} />);
    expect(screen.getByText(/^ammonia binder spent since/).className).toContain('warn');
  });

  it('a bath counts down to out, and shows its arithmetic', () => {
    show(<NowLine run={inBath({ end: { atMs: NOW + MINUTE_MS } })} now={NOW} />);
    expect(screen.getByText(/until the bath is over.*somebody stays beside it/)).toBeTruthy();
    show(<BathNote bath={BATH} />);
    expect(screen.getByText(/1 mL × 5 L ÷ 10 L = 0\.5 mL, by the label as it was entered/)).toBeTruthy();
  });
});

describe('the sheet on paper', () => {
  /** The page at its own address. */
  const paper = () =>
    draw(
      <Routes>
        <Route path="/" element={<Navigate to="/run/run-1/sheet" replace />} />
        <Route path="/run/:run/sheet" element={<SheetPage />} />
      </Routes>,
    );
  const bench = (runs: object[]) => ({ '/api/views/bench': { body: { seq: 1, bags: [], floats: [], runs, people: [] } } });

  it('has whose fish, every step with its hour, the cautions once, and room for looks with what should be read', async () => {
    asked = answer(bench([card({ watcher: { id: 'wim', name: 'Wim Sato' } })]));
    paper();
    expect(await screen.findByText('6 silver mono for D5')).toBeTruthy();
    expect(screen.getByText(/watched by Wim Sato/)).toBeTruthy();
    const steps = screen.getAllByRole('listitem').filter(({ textContent }) => /mL\/min for 3 h/.test(textContent ?? ''));
    expect(steps).toHaveLength(8);
    expect(screen.getAllByText('Never start a siphon by mouth')).toHaveLength(1);
    expect(screen.getByRole('columnheader', { name: 'should be, ppt' })).toBeTruthy();
    const rows = screen.getAllByRole('row').slice(1);
    expect(rows.length).toBeGreaterThan(5);
    // Begun 3 h 12 min ago and looked at every two hours: the first look to come is that of four hours.
    expect(within(rows[0]!).getAllByRole('cell')[0]!.textContent).toContain(formatTime(NOW + 48 * MINUTE_MS, 'Europe/Lisbon'));
    const salt = rows.map((row) => Number(within(row).getAllByRole('cell')[1]!.textContent));
    expect(salt).toEqual(salt.toSorted((a, b) => a - b));
  });

  it('goes by what was read, as the screen does', async () => {
    const reading = {
      entry: 'r',
      atMs: NOW - MINUTE_MS,
      by: 'Bram',
      quantity: 'salinity' as const,
      value: 16,
      typed: '16',
      method: 'meter' as const,
    };
    const run = card({ readings: [reading] });
    const end = (followedRun: typeof run) =>
      formatTime(followedRun.startedAtMs + followed(followedRun).end!.atMinute * MINUTE_MS, 'Europe/Lisbon');
    expect(end(run)).not.toBe(end(card()));
    asked = answer(bench([run]));
    paper();
    const last = (await screen.findByText(/^Read vessel and D5 with the same meter/)).closest('li')!;
    expect(last.textContent).toContain(end(run));
  });

  it('a run that is over says so', async () => {
    asked = answer(bench([]));
    paper();
    expect(await screen.findByText('This acclimation is over')).toBeTruthy();
  });
});

it('the strip tells what a vessel wants next, and who was called when nobody came', async () => {
  const vessel = {
    run: 'r',
    vessel: 'the overflow bucket',
    method: 'drip',
    lotLabel: 'silver mono',
    n: 6,
    tankCode: 'D5',
    startedAtMs: NOW - 1000,
  };
  const next = { rule: 'run-check', step: 'look-3', dueAtMs: NOW - 1000, byMs: NOW };
  answer({ '/api/views/running': { body: { seq: 1, floats: [], stayLimits: [], vessels: [{ ...vessel, next, paged: 'Wim Sato' }] } } });
  draw(<RunningStrip />);
  const item = (await screen.findByText('The overflow bucket, D5')).closest('li')!;
  expect(item.textContent).toMatch(/due.*Wim Sato was called: check, 6 silver mono/);
  expect(within(item).getByRole('link').getAttribute('href')).toBe('/bench?run=r');
  expect(screen.getByRole('status').textContent).toBe('the overflow bucket for D5: check is due, Wim Sato was called');
});

it('who watches a vessel is asked before signing out', async () => {
  const vessel = { run: 'r', vessel: 'the tub', method: 'drip', lotLabel: 'x', n: 1, tankCode: 'D5', startedAtMs: NOW, watcher: 'p' };
  const next = { rule: 'run-step', step: 'line-1', dueAtMs: NOW + MINUTE_MS, byMs: NOW + 90_000 };
  asked = answer({ '/api/views/running': { body: { seq: 1, floats: [], stayLimits: [], vessels: [{ ...vessel, next }] } } });
  draw(<SignOut />);
  await screen.findByTitle('Sign out');
  await Promise.resolve();
  fireEvent.click(await screen.findByTitle('Sign out'));
  const alert = await screen.findByRole('alert');
  expect(alert.textContent).toMatch(/You watch the tub for D5: hand it over first/);
  expect(asked.some(({ path }) => path === '/api/sign-out')).toBe(false);
});

it('steps, actions and due things in words', () => {
  const { lines } = partsOf();
  expect(sayLine(lines[FIRST_RUN]!, METRIC_UNITS)).toBe('Start the drip at 2.2 mL/min for 3 h');
  expect(sayLine({ step: { do: 'run', mLPerMin: 160, minutes: 15 }, first: true, inBath: false }, METRIC_UNITS)).toBe(
    'Start the siphon at 160 mL/min for 15 min',
  );
  expect(sayLine({ step: { do: 'wait', minutes: 30 }, first: true, inBath: true }, METRIC_UNITS)).toBe('In the bath, 30 min');
  expect(sayLine({ step: { do: 'wait', minutes: 15 }, first: false, inBath: false }, METRIC_UNITS)).toBe(
    'Shut the drip and let it stand, 15 min',
  );
  expect(sayAction({ do: 'flow', mLPerMin: 0, low: 0, high: 0, from: 'caught' }, METRIC_UNITS)).toBe('drip shut');
  const facts = { tankCode: 'D5', what: 'silver mono' };
  expect(sayDue({ rule: 'after-conversion', step: '48h', facts })).toBe(
    'Check D5: silver mono, 48 h after its conversion; losses come over days',
  );
  expect(sayDue({ rule: 'after-conversion', step: '336h', facts })).toMatch(/14 days after/);
  expect(sayDue({ rule: 'lights-on', step: 'end', facts })).toBe('Lights of D5 up again');
});
