// Fish that nobody could name at the box: named later, and asked at once what that means where they live now.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { LotView } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { SpeciesPicker, type Heard } from '../parts/SpeciesPicker.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { namedEntry } from './draft.ts';

export function NameLot({ lot, onDone }: { lot: NonNullable<LotView['lot']>; onDone: () => void }) {
  const { data } = useView('intake');
  const { attempt } = useOverrule();
  const [heard, setHeard] = useState<Heard>();
  const [note, setNote] = useState('');
  const species = heard?.species;
  const write = () => {
    if (!species) return;
    attempt({
      title: `${lot.label} are ${species.common}`,
      doing: 'They are that all the same',
      words: `${lot.label}: they are ${species.common}`,
      drafts: [namedEntry({ lot, species, note })],
      onDone,
    });
  };
  return (
    <div className="tank-form">
      <SpeciesPicker label="What they are, by any name" species={data?.species ?? []} value={heard} onChange={setHeard} />
      {heard && !species && <p className="soft">Choose one that the house knows, or add it.</p>}
      <Form.Group className="field" controlId="name-note">
        <Form.Label className="label">How it is known (may be left out)</Form.Label>
        <Form.Control value={note} maxLength={200} onChange={(event) => setNote(event.target.value)} />
      </Form.Group>
      <ActButton disabled={!species} onPress={write} hint="what stands against their place now is asked about">
        {species ? `They are ${species.common}` : 'Name them'}
      </ActButton>
    </div>
  );
}
