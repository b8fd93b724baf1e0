// The species list: what the house knows of each species. Found by any name, changed by a lead, taken in and out as a table.
import { useDeferredValue, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useSearchParams } from 'react-router';
import type { SpeciesRow } from '#contract/views.ts';
import { SPECIES_COLUMNS, speciesRow, type Named } from '#core/species/index.ts';
import { writeCsv } from '#core/text/index.ts';
import { saveTextFile } from '../data/files.ts';
import { useView } from '../data/house.ts';
import { lookUpOf } from '../data/lookUp.ts';
import { useMayWrite } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { NewSpecies } from '../parts/NewSpecies.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import css from './species.module.scss';
import { SpeciesCard } from './SpeciesCard.tsx';
import { SpeciesForm } from './SpeciesForm.tsx';
import { SpeciesImport } from './SpeciesImport.tsx';

const FOUND_AT_MOST = 60;

export default function SpeciesPage() {
  const { data, error, mutate } = useView('species');
  const [query, setQuery] = useSearchParams();
  const mayEdit = useMayWrite('species.added', 'species.changed');
  const named = useMemo(() => (data?.species ?? []).map((kind) => ({ ...kind, id: kind.species })), [data]);
  useTitle(data?.species.find((kind) => kind.species === query.get('species'))?.common);
  const [text, setText] = useState('');
  const sought = useDeferredValue(text);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const { species } = data;
  const open = query.get('open');
  const chosen = species.find((kind) => kind.species === query.get('species'));
  const listed = sought.trim() === '' ? species : found(species, sought);
  const show = (more: Record<string, string>) => setQuery(more);
  return (
    <div className="two-parts">
      <h1 className="visually-hidden">Species</h1>
      <div className={css.speciesList}>
        <Form.Group controlId="species-search">
          <Form.Label className="visually-hidden">Search by any name</Form.Label>
          <Form.Control
            type="search"
            placeholder="Search by any name"
            value={text}
            autoComplete="off"
            onChange={(event) => setText(event.target.value)}
          />
        </Form.Group>
        <ul aria-label="Species" className="rows">
          {listed.map((species) => (
            <li key={species.species}>
              <button
                type="button"
                className="row-button"
                aria-current={species === chosen}
                onClick={() => show({ species: species.species })}
              >
                <span>
                  {species.common} <i className="soft">{species.scientific}</i>
                </span>
                <span className="num soft">{species.heads > 0 ? species.heads : ''}</span>
              </button>
            </li>
          ))}
        </ul>
        {listed.length === 0 && <p className="soft">{species.length === 0 ? 'No species yet.' : `Nothing is called “${sought}”.`}</p>}
        {listed.length === 0 && <NewSpecies name={sought} species={named} onAdded={({ id }) => show({ species: id })} />}
        <div className={css.tools}>
          {species.length > 0 && (
            <Button
              variant="plain"
              onClick={() => saveTextFile('species.csv', writeCsv(SPECIES_COLUMNS, species.map(speciesRow)), 'text/csv')}
            >
              Save as CSV
            </Button>
          )}
          {mayEdit && (
            <>
              <Button variant="plain" onClick={() => show({ open: 'import' })}>
                Take in a CSV
              </Button>
              <Button variant="plain" onClick={() => show({ open: 'new' })}>
                New species
              </Button>
            </>
          )}
        </div>
      </div>
      {open === 'import' && mayEdit ? (
        <SpeciesImport allSpecies={species} onDone={() => show({})} />
      ) : open === 'new' && mayEdit ? (
        <SpeciesForm key="new" allSpecies={species} onDone={(id) => show(id ? { species: id } : {})} />
      ) : chosen && open === 'edit' && mayEdit ? (
        <SpeciesForm key={chosen.species} of={chosen} allSpecies={species} onDone={() => show({ species: chosen.species })} />
      ) : chosen ? (
        <SpeciesCard
          species={chosen}
          allSpecies={species}
          onEdit={mayEdit ? () => show({ species: chosen.species, open: 'edit' }) : undefined}
        />
      ) : (
        <div className="empty">
          <h2>{species.length === 0 ? 'What do you keep?' : `${species.length} species`}</h2>
          <p>
            {species.length === 0
              ? 'The starter list has about forty species of fresh, brackish and sea water. Take it in whole, then change what your house knows better.'
              : 'Choose one to see what it needs, who eats whom, and which treatments harm it.'}
          </p>
          {species.length === 0 && mayEdit && (
            <Button variant="act" onClick={() => show({ open: 'import' })}>
              Take in the starter list
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

const namedOf = new WeakMap<readonly SpeciesRow[], Named[]>();

function found(species: readonly SpeciesRow[], text: string): SpeciesRow[] {
  let named = namedOf.get(species);
  if (!named) namedOf.set(species, (named = species.map((species) => ({ ...species, id: species.species }))));
  const byId = new Map(species.map((species) => [species.species, species]));
  return lookUpOf(named)
    .find(text, FOUND_AT_MOST)
    .map(({ id }) => byId.get(id)!);
}
