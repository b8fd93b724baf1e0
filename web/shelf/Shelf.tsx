// The shelf: what the house knows of each species. Found by any name, changed by a lead, taken in and out as a table.
import { useDeferredValue, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useSearchParams } from 'react-router';
import type { ShelfSpecies } from '#contract/views.ts';
import { SHELF_COLUMNS, shelfRow, type Named } from '#core/species/index.ts';
import { writeCsv } from '#core/text/index.ts';
import { saveTextFile } from '../data/files.ts';
import { useView } from '../data/house.ts';
import { useMay } from '../data/me.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { lookUpOf } from '../data/lookUp.ts';
import { ShelfImport } from './ShelfImport.tsx';
import { SpeciesCard } from './SpeciesCard.tsx';
import { SpeciesForm } from './SpeciesForm.tsx';

const FOUND_AT_MOST = 60;

export default function Shelf() {
  const { data, error, mutate } = useView('shelf');
  const [query, setQuery] = useSearchParams();
  const mayEdit = useMay('lead');
  const [text, setText] = useState('');
  const sought = useDeferredValue(text);
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const { species } = data;
  const open = query.get('open');
  const chosen = species.find((one) => one.species === query.get('species'));
  const listed = sought.trim() === '' ? species : found(species, sought);
  const show = (more: Record<string, string>) => setQuery(more);
  return (
    <div className="two-parts">
      <h1 className="visually-hidden">Shelf</h1>
      <div className="shelf-list">
        <Form.Group controlId="shelf-search">
          <Form.Label className="visually-hidden">Search by any name</Form.Label>
          <Form.Control
            type="search"
            placeholder="Search by any name"
            value={text}
            autoComplete="off"
            onChange={(event) => setText(event.target.value)}
          />
        </Form.Group>
        <ul aria-label="Species on the shelf" className="rows">
          {listed.map((one) => (
            <li key={one.species}>
              <button type="button" className="row-button" aria-current={one === chosen} onClick={() => show({ species: one.species })}>
                <span>
                  {one.common} <i className="soft">{one.scientific}</i>
                </span>
                <span className="num soft">{one.heads > 0 ? one.heads : ''}</span>
              </button>
            </li>
          ))}
        </ul>
        {listed.length === 0 && <p className="soft">{species.length === 0 ? 'The shelf is empty.' : `Nothing is called “${sought}”.`}</p>}
        <div className="tools">
          {species.length > 0 && (
            <Button variant="plain" onClick={() => saveTextFile('shelf.csv', writeCsv(SHELF_COLUMNS, species.map(shelfRow)), 'text/csv')}>
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
        <ShelfImport shelf={species} onDone={() => show({})} />
      ) : open === 'new' && mayEdit ? (
        <SpeciesForm key="new" shelf={species} onDone={(id) => show(id ? { species: id } : {})} />
      ) : chosen && open === 'edit' && mayEdit ? (
        <SpeciesForm key={chosen.species} of={chosen} shelf={species} onDone={() => show({ species: chosen.species })} />
      ) : chosen ? (
        <SpeciesCard
          species={chosen}
          shelf={species}
          onEdit={mayEdit ? () => show({ species: chosen.species, open: 'edit' }) : undefined}
        />
      ) : (
        <div className="empty">
          <h2>{species.length === 0 ? 'What do you keep?' : `${species.length} species`}</h2>
          <p>
            {species.length === 0
              ? 'The starter shelf has about forty species of fresh, brackish and sea water. Take it in whole, then change what your house knows better.'
              : 'Choose one to see what it needs, who eats whom, and which remedies harm it.'}
          </p>
          {species.length === 0 && mayEdit && (
            <Button variant="act" onClick={() => show({ open: 'import' })}>
              Take in the starter shelf
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

const namedOf = new WeakMap<readonly ShelfSpecies[], Named[]>();

function found(species: readonly ShelfSpecies[], text: string): ShelfSpecies[] {
  let named = namedOf.get(species);
  if (!named) namedOf.set(species, (named = species.map((one) => ({ ...one, id: one.species }))));
  const byId = new Map(species.map((one) => [one.species, one]));
  return lookUpOf(named)
    .find(text, FOUND_AT_MOST)
    .map(({ id }) => byId.get(id)!);
}
