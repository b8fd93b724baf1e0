// Acts made from the schemas themselves: at their limits, with ids out of every name space of a house, lists with doubles, fields left out.
import { v7 } from 'uuid';
import { examples, KINDS, kinds, versionOf } from '#contract/kinds.ts';
import { linksOf, type Kind, type Payloads } from '#core/catalogue/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import type { TestHouse } from './testHouse.ts';

type Described = {
  type: string;
  optional?: boolean;
  oneOf?: unknown[];
  tests?: { name?: string; params?: Record<string, unknown> }[];
  fields?: Record<string, Described>;
  innerType?: Described;
};
/** Tables in which what a field names is looked for. A field that is not here is given any id. */
const SPACES: Record<string, readonly string[]> = {
  lot: ['p_lot'],
  into: ['p_lot', 'p_system'],
  tank: ['p_tank'],
  from: ['p_tank', 'p_system'],
  to: ['p_tank', 'p_person'],
  fromTank: ['p_tank'],
  hangsIn: ['p_tank'],
  place: ['p_tank', 'p_bag', 'p_bench_run'],
  bag: ['p_bag'],
  crate: ['p_crate'],
  run: ['p_bench_run', 'p_float'],
  quarantine: ['p_quarantine'],
  system: ['p_system'],
  rack: ['p_rack'],
  racks: ['p_rack'],
  tanks: ['p_tank'],
  species: ['p_species'],
  supplier: ['p_supplier'],
  person: ['p_person'],
  watcher: ['p_person'],
  tool: ['p_tool'],
  food: ['p_food'],
  mix: ['p_mix'],
  batch: ['p_batch'],
  item: ['p_food', 'p_supply'],
  supply: ['p_supply'],
  course: ['p_course'],
  task: ['p_transfer_task'],
  after: ['p_transfer_task'],
  treatment: ['p_treatment'],
  promise: ['p_promise'],
};
const ALL_SPACES = [...new Set(Object.values(SPACES).flat())];
const SPANS_MS = [0, MINUTE_MS, HOUR_MS, 24 * HOUR_MS, 8 * 24 * HOUR_MS, 3_000 * 24 * HOUR_MS];

