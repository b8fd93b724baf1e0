// Editing the racks: the chosen tank's facts, another place for it by two taps, its system, its end; and temporary places anew.
import { useCallback, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link } from 'react-router';
import type { RoomView, TankCard } from '#contract/views.ts';
import { whoMeets } from '#core/quarantine/index.ts';
import { FLOWS, PURPOSES } from '#core/room/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { useVoice } from '../data/voice.ts';
import { placedIn } from '../moves/Meeting.tsx';
import { Caution } from '../parts/Caution.tsx';
import { PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayAll } from '../words/refusals.ts';
import { changedEntry, fieldsOf, goneEntry, NOT_KNOWN, vesselOf } from './draft.ts';

export function EditTank({ view, tank }: { view: RoomView; tank: TankCard | undefined }) {
  return (
    <>
      <h2>Edit the racks</h2>
      <p>
        Tap a tank, then an empty place, or drag it there. <Link to="/room">Done</Link>
      </p>
      {tank ? <OneTank key={tank.id + tank.entry} view={view} tank={tank} /> : <NewVessel view={view} />}
      <p className="soft">
        Racks, systems and new tanks: <Link to="/house?part=racks">House</Link>
      </p>
    </>
  );
}

function OneTank({ view, tank }: { view: RoomView; tank: TankCard }) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const { bare } = useUnits();
  const overrule = useOverrule();
  const [system, setWater] = useState(tank.system);
  const [why, setWhy] = useState('');
  const fields: FormField[] = [
    { name: 'code', type: 'text', label: 'Code', maxLength: 12 },
    { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'It holds' },
    { name: 'purpose', type: 'choice', label: 'What it is for', options: PURPOSES },
    { name: 'lid', type: 'choice', label: 'Lid', options: ['yes', 'no'] },
    { name: 'flow', type: 'choice', label: 'Flow', options: tank.flow ? FLOWS : [NOT_KNOWN, ...FLOWS] },
  ];
  const initial = {
    code: tank.code,
    volumeL: bare('volume', tank.volumeL),
    purpose: tank.purpose,
    lid: tank.lid ? 'yes' : 'no',
    flow: tank.flow ?? NOT_KNOWN,
  };
  const living = placedIn(view).filter((placed) => placed.system !== tank.system || placed.tank === tank.id);
  const met = system === tank.system ? undefined : whoMeets([tank.system, system], living);
  return (
    <>
      <h3>
        {tank.vessel === 'tank' ? 'Tank' : tank.vessel} {tank.code}
      </h3>
      <Form.Group className="field" controlId="edit-water">
        <Form.Label className="label">On which system</Form.Label>
        <Form.Select value={system} disabled={tank.hangsIn !== undefined} onChange={(event) => setWater(event.target.value)}>
          {view.systems.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {met && met.restarted.length + met.exposed.length > 0 && (
        <Caution strong>
          <b>Their systems meet.</b> Clocks restart: {met.restarted.map(({ label }) => label).join(', ') || 'none'}.
          {met.exposed.length > 0 && ` Cleared, and would meet fish in quarantine: ${met.exposed.map(({ label }) => label).join(', ')}.`}
        </Caution>
      )}
      <PlainForm
        draft={`tank ${tank.id}`}
        fields={fields}
        initial={initial}
        submit={`${tank.code} is so`}
        keep
        onSubmit={async (values) => {
          const changed = fieldsOf({ ...values, system }, tank);
          if (Object.keys(changed).length === 0) return 'Nothing is different from what the house knows.';
          const drafts = [changedEntry(tank, changed)];
          const outcome = await recordAction(`${tank.code} changed`, ...drafts);
          if (outcome.status === 'refused' && outcome.refusals.some(({ overrule: rank }) => rank)) {
            overrule.ask(
              { title: `${tank.code} changed`, doing: 'It is so', words: `${tank.code} changed`, drafts, onDone: () => undefined },
              outcome.refusals,
            );
            return undefined;
          }
          return outcome.status === 'refused' ? sayAll(outcome.refusals, outcome.code, voice) : undefined;
        }}
      />
      <Form.Group className="field" controlId="edit-gone">
        <Form.Label className="label">It is gone: why</Form.Label>
        <Form.Control value={why} maxLength={200} onChange={(event) => setWhy(event.target.value)} />
      </Form.Group>
      <Button
        variant="odd"
        onClick={() =>
          overrule.attempt({
            title: `${tank.code} is gone`,
            doing: 'It is gone',
            words: `${tank.code} is gone from the house`,
            drafts: [goneEntry(tank.id, why)],
            onDone: () => undefined,
          })
        }
      >
        {tank.code} is gone from the house
      </Button>
    </>
  );
}

function NewVessel({ view }: { view: RoomView }) {
  const { recordAction } = useActions();
  const voice = useVoice();
  const submit = useCallback(
    async (values: Values) => {
      const drafts = vesselOf(values, view, newId);
      if (typeof drafts === 'string') return drafts;
      const outcome = await recordAction(`${values.vessel} ${values.code}`, ...drafts);
      return outcome.status === 'refused' ? sayAll(outcome.refusals, outcome.code, voice) : undefined;
    },
    [view, recordAction, voice],
  );
  return (
    <>
      <h3>A bucket, box or divider</h3>
      <PlainForm
        draft="vessel"
        fields={[
          { name: 'vessel', type: 'choice', label: 'What it is', options: ['bucket', 'box', 'divider'] },
          { name: 'code', type: 'text', label: 'Code', maxLength: 12 },
          { name: 'at', type: 'text', label: 'By or in which tank', maxLength: 12 },
          { name: 'volumeL', type: 'quantity', quantity: 'volume', label: 'It holds' },
        ]}
        submit={(values) => `Add ${values.vessel} ${values.code}`}
        onSubmit={submit}
      />
    </>
  );
}
