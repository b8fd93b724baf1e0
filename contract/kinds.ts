// Every kind of entry in one table: version, schema, how old payloads are lifted, who may write it, who may take it
// back, what it touches. docs/journal.md is made from this table.
import type { ObjectSchema } from 'yup';
import type { Kind, Payloads, Undo } from '#core/journal/index.ts';
import type { Role } from '#core/people/index.ts';
import { schemas } from './schemas.ts';
import type { Topic } from './topics.ts';

/** Lifts a payload of version `i + 1` to version `i + 2`. */
export type Upcaster = (payload: unknown) => unknown;

export type KindRow<K extends Kind> = {
  version: number;
  schema: ObjectSchema<Payloads[K]>;
  upcasters: readonly Upcaster[];
  minRole: Role;
  undo: Undo;
  topics: readonly Topic[];
};

const row = <K extends Kind>(kind: K, rest: Omit<KindRow<K>, 'version' | 'schema' | 'upcasters'>): KindRow<K> => ({
  version: 1,
  schema: schemas[kind],
  upcasters: [],
  ...rest,
});

export const kinds: { [K in Kind]: KindRow<K> } = {
  'entry.reversed': row('entry.reversed', { minRole: 'trainee', undo: 'never', topics: ['stock', 'dock', 'bench', 'rounds', 'water'] }),
  'person.added': row('person.added', { minRole: 'lead', undo: 'never', topics: ['people'] }),
  'house.configured': row('house.configured', { minRole: 'lead', undo: 'never', topics: ['house'] }),
  'rack.added': row('rack.added', { minRole: 'lead', undo: 'never', topics: ['house'] }),
  'water.added': row('water.added', { minRole: 'lead', undo: 'never', topics: ['house', 'water'] }),
  'tank.added': row('tank.added', { minRole: 'lead', undo: 'never', topics: ['house'] }),
  'species.added': row('species.added', { minRole: 'lead', undo: 'never', topics: ['shelf'] }),
  'supplier.added': row('supplier.added', { minRole: 'lead', undo: 'never', topics: ['dock'] }),
  'crate.expected': row('crate.expected', { minRole: 'keeper', undo: 'self', topics: ['dock', 'stock'] }),
  'crate.arrived': row('crate.arrived', { minRole: 'trainee', undo: 'self', topics: ['dock'] }),
  'bag.landed': row('bag.landed', { minRole: 'trainee', undo: 'self', topics: ['dock', 'stock', 'bench'] }),
  'bag.absent': row('bag.absent', { minRole: 'trainee', undo: 'self', topics: ['dock', 'stock'] }),
  'bag.assigned': row('bag.assigned', { minRole: 'keeper', undo: 'self', topics: ['dock', 'bench'] }),
  'float.started': row('float.started', { minRole: 'keeper', undo: 'self', topics: ['bench', 'stock', 'dock'] }),
  'fish.released': row('fish.released', { minRole: 'keeper', undo: 'self', topics: ['bench', 'stock', 'dock', 'rounds'] }),
  'hold.opened': row('hold.opened', { minRole: 'keeper', undo: 'self', topics: ['stock'] }),
  'reading.taken': row('reading.taken', { minRole: 'trainee', undo: 'self', topics: ['water', 'dock', 'bench'] }),
  'lot.opened': row('lot.opened', { minRole: 'lead', undo: 'lead', topics: ['stock', 'rounds'] }),
  'stock.moved': row('stock.moved', { minRole: 'keeper', undo: 'self', topics: ['stock', 'rounds'] }),
  'stock.counted': row('stock.counted', { minRole: 'keeper', undo: 'self', topics: ['stock', 'rounds', 'bench'] }),
  'lot.promised': row('lot.promised', { minRole: 'keeper', undo: 'self', topics: ['stock'] }),
  'tank.looked': row('tank.looked', { minRole: 'trainee', undo: 'self', topics: ['rounds'] }),
  'lot.fed': row('lot.fed', { minRole: 'trainee', undo: 'self', topics: ['rounds'] }),
  'loss.recorded': row('loss.recorded', { minRole: 'trainee', undo: 'self', topics: ['rounds', 'stock'] }),
};

export const KINDS = Object.keys(kinds) as Kind[];

export function isKind(kind: string): kind is Kind {
  return Object.hasOwn(kinds, kind);
}

export function undoOf(kind: Kind): Undo {
  return kinds[kind].undo;
}
