// Fish that nobody could name at the box: named later, and asked at once what that means where they live now.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { LotView } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { CERTAINTIES, type Certainty } from '#core/lots/index.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Chips } from '../parts/Chips.tsx';
import { SpeciesPicker, type Heard } from '../parts/SpeciesPicker.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { SURE_SAYS } from '../words/triage.ts';
import { namedEntry } from './draft.ts';

type Props = { lot: NonNullable<LotView['lot']>; onDone: () => void };

export function NameLot({ lot, onDone }: Props) {
  const { data } = useView('intake');
  const { attempt } = useOverrule();
  // Surer of the same name, or another one.
  const [heard, setHeard] = useState<Heard | undefined>(
    lot.species && { heardAs: lot.species.common, species: { ...lot.species, alsoCalled: [] } },
  );
  const [sure, setSure] = useState<Certainty>(lot.species ? 'certain' : 'likely');
  const [note, setNote] = useState('');
  const species = heard?.species;
  const write = () => {
    if (!species) return;
    attempt({
      title: `${lot.label} are ${species.common}`,
      doing: 'They are that all the same',
      words: `${lot.label}: they are ${species.common}${sure === 'certain' ? '' : `, ${SURE_SAYS[sure]}`}`,
      drafts: [namedEntry({ lot, species, sure, note })],
      onDone,
    });
  };
  return (
    <div className="tank-form">
      <SpeciesPicker label="What they are, by any name" species={data?.species ?? []} value={heard} onChange={setHeard} />
      {heard && !species && <p className="soft">Choose one that the house knows, or add it.</p>}
      <Chips label="How sure" options={CERTAINTIES} value={sure} onChange={setSure} odd={(is) => is === 'guess'} />
      {sure === 'guess' && <p className="soft">A guess counts with care: as delicate, and no treatment is taken to be harmless to them.</p>}
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
