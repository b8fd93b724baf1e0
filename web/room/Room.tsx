// The room: racks as they stand. With a bag (?bag=) or fish (?lot=&from=) in hand every tank says whether they may go there, and why not.
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { QuarantineCard, RackCard, RoomView, TankCard } from '#contract/views.ts';
import { MINUTE_MS, houseDay } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useStable } from '../data/useStable.ts';
import { useKey } from '../keys/useKey.ts';
import { HandGone } from '../moves/HandGone.tsx';
import { MoveForm } from '../moves/MoveForm.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { ChooseTank } from './ChooseTank.tsx';
import { DragArea, Dragging, type Grip } from './dragging.tsx';
import { dueByTank } from './due.ts';
import { EditTank } from './EditTank.tsx';
import { filtered, filterOf } from './filter.ts';
import { Filters } from './Filters.tsx';
import { Legend } from './Legend.tsx';
import { fits, Rack } from './Rack.tsx';
import css from './room.module.scss';
import { stepFrom, type Arrow } from './steps.ts';
import { TankFacts } from './TankFacts.tsx';
import { useTankMove } from './useTankMove.ts';

/** From so many tanks on they are drawn small unless somebody says otherwise. */
const SMALL_FROM = 120;
const NO_CLOCKS: ReadonlyMap<string, QuarantineCard> = new Map();

export default function Room() {
  const [query, setQuery] = useSearchParams();
  const asked = Object.fromEntries(['bag', 'lot', 'from'].flatMap((name) => (query.get(name) ? [[name, query.get(name)!]] : [])));
  const { data, error, mutate } = useView('room', asked);
  const { data: quarantine } = useView('quarantine');
  const { data: moves } = useView('moves');
  const { house } = useMe();
  const { time } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  const lead = useMayWrite('tank.changed');
  const [opened, setOpened] = useState<readonly string[]>([]);
  const [smallSaid, setSmall] = useState<boolean>();
  const editing = lead && query.get('edit') === '1';
  const today = houseDay(now, house.zone);
  const clocks = useMemo(
    () => (quarantine ? new Map(quarantine.quarantines.map((quarantine) => [quarantine.lot, quarantine])) : NO_CLOCKS),
    [quarantine],
  );
  const due = useMemo(() => dueByTank(moves, now, time), [moves, now, time]);
  const inHand = data?.bag !== undefined || data?.lot !== undefined;
  const racks = useMemo(
    () => (data ? drawnRacks(data, { filter: query, clocks, today, opened }) : []),
    [data, query, clocks, today, opened],
  );
  const chosen = query.get('tank') ?? undefined;
  /** Changes something in the address and keeps the rest: what is filtered, in hand, being edited. */
  const put = (changes: Record<string, string | undefined>) =>
    setQuery(
      (was) => {
        const kept = [...was].filter(([name]) => !(name in changes));
        return [...kept, ...Object.entries(changes).filter((change): change is [string, string] => change[1] !== undefined)];
      },
      { replace: true },
    );
  const choose = useStable((tank: string | undefined) => put({ tank }));
  const only = useStable((rack: string | undefined) => put({ rack }));
  const open = useStable((rack: string) => setOpened((was) => [...was, rack]));
  const moveTank = useTankMove(data);
  const toCell = useStable((cell: string) => chosen && moveTank(chosen, cell));
  useKey('room.move', (key) => {
    const next = stepFrom(
      racks.filter(({ closed }) => !closed).map(({ rack }) => rack),
      chosen,
      key as Arrow,
    );
    if (next) choose(next);
  });
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const tanks = data.racks.flatMap((rack) => rack.tanks);
  const tank = tanks.find(({ id }) => id === chosen);
  const take = (lot: string, from: string, to?: string) => put({ lot, from, task: undefined, tank: to });
  const letGo = (tank?: string) => put({ lot: undefined, from: undefined, task: undefined, tank });
  const carry = ({ tank: id, lot }: Grip) => {
    const from = tanks.find((tank) => tank.id === id);
    if (!from || data.bag || (!editing && from.occupants.length === 0)) return undefined;
    if (editing) return from.code;
    const carried = from.occupants.find((occupant) => occupant.lot === lot) ?? from.occupants[0]!;
    return `${carried.n} ${carried.label}`;
  };
  const drop = (from: Grip, to: Grip) => {
    if (editing) return void (from.tank && to.cell && moveTank(from.tank, to.cell));
    const source = tanks.find((tank) => tank.id === from.tank);
    const lot = from.lot ?? source?.occupants[0]?.lot;
    if (source && lot && to.tank) take(lot, source.id, to.tank);
  };
  const shown = racks.map(({ rack }) => rack);
  const small = smallSaid ?? tanks.length > SMALL_FROM;
  return (
    <Dragging carry={carry} accepts={editing ? 'cell' : 'tank'} onDrop={drop}>
      <div className={clsx(css.room, small && css.smallTanks)}>
        <h1 className="visually-hidden">{data.bag ? `Choose a tank for ${data.bag.label}` : 'Room'}</h1>
        <div className={css.roomMain}>
          <Filters view={data} racks={shown} small={small} onSmall={setSmall} onPrint={() => setOpened(shown.map(({ id }) => id))} />
          <DragArea name="racks">
            <div className={css.roomRacks}>
              {query.get('rack') && <AllRacks onPress={() => only(undefined)} />}
              {racks.map(({ rack, closed }) => (
                <Rack
                  key={rack.id}
                  rack={rack}
                  closed={closed}
                  systems={data.systems}
                  inHand={inHand}
                  chosen={rack.tanks.some(({ id }) => id === chosen) ? chosen : undefined}
                  clocks={clocks}
                  due={due}
                  editing={editing}
                  onChoose={choose}
                  onCell={toCell}
                  onOpen={open}
                  onOnly={only}
                />
              ))}
              {racks.length === 0 && (
                <p>No tank is like that. {data.racks.length === 0 && <Link to="/house?part=racks">Draw the racks</Link>}</p>
              )}
            </div>
          </DragArea>
        </div>
        <aside
          className={clsx('card', 'no-print', css.roomSide, !(tank || asked.lot) && css.idle)}
          aria-label={data.bag ? 'The bag in hand' : data.lot ? 'The fish in hand' : 'The tank'}
        >
          <Side
            view={data}
            tank={tank}
            asked={asked}
            slip={query.get('slip') ?? undefined}
            editing={editing}
            clocks={clocks}
            onTo={choose}
            onTake={take}
            onLetGo={letGo}
          />
        </aside>
      </div>
    </Dragging>
  );
}

