// What an area says about each of its kinds: may it be written, what it moves, what it makes and rests on.
import type { Leg } from '../stock/legs.ts';
import type { Actor, EntryOf } from './entry.ts';
import type { Kind } from './payloads.ts';
import type { Refusal } from './refusal.ts';
import type { HouseState } from './state.ts';

/** So much earlier than what it rests on an entry may be dated: two screens and two memories. */
export const BEFORE_ALLOWED_MS = 5 * 60_000;

/** Who may take an act back: its maker and any lead, only a lead, or nobody (then a further entry sets it right). */
export type Undo = 'self' | 'lead' | 'never';
export type Context = { now: number; actor: Actor; state: HouseState; undoOf: (kind: Kind) => Undo };
/** Ids that an entry brings into being, and ids whose making it rests on: undoing the maker must come later. */
export type Links = { makes?: string[]; needs?: string[] };

export type Rule<K extends Kind> = {
  /** Reasons against writing it, empty when there are none. Pure: state and clock come in. */
  decide(entry: EntryOf<K>, context: Context): Refusal[];
  /** What is passed over here is not asked again at what follows from it: so nothing is passed over in advance. */
  remembers?: true;
  /** Stock legs; they sum to zero per lot. */
  legs?(payload: EntryOf<K>['payload']): Leg[];
  links?(payload: EntryOf<K>['payload']): Links;
};
/** One rule for each kind that an area owns. */
export type Rules<Entries> = { [K in keyof Entries & Kind]: Rule<K> };
