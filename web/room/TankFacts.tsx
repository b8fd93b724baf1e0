// One tank beside the racks: its system, who is here and since when, how each clock stands, and the way to all of it.
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { QuarantineCard, MovesView, RoomView, TankCard } from '#contract/views.ts';
import { useMayWrite, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ToolTaps } from '../exposure/ToolTaps.tsx';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { QuarantineClock } from '../quarantine/QuarantineClock.tsx';
import { PURPOSE_WORDS } from '../words/room.ts';
import { plural } from '../words/text.ts';
import css from './room.module.scss';

type Props = {
  tank: TankCard;
  view: RoomView;
  clocks: ReadonlyMap<string, QuarantineCard>;
  moves: MovesView | undefined;
  onTake: (lot: string) => void;
};

export function TankFacts({ tank, view, clocks, moves, onTake }: Props) {
  const { when } = useTimes();
  const { say } = useUnits();
  const keeper = useMayWrite('stock.moved');
  const system = view.systems.find(({ id }) => id === tank.system)!;
  const stayLimits = moves?.stayLimits.filter((limit) => limit.tank === tank.id) ?? [];
  useKey('room.take', () => tank.occupants[0] && onTake(tank.occupants[0].lot), { enabled: keeper && tank.occupants.length > 0 });
  return (
    <>
      <h2>
        {tank.vessel === 'tank' ? 'Tank' : tank.vessel} {tank.code}, {say('volume', tank.volumeL)}{' '}
        <Link className={css.allOfIt} to={`/tank/${encodeURIComponent(tank.code)}`}>
          All of it
        </Link>
      </h2>
      <p className="soft tight">
        {PURPOSE_WORDS[tank.purpose]}
        {tank.lid ? ', lid' : ', no lid'}
        {tank.flow ? `, ${tank.flow} flow` : ''}. {system.name}
        {system.tanks > 1 && `, one with ${system.tanks - 1} more`}: {system.type}, {say('temperature', system.temperatureC)},{' '}
        {say('salinity', system.salinityPpt)}.
      </p>
      {tank.suspect && <p className="warn">Suspect: a sign of illness or an unexplained death in this system within 7 days.</p>}
      {tank.odd[0] && (
        <p className="warn">
          {tank.odd[0].what}:{' '}
          {[
            ...tank.odd[0].signs,
            tank.odd[0].died > 0 && `${tank.odd[0].died} dead`,
            tank.odd[0].missing > 0 && `${tank.odd[0].missing} not seen`,
          ]
            .filter(Boolean)
            .join(', ')}
          , {when(tank.odd[0].atMs)}
        </p>
      )}
      {tank.occupants.length === 0 ? (
        <p className="soft">Empty.</p>
      ) : (
        <ul className="look-lots">
          {tank.occupants.map(({ lot, label, n, species, promised, sinceMs }) => {
            const quarantine = clocks.get(lot);
            return (
              <li key={lot} className={css.occupant} data-lot={lot} data-tank={tank.id}>
                <div className="occupant-head">
                  <span>
                    <b className="num">{n}</b> <Link to={`/lot/${lot}`}>{label}</Link>
                    <br />
                    <i className="soft">{species?.scientific}</i>
                  </span>
                  {keeper && (
                    <Button variant="plain" onClick={() => onTake(lot)} aria-label={`Move ${label}`}>
                      Move {tank.occupants[0]!.lot === lot && <Key name="room.take" />}
                    </Button>
                  )}
                </div>
                <span className="soft">
                  {[
                    quarantine ? undefined : 'cleared',
                    promised ? 'some promised' : undefined,
                    sinceMs ? `here since ${when(sinceMs)}` : undefined,
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </span>
                {quarantine && <QuarantineClock quarantine={quarantine} />}
              </li>
            );
          })}
        </ul>
      )}
      {stayLimits.map(({ stayLimit, lotLabel, untilMs, untilCm, why }) => (
        <p key={stayLimit}>
          {lotLabel} only until {untilMs === undefined ? `${untilCm} cm` : when(untilMs)}: {why}
        </p>
      ))}
      {tank.coming > 0 && <p>{plural(tank.coming, 'bag is', 'bags are')} to come here.</p>}
      <ToolTaps moves={moves} tank={tank} rack={view.racks.find(({ tanks }) => tanks.some(({ id }) => id === tank.id))?.id} />
    </>
  );
}
