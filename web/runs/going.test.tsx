/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { createEvent, fireEvent, screen, waitFor } from '@testing-library/react';
import { sheetOf } from '#core/runs/index.ts';
import { METRIC } from '#core/water/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { answer, draw, NOW, press, sentAct } from '../testScreen.tsx';
import { TapPad } from './drip/TapPad.tsx';
import { MeterCheck } from './read/MeterCheck.tsx';
import { Reads } from './read/Reads.tsx';
import { answers, card, FIRST_RUN, followed, payloads, show } from './testRun.tsx';
import { Signs } from './watch/Signs.tsx';
import { Watch } from './watch/Watch.tsx';

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer(answers);
  await outbox.signIn('p');
});
const sent = () => sentAct(asked);

describe('the drip', () => {
  const pad = (run = card()) => show(<TapPad run={run} followed={followed(run)} lines={sheetOf(run.started)} now={NOW} />);
  let atMs = 1000;
  /** A finger that comes down at that instant, whenever the page gets round to it. */
  const fingerAt = (atMs: number) => {
    const button = screen.getByRole('button', { name: /Tap with each drop/ });
    const event = createEvent.pointerDown(button);
    Object.defineProperty(event, 'timeStamp', { value: atMs });
    fireEvent(button, event);
  };
  const tap = (times: number) => {
    for (let drop = 0; drop < times; drop += 1) fingerAt((atMs += 2000));
  };

  it('is told by ten drops: mL/min with its band, where it leads, and which way to turn', async () => {
    pad();
    tap(5);
    expect(screen.getByText(/5 more drops/)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Tap or catch first/ }).disabled).toBe(true);
    tap(11);
    expect(screen.getByText('2 mL/min')).toBeTruthy();
    expect(screen.getByText(/between 1\.4 mL\/min and 2\.6 mL\/min/)).toBeTruthy();
    // The second stretch is due and wants 2.9.
    expect(screen.getByRole('status').textContent).toMatch(/^Looser: 2 mL\/min is to be 2\.9 mL\/min/);
    expect(screen.getByText(/Full in/)).toBeTruthy();
    await press(/^Write 2 mL\/min/);
    expect(payloads(await sent())).toEqual([
      [
        'acclimation.actionTaken',
        { run: 'run-1', line: FIRST_RUN + 1, did: expect.objectContaining({ do: 'flow', from: 'taps' }) as object },
      ],
    ]);
  });

  it('takes what was caught in a measure, and nothing that is no amount', async () => {
    pad();
    fireEvent.change(screen.getByLabelText('or caught, mL'), { target: { value: 'a lot' } });
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /Tap or catch first/ }).disabled).toBe(true);
    fireEvent.change(screen.getByLabelText('or caught, mL'), { target: { value: '7,5' } });
    fireEvent.click(screen.getByRole('button', { name: '120' }));
    await press(/^Write 3\.8 mL\/min/);
    expect((await sent()).entries[0]!.payload).toMatchObject({ did: { mLPerMin: 3.75, from: 'caught' } });
  });

  it('says where this rate leads, as the line that is due, and that it is faster than they bear', () => {
    const first = card({ events: card().events.filter((event) => event.what === 'worked' && event.line! < FIRST_RUN), startedAtMs: NOW });
    pad(first);
    const catchOf = (mL: string) => fireEvent.change(screen.getByLabelText('or caught, mL'), { target: { value: mL } });
    const full = () => /Full in ([^.,]*)/.exec(document.querySelector('.tapLeads')!.textContent)![1]!;
    catchOf('10');
    const slow = full();
    expect(screen.queryByText(/within an hour/)).toBeNull();
    // 9 L of room at 60 mL/min: two hours and a half.
    catchOf('60');
    expect(full()).toMatch(/^2:30/);
    expect(full()).not.toBe(slow);
    expect(screen.getByText(/^Up [\d.]+ ppt within an hour\. Ordinary fish tolerate 4 ppt: tighter/)).toBeTruthy();
  });

  it('says never by mouth before anything runs', () => {
    const before = card({ events: [] });
    pad(before);
    expect(screen.getByText('Never start a siphon by mouth')).toBeTruthy();
    expect(screen.getByText('nothing runs yet')).toBeTruthy();
  });
});