function AllRacks({ onPress }: { onPress: () => void }) {
  return (
    <p className={css.stageLine}>
      <Button variant="quiet" className="btn-quiet" onClick={onPress}>
        All racks
      </Button>
    </p>
  );
}

type SideProps = {
  view: RoomView;
  tank: TankCard | undefined;
  asked: Partial<Record<string, string>>;
  slip: string | undefined;
  editing: boolean;
  clocks: ReadonlyMap<string, QuarantineCard>;
  onTo: (tank: string | undefined) => void;
  onTake: (lot: string, from: string, to?: string) => void;
  onLetGo: (tank?: string) => void;
};

/** Beside the racks: what is in hand, the tank that is edited or looked at, else what the signs mean. */
function Side({ view, tank, asked, slip, editing, clocks, onTo, onTake, onLetGo }: SideProps) {
  const navigate = useNavigate();
  const { data: moves } = useView('moves');
  return view.bag ? (
    <ChooseTank
      bag={view.bag}
      tank={tank}
      tanks={view.racks.flatMap((rack) => rack.tanks)}
      clocks={clocks}
      onDone={(path) => void navigate(path)}
    />
  ) : view.lot ? (
    <MoveForm
      // Anew for another slip, and when the slips arrive: a slip says how many.
      key={[view.lot.lot, view.lot.from, moves?.tasks.find(({ task }) => task === slip)?.task].join(' ')}
      view={view}
      hand={view.lot}
      to={tank}
      clocks={clocks}
      moves={moves}
      task={slip}
      onTo={onTo}
      onDone={onLetGo}
    />
  ) : asked.bag ? (
    <p role="status">This bag is not in hand any more: its fish are out, or there is no such bag.</p>
  ) : asked.lot && asked.from ? (
    <HandGone view={view} lot={asked.lot} from={asked.from} onTake={(lot, from) => onTake(lot, from)} onDone={() => onLetGo()} />
  ) : editing ? (
    <EditTank view={view} tank={tank} />
  ) : tank ? (
    <DragArea name="tank">
      <TankFacts tank={tank} view={view} clocks={clocks} moves={moves} onTake={(lot) => onTake(lot, tank.id)} />
    </DragArea>
  ) : (
    <Legend view={view} moves={moves} clocks={clocks} />
  );
}

type Drawn = { rack: RackCard; closed: boolean };

function drawnRacks(
  view: RoomView,
  how: { filter: URLSearchParams; clocks: ReadonlyMap<string, QuarantineCard>; today: number; opened: readonly string[] },
): Drawn[] {
  const only = how.filter.get('rack');
  const inHand = view.bag !== undefined || view.lot !== undefined;
  return filtered(view, filterOf(how.filter), how)
    .filter(({ id }) => !only || id === only)
    .map((rack): Drawn => ({
      rack,
      closed:
        inHand &&
        rack.tanks.length > 0 &&
        fits(rack) === 0 &&
        !how.opened.includes(rack.id) &&
        !rack.tanks.some(({ id }) => id === view.lot?.from),
    }))
    .filter(({ rack }) => rack.tanks.length > 0 || how.filter.get('edit') === '1')
    .sort((a, b) => turnOf(a.rack) - turnOf(b.rack));
}

/** With something in hand the racks made for newcomers come first, those without a fitting tank last. */
function turnOf(rack: RackCard): number {
  if (!rack.tanks[0]?.reasons) return 0;
  if (fits(rack) === 0) return 3;
  const { purpose } = rack.tanks[0];
  return purpose === 'quarantine' ? 0 : purpose === 'observation' ? 1 : 2;
}
