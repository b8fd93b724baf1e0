// First-aid baths as runs: in water like the fish's own, for nothing without a backbone, and back where they came from.
import { dyeBath } from '#core/runs/testCases.ts';
import { assign, bringCrate, furnish, KEEPER, land, LEAD, makeTestHouse, stock, type TestHouse } from '../testHouse.ts';
import { endRun, startRun } from '../testRuns.ts';

let house: TestHouse;
beforeEach(() => {
  house = furnish(makeTestHouse());
  bringCrate(house);
  house.must(KEEPER, land(1), land(2), land(3), assign(1), assign(2), assign(3));
  for (const no of [1, 2, 3])
    house.must(KEEPER, {
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'bag', id: `crate-1-bag${no}` },
        quantity: 'temperature',
        reading: { value: 24.5, typed: '24.5', method: 'folded', source: 'measured' },
      },
    });
});
afterEach(() => house.close());
const headsAt = (lot: string, place: string) =>
  (house.client.prepare('select n from p_balance where lot = ? and place = ?').pluck().get(lot, place) as number | undefined) ?? 0;

const PLAN = [
  { do: 'air' as const, level: 'gentle' as const },
  { do: 'wait' as const, minutes: 30 },
];

describe('baths', () => {
  const bath = dyeBath();
  const begin = (more: Partial<Parameters<typeof startRun>[1]> = {}) =>
    startRun(
      [1],
      { plan: PLAN, ...more, method: 'first-aid bath', bath: { ...bath, ...more?.bath } },
      { bagPpt: more?.bath?.matched.salinity.bath ?? 33, bagC: 25, tankPpt: more?.tank === 'C1' ? 33 : 32 },
    );

  it('runs in water of its own, and fish of a tank go back where they came from', () => {
    house.must(LEAD, stock('res', 'C1', 'firefish', 3));
    house.must(KEEPER, begin({ lot: 'res', tank: 'C1', from: [{ place: 'C1', n: 3 }] }));
    expect([headsAt('res', 'C1'), headsAt('res', 'run-a')]).toEqual([0, 3]);
    // Their hold was over before: no new one is asked for, and a sale tank takes them back.
    house.must(KEEPER, endRun({ lot: 'res', into: [{ tank: 'C1', n: 3 }] }));
    expect(headsAt('res', 'C1')).toBe(3);
  });

  it('is made for the water that the house knows of, not for the one its sender names', () => {
    const shock = { ...bath, matched: { temperature: { bath: 25, fish: 25 }, salinity: { bath: 25, fish: 25 } } };
    expect(house.codes(KEEPER, begin({ bath: shock }))).toEqual(['bath.notMatched']);
    // The bag was said to hold 32 ppt, and read at 24.5 °C.
    // A siphon under the name of a bath is none.
    expect(house.codes(KEEPER, begin({ plan: [{ do: 'run', mLPerMin: 500, minutes: 20 }] }))).toEqual(['bath.noBath']);
    house.must(KEEPER, begin());
  });

  it('takes one of several out of a tank; the others stay, nobody more than are there', () => {
    house.must(LEAD, stock('res', 'C1', 'firefish', 3));
    const bathOf = (n: number) => begin({ lot: 'res', tank: 'C1', from: [{ place: 'C1', n }] });
    expect(house.codes(KEEPER, bathOf(4))).toEqual(['stock.short']);
    house.must(KEEPER, bathOf(1));
    expect([headsAt('res', 'C1'), headsAt('res', 'run-a')]).toEqual([2, 1]);
    expect(house.view('bench').runs[0]).toMatchObject({ n: 1, holdKnown: true });
    house.must(KEEPER, endRun({ lot: 'res', into: [{ tank: 'C1', n: 1 }] }));
    expect(headsAt('res', 'C1')).toBe(3);
  });

  it('is refused for what has no backbone, whatever the sender says of it', () => {
    house.must(LEAD, stock('shrimp', 'C1', 'cleaner-shrimp', 3));
    expect(
      house.codes(LEAD, {
        ...begin(),
        payload: { ...(begin().payload as object), lot: 'shrimp', tank: 'C1', from: [{ place: 'C1', n: 3 }] },
      } as never),
    ).toEqual(['bath.invertebrate']);
  });

  it('harsh for the weak only over a lead', () => {
    const harsh = begin({ bath: { ...bath, is: 'formalin' } });
    expect(house.codes(KEEPER, harsh)).toEqual(['bath.harsh']);
    expect(house.codes(KEEPER, { ...harsh, overrules: [{ code: 'bath.harsh', reason: 'the vet said so' }] })).toEqual(['bath.harsh']);
    house.must(LEAD, { ...harsh, overrules: [{ code: 'bath.harsh', reason: 'the vet said so' }] });
  });
});
