// Taking in a table of species: what is new, what would change, what is wrong on which line. Nothing is taken in by half.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { diffSpecies, readSpeciesTable, type ListedSpecies, type SpeciesDiff } from '#core/species/index.ts';
import { parseCsv, type FileProblem } from '#core/text/index.ts';
import { useActions } from '../actions/actions.tsx';
import type { FileText } from '../data/files.ts';
import type { Draft } from '../data/house.ts';
import { FileDrop } from '../parts/FileDrop.tsx';
import { Problems } from '../parts/Problems.tsx';
import { FIELD_WORDS } from '../words/species.ts';
import css from './species.module.scss';

/** One act takes so many entries; a larger table becomes several, each whole. */
const ENTRIES_AN_ACT = 150;
const SHOWN = 12;
type Read = { name: string; diff: SpeciesDiff; problems: FileProblem[] };

export function SpeciesImport({ allSpecies, onDone }: { allSpecies: readonly ListedSpecies[]; onDone: () => void }) {
  const { recordAction } = useActions();
  const [read, setRead] = useState<Read>();
  const [saving, setSaving] = useState(false);
  const take = ({ name, text }: FileText) => {
    const { rows, broken } = parseCsv(text);
    const { species, problems, fields } = readSpeciesTable(rows);
    const quotes = broken.map(({ line, why }) => ({ line, column: '', expected: `proper quotes (${why})` }));
    setRead({ name, diff: diffSpecies(allSpecies, species, fields), problems: [...quotes, ...problems] });
  };
  const takeStarter = async () =>
    take({ name: 'the starter list', text: (await import('#core/species/starter-species.csv?raw')).default, encoding: 'UTF-8' });

  async function save({ diff, name }: Read) {
    setSaving(true);
    const drafts: Draft[] = [
      ...diff.added.map((payload): Draft => ({ kind: 'species.added', payload })),
      ...diff.changed.map((payload): Draft => ({ kind: 'species.changed', payload })),
    ];
    for (let lastMs = 0; lastMs < drafts.length; lastMs += ENTRIES_AN_ACT) {
      const part = drafts.slice(lastMs, lastMs + ENTRIES_AN_ACT);
      const outcome = await recordAction(`${part.length} species from ${name}`, ...part);
      if (outcome.status === 'refused') return setSaving(false);
    }
    onDone();
  }

  const count = read ? read.diff.added.length + read.diff.changed.length : 0;
  return (
    <section className={clsx('card', css.speciesCard)} aria-label="Take in a table of species">
      <h2>Take in a table of species</h2>
      <p className="soft">The columns are those of “Save as CSV”. A column that is not there leaves what the house knows as it is.</p>
      <FileDrop label="A CSV file" accept=".xlsx,.xlsm,.csv,text/csv,text/plain" onText={take} />
      {allSpecies.length === 0 && (
        <Button variant="plain" onClick={() => void takeStarter()}>
          Show the starter list
        </Button>
      )}
      {read && (
        <div aria-live="polite">
          {read.problems.length > 0 && <Problems problems={read.problems} />}
          <p>
            {read.name}: <b>{read.diff.added.length}</b> new, <b>{read.diff.changed.length}</b> to change, {read.diff.same} the same.
          </p>
          <Listed diff={read.diff} allSpecies={allSpecies} />
          <div className={css.tools}>
            <Button variant="act" disabled={count === 0 || read.problems.length > 0 || saving} onClick={() => void save(read)}>
              {count === 0 ? 'Nothing to take in' : `Take in ${count} species`}
            </Button>
            <Button variant="plain" onClick={onDone}>
              Leave the list as it is
            </Button>
          </div>
        </div>
      )}
    </section>
  );
}

function Listed({ diff, allSpecies }: { diff: SpeciesDiff; allSpecies: readonly ListedSpecies[] }) {
  const { added, changed } = diff;
  return (
    <ul className="read-list">
      {added.slice(0, SHOWN).map((species) => (
        <li key={species.species}>
          new: {species.common} <i className="soft">{species.scientific}</i>
        </li>
      ))}
      {changed.slice(0, SHOWN).map(({ species, fields }) => (
        <li key={species}>
          {allSpecies.find((listedSpecies) => listedSpecies.species === species)?.common}:{' '}
          {Object.keys(fields)
            .map((field) => FIELD_WORDS[field as keyof typeof FIELD_WORDS])
            .join(', ')}
        </li>
      ))}
      {added.length + changed.length > 2 * SHOWN && <li className="soft">and more</li>}
    </ul>
  );
}
