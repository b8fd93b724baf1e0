// A species by any name it is heard under; what nobody can name is taken as it was heard.
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { DockView } from '#contract/views.ts';
import { lookUpOf } from '../data/lookUp.ts';
import { NewSpecies } from './NewSpecies.tsx';

type Species = DockView['species'][number];
export type Heard = { heardAs: string; species?: Species };
type Props = { label?: string; species: readonly Species[]; value: Heard | undefined; onChange: (heard: Heard) => void };
const OFFERED = 6;

export function SpeciesPicker({ label, species, value, onChange }: Props) {
  const id = useId();
  const [text, setText] = useState(value?.heardAs ?? '');
  return (
    <div className="field">
      <label className="label" htmlFor={id}>
        {label ?? 'What is in the bag? Any name it goes by'}
      </label>
      <Form.Control
        id={id}
        value={text}
        autoComplete="off"
        maxLength={120}
        onChange={(event) => {
          setText(event.target.value);
          onChange({ heardAs: event.target.value.trim() });
        }}
      />
      <div className="chips" role="group" aria-label="Species that match">
        {lookUpOf(species)
          .find(text, OFFERED)
          .map(({ id: found }) => species.find((named) => named.id === found)!)
          .map((named) => (
            <Button
              key={named.id}
              variant="plain"
              className={value?.species?.id === named.id ? 'chip-on' : ''}
              aria-pressed={value?.species?.id === named.id}
              onClick={() => {
                setText(named.common);
                onChange({ heardAs: text.trim() || named.common, species: named });
              }}
            >
              {named.common}
            </Button>
          ))}
      </div>
      {!value?.species && (
        <NewSpecies
          key={text}
          name={text}
          species={species}
          onAdded={(added) => {
            setText(added.common);
            onChange({ heardAs: text.trim(), species: added });
          }}
        />
      )}
      {text.trim() !== '' && !value?.species && label === undefined && (
        <span className="soft">Lands as “{text.trim()}”; the species can be named later.</span>
      )}
    </div>
  );
}