describe('readings', () => {
  const reads = (run = card()) => show(<Reads run={run} followed={followed(run)} />);
  const field = () => screen.getByLabelText<HTMLInputElement>(/^Salinity/);

  it('come from the bench meter into the field, and are written with the meter’s name', async () => {
    reads();
    fireEvent.click(screen.getByRole('button', { name: 'probe in the water' }));
    await waitFor(() => expect(field().value).toBe('36.9 mS comp'));
    // 23 ppt where 11 is calculated: asked about before it is written.
    fireEvent.click(await screen.findByRole('button', { name: /is right$/ }));
    await press(/^Write it down/);
    expect((await sent()).entries[0]!.payload).toMatchObject({
      subject: { kind: 'run', id: 'run-1' },
      quantity: 'salinity',
      instrument: 'bench meter',
      reading: { typed: '36.9 mS comp', reference: 'compensated25', method: 'meter', source: 'measured' },
    });
  });

  it('that cannot be are refused in words; that hardly can be are asked about, with what was likely meant', () => {
    reads();
    fireEvent.change(field(), { target: { value: '200' } });
    expect(screen.getByText('200 ppt cannot be. Is the unit right?')).toBeTruthy();
    fireEvent.change(field(), { target: { value: '1.1' } });
    const ask = screen.getByRole('alertdialog');
    expect(ask.textContent).toMatch(/1\.1 ppt, where 1\d(\.\d)? ppt is calculated\. Was 11 meant/);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Write it down/ }).disabled).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: '11' }));
    expect(screen.queryByRole('alertdialog')).toBeNull();
  });

  it('say so when the meter does not answer', async () => {
    asked = answer({});
    reads();
    fireEvent.click(screen.getByRole('button', { name: 'probe in the water' }));
    expect(await screen.findByText(/does not answer/)).toBeTruthy();
  });

  it('a surface reading is trusted little, and said so', () => {
    reads();
    fireEvent.click(screen.getByRole('button', { name: 'temperature' }));
    fireEvent.change(screen.getByLabelText('How'), { target: { value: 'on the bag' } });
    expect(screen.getByText(/The curve trusts it little/)).toBeTruthy();
  });

  it('a meter dipped into its reference sets earlier readings right', async () => {
    const read = (atMs: number) => ({
      entry: `r${atMs}`,
      atMs,
      by: 'Bram',
      quantity: 'salinity' as const,
      value: 12,
      typed: '12',
      method: 'meter' as const,
      instrument: 'bench meter',
    });
    const run = card({ readings: [read(NOW - 1000), read(NOW - 2000)] });
    const { unmount } = show(<MeterCheck run={run} quantity="salinity" meter="bench meter" />);
    fireEvent.click(screen.getByText(/^Check the bench meter/));
    await press('Dip it and set it right');
    expect(payloads(await sent())).toEqual([
      ['meter.checked', { instrument: 'bench meter', quantity: 'salinity', shown: 37, truth: 35, adjusted: true }],
    ]);
    unmount();
    const check = { entry: 'c', atMs: NOW, instrument: 'bench meter', quantity: 'salinity' as const, shown: 37, truth: 35, adjusted: true };
    show(<MeterCheck run={{ ...run, meterChecks: [check] }} quantity="salinity" meter="bench meter" />);
    expect(screen.getByText(/out by 2 ppt; set right then/)).toBeTruthy();
    expect(screen.getByText(/2 earlier readings are set right by it/)).toBeTruthy();
  });

  it('a thermometer that is out by 1 °C is out by 1.8 °F', () => {
    const check = {
      entry: 'c',
      atMs: NOW,
      instrument: 'bench meter',
      quantity: 'temperature' as const,
      shown: 26,
      truth: 25,
      adjusted: true,
    };
    const part = <MeterCheck run={card({ meterChecks: [check] })} quantity="temperature" meter="bench meter" />;
    draw(<ActionProvider>{part}</ActionProvider>, 'keeper', { ...METRIC, temperature: '°F' });
    expect(screen.getByText(/out by 1\.8 °F; set right then/)).toBeTruthy();
  });
});

