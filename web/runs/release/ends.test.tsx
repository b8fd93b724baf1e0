/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { BenchBag } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import type { Role } from '#core/roles/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { outbox } from '../../data/house.ts';
import { MeContext } from '../../data/me.ts';
import { answer, meAs, NOW, press, sentAct } from '../../testScreen.tsx';
import { BathForm } from '../begin/BathForm.tsx';
import { Begin } from '../begin/Begin.tsx';
import { patientOfBag } from '../begin/patient.ts';
import { answers, bag, card, followed, show } from '../testRun.tsx';
import { Release } from './Release.tsx';

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer(answers);
  await outbox.signIn('p');
});
const sent = () => sentAct(asked);

const READ = {
  entry: 'r',
  atMs: NOW - MINUTE_MS,
  by: 'Bram',
  quantity: 'salinity' as const,
  value: 29.4,
  typed: '29.4',
  method: 'meter' as const,
  instrument: 'bench meter',
};

describe('letting go', () => {
  const letGo = (run = card(), role: Role = 'keeper') =>
    show(<Release run={run} followed={followed(run)} now={NOW} onBack={() => undefined} onRead={() => undefined} />, role);

  it('opens the quarantine, says how, keeps the figures, dims the lights; the count must add up or is posted', async () => {
    letGo();
    expect(screen.getByText(/Not read side by side yet/)).toBeTruthy();
    expect(screen.getByText(/checks at 24 h, 48 h, 7 and 14 days/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'one into d5 fewer' }));
    expect(screen.getByText(/6 on record, this adds up to 5/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'one dead in it more' }));
    expect(screen.queryByText(/on record, this/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'poured through a net' }));
    fireEvent.click(screen.getByRole('button', { name: 'jumped' }));
    await press(/^Release 5 into D5/);
    const act = await sent();
    expect(act.entries.map(({ kind }) => kind)).toEqual(['quarantine.opened', 'acclimation.released', 'mishap.recorded', 'lights.dimmed']);
    expect(act.entries[1]!.payload).toMatchObject({
      into: [{ tank: 'D5', n: 5 }],
      dead: 1,
      by: 'poured through a net',
      water: 'to the drain',
    });
    const { figures } = act.entries[1]!.payload as Extract<Entry, { kind: 'acclimation.released' }>['payload'];
    expect(figures.totalMinutes).toBeCloseTo(192, 0);
    expect(figures.salinityStep).toBeGreaterThan(15);
  });

  it('sets both systems right by what their one meter was out', () => {
    const out = { entry: 'c', instrument: 'bench meter', quantity: 'salinity' as const, shown: 36.5, truth: 35, adjusted: false };
    letGo(
      card({
        readings: [{ ...READ, value: 30.9 }],
        tankSince: [{ atMs: NOW - 30_000, water: { salinity: 31.5 }, instrument: 'bench meter' }],
        meterChecks: [{ ...out, atMs: NOW - HOUR_MS }],
      }),
    );
    expect(screen.getByText(/29\.6 ppt here, 30\.2 ppt in D5 \(bench meter\)/)).toBeTruthy();
  });

  it('splits over tanks, and shows both systems read with the same meter', async () => {
    letGo(
      card({ readings: [READ], tankSince: [{ atMs: NOW - 30_000, water: { salinity: 30 }, instrument: 'bench meter' }], holdKnown: true }),
    );
    expect(screen.getByText(/29\.4 ppt here, 30 ppt in D5 \(bench meter\)/)).toBeTruthy();
    await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: 'split over another tank' }).disabled).toBe(false));
    fireEvent.click(screen.getByRole('button', { name: 'split over another tank' }));
    fireEvent.click(screen.getByRole('button', { name: 'one into d5 fewer' }));
    fireEvent.click(screen.getByRole('button', { name: 'one into d4 more' }));
    fireEvent.click(screen.getByRole('button', { name: 'not' }));
    await press(/^Release 6 into D5, D4/);
    const [released] = (await sent()).entries;
    expect(released!.payload).toMatchObject({
      into: [
        { tank: 'D5', n: 5 },
        { tank: 'D4', n: 1 },
      ],
      side: [{ quantity: 'salinity', vessel: 29.4, tank: 30, instrument: 'bench meter' }],
      figures: { salinityStep: expect.closeTo(0.6, 5) as number },
    });
  });

  it('lets the weakest out first, and goes back to the run with those that stay', async () => {
    let back = 0;
    const run = card({ holdKnown: true });
    show(<Release run={run} followed={followed(run)} now={NOW} onBack={() => (back += 1)} onRead={() => undefined} />);
    fireEvent.click(screen.getByRole('button', { name: 'some stay in it' }));
    for (let tap = 0; tap < 5; tap += 1) {
      fireEvent.click(screen.getByRole('button', { name: 'one into d5 fewer' }));
      fireEvent.click(screen.getByRole('button', { name: 'one stay in it more' }));
    }
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'one stay in it more' }).disabled).toBe(true);
    expect(screen.getByText('The acclimation goes on with 5.')).toBeTruthy();
    expect(screen.queryByText('Its water')).toBeNull();
    await press(/^Release 1 into D5, 5 stay/);
    expect((await sent()).entries[0]!.payload).toMatchObject({
      into: [{ tank: 'D5', n: 1 }],
      dead: 0,
      remaining: 5,
      water: 'kept for another',
    });
    await waitFor(() => expect(back).toBe(1));
  });

  it('says when its tank is not as it was', () => {
    letGo(card({ tankTouched: { what: 'water changed: 20 L', atMs: NOW - MINUTE_MS, by: 'Wim' } }));
    expect(screen.getByText(/water changed: 20 L.*read it again before they go in/)).toBeTruthy();
  });
});

