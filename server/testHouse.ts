// A small furnished house for tests: real SQLite, real append, a clock that stands until it is moved.
import { v7 } from 'uuid';
import { versionOf } from '#contract/kinds.ts';
import type { Act, Kind, Payloads } from '#core/catalogue/index.ts';
import type { Actor, Overrule } from '#core/journal/index.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import { type Purpose } from '#core/room/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import { SPECIES } from '#demo/species.ts';
import { makeClock } from './clock/clock.ts';
import { setMeta } from './db/meta.ts';
import { startHouse } from './house/house.ts';
import { appendKnowingly } from './house/knowingly.ts';

export const T0 = Date.UTC(2026, 2, 3, 7, 40);
export const LEAD: Actor = { id: 'ines', role: 'lead' };
export const KEEPER: Actor = { id: 'bram', role: 'keeper' };
export const TRAINEE: Actor = { id: 'pia', role: 'trainee' };
const HOUSE: Actor = { id: 'house', role: 'lead' };

export type Said = { [K in Kind]: { kind: K; payload: Payloads[K]; occurredAtMs?: number; overrules?: Overrule[] } }[Kind];
export type TestHouse = ReturnType<typeof makeTestHouse>;

const TANKS: [string, string, Purpose, boolean][] = [
  ['G1', 'salt', 'quarantine', true],
  ['G2', 'salt', 'quarantine', false],
  ['C1', 'reef', 'sale', true],
  ['F1', 'sweet', 'quarantine', true],
  ['V1', 'bay', 'customer', true],
];

export function makeTestHouse(file = ':memory:', demo = false) {
  let now = T0;
  const house = startHouse({
    file,
    makeClock: ({ client }) => {
      if (demo) setMeta(client, 'demo', '1');
      return makeClock({ realNow: () => now });
    },
  });
  const actOf = (said: Said[]): Act => ({
    actId: v7(),
    entries: said.map((entry) => ({ id: v7(), version: versionOf(entry.kind), occurredAtMs: now, ...entry })),
  });
  const write = (actor: Actor, ...said: Said[]) => {
    const act = actOf(said);
    return { act, outcome: appendKnowingly(house, act, actor) };
  };
  /** Writes what must be taken; gives the act's id. */
  const must = (actor: Actor, ...said: Said[]): string => {
    const { act, outcome } = write(actor, ...said);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.refusals));
    return act.actId;
  };
  /** Codes of the refusals; empty = taken. */
  const codes = (actor: Actor, ...said: Said[]): string[] => {
    const { outcome } = write(actor, ...said);
    return outcome.ok ? [] : outcome.refusals.map(({ code }) => code);
  };
  /** What a place costs, before it is taken. */
  const costs = (actor: Actor, ...said: Said[]): string[] => {
    const outcome = house.append(actOf(said), actor);
    return outcome.ok ? [] : outcome.refusals.map(({ code }) => code);
  };
  return { ...house, costs, actOf, write, must, codes, now: () => now, wait: (ms: number) => void (now += ms) };
}

/** The house with people, tanks, the whole species list, one supplier. */
export function furnish(house: TestHouse): TestHouse {
  house.must(
    HOUSE,
    { kind: 'house.configured', payload: { name: 'Test house', zone: 'Europe/Lisbon', rules: STARTING_RULES } },
    { kind: 'person.added', payload: { person: 'ines', name: 'Ines', title: 'lead', role: 'lead' } },
  );
  const system = (id: string, type: 'fresh' | 'marine', salinityPpt: number): Said => ({
    kind: 'system.added',
    payload: { system: id, name: id, type, temperatureC: 25, salinityPpt, volumeL: 300 },
  });
  house.must(
    LEAD,
    { kind: 'person.added', payload: { person: 'bram', name: 'Bram', title: 'receiver', role: 'keeper' } },
    { kind: 'person.added', payload: { person: 'pia', name: 'Pia', title: 'trainee', role: 'trainee' } },
    { kind: 'rack.added', payload: { rack: 'back', room: 'Back room', name: 'Back', walk: 1 } },
    system('salt', 'marine', 32),
    system('reef', 'marine', 33),
    system('bay', 'marine', 33),
    system('sweet', 'fresh', 0.2),
    ...TANKS.map(([code, w, purpose, lid], column): Said => ({
      kind: 'tank.added',
      payload: { tank: code, rack: 'back', system: w, code, volumeL: 60, purpose, lid, row: 0, column },
    })),
    { kind: 'supplier.added', payload: { supplier: 'yard', name: 'Yard', transit: 'overnight' } },
    ...SPECIES.map((payload): Said => ({ kind: 'species.added', payload })),
  );
  return house;
}

