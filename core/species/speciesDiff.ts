// What a table of species would change on a species list: species that are new, and of the others only the fields that differ.
import { wordsOf } from '../text/index.ts';
import type { SpeciesAdded, SpeciesChanged, SpeciesFields } from './entries.ts';

export type ListedSpecies = SpeciesAdded & { /** Its latest entry. */ entry: string };
export type SpeciesDiff = { added: SpeciesAdded[]; changed: SpeciesChanged[]; same: number };

const nameKey = (scientific: string) => wordsOf(scientific).join(' ');

/** Told apart by id, else by scientific name. Only `fields` are compared: a column that is not there changes nothing. */
export function diffSpecies(
  allSpecies: readonly ListedSpecies[],
  read: readonly SpeciesAdded[],
  fields: readonly (keyof SpeciesFields)[],
): SpeciesDiff {
  const byId = new Map(allSpecies.map((listedSpecies) => [listedSpecies.species, listedSpecies]));
  const byName = new Map(
    allSpecies.flatMap((listedSpecies) => (listedSpecies.scientific ? [[nameKey(listedSpecies.scientific), listedSpecies] as const] : [])),
  );
  const diff: SpeciesDiff = { added: [], changed: [], same: 0 };
  for (const species of read) {
    const known = byId.get(species.species) ?? byName.get(nameKey(species.scientific ?? ''));
    if (!known) diff.added.push(species);
    else {
      const changed = changedFields(known, species, fields);
      if (Object.keys(changed).length === 0) diff.same += 1;
      else diff.changed.push({ species: known.species, basedOn: known.entry, fields: changed });
    }
  }
  return diff;
}

/** The fields of `to` that are other than in `from`; one that `to` leaves open is left as it is. */
export function changedFields(from: SpeciesAdded, to: SpeciesAdded, fields: readonly (keyof SpeciesFields)[]): Partial<SpeciesFields> {
  const changed = fields.filter(
    (field) => to[field] !== undefined && JSON.stringify(sorted(from[field])) !== JSON.stringify(sorted(to[field])),
  );
  return Object.fromEntries(changed.map((field) => [field, to[field]]));
}

/** Keys in one order, so that equal things are written equally. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value) || value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)));
}
