// The species list of the demo house: the starter species list that every new house is offered.
import fs from 'node:fs';
import path from 'node:path';
import { readSpeciesTable, type SpeciesAdded } from '#core/species/index.ts';
import { parseCsv } from '#core/text/index.ts';

const file = path.join(import.meta.dirname, '..', 'core', 'species', 'starter-species.csv');
const { species, problems } = readSpeciesTable(parseCsv(fs.readFileSync(file, 'utf8')).rows);
if (problems.length > 0) throw new Error(`the starter list is broken: ${JSON.stringify(problems)}`);

export const SPECIES: readonly SpeciesAdded[] = species;