/** A crate of three bags (4 and 2 firefish, 6 chromis) on its way; `arrived` says that it is here. */
export function bringCrate(house: TestHouse, crate = 'crate-1', arrived = true): void {
  house.must(KEEPER, {
    kind: 'crate.expected',
    payload: {
      crate,
      label: crate,
      supplier: 'yard',
      packedAtMs: house.now() - 30 * HOUR_MS,
      promisedAtMs: house.now() - HOUR_MS,
      stated: { temperatureC: 24.5, salinityPpt: 32 },
      lots: [
        { lot: `${crate}-fire`, label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 6 },
        { lot: `${crate}-chromis`, label: 'green chromis', species: 'green-chromis', origin: 'wild', sizeCm: 4 },
      ],
      bags: [
        [1, 'fire', 4],
        [2, 'fire', 2],
        [3, 'chromis', 6],
      ].map(([no, lot, n]) => ({
        bag: `${crate}-bag${no}`,
        label: `bag ${no}`,
        box: 1,
        lot: `${crate}-${lot}`,
        n: Number(n),
        waterL: 1.5,
      })),
    },
  });
  if (arrived) house.must(KEEPER, { kind: 'crate.arrived', payload: { crate, carton: 'dry' } });
}

export const land = (no: number, more: Partial<Payloads['bag.landed']> = {}): Said => ({
  kind: 'bag.landed',
  payload: {
    bag: `crate-1-bag${no}`,
    crate: 'crate-1',
    lot: no === 3 ? 'crate-1-chromis' : 'crate-1-fire',
    alive: [4, 2, 6][no - 1]!,
    dead: 0,
    quality: 'looked',
    condition: 'fit',
    bagCondition: 'sound',
    ...more,
  },
});
export const assign = (no: number, tank = 'G1', overrules?: Overrule[]): Said => ({
  kind: 'bag.assigned',
  payload: { bag: `crate-1-bag${no}`, lot: no === 3 ? 'crate-1-chromis' : 'crate-1-fire', tank },
  overrules,
});
export const float = (no: number, tank = 'G1', floatId = `run-${no}`): Said => ({
  kind: 'float.started',
  payload: {
    floatId,
    bag: `crate-1-bag${no}`,
    lot: no === 3 ? 'crate-1-chromis' : 'crate-1-fire',
    tank,
    n: 1,
    minutes: 20,
    bagTemperature: { value: 24.5, typed: '24.5', method: 'folded', source: 'measured' },
    tankTemperature: { value: 25, typed: '25', method: 'in the water', source: 'measured' },
    water: { value: 1.5, typed: '1.5', method: 'by eye', source: 'estimated' },
  },
});
export const quarantine = (lot = 'crate-1-fire', id = `hold-${lot}`): Said => ({
  kind: 'quarantine.opened',
  payload: { quarantine: id, lot, policy: plainPolicy(28), zero: 'arrival' },
});
export const release = (no: number, more: Partial<Payloads['fish.released']> = {}): Said => ({
  kind: 'fish.released',
  payload: {
    bag: `crate-1-bag${no}`,
    lot: no === 3 ? 'crate-1-chromis' : 'crate-1-fire',
    tank: 'G1',
    floatId: `run-${no}`,
    alive: [4, 2, 6][no - 1]!,
    dead: 0,
    by: 'net',
    ...more,
  },
});
export const undo = (act: string): Said => ({ kind: 'entry.reversed', payload: { act } });

/** The house day of T0. */
export const TODAY = 20515;
/** Fish that were there before the records began. */
export const stock = (lot: string, tank: string, species = 'firefish', n = 3): Said => ({
  kind: 'lot.opened',
  payload: { lot, species, label: species, tank, n, sizeCm: 5, origin: 'bred' },
});
export const check = (tank: string, more: Partial<Extract<Said, { kind: 'tank.checked' }>['payload']> = {}): Said => ({
  kind: 'tank.checked',
  payload: { tank, day: TODAY, round: 'morning', allWell: true, lots: [], ...more },
});
