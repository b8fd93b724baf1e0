// How an entry is said: its payload, what to call its ids, and units.
import type { Kind, Payloads } from '#core/catalogue/index.ts';
import type { Units } from '../data/units.ts';

export type Name = (id: string) => string;
export type Words = { [K in Kind]: (payload: Payloads[K], name: Name, units: Units) => string };
