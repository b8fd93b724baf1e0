import { checkAct } from '#contract/act.ts';
import type { BagCard, BoxCard } from '#contract/views.ts';
import { METRIC_UNITS } from '../data/units.ts';
import { accepted, actOf, laidOver } from '../data/testOverlay.ts';
import { boxOf, sayBox } from '../words/boxes.ts';
import { firstAid } from '../words/firstAid.ts';
import { saySeen } from '../words/triage.ts';
import { asListed, boxEntry, landingOf, NO_BOX, type BoxDraft } from './draft.ts';
import { orderedLots } from './orderedLots.ts';
import { overlayDock } from './overlay.ts';

const entryOf = (draft: Partial<BoxDraft>) => boxEntry({ ...NO_BOX, ...draft }, { crate: 'c', units: METRIC_UNITS });
const sayC = (celsius: number) => `${celsius} °C`;

it('of a box is written what was said of it, in its own order, and nothing while nothing is said', () => {
  expect(entryOf({})).toBeUndefined();
  expect(entryOf({ note: '  ', air: '' })).toBeUndefined();
  const said = entryOf({ box: 2, inside: 'wet', packs: 'none', air: '68F', along: ['papers', 'food'], note: ' torn ' })!;
  expect(accepted(said)).toEqual([
    { kind: 'box.opened', crate: 'c', box: 2, inside: 'wet', packs: 'none', airC: 20, cameAlong: ['food', 'papers'], note: 'torn' },
  ]);
  expect(sayBox(said.payload, sayC)).toBe(
    'Box 2: wet inside, no heat or cool pack in it, 20 °C in it; came along: a bag of their food, papers (torn)',
  );
  expect(sayBox({ note: 'dented' }, sayC)).toBe('The boxes: dented');
});

it.each([{ airC: 900 }, { inside: 'swimming' }, { cameAlong: ['a cat'] }, { box: 0 }, { packs: 'warm' }])(
  'no box is like that: %j',
  (wrong) => {
    const entry = entryOf({ inside: 'dry' })!;
    const act = actOf({ ...entry, payload: { ...entry.payload, ...wrong } });
    expect(checkAct(act).ok).toBe(false);
  },
);

it('of a bag speaks what was said last of its own box, or of all', () => {
  const done = { by: 'B', atMs: 0, actId: 'a' };
  const boxes: BoxCard[] = [
    { ...done, inside: 'damp', airC: 21 },
    { ...done, box: 2, inside: 'wet' },
  ];
  expect(boxOf(boxes, 2)).toMatchObject({ inside: 'wet', airC: 21 });
  expect(boxOf(boxes, 1)).toMatchObject({ inside: 'damp' });
  expect(boxOf(undefined, 1)).toEqual({});
});

const bag = (more: Partial<BagCard> = {}): BagCard => ({
  bag: 'b1',
  label: 'bag 1',
  box: 1,
  listed: 4,
  lot: 'l',
  lotLabel: 'firefish',
  origin: 'wild',
  afloat: false,
  ...more,
});
const landed = (alive: number): BagCard['landed'] => ({
  by: 'B',
  atMs: 0,
  actId: 'a',
  alive,
  dead: 0,
  condition: 'fit',
  bagCondition: 'sound',
  wrong: false,
});

it('length and sex as seen, and how sure of other fish, are in the landing', () => {
  const where = { crate: 'c', units: METRIC_UNITS, bag: bag() };
  const plain = landingOf(asListed(4), where)[0]!.payload;
  expect(plain).not.toHaveProperty('sizeCm');
  expect(plain).not.toHaveProperty('sex');
  const goby = { id: 'goby', common: 'watchman goby', scientific: 'C. cinctus', alsoCalled: [] };
  const draft = { ...asListed(4), size: '4,5', sex: 'pairs' as const, evidence: ' the spots ' };
  expect(landingOf({ ...draft, other: { heardAs: 'a goby', species: goby } }, where)[0]!.payload).toMatchObject({
    quality: 'counted',
    sizeCm: 4.5,
    sex: 'pairs',
    newLot: { species: 'goby', sure: 'likely', evidence: 'the spots' },
  });
  // Nobody is sure of what nobody could name.
  expect(landingOf({ ...draft, other: { heardAs: 'a goby' } }, where)[0]!.payload).toMatchObject({
    newLot: expect.not.objectContaining({ sure: 'likely' }) as object,
  });
  expect(saySeen({ landed: { ...landed(4)!, sizeCm: 4.5, sex: 'male' }, ordered: { n: 4, sizeCm: 6, sex: 'female' } })).toBe(
    '4.5 cm, male (6 cm, female ordered)',
  );
  expect(saySeen({ landed: landed(4), ordered: { n: 4, sex: 'female' } })).toBeUndefined();
});

it('a bag both soft and foul says both', () => {
  const both = firstAid({ bagCondition: 'soft and foul', condition: 'fit' });
  expect(both).toContain('Soft bag');
  expect(both).toContain('Foul water');
});

it('what was ordered for somebody is counted by the lot, with what is still to come and what was kept', () => {
  const ordered = { n: 6, forWhom: 'the school' };
  const absent = { by: 'B', atMs: 0, actId: 'a' };
  const bags = [
    bag({ ordered, landed: landed(3) }),
    bag({ bag: 'b2', ordered }),
    bag({ bag: 'b3', ordered, absent }),
    bag({ bag: 'b4', lot: 'other' }),
  ];
  expect(orderedLots({ bags })).toEqual([{ lot: 'l', label: 'firefish', forWhom: 'the school', n: 6, alive: 3, open: 1, kept: false }]);
  expect(orderedLots({ bags: [bag({ ordered: { n: 4, sex: 'male' } })] })).toEqual([]);
});

it('a tap shows at once: the box, and those who are kept', () => {
  const crate = { crate: 'c', entry: 'e', label: 'crate', supplierId: 's', supplier: 'yard', packedAtMs: 0, promisedAtMs: 0, stated: {} };
  const view = {
    seq: 1,
    species: [],
    crates: [{ ...crate, bags: [bag({ ordered: { n: 4, forWhom: 'The school' }, landed: landed(4) })] }],
  };
  const act = actOf(entryOf({ inside: 'wet' })!, {
    kind: 'lot.promised',
    payload: { promise: 'p', lot: 'l', n: 4, forWhom: 'the School ' },
  });
  const shown = laidOver(overlayDock, view, [act]).crates[0]!;
  expect(shown.boxes).toMatchObject([{ inside: 'wet', actId: act.actId }]);
  expect(shown.bags[0]!.ordered).toMatchObject({ kept: true });
});
