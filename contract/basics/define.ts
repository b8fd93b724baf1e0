// One declaration a kind: who may write it, who may take it back, what it touches, its shape, an example. Nothing of a kind is said anywhere else in the
// contract; its words stand in web by its name, its rule in core, its rows on the server, and each table of those is typed by all kinds.
import type { ObjectSchema } from 'yup';
import type { Undo } from '#core/journal/index.ts';
import type { Role } from '#core/roles/index.ts';
import { closed } from './fields.ts';
import type { Shape } from './shapes.ts';
import type { Topic } from './topics.ts';

/** Lifts a payload of version `i + 1` to version `i + 2`. */
export type Upcaster = (payload: unknown) => unknown;

export type KindDefinition<Payload extends object> = {
  minRole: Role;
  undo: Undo;
  topics: readonly Topic[];
  /** Every field named, so that one added to the type cannot be forgotten. */
  schema: Shape<Payload>;
  /** One payload that can be true: for docs/journal.md, and the seed of every test of all kinds. */
  example: Payload;
  /** Why it does not stand in the history of the tanks and lots that it names; left out, it stands there. */
  notInHistory?: string;
  /** It has no row of its own by tank or lot: the histories find it by all that it rests on. */
  inHistoryByLinks?: true;
  /** How older payloads are lifted, oldest first; none for a kind whose payload never changed. */
  upcasters?: readonly Upcaster[];
};
export type KindRow<Payload extends object> = Omit<KindDefinition<Payload>, 'schema' | 'upcasters'> & {
  /** Of its payload: one more than its upcasters. */
  version: number;
  schema: ObjectSchema<Payload>;
  upcasters: readonly Upcaster[];
};
/** The kinds of an area, one row each. */
export type Kinds<Entries> = { [K in keyof Entries & string]: KindRow<Extract<Entries[K], object>> };

/** The payload is the one of the table that the row stands in. */
export function defineKind<Payload extends object>({
  schema,
  upcasters = [],
  ...rest
}: KindDefinition<NoInfer<Payload>>): KindRow<Payload> {
  return { ...rest, schema: closed<Payload>(schema), upcasters, version: upcasters.length + 1 };
}
