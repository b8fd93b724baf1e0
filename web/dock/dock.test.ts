import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import type { BagCard, DockView } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { asListed, isAsListed, landingOf, sayFish, surpriseBox } from './draft.ts';
import { accepted, actOf, laidOver } from '../data/testOverlay.ts';
import { overlayDock } from './overlay.ts';

const bag = (no: number): BagCard => ({
  bag: `b${no}`,
  label: `bag ${no}`,
  box: 1,
  listed: 4,
  waterL: 1.5,
  lot: 'l',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
});
const view: DockView = {
  seq: 1,
  species: [{ id: 'six-line-wrasse', common: 'six-line wrasse', scientific: 'P. hexataenia', alsoCalled: [] }],
  crates: [
    {
      crate: 'c',
      entry: 'e',
      label: 'crate',
      supplierId: 's',
      supplier: 'yard',
      packedAtMs: 0,
      promisedAtMs: 0,
      stated: {},
      bags: [bag(1), bag(2)],
    },
  ],
};
const CRATE = v7();
const bags = (...acts: Act[]) => laidOver(overlayDock, view, acts).crates[0]!.bags;

it('a draft as listed is a look; any change makes it a count', () => {
  const draft = asListed(4);
  expect(isAsListed(draft, 4)).toBe(true);
  expect(landingOf(draft, { crate: 'c', units: METRIC_UNITS, bag: bag(1) })).toEqual([
    {
      kind: 'bag.landed',
      payload: { bag: 'b1', crate: 'c', lot: 'l', alive: 4, dead: 0, quality: 'looked', condition: 'fit', bagCondition: 'sound' },
    },
  ]);
  expect(landingOf({ ...draft, alive: 3, dead: 1 }, { crate: 'c', units: METRIC_UNITS, bag: bag(1) })[0]).toMatchObject({
    payload: { alive: 3, dead: 1, quality: 'counted' },
  });
  expect(sayFish({ alive: 3, dead: 1 }, 'firefish')).toBe('3 firefish, 1 dead');
});

it('a temperature becomes a reading with its method in the same act', () => {
  const [, reading] = landingOf(
    { ...asListed(4), temperature: '71F', method: 'on the bag' },
    { crate: 'c', units: METRIC_UNITS, bag: bag(1) },
  );
  expect(reading).toMatchObject({
    kind: 'reading.taken',
    payload: {
      subject: { kind: 'bag', id: 'b1' },
      reading: { value: expect.closeTo(21.67, 2) as number, typed: '71F', method: 'on the bag' },
    },
  });
});

it.each([
  ['as listed', asListed(4), { bag: bag(1) }],
  ['other fish', { ...asListed(4), other: { heardAs: 'six lines', species: view.species[0] } }, { bag: bag(1) }],
  ['a bag on no list', { ...asListed(1), other: { heardAs: 'blue thing' } }, { newBag: { label: 'bag +1', box: 0, waterL: 1.5 } }],
])('%s makes an act that the contract takes', (_name, draft, where) => {
  expect(checkAct(actOf(...landingOf(draft, { crate: 'c', units: METRIC_UNITS, ...where })))).toMatchObject({ ok: true });
});

describe('before the server has answered', () => {
  const landing = actOf(...landingOf(asListed(4), { crate: 'c', units: METRIC_UNITS, bag: bag(1) }));
  it('a landed bag is landed, by whom and when', () => {
    expect(bags(landing)[0]!.landed).toMatchObject({ by: 'Bram', alive: 4, actId: landing.actId });
    expect(bags(landing)[1]!.landed).toBeUndefined();
    expect(view.crates[0]!.bags[0]!.landed).toBeUndefined();
  });

  it('an undo takes the landing off again', () => {
    expect(bags(landing, actOf({ kind: 'entry.reversed', payload: { act: landing.actId } }))[0]!.landed).toBeUndefined();
  });

  it('a bag on no list joins the crate; wrong fish show under their own name', () => {
    const surprise = actOf(
      ...landingOf(
        { ...asListed(1), other: { heardAs: 'blue thing' } },
        { crate: 'c', units: METRIC_UNITS, newBag: { label: 'bag +1', box: 0, waterL: 1.5 } },
      ),
    );
    expect(bags(surprise)[2]).toMatchObject({ label: 'bag +1', listed: 0, lotLabel: 'blue thing', landed: { alive: 1, wrong: false } });
    const wrong = actOf(
      ...landingOf(
        { ...asListed(4), other: { heardAs: 'six lines', species: view.species[0] } },
        { crate: 'c', units: METRIC_UNITS, bag: bag(2) },
      ),
    );
    expect(bags(wrong)[1]).toMatchObject({ lotLabel: 'six-line wrasse', species: { id: 'six-line-wrasse' }, landed: { wrong: true } });
  });

  it('arrival, absence, float and release show too', () => {
    const all = laidOver(overlayDock, view, [
      actOf({ kind: 'crate.arrived', payload: { crate: 'c', units: METRIC_UNITS, carton: 'wet' } }),
      actOf({ kind: 'bag.absent', payload: { bag: 'b2', crate: 'c' } }),
      actOf({ kind: 'bag.assigned', payload: { bag: 'b1', lot: 'l', tank: 'G1' } }),
      actOf({ kind: 'float.started', payload: { bag: 'b1' } }),
      actOf({ kind: 'fish.released', payload: { bag: 'b1' } }),
    ]).crates[0]!;
    expect(all.arrived).toMatchObject({ carton: 'wet', by: 'Bram' });
    expect(all.bags[1]!.absent).toBeDefined();
    expect(all.bags[0]).toMatchObject({ tank: { id: 'G1', code: 'code of G1' }, afloat: false, released: {} });
  });
});

it('a bag that was poured into a vessel is on its way at once, and released with it', () => {
  const poured = actOf({ kind: 'acclimation.started', payload: { run: 'r', lot: 'l', tank: 'G1', from: [{ place: 'b1', n: 4 }] } });
  expect(bags(poured).map(({ inRun }) => inRun)).toEqual(['r', undefined]);
  const gone = bags(poured, actOf({ kind: 'acclimation.released', payload: { run: 'r' } }));
  expect(gone.map(({ released }) => released !== undefined)).toEqual([true, false]);
});

it('a box on nobody’s list is expected and here in one act, closed since as long as somebody says, with nothing known of its water', () => {
  const now = Date.UTC(2026, 2, 3, 8) + 0.5;
  expect(accepted(...surpriseBox({ crate: CRATE, from: { id: 'yard', name: 'Pelican Yard' }, hours: 30, carton: 'wet', now }))).toEqual([
    {
      kind: 'crate.expected',
      crate: CRATE,
      label: 'Pelican Yard, a box on no list',
      supplier: 'yard',
      packedAtMs: Date.UTC(2026, 2, 2, 2) + 1,
      promisedAtMs: Date.UTC(2026, 2, 3, 8) + 1,
      stated: {},
      lots: [],
      bags: [],
    },
    { kind: 'crate.arrived', crate: CRATE, carton: 'wet' },
  ]);
});
