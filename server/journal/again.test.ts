// The house asks by itself who was cleared and meets fish in quarantine: by a move, a release, a wet tool, water, a pipe. Screens answer it before it is asked.
import { passingOver, takenAs } from '#core/journal/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import {
  assign,
  bringCrate,
  furnish,
  quarantine,
  KEEPER,
  land,
  LEAD,
  makeTestHouse,
  release,
  stock,
  TRAINEE,
  undo,
  type Said,
  type TestHouse,
} from '../testHouse.ts';
import { checkReplay } from './replay.ts';

let house: TestHouse;
const again = (lot: string): Said => ({
  kind: 'quarantine.opened',
  payload: { quarantine: `again-${lot}`, lot, policy: plainPolicy(28), zero: 'contact' },
});
const moved = (lot: string, from: string, to: string, n = 2): Said => ({ kind: 'stock.moved', payload: { moves: [{ lot, from, to, n }] } });
const used = (tool: string, ...tanks: string[]): Said => ({ kind: 'tool.used', payload: { tool, tanks } });
const LEFT = 'cost.leftCleared';
/** Costs of a place beside it are other tests' matter. */
const left = (...said: Said[]) => house.costs(KEEPER, ...said).filter((code) => code === LEFT);
/** Of whom it is asked once every other cost is taken; anything else that is refused is said as it is. */
function leftAfterCosts(...said: Said[]): string[] {
  let now = said;
  for (;;) {
    const outcome = house.append(house.actOf(now), KEEPER);
    if (outcome.ok) return [];
    const others = outcome.refusals.filter(({ code }) => code !== LEFT);
    if (others.length === 0 || !others.every(({ code }) => code.startsWith('cost.')))
      return outcome.refusals.map(({ code, facts }) => `${code} ${facts.lot as string}`);
    now = passingOver(now, others, (refusal) => takenAs(refusal, 'known'));
  }
}

beforeEach(() => {
  house = furnish(makeTestHouse());
  // Cleared: chromis in G1 (system salt), cardinals in C1 (system reef). In quarantine: gobies in a bucket system of their own, by hand.
  house.must(LEAD, stock('cleared', 'G1', 'green-chromis', 6), stock('held', 'C1', 'banggai-cardinalfish', 4));
  house.must(KEEPER, { kind: 'quarantine.opened', payload: { quarantine: 'h', lot: 'held', policy: plainPolicy(28), zero: 'arrival' } });
  house.must(LEAD, { kind: 'tool.added', payload: { tool: 'net', name: 'Net', what: 'net', racks: [] } });
});
afterEach(() => {
  expect(checkReplay(house).differences).toEqual([]);
  house.close();
});

it('fish in quarantine that are moved beside cleared ones', () => {
  expect(leftAfterCosts(moved('held', 'C1', 'G2'))).toEqual([`${LEFT} cleared`]);
  expect(leftAfterCosts(moved('held', 'C1', 'G2'), again('cleared'))).toEqual([]);
});

it('cleared fish that are moved beside some in quarantine, and part of a lot that becomes one of its own', () => {
  expect(leftAfterCosts(moved('cleared', 'G1', 'C1'))).toEqual([`${LEFT} cleared`]);
  const split: Said = {
    kind: 'lot.split',
    payload: { lot: 'cleared', child: 'child', label: 'chromis', place: 'G1', n: 2, why: 'another system' },
  };
  expect(leftAfterCosts(split, moved('child', 'G1', 'C1'))).toEqual([`${LEFT} child`]);
  expect(leftAfterCosts(split, moved('child', 'G1', 'C1'), again('child'))).toEqual([]);
});

it('a bag that is released beside cleared fish; its own hold opens with it', () => {
  bringCrate(house);
  house.must(KEEPER, land(1), assign(1));
  const out = release(1, { floatId: undefined });
  expect(leftAfterCosts(quarantine(), out)).toEqual([`${LEFT} cleared`]);
  expect(leftAfterCosts(quarantine(), out, again('cleared'))).toEqual([]);
});

it('a net that was wet among fish in quarantine, in this action or before it; disinfected it carries nothing', () => {
  expect(left(used('net', 'C1', 'G1'))).toEqual([LEFT]);
  house.must(KEEPER, used('net', 'C1'));
  house.wait(600_000);
  expect(left(used('net', 'G1'))).toEqual([LEFT]);
  // Moved within their own system with it, they meet it in the tank that it is dipped into first.
  expect(left(moved('cleared', 'G1', 'G2', 1), used('net', 'G1', 'G2'))).toEqual([LEFT]);
  house.must(TRAINEE, { kind: 'tool.disinfected', payload: { tool: 'net' } });
  house.wait(1);
  expect(left(used('net', 'G1'))).toEqual([]);
});

it('a trainee writes down what happened and leaves the quarantine to others', () => {
  const said = used('net', 'C1', 'G1');
  expect(house.costs(TRAINEE, said)).toEqual([LEFT]);
  expect(house.codes(TRAINEE, said)).toEqual([]);
});

it('water of fish in quarantine, and a tank hung onto their system', () => {
  expect(left({ kind: 'water.exchanged', payload: { tank: 'G1', litres: 3, source: 'tank', fromTank: 'C1' } })).toEqual([LEFT]);
  const change: Said = { kind: 'tank.changed', payload: { tank: 'G1', basedOn: house.actOf([]).actId, fields: { system: 'reef' } } };
  const entry = house.view('house').tanks.find(({ id }) => id === 'G1')!.entry;
  const now = { ...change, payload: { ...change.payload, basedOn: entry } } as Said;
  expect(house.costs(LEAD, now)).toEqual([LEFT]);
  house.must(LEAD, now, again('cleared'));
});

it('nobody is asked about again who is in quarantine by then, or within one system, and undone it is as before', () => {
  expect(left(moved('cleared', 'G1', 'G2'))).toEqual([]);
  const act = house.must(KEEPER, used('net', 'C1', 'G1'), again('cleared'));
  expect(left(used('net', 'G1'))).toEqual([]);
  house.must(KEEPER, undo(act));
  expect(left(used('net', 'C1', 'G1'))).toEqual([LEFT]);
});
