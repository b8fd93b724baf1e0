import { TOPICS } from '#contract/basics/topics.ts';
import { kinds, KINDS } from '#contract/kinds.ts';
import { VIEW_TOPICS } from '#contract/views.ts';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import {
  assign,
  bringCrate,
  float,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  check,
  release,
  stock,
  T0,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => (house = furnish(makeTestHouse())));
afterEach(() => house.close());

describe('topics', () => {
  it('every topic that a kind touches is read by a view, and the other way round', () => {
    const read = new Set(Object.values(VIEW_TOPICS).flat());
    const touched = new Set(KINDS.flatMap((kind) => kinds[kind].topics));
    expect([...touched].filter((topic) => !read.has(topic))).toEqual([]);
    expect([...read].filter((topic) => !touched.has(topic))).toEqual([]);
    expect(TOPICS.filter((topic) => !touched.has(topic))).toEqual([]);
  });

  it('a view that changes with an entry lists one of its topics', () => {
    bringCrate(house);
    const steps: Said[][] = [
      [land(1)],
      [land(2, { alive: 1, dead: 1 })],
      [assign(1)],
      [float(1)],
      [quarantine(), release(1)],
      [stock('old', 'F1', 'cherry-barb')],
      [check('F1')],
      [{ kind: 'lot.fed', payload: { tank: 'F1', lot: 'old', food: 'flake', response: 'ate' } }],
      [{ kind: 'loss.recorded', payload: { lot: 'old', place: 'F1', n: 1, cause: 'illness', sure: 'guess' } }],
      [
        {
          kind: 'reading.taken',
          payload: {
            subject: { kind: 'system', id: 'salt' },
            quantity: 'temperature',
            reading: { value: 24, typed: '24', method: 'meter', source: 'measured' },
          },
        },
      ],
      [{ kind: 'stock.moved', payload: { moves: [{ lot: 'old', from: 'F1', to: 'sold', n: 1 }] } }],
      [{ kind: 'lot.promised', payload: { promise: 'p', lot: 'old', n: 1, forWhom: 'x' } }],
      [{ kind: 'bag.absent', payload: { bag: 'crate-1-bag3', crate: 'crate-1' } }],
    ];
    const names = Object.keys(VIEW_TOPICS) as (keyof typeof VIEW_TOPICS)[];
    const snapshot = () => Object.fromEntries(names.map((name) => [name, JSON.stringify({ ...house.view(name), seq: 0 })]));
    for (const said of steps) {
      const before = snapshot();
      house.must(LEAD, ...said);
      const after = snapshot();
      const topics = said.flatMap(({ kind }) => kinds[kind].topics);
      const unheard = names.filter((name) => before[name] !== after[name] && !VIEW_TOPICS[name].some((topic) => topics.includes(topic)));
      expect([said.map(({ kind }) => kind).join(), unheard]).toEqual([said.map(({ kind }) => kind).join(), []]);
    }
  });
});

describe('stream', () => {
  it('expects what is listed and not yet landed or found absent, for a month', () => {
    bringCrate(house);
    expect(house.view('stream').expected).toBe(12);
    house.must(KEEPER, land(1, { alive: 3 }), { kind: 'bag.absent', payload: { bag: 'crate-1-bag2', crate: 'crate-1' } });
    expect(house.view('stream')).toMatchObject({ expected: 6, dock: 3 });
    house.wait(31 * DAY_MS);
    expect(house.view('stream')).toMatchObject({ expected: 0, dock: 3 });
  });

  it('counts the dead and put down of seven days, and neither the sold nor the undone', () => {
    house.must(LEAD, stock('old', 'G1', 'firefish', 9));
    const lose = (n: number, to?: 'sold' | 'put-down'): Said =>
      to
        ? { kind: 'stock.moved', payload: { moves: [{ lot: 'old', from: 'G1', to, n }] } }
        : { kind: 'loss.recorded', payload: { lot: 'old', place: 'G1', n, cause: 'jumped', sure: 'likely' } };
    house.must(KEEPER, lose(1));
    house.must(KEEPER, lose(2, 'put-down'));
    house.must(KEEPER, lose(1, 'sold'));
    house.must(KEEPER, undo(house.must(KEEPER, lose(1))));
    expect(house.view('stream').lost7).toBe(3);
    house.wait(7 * DAY_MS);
    expect(house.view('stream').lost7).toBe(0);
  });

  it('leaves the fish in a customer tank out of the house', () => {
    house.must(LEAD, stock('away', 'V1'), stock('here', 'G1'));
    house.must(LEAD, { kind: 'lot.promised', payload: { promise: 'p', lot: 'here', n: 2, forWhom: 'a school' } });
    expect(house.view('stream')).toMatchObject({ inHouse: 3, cleared: 1, promised: 2 });
    const occupants = house.view('room').racks[0]!.tanks.flatMap((tank) => tank.occupants);
    expect(occupants.map(({ lot, promised }) => [lot, promised])).toEqual([
      ['here', true],
      ['away', false],
    ]);
  });
});

