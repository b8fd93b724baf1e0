// Racks and the tanks on them: added, drawn row by row, several changed at once.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { HouseView } from '#contract/views.ts';
import { newId } from '../data/house.ts';
import { useUnits } from '../data/units.ts';
import { numberOf, PlainForm } from '../parts/PlainForm.tsx';
import { DrawTanks } from './DrawTanks.tsx';
import { RACK_FIELDS, rackOf } from './forms.ts';
import css from './house.module.scss';
import type { PartProps } from './part.ts';
import { manyChanged, MANY_FIELDS, sayCodes, saySpans, tanksNamed } from './tankForms.ts';

export function Racks({ view, write, mayEdit }: PartProps) {
  const [query] = useSearchParams();
  const back = query.get('back');
  // A rack just added is there at once, so that its tanks can be drawn before the house has answered.
  const [added, setAdded] = useState<HouseView['racks']>([]);
  const racks = [...view.racks, ...added.filter(({ id }) => view.racks.every((rack) => rack.id !== id))];
  const nextWalk = Math.max(0, ...racks.map(({ walk }) => walk)) + 10;
  return (
    <section className="card" aria-label="Racks and tanks">
      <h2>Racks and tanks</h2>
      {back?.startsWith('/') && !back.startsWith('//') && (
        <p>
          <Link className="btn btn-plain" to={back}>
            Back to where a tank was missing
          </Link>
        </p>
      )}
      <ul className="plain-list">
        {racks.map((rack) => (
          <OneRack key={rack.id} rack={rack} view={view} write={write} mayEdit={mayEdit} />
        ))}
      </ul>
      {mayEdit && racks.length > 0 && (
        <p>
          Tanks one by one, buckets, boxes and dividers, and where each stands: <Link to="/room?edit=1">edit the racks as they stand</Link>.{' '}
          <Link to="/room/labels">Tank labels</Link>
        </p>
      )}
      {mayEdit && racks.length > 0 && (
        <>
          <h3>Tanks on it</h3>
          <DrawTanks key={`${racks.at(-1)!.id} ${query.toString()}`} view={view} racks={racks} write={write} asked={query} />
        </>
      )}
      {mayEdit && (
        <>
          <h3>{racks.length === 0 ? 'The first rack' : 'Another rack'}</h3>
          <PlainForm
            draft="new rack"
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
      {mayEdit && view.tanks.length > 1 && (
        <>
          <h3>Several tanks changed at once</h3>
          <PlainForm
            draft="many tanks"
            fields={MANY_FIELDS}
            submit="They are so"
            onSubmit={async (values) => {
              const named = tanksNamed(values.codes!, view.tanks);
              if (typeof named === 'string') return named;
              const changes = manyChanged(values, named);
              if (changes.length === 0) return 'Nothing is different from what the house knows.';
              return write(`${sayCodes(named.map(({ code }) => code))} changed`, ...changes);
            }}
          />
        </>
      )}
    </section>
  );
}

type OneRackProps = PartProps & { rack: HouseView['racks'][number] };

function OneRack({ rack, view, write, mayEdit }: OneRackProps) {
  const { id, name, room, tanks } = rack;
  const [open, setOpen] = useState(false);
  return (
    <li>
      <b>{name}</b> <span className="soft">{room}</span> {tanks.length === 0 && <span className="warn">no tanks yet</span>}{' '}
      {mayEdit && (
        <Button
          variant="quiet"
          className="btn-quiet"
          aria-expanded={open}
          aria-label={`Change ${name}`}
          onClick={() => setOpen((now) => !now)}
        >
          Change
        </Button>
      )}
      <TankGroups rack={id} view={view} />
      {open && <ChangeRack rack={rack} write={write} onDone={() => setOpen(false)} />}
    </li>
  );
}

/** Tanks that are alike stand in one line: what they are for, how much they hold, on which system. */
function TankGroups({ rack, view }: { rack: string; view: HouseView }) {
  const { say } = useUnits();
  const nameOf = new Map(view.systems.map(({ id, name }) => [id, name]));
  const groups = new Map<string, string[]>();
  for (const tank of view.tanks.filter((tank) => tank.rack === rack)) {
    const shared = view.tanks.filter(({ system }) => system === tank.system).length > 1;
    const facts = [tank.purpose, say('volume', tank.volumeL), tank.lid ? 'lid' : 'no lid', shared ? nameOf.get(tank.system) : 'each alone'];
    const key = facts.join(' · ');
    groups.set(key, [...(groups.get(key) ?? []), tank.code]);
  }
  if (groups.size === 0) return null;
  return (
    <ul className={css.tankGroups}>
      {[...groups].map(([facts, codes]) => (
        <li key={facts}>
          {saySpans(codes)} <span className="soft">{facts}</span>
        </li>
      ))}
    </ul>
  );
}

function ChangeRack({ rack, write, onDone }: { rack: HouseView['racks'][number]; write: PartProps['write']; onDone: () => void }) {
  const { id, entry, name, room, walk, tanks } = rack;
  return (
    <>
      <PlainForm
        draft={`rack ${rack.id}`}
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
