// What is seen at the box: the box itself, a bag that is soft and foul, length and sex, a name that is a guess, and for whom they were ordered.
import { checkReplay } from '../journal/replay.ts';
import {
  assign,
  bringCrate,
  furnish,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  quarantine,
  release,
  stock,
  TRAINEE,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';
import { HOUR_MS } from '#core/time/index.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});
const opened = (more: object = {}): Said => ({ kind: 'box.opened', payload: { crate: 'crate-1', ...more } });
const crate = () => house.view('dock').crates.find((card) => card.crate === 'crate-1')!;
const bag = (no: number) => crate().bags.find((card) => card.bag === `crate-1-bag${no}`)!;
const inHand = (no: number) => house.view('bench').bags.find((card) => card.bag === `crate-1-bag${no}`)!;
const codesIn = (no: number, tank: string) =>
  house
    .view('room', { bag: `crate-1-bag${no}` })
    .racks.flatMap(({ tanks }) => tanks)
    .find(({ id }) => id === tank)!
    .reasons!.map(({ code }) => code);

describe('a box', () => {
  it('is opened after it came, says something, and is one of the crate', () => {
    bringCrate(house, 'crate-1', false);
    expect(house.codes(TRAINEE, opened({ inside: 'wet' }))).toEqual(['crate.notArrived']);
    house.must(TRAINEE, { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'wet', note: 'dropped at the gate' } });
    expect(house.codes(TRAINEE, opened())).toEqual(['box.nothing']);
    expect(house.codes(TRAINEE, opened({ box: 77, inside: 'wet' }))).toEqual(['box.notListed']);
    const act = house.must(TRAINEE, opened({ inside: 'wet', packs: 'spent', airC: 17.5, cameAlong: ['food'], note: 'liner torn' }));
    expect(crate()).toMatchObject({
      arrived: { carton: 'wet', note: 'dropped at the gate' },
      boxes: [{ by: 'Pia', inside: 'wet', airC: 17.5, cameAlong: ['food'] }],
    });
    expect(house.view('crate', { crate: 'crate-1' }).crate).toMatchObject({ boxes: [{ packs: 'spent', note: 'liner torn' }] });
    house.must(TRAINEE, undo(act));
    expect(crate()).not.toHaveProperty('boxes');
  });

  it('its air stands for bags that nobody measured, that of their own box before that of all', () => {
    bringCrate(house, 'crate-1');
    house.must(KEEPER, land(1));
    expect(inHand(1)).not.toHaveProperty('boxC');
    house.must(KEEPER, opened({ airC: 19 }));
    expect(inHand(1).boxC).toBe(19);
    house.must(KEEPER, opened({ box: bag(1).box, airC: 18 }), opened({ airC: 20 }));
    expect(inHand(1).boxC).toBe(18);
    // A box of which only its packs were told says nothing of its air.
    house.must(KEEPER, opened({ box: bag(1).box, packs: 'none' }));
    expect(inHand(1).boxC).toBe(18);
  });
});

it('so much may be said of boxes and no more', () => {
  bringCrate(house, 'crate-1');
  for (let no = 0; no < 100; no += 1) house.must(TRAINEE, opened({ note: `note ${no}` }));
  expect(house.codes(TRAINEE, opened({ inside: 'wet' }))).toEqual(['box.tooMany']);
});

it('soft and foul at once is not floated, and is what the bag is', () => {
  bringCrate(house, 'crate-1');
  house.must(KEEPER, land(1, { bagCondition: 'soft and foul', sizeCm: 5.5, sex: 'pairs' }));
  expect(bag(1).landed).toMatchObject({ bagCondition: 'soft and foul', sizeCm: 5.5, sex: 'pairs' });
  expect(bag(1).sizeCm).toBe(5.5);
  expect(house.view('lot', { lot: 'crate-1-fire' }).lot).toMatchObject({ sizeCm: 5.5, sexes: ['pairs'] });
});

it('a length that was seen goes when its landing is undone', () => {
  bringCrate(house, 'crate-1');
  const was = bag(1).sizeCm;
  const act = house.must(KEEPER, land(1, { sizeCm: 9 }));
  expect(bag(1).sizeCm).toBe(9);
  house.must(KEEPER, undo(act));
  expect(bag(1).sizeCm).toBe(was);
});

