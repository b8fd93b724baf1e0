// The room: racks as they stand. With a bag in hand (?bag=) every tank says whether that bag may go there, and why not.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate, useSearchParams } from 'react-router';
import type { Occupant, RackCard, RoomView, TankCard } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { Tank } from '../parts/Tank.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayRefusal, shortFit } from '../words/refusals.ts';
import { ChooseTank } from './ChooseTank.tsx';
import { TankFacts } from './TankFacts.tsx';
import { useVoice } from '../data/voice.ts';
import { useKey } from '../keys/useKey.ts';
import { stepFrom, type Arrow } from './steps.ts';

export default function Room() {
  const [query] = useSearchParams();
  const bag = query.get('bag');
  const { data, error, mutate } = useView('room', bag ? { bag } : {});
  const [chosen, setChosen] = useState<string>();
  const [opened, setOpened] = useState<readonly string[]>([]);
  const navigate = useNavigate();
  const stage = query.get('stage');
  const racks = data ? drawnRacks(data, stage, opened) : [];
  useKey('room.move', (key) =>
    setChosen((now) =>
      stepFrom(
        racks.filter(({ closed }) => !closed).map(({ rack }) => rack),
        now,
        key as Arrow,
      ),
    ),
  );
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const tank = data.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === chosen);
  return (
    <div className="room">
      <h1 className="visually-hidden">{data.bag ? `Choose a tank for ${data.bag.label}` : 'Room'}</h1>
      <div className="room-racks">
        {stage && <StageLine stage={stage} />}
        {racks.map((drawn) => (
          <Rack
            key={drawn.rack.id}
            {...drawn}
            view={data}
            chosen={chosen}
            onChoose={setChosen}
            onOpen={() => setOpened((now) => [...now, drawn.rack.id])}
          />
        ))}
      </div>
      <aside className={`card room-side${tank ? '' : ' idle'}`} aria-label={data.bag ? 'The bag in hand' : 'The tank'}>
        {data.bag ? (
          <ChooseTank bag={data.bag} tank={tank} onDone={(path) => void navigate(path)} />
        ) : tank ? (
          <TankFacts tank={tank} view={data} />
        ) : (
          <Legend view={data} />
        )}
      </aside>
    </div>
  );
}

/** A rack as it is drawn: only the tanks that are asked for; folded to a line when none of them will do for the bag in hand. */
type DrawnRack = { rack: RackCard; columns: number; closed: boolean };

function drawnRacks(view: RoomView, stage: string | null, opened: readonly string[]): DrawnRack[] {
  return view.racks
    .map((rack): DrawnRack => ({
      rack: stage ? { ...rack, tanks: rack.tanks.filter(({ occupants }) => occupants.some((one) => isAt(stage, one))) } : rack,
      columns: Math.max(0, ...rack.tanks.map(({ column }) => column)) + 1,
      closed: view.bag !== undefined && fits(rack) === 0 && !opened.includes(rack.id),
    }))
    .filter(({ rack }) => rack.tanks.length > 0)
    .sort((one, other) => turnOf(one.rack) - turnOf(other.rack));
}

/** With a bag in hand the racks made for newcomers come first, those without a fitting tank last. */
function turnOf(rack: RackCard): number {
  if (!rack.tanks[0]?.reasons) return 0;
  if (fits(rack) === 0) return 3;
  const { purpose } = rack.tanks[0];
  return purpose === 'hold' ? 0 : purpose === 'observation' ? 1 : 2;
}

const fits = (rack: RackCard) => rack.tanks.filter(({ reasons }) => reasons?.length === 0).length;

const STAGE_WORDS: Record<string, string> = { hold: 'fish on hold', cleared: 'cleared fish', promised: 'fish promised to somebody' };

function StageLine({ stage }: { stage: string }) {
  const [, setQuery] = useSearchParams();
  return (
    <p className="stage-line">
      <b>Tanks with {STAGE_WORDS[stage] ?? stage}</b>{' '}
      <Button variant="plain" onClick={() => setQuery({})}>
        Show all
      </Button>
    </p>
  );
}

/** Fish of a promised lot are both cleared and, as many as are spoken for, promised. */
function isAt(stage: string, { hold, promised }: Occupant): boolean {
  if (stage === 'hold') return hold !== undefined;
  return !hold && (stage !== 'promised' || promised);
}

type RackProps = DrawnRack & { view: RoomView; chosen?: string; onChoose: (tank: string) => void; onOpen: () => void };

function Rack({ rack, columns, closed, view, chosen, onChoose, onOpen }: RackProps) {
  const voice = useVoice();
  const waters = [...new Set(rack.tanks.map(({ water }) => water))].map((id) => view.waters.find((water) => water.id === id)!);
  const firstReason = rack.tanks[0]?.reasons?.[0];
  return (
    <section className={`rack${closed ? ' closed' : ''}`} aria-label={rack.name}>
      <h2>
        {rack.name}
        <span>
          {waters.length === 1 && rack.tanks.length > 1
            ? 'one water'
            : waters.length < rack.tanks.length
              ? `${waters.length} waters`
              : 'each alone'}{' '}
          · {[...new Set(waters.map(({ type }) => type))].join(', ')}
          {view.bag && ` · ${fits(rack)} of ${rack.tanks.length} will do`}
        </span>
      </h2>
      {closed ? (
        <p>
          <span className="soft">{firstReason ? sayRefusal(firstReason, voice) : ''}</span>{' '}
          <Button variant="plain" onClick={onOpen} aria-label={`Show ${rack.name} all the same`}>
            Show
          </Button>
        </p>
      ) : (
        <ul
          className="shelf"
          ref={(element) => void element?.style.setProperty('grid-template-columns', `repeat(${columns}, minmax(0, 106px))`)}
        >
          {rack.tanks.map((tank) => (
            <ShelfPlace key={tank.id} tank={tank} view={view} chosen={tank.id === chosen} onChoose={() => onChoose(tank.id)} />
          ))}
        </ul>
      )}
    </section>
  );
}

function ShelfPlace({ tank, view, chosen, onChoose }: { tank: TankCard; view: RoomView; chosen: boolean; onChoose: () => void }) {
  const water = view.waters.find(({ id }) => id === tank.water)!;
  const reason = tank.reasons?.[0];
  return (
    <li ref={(element) => void element?.style.setProperty('grid-area', `${tank.row + 1} / ${tank.column + 1}`)}>
      <Tank tank={tank} water={water.type} chosen={chosen} refused={reason && shortFit[reason.code]} onChoose={onChoose} />
    </li>
  );
}

function Legend({ view }: { view: RoomView }) {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const empty = tanks.filter(({ occupants, purpose }) => occupants.length === 0 && purpose !== 'customer');
  return (
    <>
      <h2>
        {tanks.length} tanks, {view.waters.length} waters
      </h2>
      <p>Tap a tank to see who lives there.</p>
      <p className="soft">
        A thick line on the water: on hold. A code with !: suspect, walked last. Tanks on one sump are one water: what one has, all have.
      </p>
      <p>
        {empty.length} empty: <span className="num">{empty.map(({ code }) => code).join(' ')}</span>
      </p>
    </>
  );
}
