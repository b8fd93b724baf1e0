// Every kind of entry in one table: version, schema, how old payloads are lifted, who may write it, who may take it
// back, what it touches. docs/journal.md is made from this table.
import type { ObjectSchema } from 'yup';
import { STARTING_AROUND, STARTING_SCHOOLS } from '#core/bench/index.ts';
import type { Kind, Payloads } from '#core/catalogue/index.ts';
import { STARTING_HUNGRY_AFTER } from '#core/feeding/index.ts';
import type { Undo } from '#core/journal/index.ts';
import { STARTING_PLACES } from '#core/placement/index.ts';
import { plainPolicy, STARTING_HOLDS } from '#core/quarantine/index.ts';
import { STARTING_RUN_POLICY } from '#core/runs/index.ts';
import { permits, versionOf, type Permit } from './permits.ts';
import { schemas } from './schemas.ts';

/** Lifts a payload of version `i + 1` to version `i + 2`. */
export type Upcaster = (payload: unknown) => unknown;

export type KindRow<K extends Kind> = Permit & { version: number; schema: ObjectSchema<Payloads[K]>; upcasters: readonly Upcaster[] };

/** Kinds of a later version than the first, with how their older payloads are lifted. */
const lifted: Partial<Record<Kind, readonly Upcaster[]>> = {
  'house.configured': [
    (payload) => {
      const { rules, ...rest } = payload as { rules: object };
      return { ...rest, rules: { ...rules, hungryAfterDays: STARTING_HUNGRY_AFTER } };
    },
    (payload) => {
      const { rules, ...rest } = payload as { rules: object };
      return { ...rest, rules: { ...rules, schools: STARTING_SCHOOLS } };
    },
    (payload) => {
      const { rules, ...rest } = payload as { rules?: { holdDays?: Partial<Record<'fresh' | 'brackish' | 'marine', number>> } };
      const { holdDays = {}, ...other } = rules ?? {};
      const { fresh, brackish, marine } = holdDays;
      // A hold of no days, which the first versions allowed, is one of one day now: the clock counts in days that are over.
      // What was no house then is none now: it meets the schema as it came.
      const of = (days = Number.NaN) => plainPolicy(Math.max(1, days));
      const holds = { ...STARTING_HOLDS, fresh: of(fresh), brackish: of(brackish), marine: of(marine) };
      return { ...rest, rules: { ...other, holds, triesBeforeRest: 3, temporaryH: 4, toolDriesH: 24 } };
    },
    (payload) => {
      const { rules, ...rest } = payload as { rules: object };
      return { ...rest, rules: { ...rules, runs: STARTING_RUN_POLICY, around: STARTING_AROUND } };
    },
    (payload) => {
      const { rules, ...rest } = payload as { rules: object };
      return { ...rest, rules: { ...rules, places: STARTING_PLACES } };
    },
  ],
  'hold.opened': [
    (payload) => {
      const { days, ...rest } = payload as { days: number };
      return { ...rest, policy: plainPolicy(Math.max(1, days)) };
    },
  ],
  // What is new in them may be left out.
  'stock.moved': [(payload) => payload],
  'reading.taken': [(payload) => payload],
};

export const kinds = Object.fromEntries(
  (Object.keys(permits) as Kind[]).map((kind) => {
    const upcasters = lifted[kind] ?? [];
    if (versionOf(kind) !== upcasters.length + 1)
      throw new Error(`${kind}: ${upcasters.length} upcasters do not lead to version ${versionOf(kind)}`);
    return [kind, { ...permits[kind], schema: schemas[kind], upcasters, version: versionOf(kind) }];
  }),
) as unknown as { [K in Kind]: KindRow<K> };

export const KINDS = Object.keys(kinds) as Kind[];

export function isKind(kind: string): kind is Kind {
  return Object.hasOwn(kinds, kind);
}

export function undoOf(kind: Kind): Undo {
  return kinds[kind].undo;
}
