// Racks and the tanks on them, drawn a rack at a time: rows and columns as they stand, seen from the front.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { HouseView } from '#contract/views.ts';
import { newId } from '../data/house.ts';
import { numberOf, PlainForm, type Values } from '../parts/PlainForm.tsx';
import { codesOf, MAX_TANKS, OWN_WATER, OWN_SYSTEM_FIELDS, RACK_FIELDS, rackOf, tankFields, tanksOf } from './forms.ts';
import type { PartProps } from './part.ts';

export function Racks({ view, write, mayEdit }: PartProps) {
  const { systems } = view;
  // A rack just added is there at once, so that its tanks can be drawn before the house has answered.
  const [added, setAdded] = useState<HouseView['racks']>([]);
  const racks = [...view.racks, ...added.filter(({ id }) => view.racks.every((rack) => rack.id !== id))];
  const [open, setOpen] = useState<string>();
  const [own, setOwn] = useState(systems.length === 0);
  const nextWalk = Math.max(0, ...racks.map(({ walk }) => walk)) + 10;
  const draw = (values: Values) => {
    const codes = codesOf(values);
    if (codes.length === 0) return Promise.resolve(`At most ${MAX_TANKS} tanks at once: draw the rest after.`);
    const rack = racks.find(({ id }) => id === values.rack);
    return write(`${sayCodes(codes)} on ${rack?.name}`, ...tanksOf(values, newId, rowsOn(values.rack!)));
  };
  const rowsOn = (rack: string) => Math.max(-1, ...view.tanks.filter((tank) => tank.rack === rack).map(({ row }) => row)) + 1;
  const fields = tankFields({ racks, systems });
  return (
    <section className="card" aria-label="Racks and tanks">
      <h2>Racks and tanks</h2>
      <ul className="plain-list">
        {racks.map(({ id, name, room, tanks }) => (
          <li key={id}>
            <b>{name}</b> <span className="soft">{room} ·</span>{' '}
            {tanks.length === 0 ? <span className="warn">no tanks yet</span> : sayCodes(tanks)}{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === id}
                aria-label={`Change ${name}`}
                onClick={() => setOpen(open === id ? undefined : id)}
              >
                Change
              </Button>
            )}
            {open === id && <OneRack rack={racks.find((rack) => rack.id === id)!} write={write} onDone={() => setOpen(undefined)} />}
          </li>
        ))}
      </ul>
      {mayEdit && racks.length > 0 && (
        <p>
          Tanks one by one, buckets, boxes and dividers, and where each stands: <Link to="/room?edit=1">edit the racks as they stand</Link>.{' '}
          <Link to="/room/labels">Tank labels</Link>
        </p>
      )}
      {mayEdit && (
        <>
          <h3>A rack</h3>
          <PlainForm
            fields={RACK_FIELDS}
            submit="Add this rack"
            onSubmit={async (values) => {
              const id = newId();
              const wrong = await write(values.name!, rackOf(values, id, nextWalk));
              if (wrong === undefined)
                setAdded((now) => [...now, { id, entry: '', name: values.name!, room: values.room!, walk: nextWalk, tanks: [] }]);
              return wrong;
            }}
          />
        </>
      )}
      {mayEdit && racks.length > 0 && (
        <>
          <h3>Tanks on it</h3>
          <div className="chips" role="group" aria-label="Which system">
            <button
              type="button"
              className={`btn btn-plain${own ? '' : ' chip-on'}`}
              aria-pressed={!own}
              disabled={systems.length === 0}
              onClick={() => setOwn(false)}
            >
              They share a system
            </button>
            <button type="button" className={`btn btn-plain${own ? ' chip-on' : ''}`} aria-pressed={own} onClick={() => setOwn(true)}>
              Each stands alone
            </button>
          </div>
          <PlainForm
            key={`${own} ${added.at(-1)?.id ?? ''}`}
            fields={own ? [...fields.filter(({ name }) => name !== 'system'), ...OWN_SYSTEM_FIELDS] : fields.map(withoutOwn)}
            initial={{ rack: racks.at(-1)!.id, first: '1', rows: '1', columns: '4', ...(own ? { system: OWN_WATER } : {}) }}
            submit={(values) => {
              const codes = codesOf(values);
              return codes.length === 0 ? 'Draw the tanks' : `Draw ${sayCodes(codes)}`;
            }}
            onSubmit={(values) => draw(own ? { ...values, system: OWN_WATER } : values)}
          />
        </>
      )}
    </section>
  );
}

function OneRack({ rack, write, onDone }: { rack: HouseView['racks'][number]; write: PartProps['write']; onDone: () => void }) {
  const { id, entry, name, room, walk, tanks } = rack;
  return (
    <>
      <PlainForm
        key={entry}
        fields={RACK_FIELDS}
        initial={{ name, room, walk: String(walk) }}
        submit={`${name} is so`}
        keep
        onSubmit={async (values) => {
          const said = { name: values.name!, room: values.room!, walk: values.walk ? numberOf(values.walk) : walk };
          const fields = Object.fromEntries(Object.entries(said).filter(([field, value]) => rack[field as 'name'] !== value));
          const wrong = await write(`${said.name} changed`, { kind: 'rack.changed', payload: { rack: id, basedOn: entry, fields } });
          if (wrong === undefined) onDone();
          return wrong;
        }}
      />
      {tanks.length === 0 && (
        <Button variant="odd" onClick={() => void write(`${name} is gone`, { kind: 'thing.retired', payload: { what: 'rack', id } })}>
          {name} is gone
        </Button>
      )}
    </>
  );
}

type Field = ReturnType<typeof tankFields>[number];
const withoutOwn = (field: Field): Field =>
  field.type === 'choice' && field.name === 'system'
    ? { ...field, options: field.options.filter((option) => typeof option === 'string' || option.value !== OWN_WATER) }
    : field;

function sayCodes(codes: readonly string[]): string {
  return codes.length > 4 ? `${codes[0]} to ${codes.at(-1)} (${codes.length})` : codes.join(', ');
}
