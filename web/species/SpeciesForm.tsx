// A species as a form: the columns of the species list's table, read by the same rules as a file.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import {
  diffSpecies,
  readSpeciesTable,
  SPECIES_COLUMNS,
  SPECIES_FORM_FIELDS,
  speciesRow,
  type ListedSpecies,
  type SpeciesAdded,
} from '#core/species/index.ts';
import { useActions } from '../actions/actions.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import css from './species.module.scss';

type Props = { of?: ListedSpecies; allSpecies: readonly ListedSpecies[]; onDone: (id?: string) => void };
type Cells = Record<string, string>;

function cellsOf(species: SpeciesAdded | undefined): Cells {
  const row = species ? speciesRow(species) : [];
  return Object.fromEntries(SPECIES_COLUMNS.map((heading, index) => [heading, String(row[index] ?? '')]));
}

export function SpeciesForm({ of, allSpecies, onDone }: Props) {
  const { recordAction } = useActions();
  // What was on the species list when the form was opened: a change is based on that, whatever comes in meanwhile.
  const [base, setBase] = useState(of);
  const form = `species ${of?.species ?? ''} ${of?.entry ?? ''}`;
  const [cells, setCells] = useKept(form, 'cells', cellsOf(of));
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [refused, setRefused] = useState<string>();
  const set = (heading: string, text: string) => {
    setCells((now) => ({ ...now, [heading]: text }));
    setProblems(({ [heading]: _gone, ...rest }) => rest);
  };

  const done = (id: string | undefined) => (forgetKept(form), onDone(id));

  async function save() {
    const read = readSpeciesTable([
      { line: 1, cells: [...SPECIES_COLUMNS] },
      { line: 2, cells: SPECIES_COLUMNS.map((heading) => cells[heading]!.trim()) },
    ]);
    setProblems(Object.fromEntries(read.problems.map(({ column, expected }) => [column, expected])));
    const [species] = read.species;
    if (!species) return;
    const { added, changed, same } = diffSpecies(
      base ? [base] : allSpecies,
      [base ? { ...species, species: base.species } : species],
      read.fields,
    );
    if (!base && added.length === 0) return setRefused('This species is in the list already: search for it and change it there.');
    if (same > 0) return done(base?.species);
    const outcome = await (added[0]
      ? recordAction(`${species.common} in the species list`, { kind: 'species.added', payload: added[0] })
      : recordAction(`${species.common}: changed`, { kind: 'species.changed', payload: changed[0]! }));
    if (outcome.status === 'refused') {
      setBase(of);
      setRefused('It was not saved: see below. What you typed stands here; save again to set it all the same.');
    } else done(species.species);
  }

  return (
    <section className={clsx('card', css.speciesCard)} aria-label={of ? `Change ${of.common}` : 'New species'}>
      <h2>{of ? `Change ${of.common}` : 'New species'}</h2>
      <p className="soft tight">What has a * must be known; several words are parted by a semicolon.</p>
      {/* The id is made of the name and never changes. */}
      <div className="form-grid">
        {SPECIES_FORM_FIELDS.filter(({ heading }) => heading !== 'id').map(({ heading, required, choices }) => (
          <Form.Group key={heading} className="field" controlId={`species-${heading.replace(/\W+/g, '-')}`}>
            {choices ? (
              <Choose label={heading} {...choices} value={cells[heading]!} onChange={(text) => set(heading, text)} />
            ) : (
              <>
                <Form.Label className="label">
                  {heading}
                  {required ? ' *' : ''}
                </Form.Label>
                <Form.Control
                  value={cells[heading]}
                  maxLength={600}
                  isInvalid={problems[heading] !== undefined}
                  onChange={(event) => set(heading, event.target.value)}
                />
              </>
            )}
            {problems[heading] && (
              <span className="field-problem" role="alert">
                Expected {problems[heading]}.
              </span>
            )}
          </Form.Group>
        ))}
      </div>
      {refused && (
        <p className="field-problem" role="alert">
          {refused}
        </p>
      )}
      <div className={css.tools}>
        <Button variant="act" onClick={() => void save()}>
          Save {cells['common name'] || 'the species'}
        </Button>
        <Button variant="plain" onClick={() => done(of?.species)}>
          Leave it as it is
        </Button>
      </div>
    </section>
  );
}

type ChooseProps = { label: string; options: readonly string[]; many: boolean; value: string; onChange: (text: string) => void };

function Choose({ label, options, many, value, onChange }: ChooseProps) {
  const chosen = value
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
  const toggle = (option: string) => {
    const rest = chosen.filter((text) => text !== option);
    if (!many) return onChange(chosen.includes(option) ? '' : option);
    onChange((chosen.includes(option) ? rest : [...rest, option]).join('; '));
  };
  return (
    <>
      <span className="label">{label}</span>
      <div className="chips" role="group" aria-label={label}>
        {options.map((option) => (
          <Button
            key={option}
            variant="plain"
            className={chosen.includes(option) ? 'chip-on' : ''}
            aria-pressed={chosen.includes(option)}
            onClick={() => toggle(option)}
          >
            {option}
          </Button>
        ))}
      </div>
    </>
  );
}