describe('dock', () => {
  it('keeps a crate while a bag of it waits, and for half a day after', () => {
    bringCrate(house);
    const absent = (no: number): Said => ({ kind: 'bag.absent', payload: { bag: `crate-1-bag${no}`, crate: 'crate-1' } });
    house.must(KEEPER, land(1), absent(2), absent(3));
    house.wait(13 * HOUR_MS);
    expect(house.view('dock').crates.map(({ crate }) => crate)).toEqual(['crate-1']);
    house.must(KEEPER, assign(1));
    house.must(KEEPER, quarantine(), release(1, { floatId: undefined }));
    expect(house.view('dock').crates).toEqual([]);
  });

  it('shows a bag with its reading, its tank and how far it is', () => {
    bringCrate(house);
    house.must(KEEPER, land(1), {
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'bag', id: 'crate-1-bag1' },
        quantity: 'temperature',
        reading: { value: 21.5, typed: '21.5', method: 'folded', source: 'measured' },
      },
    });
    house.must(KEEPER, assign(1));
    house.must(KEEPER, float(1));
    const [bag] = house.view('dock').crates[0]!.bags;
    expect(bag).toMatchObject({
      temperature: { value: 21.5, method: 'folded' },
      tank: { id: 'G1', code: 'G1' },
      afloat: true,
      landed: { by: 'Bram', alive: 4 },
    });
    expect(house.view('running').floats).toEqual([
      expect.objectContaining({ bag: 'crate-1-bag1', n: 4, tankCode: 'G1', startedAtMs: T0, dueAtMs: T0 + 20 * MINUTE_MS }),
    ]);
    expect(house.view('bench').bags[0]).toMatchObject({
      alive: 4,
      holdKnown: false,
      stated: { salinityPpt: 32 },
      system: { id: 'salt', temperatureC: 25, salinityPpt: 32 },
    });
  });

  it('the latest reading of a system stands for it, whatever order they are entered in', () => {
    bringCrate(house);
    house.must(KEEPER, land(1), assign(1));
    const read = (value: number, agoMs: number): Said => ({
      kind: 'reading.taken',
      occurredAtMs: T0 - agoMs,
      payload: {
        subject: { kind: 'system', id: 'salt' },
        quantity: 'temperature',
        reading: { value, typed: String(value), method: 'meter', source: 'measured' },
      },
    });
    const latest = house.must(KEEPER, read(24.2, HOUR_MS));
    house.must(KEEPER, read(23, 2 * HOUR_MS));
    expect(house.view('bench').bags[0]!.system).toMatchObject({ temperatureC: 24.2, temperatureMethod: 'meter' });
    house.must(KEEPER, undo(latest));
    expect(house.view('bench').bags[0]!.system!.temperatureC).toBe(23);
  });
});

