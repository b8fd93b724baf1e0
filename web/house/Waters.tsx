// The waters of the house: what each is set to, how many tanks it runs through; changed, joined, gone.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { HouseView } from '#contract/views.ts';
import { whoMeets } from '#core/quarantine/index.ts';
import { newId, useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { placedIn } from '../moves/Meeting.tsx';
import { Caution } from '../parts/Caution.tsx';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { waterChanges, WATER_FIELDS, waterOf } from './forms.ts';
import type { PartProps } from './part.ts';

type Water = HouseView['waters'][number];

export function Waters({ view, write, mayEdit }: PartProps) {
  const { say } = useUnits();
  const [open, setOpen] = useState<string>();
  return (
    <section className="card" aria-label="Waters">
      <h2>Waters</h2>
      <ul className="plain-list">
        {view.waters.map((water) => (
          <li key={water.id}>
            <b>{water.name}</b>{' '}
            <span className="soft">
              {water.type}, {say('temperature', water.temperatureC)}, {say('salinity', water.salinityPpt)}, {say('volume', water.volumeL)},{' '}
              {water.tanks} {water.tanks === 1 ? 'tank' : 'tanks'}
            </span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === water.id}
                aria-label={`Change ${water.name}`}
                onClick={() => setOpen(open === water.id ? undefined : water.id)}
              >
                Change
              </Button>
            )}
            {open === water.id && <OneWater water={water} view={view} write={write} onDone={() => setOpen(undefined)} />}
          </li>
        ))}
      </ul>
      {view.waters.length === 0 && (
        <p className="soft">None yet. A tank that stands alone gets its own water when you draw it, under racks and tanks.</p>
      )}
      {mayEdit && (
        <PlainForm
          fields={WATER_FIELDS}
          submit="Add this water"
          onSubmit={(values) => write(`Water ${values.name}`, waterOf(values, newId))}
        />
      )}
    </section>
  );
}

function OneWater({ water, view, write, onDone }: Pick<PartProps, 'view' | 'write'> & { water: Water; onDone: () => void }) {
  const { bare } = useUnits();
  const { data: room } = useView('room');
  const [into, setInto] = useState('');
  const others = view.waters.filter(({ id, type, tanks }) => id !== water.id && type === water.type && tanks > 0);
  const other = others.find(({ id }) => id === into);
  const met = room && other ? whoMeets([water.id, other.id], placedIn(room)) : undefined;
  const tanks = view.tanks.filter((tank) => tank.water === water.id).map(({ id }) => id);
  const change = async (values: Values) => {
    const fields = waterChanges(values, water);
    const wrong = await write(`${values.name} changed`, {
      kind: 'water.changed',
      payload: { water: water.id, basedOn: water.entry, fields },
    });
    if (wrong === undefined) onDone();
    return wrong;
  };
  const join = async () => {
    if (!other) return;
    const wrong = await write(`${water.name} joined to ${other.name}`, {
      kind: 'waters.joined',
      payload: { from: water.id, into: other.id, tanks, volumeL: water.volumeL + other.volumeL },
    });
    if (wrong === undefined) onDone();
  };
  return (
    <div className="water-edit">
      <PlainForm
        fields={WATER_FIELDS}
        initial={{
          name: water.name,
          type: water.type,
          temperatureC: bare('temperature', water.set.temperatureC),
          salinityPpt: bare('salinity', water.set.salinityPpt),
          volumeL: bare('volume', water.volumeL),
        }}
        submit={`${water.name} is so`}
        keep
        onSubmit={change}
      />
      {tanks.length > 0 && others.length > 0 && (
        <Form.Group className="field" controlId={`join-${water.id}`}>
          <Form.Label className="label">One water with</Form.Label>
          <Form.Select value={into} onChange={(event) => setInto(event.target.value)}>
            <option value="">none: it stays alone</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {other && met && (
        <Caution strong={met.restarted.length > 0}>
          {met.restarted.length === 0 && met.exposed.length === 0
            ? 'No clock begins anew. What one has, all have from then on.'
            : `Clocks begin anew: ${met.restarted.map(({ label }) => label).join(', ') || 'none'}.${met.exposed.length > 0 ? ` Cleared, and would meet fish on hold: ${met.exposed.map(({ label }) => label).join(', ')}.` : ''}`}
        </Caution>
      )}
      {other && (
        <Button variant="odd" onClick={() => void join()}>
          Join {water.name} to {other.name}
        </Button>
      )}
      {tanks.length === 0 && (
        <Button
          variant="odd"
          onClick={() => void write(`${water.name} is gone`, { kind: 'thing.retired', payload: { what: 'water', id: water.id } })}
        >
          {water.name} is gone
        </Button>
      )}
    </div>
  );
}