describe('signs and watch', () => {
  const led: string[] = [];
  /** The same run with a tank of the vessel's own water now: nothing stands against the tank. */
  const near = () => {
    const run = card();
    const { salinity, temperature, alkalinity } = followed(run).now;
    const water = { ...run.started.water, salinity, temperature, alkalinity };
    return { ...run, started: { ...run.started, water } };
  };
  const signs = (run = card()) =>
    show(<Signs run={run} followed={followed(card())} now={NOW} onRelease={() => led.push('released')} onRead={() => led.push('read')} />);

  it('a stop sign is one tap: written, and what to do now is there at once', async () => {
    signs();
    fireEvent.click(screen.getByRole('button', { name: 'rolling' }));
    expect(screen.getByRole('alert').textContent).toMatch(
      /Shut the drip\..*Back towards the last salinity that they tolerated: swap .* L for water of 0 ppt.*Not into the tank: that step is over their tolerance.*3:12 h after the start/,
    );
    expect(screen.queryByRole('button', { name: 'Let them out' })).toBeNull();
    expect(payloads(await sent())).toEqual([['acclimation.signSeen', { run: 'run-1', sign: 'rolling' }]]);
  });

  it('what is to be done now is written in one tap, or leads to where it is done', async () => {
    signs();
    fireEvent.click(screen.getByRole('button', { name: 'rolling' }));
    await sent();
    asked.length = 0;
    await press('Drip is shut');
    expect(payloads(await sent())).toEqual([
      ['acclimation.actionTaken', { run: 'run-1', did: { do: 'flow', mLPerMin: 0, low: 0, high: 0, from: 'caught' } }],
    ]);
    asked.length = 0;
    fireEvent.click(screen.getAllByRole('button', { name: 'Write the reading' })[0]!);
    expect(led).toEqual(['read']);
  });

  it('near enough to the tank, out is what a stop sign ends in', async () => {
    led.length = 0;
    signs(near());
    fireEvent.click(screen.getByRole('button', { name: 'rolling' }));
    await sent();
    fireEvent.click(screen.getByRole('button', { name: 'Let them out' }));
    expect(led).toEqual(['released']);
  });

  it('what fish do on the first day is told apart', async () => {
    signs();
    fireEvent.click(screen.getByRole('button', { name: 'sitting on the bottom' }));
    expect(screen.getByRole('alert').textContent).toMatch(/Expected on the first day of a conversion/);
    expect(payloads(await sent())).toEqual([['acclimation.signSeen', { run: 'run-1', sign: 'sitting on the bottom' }]]);
  });

  it('the dead are taken out of the vessel by the records', async () => {
    signs();
    fireEvent.click(screen.getByRole('button', { name: 'one dead in it more' }));
    await press('Take out 1 dead');
    expect(payloads(await sent())).toEqual([
      ['loss.recorded', { lot: 'lot-1', place: 'run-1', n: 1, cause: 'acclimation', sure: 'guess' }],
    ]);
  });

  it('a look says what was not so; handing over names who watches and how often', async () => {
    show(<Watch run={card()} people={[{ id: 'wim', name: 'Wim Sato' }]} now={NOW} />);
    expect(screen.getByText('Nobody is named to watch it')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'lid on' }));
    fireEvent.change(screen.getByLabelText('Note for whoever comes next'), { target: { value: 'found it off' } });
    await press(/^Write: 1 not so/);
    expect((await sent()).entries[0]!.payload).toMatchObject({ wrong: ['lid on'], note: 'found it off' });
    asked.length = 0;
    fireEvent.change(screen.getByLabelText('Hand it to'), { target: { value: 'wim' } });
    fireEvent.click(screen.getByRole('button', { name: '60' }));
    await press('Hand over');
    expect(payloads(await sent())).toEqual([['acclimation.handedOver', { run: 'run-1', to: 'wim', checkEveryMin: 60 }]]);
  });
});