describe('room', () => {
  it('a lot stands in a tank since its present stay began, not since it was there first', () => {
    house.must(LEAD, stock('comets', 'G1', 'comet', 2));
    const since = () => house.view('room').racks[0]!.tanks.find(({ code }) => code === 'G1')!.occupants[0]!.sinceMs;
    const first = house.now();
    const move = (from: string, to: string, n: number) =>
      house.must(LEAD, {
        kind: 'stock.moved',
        payload: { moves: [{ lot: 'comets', from, to, n }] },
        overrules: [{ code: 'fit.noLid', reason: 'net' }],
      });
    house.wait(DAY_MS);
    move('G1', 'G2', 1);
    house.wait(DAY_MS);
    move('G2', 'G1', 1);
    expect(since()).toBe(first);
    move('G1', 'G2', 2);
    house.wait(DAY_MS);
    move('G2', 'G1', 2);
    expect(since()).toBe(house.now());
  });

  it('with a bag in hand every tank has its reasons, and without one none is judged', () => {
    bringCrate(house);
    house.must(KEEPER, land(1));
    house.must(LEAD, stock('comets', 'G1', 'comet', 1));
    const tanks = house.view('room', { bag: 'crate-1-bag1' }).racks[0]!.tanks;
    expect(Object.fromEntries(tanks.map(({ code, reasons }) => [code, reasons!.map(({ code: why }) => why)]))).toEqual({
      G1: ['cost.restarts', 'cost.crowdedGrown'],
      G2: ['fit.noLid', 'cost.restarts'],
      C1: ['fit.saleBeforeQuarantine'],
      F1: ['fit.wrongWater'],
      V1: ['fit.awayFromHome'],
    });
    expect(house.view('room').racks[0]!.tanks.every(({ reasons }) => reasons === undefined)).toBe(true);
    expect(house.view('room', { bag: 'no-such-bag' }).bag).toBeUndefined();
  });

  it('says what the server would say of the same choice', () => {
    bringCrate(house);
    house.must(KEEPER, land(1));
    for (const { code, reasons } of house.view('room', { bag: 'crate-1-bag1' }).racks[0]!.tanks)
      expect(house.costs(KEEPER, assign(1, code))).toEqual(reasons!.map(({ code: why }) => why));
  });

  it('opens the sale rack to a lot whose fish live there without a quarantine, and not to one in quarantine', () => {
    bringCrate(house);
    house.must(KEEPER, land(1), land(2), assign(1));
    house.must(KEEPER, quarantine(), release(1, { floatId: undefined }));
    const reasonsOfC1 = () =>
      house
        .view('room', { bag: 'crate-1-bag2' })
        .racks[0]!.tanks.find(({ code }) => code === 'C1')!
        .reasons!.map(({ code }) => code);
    expect(reasonsOfC1()).toEqual(['fit.saleBeforeQuarantine']);
    house.must(LEAD, stock('cleared', 'C1', 'firefish', 2));
    expect(
      house.codes(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'crate-1-fire', from: 'G1', to: 'C1', n: 1 }] } }),
    ).toContain('fit.saleBeforeQuarantine');
    expect(house.codes(KEEPER, { kind: 'stock.moved', payload: { moves: [{ lot: 'cleared', from: 'C1', to: 'G1', n: 1 }] } })).toEqual([]);
  });

  it('counts the bags that are to come', () => {
    bringCrate(house);
    house.must(KEEPER, land(1), land(2), assign(1), assign(2));
    expect(house.view('room').racks[0]!.tanks.map(({ code, coming }) => [code, coming])).toContainEqual(['G1', 2]);
  });
});

describe('logbook', () => {
  it('tells acts newest first, whole, a page at a time, with the names of what they speak of', () => {
    bringCrate(house);
    house.must(KEEPER, land(1), assign(1));
    const page = house.view('logbook');
    expect(page.acts[0]).toMatchObject({ actorName: 'Bram', entries: [{ kind: 'bag.landed' }, { kind: 'bag.assigned' }] });
    expect(page.names).toMatchObject({ 'crate-1-bag1': 'bag 1 of crate-1', 'crate-1-fire': 'firefish', G1: 'G1', yard: 'Yard' });
    const older = house.view('logbook', { before: String(page.acts[0]!.seq - 1) });
    expect(older.acts[0]!.entries.map(({ kind }) => kind)).toEqual(['crate.arrived']);
    for (const before of ['x', '-3', '0', '1e99']) expect(house.view('logbook', { before }).acts.length).toBeGreaterThan(0);
  });
});
