// When a species may be put on the shelf, and when what the house knows of it may change.
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { Context, Rules } from '../journal/rule.ts';
import type { SpeciesChanged, SpeciesEntries, SpeciesFields } from './entries.ts';

export const speciesRules: Rules<SpeciesEntries> = {
  'species.added': {
    decide({ payload }, { state }) {
      if (state.findSpecies(payload.species)) return refuse('exists', 'species', { what: 'species', name: payload.common });
      return rangesStand(payload);
    },
    links: ({ species }) => ({ makes: [species] }),
  },
  'species.changed': {
    decide: ({ payload }, context) => decideChange(payload, context),
    links: ({ species }) => ({ needs: [species] }),
  },
};

function decideChange({ species, basedOn, fields }: SpeciesChanged, { state }: Context): Refusal[] {
  const known = state.findSpecies(species);
  if (!known) return refuse('unknown', 'species', { what: 'species', id: species });
  const names = Object.keys(fields) as (keyof SpeciesFields)[];
  if (names.length === 0) return refuse('change.nothing', 'fields');
  for (const other of state.speciesChangesSince(species, basedOn)) {
    const field = names.find((name) => other.fields.includes(name));
    if (field) return refuse('change.overtaken', `fields.${field}`, { field, now: sayValue(known[field]), by: other.by, atMs: other.atMs });
  }
  return rangesStand({ ...known, ...fields });
}

function rangesStand({ temperatureC, salinityPpt }: Pick<SpeciesFields, 'temperatureC' | 'salinityPpt'>): Refusal[] {
  const field = temperatureC.min > temperatureC.max ? 'temperatureC' : salinityPpt.min > salinityPpt.max ? 'salinityPpt' : undefined;
  return field ? refuse('range.upsideDown', field, { field }) : [];
}

const sayValue = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value ?? null));