describe('beginning', () => {
  const begin = (siblings: BenchBag[] = [], method: 'drip' | 'pooled bucket' = 'drip') =>
    show(<Begin bag={bag(1)} method={method} siblings={siblings} people={[]} onBack={() => undefined} />);

  it('one bag: a run with its plan, resolved', async () => {
    begin();
    await press(/^Begin/);
    const act = await sent();
    expect(act.entries[0]!.payload).toMatchObject({
      method: 'drip',
      from: [{ place: 'bag-1', n: 4 }],
      vessel: { name: 'a bucket', capacityL: 10 },
      of: { n: 4 },
    });
  });

  it('bags poured together are one run; each by itself as many', async () => {
    const { unmount } = begin([bag(2), bag(3)], 'pooled bucket');
    expect(screen.getByText(/nobody can say later which bag/)).toBeTruthy();
    await press(/^Begin: 3 bags into one/);
    const [pooled] = (await sent()).entries;
    expect(pooled!.payload).toMatchObject({ from: [{ n: 4 }, { n: 4 }, { n: 4 }], start: { waterL: 3 }, of: { n: 12 } });
    unmount();
    asked.length = 0;
    begin([bag(2), bag(3)]);
    fireEvent.click(screen.getByRole('button', { name: 'each by itself' }));
    await press(/^Begin 3 runs/);
    const runs = (await sent()).entries.filter(({ kind }) => kind === 'acclimation.started');
    expect(runs).toHaveLength(3);
    expect(runs[2]!.payload).toMatchObject({ vessel: { name: 'a bucket 3' }, start: { waterL: 1 } });
  });

  it('goes by the house’s own rules: how near is equal, from when it is watched, how often looked at', async () => {
    const rules = { ...STARTING_RULES, runs: { ...STARTING_RULES.runs, equalPpt: 1.5, equalC: 0.4, longH: 0.5, checkEveryMin: 20 } };
    const me = meAs('keeper');
    show(
      <MeContext value={{ ...me, house: { ...me.house, rules } }}>
        <Begin bag={bag(1)} method="drip" siblings={[]} people={[]} onBack={() => undefined} />
      </MeContext>,
    );
    expect(screen.getByText(/name who watches it. A check is asked for every 20 min/)).toBeTruthy();
    await press(/^Begin/);
    const started = (await sent()).entries[0]!.payload as Extract<Entry, { kind: 'acclimation.started' }>['payload'];
    expect(started).toMatchObject({ within: { temperature: 0.4 }, checkEveryMin: 20 });
    expect(started.within.salinity).toBeGreaterThanOrEqual(1.5);
  });

  it('a vessel that is too small begins nothing', () => {
    begin([bag(2)], 'pooled bucket');
    fireEvent.change(screen.getByLabelText(/^Holds/), { target: { value: '1.5' } });
    expect(screen.getByText(/The bags hold 2 L: that does not go into 1\.5 L/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Begin/ }).disabled).toBe(true);
  });
});

