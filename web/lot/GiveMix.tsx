// Medicated food for one lot, on signs: which of the house's mixes, and why. What stands against it is asked.
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import { useView } from '../data/house.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { WhyForm } from '../parts/WhyForm.tsx';
import { sayLabel } from '../words/kitchen.ts';
import { capital } from '../words/text.ts';
import { courseEntry } from './draft.ts';

export function GiveMix({ lot, label, onDone }: { lot: string; label: string; onDone: () => void }) {
  const { data } = useView('house');
  const { attempt } = useOverrule();
  const [chosen, setChosen] = useState<string>();
  const mixes = data?.mixes ?? [];
  const mix = mixes.find(({ id }) => id === chosen) ?? mixes[0];
  if (!mix)
    return (
      <p className="soft">
        No medicated mix is on the list of this house. <Link to="/house?part=mixes">To the medicated food</Link>
      </p>
    );
  return (
    <div>
      <Form.Select aria-label="Which mix" value={mix.id} onChange={(event) => setChosen(event.target.value)}>
        {mixes.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      <p className="soft tight">By its label: {sayLabel(mix)}. Local rules and a veterinarian come first.</p>
      <WhyForm
        label="Which signs; it is kept"
        submit={`They get ${mix.name}`}
        onSay={(why) => {
          attempt({
            title: `${mix.name} all the same`,
            doing: 'They get it',
            words: `${capital(label)}: ${mix.name}`,
            drafts: [courseEntry(lot, mix.id, why)],
            onDone,
          });
        }}
      />
    </div>
  );
}