it('the first tank: what the racks say of poor fish is what the house asks, of a bag, its release, and a move after it', () => {
  bringCrate(house, 'crate-1');
  house.must(LEAD, {
    kind: 'tank.changed',
    payload: { tank: 'G2', basedOn: tankEntry('G2'), fields: { purpose: 'observation', lid: true } },
  });
  house.must(KEEPER, land(1, { condition: 'poor' }));
  expect(codesIn(1, 'G1')).toContain('cost.notObservation');
  expect(codesIn(1, 'G2')).not.toContain('cost.notObservation');
  expect(house.costs(KEEPER, assign(1, 'G1'))).toContain('cost.notObservation');
  expect(house.costs(KEEPER, assign(1, 'G2'))).not.toContain('cost.notObservation');
  // Overruled with a reason: as usual.
  house.must(KEEPER, {
    kind: 'bag.routed',
    payload: { bag: 'crate-1-bag1', lot: 'crate-1-fire', route: 'as usual', why: 'only tired after all' },
  });
  expect(codesIn(1, 'G1')).not.toContain('cost.notObservation');
  expect(house.costs(KEEPER, assign(1, 'G1'))).not.toContain('cost.notObservation');
});
const tankEntry = (id: string) =>
  house
    .view('room')
    .racks.flatMap(({ tanks }) => tanks)
    .find((tank) => tank.id === id)!.entry;

describe('a name', () => {
  const surprise = (sure?: 'certain' | 'likely' | 'guess') =>
    land(9, {
      bag: 'extra',
      lot: 'extra-lot',
      alive: 2,
      newBag: { label: 'bag +1', box: 0, waterL: 1 },
      newLot: {
        label: 'firefish',
        heardAs: 'a dartfish',
        species: 'firefish',
        origin: 'unknown',
        ...(sure ? { sure, evidence: 'the long fin' } : {}),
      },
    });
  beforeEach(() => bringCrate(house, 'crate-1'));
  const lot = () => house.view('lot', { lot: 'extra-lot' }).lot!;
  const named = (more: object): Said => ({
    kind: 'lot.named',
    payload: { lot: 'extra-lot', species: 'firefish', label: 'firefish', ...more },
  });

  it('that is a guess is judged with care, put right by a keeper, and its history stays', () => {
    house.must(KEEPER, surprise('guess'));
    expect(lot()).toMatchObject({ sure: 'guess', evidence: 'the long fin' });
    const card = crate().bags.find(({ bag }) => bag === 'extra')!;
    expect(card.sure).toBe('guess');
    expect(house.view('bench').bags.find(({ bag }) => bag === 'extra')!.kind?.tolerance).toBeUndefined();
    const racks = house.view('room', { bag: 'extra' }).racks.flatMap(({ tanks }) => tanks);
    expect(racks.find(({ id }) => id === 'G1')!.reasons!.map(({ code }) => code)).toContain('cost.guessedKind');
    expect(house.costs(KEEPER, { kind: 'bag.assigned', payload: { bag: 'extra', lot: 'extra-lot', tank: 'G1' } })).toContain(
      'cost.guessedKind',
    );
    expect(house.codes(KEEPER, named({}))).toEqual(['lot.namedSo']);
    house.must(KEEPER, named({ sure: 'certain', note: 'counted its rays' }));
    expect(lot()).toMatchObject({ sure: 'certain', evidence: 'counted its rays' });
    expect(house.costs(KEEPER, { kind: 'bag.assigned', payload: { bag: 'extra', lot: 'extra-lot', tank: 'G1' } })).not.toContain(
      'cost.guessedKind',
    );
    // Another name than a certain one is a lead's.
    expect(house.codes(KEEPER, named({ species: 'green-chromis', label: 'green chromis', sure: 'likely' }))).toContain('lot.isNamed');
    expect(house.view('lot', { lot: 'extra-lot' }).timeline.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['lot.named', 'bag.landed']),
    );
  });

  it('that is a guess counts as delicate wherever a step is judged, and is not joined to others that are sure', () => {
    house.must(KEEPER, surprise('guess'));
    const kind = house.view('bench').bags.find(({ bag }) => bag === 'extra')!.kind!;
    // Of what it was taken for only the sort of animal is left: its water and warmth may be another's.
    expect(kind).toEqual({ is: 'fish' });
    house.must(KEEPER, { kind: 'bag.assigned', payload: { bag: 'extra', lot: 'extra-lot', tank: 'G1' } });
    house.must(KEEPER, quarantine('extra-lot'));
    const into: Said = { kind: 'fish.released', payload: { bag: 'extra', lot: 'extra-lot', tank: 'G1', alive: 2, dead: 0, by: 'net' } };
    const steps = house.write(KEEPER, into).outcome;
    const overrules = steps.ok ? [] : steps.refusals.map(({ code }) => ({ code, reason: 'read' }));
    if (!steps.ok) house.must(LEAD, { ...into, overrules });
    house.must(LEAD, stock('sure-ones', 'G1', 'firefish', 3));
    const join: Said = { kind: 'lot.joined', payload: { lot: 'extra-lot', into: 'sure-ones', place: 'G1', n: 2, why: 'the same' } };
    expect(house.codes(LEAD, join)).toEqual(['join.guess']);
    house.must(KEEPER, named({ sure: 'certain' }));
    expect(house.codes(LEAD, join)).not.toContain('join.guess');
  });

  it('another name than a guess anybody may give who may name them', () => {
    house.must(KEEPER, surprise('guess'));
    expect(house.codes(KEEPER, named({ species: 'green-chromis', label: 'green chromis', sure: 'likely' }))).toEqual([]);
  });
});

