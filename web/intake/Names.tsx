// What the list calls its fish: names that nobody can tell are asked, names read with a letter wrong are shown to be looked at.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { IntakeView } from '#contract/views.ts';
import type { Answers, ReadName } from '#core/intake/index.ts';
import { lookUpOf } from '../data/lookUp.ts';
import { NewSpecies } from '../parts/NewSpecies.tsx';
import { plural } from '../words/text.ts';
import css from './intake.module.scss';

/** So many are asked at once. */
const SHOWN = 20;
type Props = {
  names: readonly ReadName[];
  species: IntakeView['species'];
  answers: Answers;
  onAnswer: (key: string, species: string) => void;
  /** Each must be one of the house's species. */
  mustKnow?: boolean;
};

export function Names({ names, species, answers, onAnswer, mustKnow }: Props) {
  const shown = names.filter(({ asked, likeness, key }) => asked || likeness === 'near' || Object.hasOwn(answers, key));
  const plain = names.length - shown.length;
  const [all, setAll] = useState(false);
  return (
    <section className="card" aria-label="Names on the list">
      <h2>
        {plural(names.length, 'name')}, {plain} of them plain
      </h2>
      <ul className={css.readNames}>
        {(all ? shown : shown.slice(0, SHOWN)).map((name) => (
          <Name
            key={name.key}
            name={name}
            species={species}
            answer={Object.hasOwn(answers, name.key) ? answers[name.key] : undefined}
            onAnswer={(id) => onAnswer(name.key, id)}
            mustKnow={mustKnow}
          />
        ))}
      </ul>
      {!all && shown.length > SHOWN && (
        <Button variant="plain" onClick={() => setAll(true)}>
          Show {shown.length - SHOWN} more names
        </Button>
      )}
    </section>
  );
}

type NameProps = {
  name: ReadName;
  species: IntakeView['species'];
  answer: string | undefined;
  onAnswer: (species: string) => void;
  mustKnow?: boolean;
};

function Name({ name, species, answer, onAnswer, mustKnow }: NameProps) {
  const [sought, setSought] = useState<string>();
  const commonOf = (id: string) => species.find((named) => named.id === id)?.common ?? id;
  const offers = sought?.trim()
    ? lookUpOf(species)
        .find(sought)
        .map(({ id }) => id)
    : name.offers;
  const lines = `line${name.lines.length === 1 ? '' : 's'} ${name.lines.slice(0, 4).join(', ')}${name.lines.length > 4 ? ' …' : ''}`;
  return (
    <li>
      <p className="tight">
        <b>“{name.heard}”</b> <span className="soft">{lines}</span>{' '}
        {name.asked ? (
          <b className="warn">Which is it?</b>
        ) : name.species ? (
          <>
            {answer === undefined ? 'read as' : 'is'} <b>{commonOf(name.species)}</b>
          </>
        ) : (
          'stays as it is written; to be named at the dock'
        )}
      </p>
      <div className="chips" role="group" aria-label={`What “${name.heard}” is`}>
        {offers.map((id) => (
          <Button
            key={id}
            variant="plain"
            className={name.species === id ? 'chip-on' : ''}
            aria-pressed={name.species === id}
            onClick={() => onAnswer(id)}
          >
            {commonOf(id)}
          </Button>
        ))}
        {!mustKnow && (
          <Button variant="plain" className={answer === '' ? 'chip-on' : ''} aria-pressed={answer === ''} onClick={() => onAnswer('')}>
            Nobody knows yet
          </Button>
        )}
        {sought === undefined && (
          <Button variant="plain" onClick={() => setSought('')}>
            Another …
          </Button>
        )}
      </div>
      {sought !== undefined && (
        <Form.Control
          aria-label={`Search the species for “${name.heard}”`}
          value={sought}
          autoFocus
          onChange={(event) => setSought(event.target.value)}
        />
      )}
      {!name.species && <NewSpecies name={sought?.trim() || name.heard} species={species} onAdded={({ id }) => onAnswer(id)} />}
    </li>
  );
}
