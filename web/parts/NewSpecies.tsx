// "Add this species", wherever a name is asked that the house does not know: what is on hand in three taps, the rest said as not known.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { PREY, WATER_TYPES, type Named, type Prey, type WaterType } from '#core/species/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMayWrite } from '../data/me.ts';
import { Chips } from './Chips.tsx';
import { newSpeciesEntry } from './speciesDraft.ts';

const IS_WORDS: Record<Prey, string> = { fish: 'fish', shrimp: 'shrimp or crab', snail: 'snail, urchin or other' };
const isOf = (words: string) => PREY.find((kind) => IS_WORDS[kind] === words)!;

type Props = { name: string; species: readonly Named[]; onAdded: (species: Named) => void };

export function NewSpecies({ name, species, onAdded }: Props) {
  const { recordAction } = useActions();
  const mayAdd = useMayWrite('species.added');
  const [open, setOpen] = useState(false);
  const [water, setWater] = useState<WaterType>();
  const [is, setIs] = useState<Prey>();
  if (!mayAdd || name.trim() === '') return null;
  if (!open)
    return (
      <div className="chips">
        <Button variant="plain" onClick={() => setOpen(true)}>
          Add “{name.trim()}” to our species
        </Button>
      </div>
    );
  const add = () => {
    if (!water || !is) return;
    const entry = newSpeciesEntry({ common: name, water: [water], is }, new Set(species.map(({ id }) => id)));
    void recordAction(`${entry.payload.common} is one of our species`, entry);
    onAdded({ id: entry.payload.species, common: entry.payload.common, alsoCalled: [] });
  };
  return (
    <div className="form-part" role="group" aria-label={`Add ${name.trim()}`}>
      <Chips label="It lives in" options={WATER_TYPES} value={water} onChange={setWater} />
      <Chips
        label="It is a"
        options={PREY.map((kind) => IS_WORDS[kind])}
        value={is && IS_WORDS[is]}
        onChange={(words) => setIs(isOf(words))}
      />
      <p className="soft tight">
        What it needs, whom it eats and whether it jumps stay not known, and are asked about wherever they matter. Fill them in under
        Species.
      </p>
      <Button variant="act" disabled={!water || !is} onClick={add}>
        Add {name.trim()}
      </Button>
    </div>
  );
}
