// The shape of what is written down: an entry, the act that holds entries together, and an entry once recorded.
import type { Role } from '../people/roles.ts';
import type { Kind, Payloads } from './payloads.ts';
import type { RefusalCode } from './refusal.ts';

/** A named refusal that somebody of sufficient rank passed over, with the reason given. */
export const WITHOUT_LEAD = ['no lead to be reached', 'done already'] as const;
/** `path` = where in the payload the refusal stands; `without` = why no lead said so; `size` = as large as a cost was when it was taken. */
export type Overrule = { code: RefusalCode; reason: string; path?: string; size?: number; without?: (typeof WITHOUT_LEAD)[number] };

/** One thing that happened, as its maker sends it. `id` is identity only, never order. */
export type EntryOf<K extends Kind> = {
  id: string;
  kind: K;
  version: number;
  occurredAtMs: number;
  payload: Payloads[K];
  overrules?: Overrule[];
  corrects?: string;
};
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];

/** What one deed of one person wrote: all of it or nothing. */
export type Act = { actId: string; entries: Entry[] };

/** What the server adds when it takes an entry into the journal. `seq` is the order of record. */
export type Recorded<E extends Entry = Entry> = E & { seq: number; recordedAtMs: number; actor: string; actId: string };

/** Who writes: a person, or the house itself before its first lead exists. */
export type Actor = { id: string; role: Role };
export const HOUSE_ACTOR = 'house';