describe('a first-aid bath', () => {
  const type = (label: RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const fill = () => {
    type(/^Name on the label/, 'dye bath');
    type(/^The label says/, '1');
    type(/^Water in the bath/, '5');
    type(/^The bath’s water/, '24');
    type(/^Its salinity/, '28');
  };

  it('works out the label’s amount, shows how, and never gives one of its own', async () => {
    show(<BathForm patient={patientOfBag(bag(1), { now: NOW, ambient: STARTING_RULES.ambient })} onBack={() => undefined} />);
    expect(screen.getByLabelText<HTMLInputElement>(/^The label says/).value).toBe('');
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Begin the bath/ }).disabled).toBe(true);
    fill();
    expect(screen.getByRole('status').textContent).toMatch(/^0\.5 mL = 1 mL × 5 L ÷ 10 L = 0\.5 mL\. The value is the label’s/);
    await press(/^Begin the bath, 30 min/);
    const [begun] = (await sent()).entries;
    expect(begun!.payload).toMatchObject({
      method: 'first-aid bath',
      bath: { is: 'dye', minutes: 30, condition: 'critical' },
      checkEveryMin: 5,
    });
  });

  it('takes some fish of a tank, and a bag whole', async () => {
    const patient = { ...patientOfBag(bag(1), { now: NOW, ambient: STARTING_RULES.ambient }), place: 'G1', n: 4 };
    const whole = show(<BathForm patient={patient} onBack={() => undefined} />);
    expect(screen.queryByText(/into the bath$/)).toBeNull();
    whole.unmount();
    show(<BathForm patient={{ ...patient, netted: true }} onBack={() => undefined} />);
    for (let tap = 0; tap < 3; tap += 1) fireEvent.click(screen.getByRole('button', { name: 'one of 4, into the bath fewer' }));
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'one of 4, into the bath fewer' }).disabled).toBe(true);
    fill();
    await press(/^Begin the bath/);
    expect((await sent()).entries[0]!.payload).toMatchObject({ from: [{ place: 'G1', n: 1 }], of: { n: 1 } });
  });

  it('is refused in words by the house, and a lead is asked for a reason', async () => {
    asked = answer({
      '/api/journal': {
        status: 409,
        body: {
          code: 'refused',
          refusals: [{ code: 'bath.harsh', path: 'x', facts: { is: 'formalin', condition: 'critical' }, overrule: 'lead' }],
        },
      },
    });
    show(<BathForm patient={patientOfBag(bag(1), { now: NOW, ambient: STARTING_RULES.ambient })} onBack={() => undefined} />, 'lead');
    fireEvent.click(screen.getByRole('button', { name: 'formalin' }));
    expect(screen.getByText(/Harsh: only for fish in good shape/)).toBeTruthy();
    fill();
    await press(/^Begin the bath/);
    expect(await screen.findByText(/formalin is harsh, and these fish are critical/)).toBeTruthy();
  });
});