export function makeActs(house: TestHouse, chance: () => number) {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(chance() * from.length)]!;
  const inSpace = (table: string): string | undefined => {
    const ids = house.client.prepare(`select id from ${table}`).pluck().all() as string[];
    return ids.length > 0 ? pick(ids) : undefined;
  };
  const latestEntry = house.client.prepare('select id from entry order by seq desc limit 1').pluck();
  const entries = house.client.prepare('select id, act_id actId from entry');

  const anyId = (name: string): string => {
    const tables = chance() < 0.85 ? (SPACES[name] ?? ALL_SPACES) : ALL_SPACES;
    return (chance() < 0.05 ? undefined : inSpace(pick(tables))) ?? v7();
  };
  const uuidFor = (name: string): string => {
    if (name === 'basedOn' && chance() < 0.8) return latestEntry.get() as string;
    const { id, actId } = pick(entries.all() as { id: string; actId: string }[]);
    return name === 'act' ? actId : id;
  };
  const testOf = ({ tests = [] }: Described, name: string) => tests.find((test) => test.name === name)?.params ?? undefined;

  function textFor(described: Described, name: string, sample: unknown): string {
    const matches = (described.tests ?? []).find((test) => test.name === 'matches');
    if (matches) return String(matches.params?.regex).includes('0-9a-f]{8}') ? uuidFor(name) : anyId(name);
    if ((described.tests ?? []).some((test) => test.name === 'place')) return chance() < 0.3 ? 'sold' : anyId('place');
    const max = Number(testOf(described, 'max')?.max ?? 40);
    return pick([
      typeof sample === 'string' ? sample : 'x',
      '=1+1',
      '💧 <b>fish</b> "quoted", ; |',
      'w'.repeat(Math.min(max, 500)),
      `entry:${pick(['run-check', 'after-release', 'x'])}:0`,
      `${latestEntry.get() as string}:after-release:1`,
    ]);
  }
  function numberFor(described: Described, sample: unknown): number {
    const [min, max] = [Number(testOf(described, 'min')?.min ?? -1e6), Number(testOf(described, 'max')?.max ?? 1e6)];
    if (max > 1e12) return Math.min(max, Math.max(min, house.now() + pick([-1, 1]) * pick(SPANS_MS)));
    const whole = (described.tests ?? []).some((test) => test.name === 'integer');
    const between = min + chance() * (max - min);
    return pick([min, max, whole ? Math.round(between) : between, typeof sample === 'number' ? sample : min, 0, 1, 2]);
  }
  function valueFor(described: Described, name: string, sample: unknown): unknown {
    if (described.optional && chance() < (sample === undefined ? 0.8 : 0.4)) return undefined;
    if (described.oneOf && described.oneOf.length > 0) return pick(described.oneOf);
    switch (described.type) {
      case 'string':
        return textFor(described, name, sample);
      case 'number':
        return numberFor(described, sample);
      case 'boolean':
        return chance() < 0.5;
      case 'array': {
        const samples = Array.isArray(sample) ? (sample as unknown[]) : [];
        const list = Array.from({ length: Math.max(1, Math.floor(chance() * 4)) }, (_, index) =>
          described.innerType ? valueFor(described.innerType, name, samples[index % Math.max(1, samples.length)]) : samples[0],
        );
        return chance() < 0.2 ? [...list, ...list] : list;
      }
      case 'object': {
        const given = (sample ?? {}) as Record<string, unknown>;
        if (!described.fields || Object.keys(described.fields).length === 0) return sample;
        return Object.fromEntries(
          Object.entries(described.fields).flatMap(([key, field]) => {
            const value = valueFor(field, key, given[key]);
            return value === undefined ? [] : [[key, value]];
          }),
        );
      }
      default:
        return sample;
    }
  }
  /** The sample with some of its places made anew. */
  function mutated(described: Described, name: string, sample: unknown): unknown {
    const isId = (described.tests ?? []).some((test) => test.name === 'matches' || test.name === 'place');
    if (isId) return sample === undefined ? undefined : valueFor({ ...described, optional: false }, name, sample);
    if (described.type === 'object' && described.fields && sample !== undefined && Object.keys(described.fields).length > 0)
      return Object.fromEntries(
        Object.entries(described.fields).flatMap(([key, field]) => {
          const value = mutated(field, key, (sample as Record<string, unknown>)[key]);
          return value === undefined ? [] : [[key, value]];
        }),
      );
    if (described.type === 'array' && described.innerType && Array.isArray(sample))
      return sample.map((part) => mutated(described.innerType!, name, part));
    return chance() < 0.15 ? valueFor(described, name, sample) : sample;
  }
  /** What it brings into being is called anew, mostly. */
  function calledAnew(kind: Kind, payload: unknown): unknown {
    if (chance() < 0.1) return payload;
    let text = JSON.stringify(payload);
    for (const made of new Set(linksOf({ kind, payload: payload as Payloads[Kind] }).makes.filter((word) => !word.includes(' '))))
      text = text.replaceAll(`"${made}"`, `"${v7()}"`);
    return JSON.parse(text) as unknown;
  }

  return function makeEntry(kind: Kind = pick(KINDS)) {
    const described = kinds[kind].schema.describe() as unknown as Described;
    const sample = examples[kind];
    const payload = chance() < 0.5 ? valueFor({ ...described, optional: false }, '', sample) : mutated(described, '', sample);
    const ago = chance() < 0.7 ? 0 : pick(SPANS_MS.slice(1, 5));
    let named = payload;
    try {
      named = calledAnew(kind, payload);
    } catch {
      // Of a shape that its schema refuses.
    }
    return { id: v7(), kind, version: versionOf(kind), occurredAtMs: house.now() - ago, payload: named };
  };
}
