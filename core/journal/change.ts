// A record that several people edit: only the changed fields are sent, with the entry that their maker saw as the latest.
import type { Change } from './changed.ts';
import { refuse, type Refusal } from './refusal.ts';
import type { HouseState } from './state.ts';

/** Nothing changed, or somebody else set one of the same fields meanwhile: the later of two is told, other fields merge. */
export function againstChange<Fields extends object>(
  { of, basedOn, fields }: Change<Fields> & { of: string },
  known: Fields,
  state: HouseState,
): Refusal[] {
  const names = Object.keys(fields) as (keyof Fields & string)[];
  if (names.length === 0) return refuse('change.nothing', 'fields');
  for (const other of state.changesSince(of, basedOn)) {
    const field = names.find((name) => other.fields.includes(name));
    if (field) return refuse('change.overtaken', `fields.${field}`, { field, now: sayValue(known[field]), by: other.by, atMs: other.atMs });
  }
  return [];
}

const sayValue = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value ?? null));
