/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { Afloat, BenchBag } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import type { Preference } from '#core/water/index.ts';
import { ActionProvider } from '../actions/actions.tsx';
import { outbox } from '../data/house.ts';
import { benchBag } from '../methods/testBag.ts';
import { answer, draw, NOW, press, sentAct, tankCard } from '../testScreen.tsx';
import { FloatCard } from './FloatCard.tsx';
import { ReleaseCard } from './ReleaseCard.tsx';

const bag: BenchBag = benchBag({ temperature: { value: 22, method: 'folded', atMs: 1 } });
const run: Afloat = {
  floatId: 'run-1',
  bag: 'bag-1',
  bagLabel: 'bag 1',
  crate: 'c',
  lotLabel: 'firefish',
  n: 4,
  tank: 'G1',
  tankCode: 'G1',
  startedAtMs: NOW - 600_000,
  dueAtMs: NOW + 600_000,
  bagC: 22,
  bagMethod: 'folded',
  tankC: 25,
  waterL: 1,
  by: 'Bram',
};

let asked: ReturnType<typeof answer>;
beforeEach(async () => {
  asked = answer({ '/api/journal': { body: { seq: 1 } } });
  await outbox.signIn('p');
});
const float = (more: Partial<BenchBag> = {}, prefers?: Preference) =>
  draw(
    <ActionProvider>
      <FloatCard bag={{ ...bag, ...more }} />
    </ActionProvider>,
    'keeper',
    prefers,
  );
const floating = (more: Partial<BenchBag> = {}, now = NOW, float: Partial<Afloat> = {}) =>
  draw(
    <ActionProvider>
      <ReleaseCard bag={{ ...bag, ...more }} run={{ ...run, ...float }} now={now} />
    </ActionProvider>,
  );
const sent = () => sentAct(asked);
const written = () => asked.filter(({ path }) => path === '/api/journal');
const kindsOf = (act: Act) => act.entries.map(({ kind }) => kind);

describe('before the float', () => {
  it('says how long, as a band, and sends what it was calculated from', async () => {
    float();
    expect(screen.getByText('25 min')).toBeTruthy();
    expect(screen.getByText(/between 17 and 38 min/)).toBeTruthy();
    await press(/^Start float 25 min/);
    const act = await sent();
    expect(kindsOf(act)).toEqual(['float.started']);
    expect(act.entries[0]!.payload).toMatchObject({
      n: 4,
      tank: 'G1',
      minutes: expect.closeTo(25.08, 1) as number,
      bagTemperature: { value: 22, method: 'folded', source: 'measured' },
      tankTemperature: { value: 25, source: 'stated' },
      water: { value: 1, source: 'estimated' },
    });
  });

  it('a new reading of bag or tank becomes a reading in the same act', async () => {
    float();
    fireEvent.change(screen.getByLabelText(/^Bag, °C/), { target: { value: '70F' } });
    fireEvent.change(screen.getByLabelText(/^Tank G1, °/), { target: { value: '24.5' } });
    await press(/^Start float/);
    expect(kindsOf(await sent())).toEqual(['reading.taken', 'reading.taken', 'float.started']);
  });

  it('a told temperature stays told, and is no reading', async () => {
    float({ temperature: undefined });
    expect(screen.getByText('Stated by the supplier, not measured.')).toBeTruthy();
    await press(/^Start float/);
    const act = await sent();
    expect(kindsOf(act)).toEqual(['float.started']);
    expect(act.entries[0]!.payload).toMatchObject({ bagTemperature: { value: 24, source: 'stated' } });
  });

  it('warns of a reading of the skin, and of a step up in salinity', () => {
    float({ temperature: { value: 22, method: 'on the bag', atMs: 1 } });
    const notes = screen.getAllByRole('note').map(({ textContent }) => textContent);
    expect(notes).toEqual([expect.stringMatching(/a step up of 3 ppt/), expect.stringMatching(/skin and its water are often 2 °C apart/)]);
  });

  it.each<[Partial<BenchBag>, RegExp]>([
    [{ stated: {} }, /Salinity of the bag not known\. Ask/],
    [{ stated: { salinityPpt: 34 } }, /Salinity: 34 ppt stated → 31 ppt in G1, a step down of 3 ppt; they tolerate 6 ppt at once\.$/],
    [{ stated: { salinityPpt: 31.2 } }, /no step/],
    // Measured beats stated, here and in another bag of the lot.
    [
      { readings: { salinity: { value: 28.4, method: 'meter', source: 'measured', atMs: 0 } } },
      /28\.4 ppt measured .* Bring tank and bag nearer/,
    ],
    [{ siblings: { salinity: { value: 29, method: 'meter', source: 'measured', atMs: 0 } } }, /29 ppt in another bag/],
    // The wrong water is said whatever kind the tank is.
    [{ system: { ...bag.system!, type: 'fresh', salinityPpt: 0.2 } }, /down of 27\.8 ppt; they tolerate 6 ppt at once/],
  ])('salinity told %j: %s', (more, words) => {
    float(more);
    expect(
      screen.getByText((_text, element) =>
        element?.tagName === 'P' || element?.getAttribute('role') === 'note' ? words.test(element.textContent) : false,
      ),
    ).toBeTruthy();
  });

  it('equal waters need no float', () => {
    float({ stated: { salinityPpt: 0.2 }, system: { ...bag.system!, type: 'fresh', salinityPpt: 0.2, temperatureC: 22.2 } });
    expect(screen.getByText(/no step/)).toBeTruthy();
    expect(screen.getByText(/nothing to wait for/)).toBeTruthy();
  });

  it.each([
    [{ bagCondition: 'soft' as const }, /Soft bag: it sinks/],
    [{ condition: 'critical' as const }, /Critical fish: no time to float/],
  ])('offers no float to %j', (more, words) => {
    float({ landed: { ...bag.landed!, ...more } });
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Start float/ })).toBeNull();
    expect(screen.getByRole('button', { name: /^Net out 4 into G1/ })).toBeTruthy();
  });
});

