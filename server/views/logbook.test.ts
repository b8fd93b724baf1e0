// The logbook as somebody asks it: for a tank, a lot, a person, a kind, a day, a word.
import type { LogbookView } from '#contract/views.ts';
import { DAY_MS } from '#core/time/index.ts';
import { assign, bringCrate, furnish, KEEPER, land, makeTestHouse, type TestHouse } from '../testHouse.ts';

let house: TestHouse;
beforeEach(() => (house = furnish(makeTestHouse())));
afterEach(() => house.close());

describe('the logbook is asked', () => {
  const kindsIn = (query: Record<string, string>) =>
    house.view('logbook', query).acts.flatMap(({ entries }) => entries.map(({ kind }) => kind));

  beforeEach(() => {
    bringCrate(house);
    house.must(KEEPER, land(1), assign(1));
  });

  it('for a lot: its crate’s list, its landing, and the act whole', () => {
    expect(kindsIn({ lot: 'crate-1-fire' })).toEqual(['bag.landed', 'bag.assigned', 'crate.expected']);
    expect(house.view('logbook', { lot: 'crate-1-fire' }).about).toBe('firefish');
  });

  it('for a tank by its id or code, and never for everything when there is no such tank', () => {
    expect(kindsIn({ tank: 'G1' })).toContain('bag.assigned');
    expect(kindsIn({ tank: 'g1' })).toEqual(kindsIn({ tank: 'G1' }));
    expect(kindsIn({ tank: 'nowhere' })).toEqual([]);
    expect(kindsIn({ lot: 'nowhere' })).toEqual([]);
  });

  it('for a person, a kind, a day', () => {
    const mine = house.view('logbook', { person: KEEPER.id }).acts;
    expect(new Set(mine.map(({ actor }) => actor))).toEqual(new Set([KEEPER.id]));
    expect(kindsIn({ what: 'arrivals', person: KEEPER.id }).filter((kind) => !/^(crate|bag)\./.test(kind))).toEqual([]);
    const { occurredAtMs } = mine[0]!.entries[0]!;
    const day = new Date(occurredAtMs).toISOString().slice(0, 10);
    const before = new Date(occurredAtMs - 2 * DAY_MS).toISOString().slice(0, 10);
    expect(kindsIn({ from: day, person: KEEPER.id })).toContain('bag.landed');
    expect(kindsIn({ to: before, person: KEEPER.id })).toEqual([]);
    for (const odd of [{ what: 'x' }, { from: '2026-99-99' }, { to: 'soon' }] as Record<string, string>[])
      expect(kindsIn(odd)).toContain('bag.landed');
  });

  it('for words: a name, a species, what a note says; not for what fields are called', () => {
    expect(kindsIn({ q: 'Yard' })).toContain('crate.expected');
    expect(kindsIn({ q: 'fireF' })).toContain('bag.landed');
    expect(kindsIn({ q: 'payload' })).toEqual([]);
    expect(kindsIn({ q: 'bagCondition' })).toEqual([]);
    expect(kindsIn({ q: '%' })).toEqual([]);
    house.must(KEEPER, { kind: 'fault.noticed', payload: { tank: 'G1', what: '100% "stuck"' } });
    for (const q of ['100%', '"stuck"', 'STUCK']) expect(kindsIn({ q })).toEqual(['fault.noticed']);
  });

  it('goes on before what was read, until nothing is left', () => {
    const seen: number[] = [];
    for (let query: Record<string, string> | undefined = { person: KEEPER.id }; query;) {
      const page: LogbookView = house.view('logbook', query);
      seen.push(...page.acts.map(({ seq }) => seq));
      query = page.earlier && { person: KEEPER.id, before: String(page.earlier.before) };
    }
    expect(new Set(seen).size).toBe(seen.length);
  });
});

it('of a lot of many bags every bag is found, by a word only the latest, and that is said', () => {
  bringCrate(house);
  house.must(KEEPER, {
    kind: 'crate.expected',
    payload: {
      crate: 'many',
      label: 'many',
      supplier: 'yard',
      packedAtMs: house.now() - DAY_MS,
      promisedAtMs: house.now(),
      stated: {},
      lots: Array.from({ length: 12 }, (_, no) => ({
        lot: `many-${no}`,
        label: 'firefish',
        species: 'firefish',
        origin: 'wild' as const,
        sizeCm: 6,
      })),
      bags: Array.from({ length: 30 }, (_, no) => ({
        bag: `many-bag-${no}`,
        label: `bag ${no + 1}`,
        box: 1,
        lot: `many-${no < 19 ? 0 : no - 18}`,
        n: 1,
      })),
    },
  });
  const read = { value: 24, typed: '24', method: 'folded', source: 'measured' } as const;
  house.must(KEEPER, { kind: 'crate.arrived', payload: { crate: 'many', carton: 'dry' } });
  for (let no = 0; no < 19; no += 1)
    house.must(KEEPER, {
      kind: 'reading.taken',
      payload: { subject: { kind: 'bag', id: `many-bag-${no}` }, quantity: 'temperature', reading: read },
    });
  const kinds = house.view('logbook', { lot: 'many-0' }).acts.flatMap(({ entries }) => entries.map(({ kind }) => kind));
  expect(kinds.filter((kind) => kind === 'reading.taken')).toHaveLength(19);
  expect(house.view('logbook', { q: 'firefish' }).isPart).toBe(true);
  expect(house.view('logbook', { q: 'Yard' }).isPart).toBeUndefined();
});
