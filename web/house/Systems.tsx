// The systems of the house: what each is set to, how many tanks it runs through; changed, joined, gone.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { HouseView } from '#contract/views.ts';
import { whoMeets } from '#core/quarantine/index.ts';
import { WATER_TYPES, type WaterType } from '#core/species/index.ts';
import { newId, useView } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { placedIn } from '../moves/Meeting.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { PlainForm, type Values } from '../parts/PlainForm.tsx';
import { ReadingsForm } from '../readings/ReadingsForm.tsx';
import { plural } from '../words/text.ts';
import { newSystemFields, systemChanges, SYSTEM_FIELDS, systemOf, waterStart } from './forms.ts';
import type { PartProps } from './part.ts';

type Water = HouseView['systems'][number];

export function Systems({ view, write, mayEdit }: PartProps) {
  const units = useUnits();
  const { say } = units;
  const [open, setOpen] = useState<string>();
  const [reading, setReading] = useState<string>();
  const [type, setType] = useState<WaterType>('fresh');
  return (
    <section className="card" aria-label="Systems">
      <h2>Systems</h2>
      <ul className="plain-list">
        {view.systems.map((system) => (
          <li key={system.id}>
            <b>{system.name}</b>{' '}
            <span className="soft">
              {system.type}, {say('temperature', system.temperatureC)}, {say('salinity', system.salinityPpt)},{' '}
              {say('volume', system.volumeL)}, {plural(system.tanks, 'tank')}
            </span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === system.id}
                aria-label={`Change ${system.name}`}
                onClick={() => setOpen(open === system.id ? undefined : system.id)}
              >
                Change
              </Button>
            )}
            <Button
              variant="quiet"
              className="btn-quiet"
              aria-expanded={reading === system.id}
              aria-label={`Read ${system.name}`}
              onClick={() => setReading(reading === system.id ? undefined : system.id)}
            >
              Read
            </Button>
            {reading === system.id && <ReadingsForm system={system.id} onDone={() => setReading(undefined)} />}
            {open === system.id && <OneSystem system={system} view={view} write={write} onDone={() => setOpen(undefined)} />}
          </li>
        ))}
      </ul>
      {view.systems.length === 0 && (
        <p className="soft">None yet. A tank that stands alone gets its own system when you draw it, under racks and tanks.</p>
      )}
      {mayEdit && (
        <>
          <h3>{view.systems.length === 0 ? 'The first system' : 'Another system'}</h3>
          <Chips label="Which water" options={WATER_TYPES} value={type} onChange={setType} />
          <PlainForm
            draft={`system, ${type}`}
            key={type}
            fields={newSystemFields(type)}
            initial={waterStart(type, units)}
            submit="Add this system"
            onSubmit={(values) => write(`Water ${values.name}`, systemOf({ ...values, type }, newId))}
          />
        </>
      )}
    </section>
  );
}

function OneSystem({ system, view, write, onDone }: Pick<PartProps, 'view' | 'write'> & { system: Water; onDone: () => void }) {
  const { bare } = useUnits();
  const { data: room } = useView('room');
  const [into, setInto] = useState('');
  const others = view.systems.filter(({ id, type, tanks }) => id !== system.id && type === system.type && tanks > 0);
  const target = others.find(({ id }) => id === into);
  const met = room && target ? whoMeets([system.id, target.id], placedIn(room)) : undefined;
  const tanks = view.tanks.filter((tank) => tank.system === system.id).map(({ id }) => id);
  const change = async (values: Values) => {
    const fields = systemChanges(values, system);
    const wrong = await write(`${values.name} changed`, {
      kind: 'system.changed',
      payload: { system: system.id, basedOn: system.entry, fields },
    });
    if (wrong === undefined) onDone();
    return wrong;
  };
  const join = async () => {
    if (!target) return;
    const wrong = await write(`${system.name} joined to ${target.name}`, {
      kind: 'systems.joined',
      payload: { from: system.id, into: target.id, tanks, volumeL: system.volumeL + target.volumeL },
    });
    if (wrong === undefined) onDone();
  };
  return (
    <div>
      <PlainForm
        draft={`system ${system.id}`}
        fields={SYSTEM_FIELDS}
        initial={{
          name: system.name,
          type: system.type,
          temperatureC: bare('temperature', system.set.temperatureC),
          salinityPpt: bare('salinity', system.set.salinityPpt),
          volumeL: bare('volume', system.volumeL),
        }}
        submit={`${system.name} is so`}
        keep
        onSubmit={change}
      />
      {tanks.length > 0 && others.length > 0 && (
        <Form.Group className="field" controlId={`join-${system.id}`}>
          <Form.Label className="label">One system with</Form.Label>
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
      {target && met && (
        <Caution strong={met.restarted.length > 0}>
          {met.restarted.length === 0 && met.exposed.length === 0
            ? 'No clock restarts. What one has, all have from then on.'
            : `Clocks restart: ${met.restarted.map(({ label }) => label).join(', ') || 'none'}.${met.exposed.length > 0 ? ` Cleared, and would meet fish in quarantine: ${met.exposed.map(({ label }) => label).join(', ')}.` : ''}`}
        </Caution>
      )}
      {target && (
        <Button variant="odd" onClick={() => void join()}>
          Join {system.name} to {target.name}
        </Button>
      )}
      {tanks.length === 0 && (
        <Button
          variant="odd"
          onClick={() => void write(`${system.name} is gone`, { kind: 'thing.retired', payload: { what: 'system', id: system.id } })}
        >
          {system.name} is gone
        </Button>
      )}
    </div>
  );
}