describe('net out', () => {
  it('shows how far the float is and what the bag should be now', () => {
    floating();
    expect(screen.getByText('10:00')).toBeTruthy();
    expect(screen.getByText(/should now be near 23.5 °C \(estimate\)/)).toBeTruthy();
    expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('50');
  });

  it('opens the quarantine of the lot with its first fish, by the rule of its system', async () => {
    floating({}, run.dueAtMs);
    expect(screen.getByText(/cut it below the knot/)).toBeTruthy();
    expect(screen.getByText('Its quarantine begins with this: 28 clear days.')).toBeTruthy();
    await press(/^Net out 4 into G1/);
    const act = await sent();
    expect(kindsOf(act)).toEqual(['quarantine.opened', 'fish.released']);
    expect(act.entries.map(({ payload }) => payload)).toEqual([
      expect.objectContaining({ lot: 'lot-1', policy: plainPolicy(28) }),
      { bag: 'bag-1', lot: 'lot-1', tank: 'G1', floatId: 'run-1', alive: 4, dead: 0, by: 'net' },
    ]);
  });

  it('opens none when it is open already', async () => {
    floating({ holdKnown: true });
    await press('cup');
    await press(/^Net out 4/);
    expect(await sent()).toMatchObject({ entries: [{ kind: 'fish.released', payload: { by: 'cup' } }] });
  });

  it('posts fewer than the records as missing before the release', async () => {
    floating({ holdKnown: true });
    await press('one into the tank fewer');
    await press('one into the tank fewer');
    await press('one dead in the bag more');
    expect(screen.getByText('4 on record. 1 will stand as missing.')).toBeTruthy();
    await press(/^Net out 2 into G1/);
    const act = await sent();
    expect(act.entries[0]).toMatchObject({ kind: 'stock.counted', payload: { place: 'bag-1', found: 3, onRecord: 4, against: 'missing' } });
    expect(act.entries[1]).toMatchObject({ kind: 'fish.released', payload: { alive: 2, dead: 1 } });
  });

  it('bags of the lot that are due in the same tank go with it, as they are on the records', async () => {
    const second = { bag: { ...bag, bag: 'bag-2', label: 'bag 2', holdKnown: true }, floatId: 'run-2' };
    draw(
      <ActionProvider>
        <ReleaseCard bag={{ ...bag, holdKnown: true }} run={run} now={run.dueAtMs} others={[second]} />
      </ActionProvider>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'all 2' }));
    await press(/^Net out 8 into G1, 2 bags/);
    const { entries } = await sent();
    expect(entries.map(({ payload }) => payload)).toMatchObject([
      { bag: 'bag-1', alive: 4, floatId: run.floatId },
      { bag: 'bag-2', alive: 4, dead: 0, floatId: 'run-2' },
    ]);
  });

  it('cleared residents that meet them are back in quarantine by the same act, unless somebody says not', async () => {
    const gramma = { lot: 'gramma', label: 'royal gramma', n: 2, promised: false };
    const systems = [{ id: 'w', entry: 'e', name: 'Salt', type: 'marine', temperatureC: 25, salinityPpt: 31, volumeL: 300, tanks: 1 }];
    const tanks = [tankCard('G1', { occupants: [gramma] })];
    asked = answer({
      '/api/journal': { body: { seq: 1 } },
      '/api/views/room': { body: { seq: 1, racks: [{ id: 'r', name: 'Gull', room: 'Back', walk: 1, tanks }], systems } },
    });
    floating();
    expect(await screen.findByLabelText(/are back in quarantine: royal gramma/)).toBeTruthy();
    await press(/^Net out 4 into G1/);
    const { entries } = await sent();
    expect(entries.map(({ kind, payload }) => [kind, (payload as { lot: string }).lot])).toEqual([
      ['quarantine.opened', 'lot-1'],
      ['fish.released', 'lot-1'],
      ['quarantine.opened', 'gramma'],
    ]);
  });

  it('takes any Enter when it is due, and none before: then only the button itself', async () => {
    const first = floating({ holdKnown: true });
    fireEvent.keyDown(document, { key: 'Enter', code: 'Enter' });
    expect(written()).toEqual([]);
    first.unmount();
    floating({ holdKnown: true }, run.dueAtMs);
    await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Net out/ }).disabled).toBe(false));
    fireEvent.keyDown(document, { key: 'Enter', code: 'Enter', repeat: true });
    expect(written()).toEqual([]);
    fireEvent.keyDown(document, { key: 'Enter', code: 'Enter' });
    expect(kindsOf(await sent())).toEqual(['fish.released']);
  });

  it('warns again when only the skin of the bag was read', () => {
    floating({}, NOW, { bagMethod: 'on the bag' });
    expect(screen.getByText(/read on its skin/)).toBeTruthy();
  });
});

describe('read in °F', () => {
  const F = { temperature: '°F', volume: 'US gal' } as const;

  it('what is left as the house had it is no new reading, and not rounded by the change of units', async () => {
    float({ temperature: { value: 22.04, method: 'folded', atMs: 1 }, waterL: 1.13 }, F);
    const value = (label: RegExp) => screen.getByLabelText<HTMLInputElement>(label).value;
    expect([value(/^Bag, °F/), value(/^Tank G1, °/), value(/^Water in the bag, US gal/)]).toEqual(['71.7', '77', '0.3']);
    await press(/^Start float/);
    const act = await sent();
    expect(kindsOf(act)).toEqual(['float.started']);
    expect(act.entries[0]!.payload).toMatchObject({
      bagTemperature: { value: 22.04 },
      tankTemperature: { value: 25 },
      water: { value: 1.13 },
    });
  });

  it('a bare number typed is °F', async () => {
    float({}, F);
    fireEvent.change(screen.getByLabelText(/^Bag, °F/), { target: { value: '68' } });
    await press(/^Start float/);
    expect((await sent()).entries[0]!.payload).toMatchObject({ reading: { value: 20, typed: '68' } });
  });
});
