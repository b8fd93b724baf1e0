// Fish of the house on their way to another system: compared as a bag is, and begun as one. Which fish and which tank came with the address.
import { clsx } from 'clsx';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { knownOf } from '#contract/bench/known.ts';
import type { BenchView, RoomView, SpeciesView } from '#contract/views.ts';
import { inputOf, type AcclimationMethod, needsLead, verdictOf } from '#core/bench/index.ts';
import { isRunMethod } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../../data/clock.ts';
import { newId, useView } from '../../data/house.ts';
import { useMe } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { splitEntry } from '../../lot/draft.ts';
import { MethodBars } from '../../methods/MethodBars.tsx';
import { useComparison } from '../../methods/useComparison.ts';
import { CannotBe } from '../../parts/CannotBe.tsx';
import { CountField } from '../../parts/CountField.tsx';
import { QuantityField } from '../../parts/QuantityField.tsx';
import { Waiting } from '../../parts/Waiting.tsx';
import css from './begin.module.scss';
import { Begin } from './Begin.tsx';
import { housedBag } from './housed.ts';

const DRAWS = 60;
const STANDING = { opening: { is: 'tub' as const }, fed: false };

export default function Acclimate() {
  const [query] = useSearchParams();
  const room = useView('room');
  const bench = useView('bench');
  const allSpecies = useView('species');
  if (!room.data || !bench.data || !allSpecies.data)
    return <Waiting error={room.error ?? bench.error ?? allSpecies.error} retry={() => void room.mutate()} />;
  const ask = (key: string) => query.get(key) ?? '';
  return (
    <Whole
      room={room.data}
      bench={bench.data}
      allSpecies={allSpecies.data}
      lot={ask('lot')}
      from={ask('from')}
      to={ask('to')}
      n={Number(ask('n'))}
    />
  );
}

type Props = { room: RoomView; bench: BenchView; allSpecies: SpeciesView; lot: string; from: string; to: string; n: number };

function Whole({ room, bench, allSpecies, lot, from, to, n: wanted }: Props) {
  const units = useUnits();
  const { ambient } = useMe().house.rules;
  const now = Math.floor(useHouseNow(MINUTE_MS) / MINUTE_MS) * MINUTE_MS;
  const [text, setText] = useState(() => units.bare('volume', 5));
  const [said, setSaid] = useState(wanted);
  const [method, setMethod] = useState<AcclimationMethod>();
  const [childId] = useState(newId);
  const litres = units.read('volume', text);
  const end = (id: string) => {
    const tank = room.racks.flatMap(({ tanks }) => tanks).find((tank) => tank.id === id);
    const system = tank && room.systems.find((system) => system.id === tank.system);
    return tank && system && { tank, system };
  };
  const [left, right] = [end(from), end(to)];
  const fish = left?.tank.occupants.find((occupant) => occupant.lot === lot);
  if (!left || !right || !fish)
    return (
      <div className="empty">
        <h1>They are not there any more</h1>
        <p>Somebody moved them meanwhile, or the tank is gone.</p>
        <Link className="btn btn-plain" to="/room">
          To the room
        </Link>
      </div>
    );
  const n = Math.max(1, Math.min(said || fish.n, fish.n));
  const kind = allSpecies.species.find(({ species }) => species === fish.species?.id);
  const bag = housedBag({ fish, n, from: left, to: right, ownL: litres.ok ? litres.value : 5, kind, now });
  if (method) {
    // Part of a lot in another system has another history: it is cut off, so that each keeps a clock of its own.
    const child = n < fish.n ? childId : undefined;
    const before = child
      ? [
          splitEntry({
            lot: { id: lot, label: fish.label },
            place: from,
            n,
            why: 'another system',
            label: fish.label,
            inQuarantine: fish.quarantine !== undefined,
            child,
          }),
        ]
      : [];
    const chosen = { method, compared: { controls: {}, ...STANDING }, by: '', atMs: 0 };
    return (
      <div className={clsx('card bench-card', css.acclimate)}>
        <Begin
          bag={{ ...bag, lot: child ?? lot, chosen }}
          method={method}
          siblings={[]}
          people={bench.people}
          onBack={() => setMethod(undefined)}
          before={before}
        />
      </div>
    );
  }
  return (
    <div className={clsx('card bench-card', css.acclimate)}>
      <h1 className="station-title">
        {fish.label}, {left.tank.code} <span className="soft">to</span> {right.tank.code}
      </h1>
      <p className="soft tight">
        {units.say('salinity', left.system.salinityPpt)} and {units.say('temperature', left.system.temperatureC)} to{' '}
        {units.say('salinity', right.system.salinityPpt)} and {units.say('temperature', right.system.temperatureC)}, as last known.
      </p>
      <div className={css.beginFields}>
        <CountField label={`Of ${fish.n}, into the vessel`} value={n} min={1} max={fish.n} of={fish.n} onChange={setSaid} />
        <QuantityField label="Their own water in it" quantity="volume" text={text} onChange={setText} />
      </div>
      <Compared bag={bag} now={now} ambient={ambient} onMethod={setMethod} />
    </div>
  );
}

type Compare = {
  bag: ReturnType<typeof housedBag>;
  now: number;
  ambient: Parameters<typeof inputOf>[0]['ambient'];
  onMethod: (method: AcclimationMethod) => void;
};

function Compared({ bag, now, ambient, onMethod }: Compare) {
  const { input, doubts, measureFirst } = inputOf({ ...knownOf(bag), now, ambient, ...STANDING });
  const { picture, faults, failed, again } = useComparison({ input, doubts, measureFirst, draws: DRAWS });
  if (failed !== undefined) return <CannotBe what="What the new water does to them" why={failed} onAgain={again} />;
  if (!picture)
    return faults.length > 0 ? <p className="warn">With so much water it cannot be computed: check the litres.</p> : <p>Comparing…</p>;
  const { comparison, possible = new Map<AcclimationMethod, number>(), bands, turns, helps } = picture;
  const ranked = comparison.ranked.filter(({ method }) => isRunMethod(method));
  const verdict = verdictOf({ advice: comparison.advice, measureFirst, bands, turns, helps });
  const advised = verdict.is === 'advised' ? verdict.method : undefined;
  return (
    <>
      <p>
        {advised && !isRunMethod(advised)
          ? 'They tolerate it as it is: carried over with the net, without a vessel.'
          : verdict.is === 'none within'
            ? 'None is within tolerance. Bring the tank nearer first, or choose another.'
            : 'Tap the method to begin.'}
      </p>
      <MethodBars
        ranked={ranked}
        others={[]}
        bands={bands}
        advised={advised}
        locks={(methodResult) => needsLead(methodResult, { measureFirst, possible })}
        onFocus={onMethod}
      />
    </>
  );
}
