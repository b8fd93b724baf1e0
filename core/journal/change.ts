// A record that several people edit: only the changed fields are sent, with the entry that their maker saw as the latest.
import type { Mark } from './entry.ts';
import { refuse, type Refusal } from './refusal.ts';

/** What a change of a record sends: only the changed fields, and the latest entry on it that the maker saw. */
export type Change<Fields> = { basedOn: string; fields: Partial<Fields> };

/** Fields as a change names them: nothing (`null`) = what may be left out is not known any more. */
export type Changed<Fields> = { [F in keyof Fields]?: Fields[F] | (undefined extends Fields[F] ? null : never) };

export interface ChangeState {
  /** Changes of a record (`species:firefish`, `tank:G1`) recorded after an entry, with the names of the fields they set. */
  changesSince(subject: string, entry: string): (Mark & { fields: string[] })[];
}

/** Nothing changed, or somebody else set one of the same fields meanwhile: the later of two is told, other fields merge. */
export function againstChange<Fields extends object>(
  { of, basedOn, fields }: Change<Fields> & { of: string },
  known: Fields,
  state: ChangeState,
): Refusal[] {
  const names = Object.keys(fields) as (keyof Fields & string)[];
  if (names.length === 0) return refuse('change.nothing', 'fields');
  for (const otherMark of state.changesSince(of, basedOn)) {
    const field = names.find((name) => otherMark.fields.includes(name));
    if (field)
      return refuse('change.overtaken', `fields.${field}`, { field, now: sayValue(known[field]), by: otherMark.by, atMs: otherMark.atMs });
  }
  return [];
}

const sayValue = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value ?? null));