describe('ordered for somebody', () => {
  const line = { line: 'l1', species: 'firefish', n: 4, sex: 'female' as const, sizeCm: 6, forWhom: 'the school' };
  const came = (): void => {
    house.must(LEAD, { kind: 'order.placed', payload: { order: 'order-1', supplier: 'yard', lines: [line] } });
    house.must(
      KEEPER,
      {
        kind: 'crate.expected',
        payload: {
          crate: 'crate-1',
          label: 'crate 1',
          supplier: 'yard',
          packedAtMs: house.now() - 20 * HOUR_MS,
          promisedAtMs: house.now(),
          stated: { temperatureC: 24, salinityPpt: 33 },
          order: 'order-1',
          lots: [{ lot: 'crate-1-fire', label: 'firefish', species: 'firefish', origin: 'wild', line: 'l1' }],
          bags: [{ bag: 'crate-1-bag1', label: 'bag 1', box: 1, lot: 'crate-1-fire', n: 5 }],
        },
      },
      { kind: 'crate.arrived', payload: { crate: 'crate-1', carton: 'dry' } },
      land(1, { alive: 5 }),
    );
  };
  const sold = (n: number): Said => ({ kind: 'stock.moved', payload: { moves: [{ lot: 'crate-1-fire', from: 'G1', to: 'sold', n }] } });
  const promise: Said = { kind: 'lot.promised', payload: { promise: 'p1', lot: 'crate-1-fire', n: 4, forWhom: 'The School ' } };

  it('is told at the bag and at the lot, until somebody keeps them', () => {
    came();
    expect(bag(1).ordered).toEqual({ n: 4, sex: 'female', sizeCm: 6, forWhom: 'the school' });
    expect(house.view('lot', { lot: 'crate-1-fire' }).lot!.orderedFor).toEqual({ n: 4, forWhom: 'the school' });
    const act = house.must(KEEPER, promise);
    expect(bag(1).ordered).toMatchObject({ kept: true });
    expect(house.view('lot', { lot: 'crate-1-fire' }).lot).not.toHaveProperty('orderedFor');
    house.must(KEEPER, undo(act));
    expect(bag(1).ordered).not.toHaveProperty('kept');
  });

  it('sold to others they are asked about while nobody wrote a promise; after one it is the promise that speaks', () => {
    came();
    house.must(KEEPER, assign(1, 'G1'));
    house.must(KEEPER, quarantine(), release(1, { alive: 5, floatId: undefined }));
    expect(house.codes(LEAD, sold(1))).not.toContain('out.orderedFor');
    expect(house.codes(LEAD, sold(2))).toContain('out.orderedFor');
    house.must(KEEPER, promise);
    expect(house.codes(LEAD, sold(2))).not.toContain('out.orderedFor');
    expect(house.codes(LEAD, sold(2))).toContain('out.promised');
    house.must(KEEPER, { kind: 'promise.lifted', payload: { promise: 'p1', lot: 'crate-1-fire', why: 'not wanted' } });
    expect(house.codes(LEAD, sold(2))).not.toContain('out.orderedFor');
  });
});
