// One rack from the front: tanks where they stand, what hangs in them below, one line of what water it is. Drawn anew alone.
import { clsx } from 'clsx';
import { memo } from 'react';
import Button from 'react-bootstrap/Button';
import type { QuarantineCard, RackCard, TankCard, SystemCard } from '#contract/views.ts';
import { isTaken } from '#core/placement/index.ts';
import { useVoice } from '../data/voice.ts';
import { Tank } from '../parts/Tank.tsx';
import { sayRefusal, shortReason } from '../words/refusals.ts';
import { slowest } from './filter.ts';
import { forbids } from './forbids.ts';
import css from './room.module.scss';

type Props = {
  rack: RackCard;
  systems: readonly SystemCard[];
  /** Folded to a line: none of its tanks will do for what is in hand. */
  closed: boolean;
  inHand: boolean;
  chosen?: string;
  clocks: ReadonlyMap<string, QuarantineCard>;
  due: ReadonlyMap<string, string>;
  /** Empty places are shown and can be chosen. */
  editing: boolean;
  onChoose: (tank: string) => void;
  onCell: (cell: string) => void;
  onOpen: (rack: string) => void;
  onOnly: (rack: string) => void;
};

export const fits = (rack: RackCard) => rack.tanks.filter((tank) => tank.reasons && forbids(tank).length === 0).length;
export const cellOf = (rack: string, row: number, column: number) => `${rack}|${row}|${column}`;

/** Read anew, most racks are what they were: only one in which something changed is drawn anew. */
function isSame(was: Props, is: Props): boolean {
  const { rack: oldRack, clocks: oldClocks, due: oldDue, systems: oldSystems, ...old } = was;
  const { rack, clocks, due, systems, ...rest } = is;
  if ((Object.keys(rest) as (keyof typeof rest)[]).some((name) => old[name] !== rest[name])) return false;
  if (oldRack !== rack && JSON.stringify(oldRack) !== JSON.stringify(rack)) return false;
  if (oldSystems !== systems && JSON.stringify(oldSystems) !== JSON.stringify(systems)) return false;
  return rack.tanks.every(
    ({ id, occupants }) =>
      oldDue.get(id) === due.get(id) && occupants.every(({ lot }) => faceOf(oldClocks.get(lot)) === faceOf(clocks.get(lot))),
  );
}
const faceOf = (quarantine: QuarantineCard | undefined) =>
  quarantine && `${quarantine.clock.clear} ${quarantine.clock.required} ${quarantine.clock.days.length} ${quarantine.clock.zero.day}`;

export const Rack = memo(function Rack({
  rack,
  systems,
  closed,
  inHand,
  chosen,
  clocks,
  due,
  editing,
  onChoose,
  onCell,
  onOpen,
  onOnly,
}: Props) {
  const voice = useVoice();
  const own = systems.filter(({ id }) => rack.tanks.some(({ system }) => system === id));
  const standing = rack.tanks.filter(({ hangsIn }) => hangsIn === undefined || rack.tanks.every(({ id }) => id !== hangsIn));
  const columns = Math.max(0, ...standing.map(({ column }) => column)) + 1;
  const rows = Math.max(0, ...standing.map(({ row }) => row)) + 1;
  const firstReason = rack.tanks[0] && forbids(rack.tanks[0])[0];
  const typeOf = (tank: TankCard) => systems.find(({ id }) => id === tank.system)!.type;
  const taken = new Set(standing.map(({ row, column }) => `${row}|${column}`));
  const empty = editing
    ? Array.from({ length: (rows + 1) * (columns + 1) }, (_, index) => ({
        row: Math.floor(index / (columns + 1)),
        column: index % (columns + 1),
      })).filter(({ row, column }) => !taken.has(`${row}|${column}`))
    : [];
  const draw = (tank: TankCard) => {
    const [reason] = forbids(tank);
    const costs = tank.reasons?.filter(isTaken) ?? [];
    return (
      <Tank
        tank={tank}
        water={typeOf(tank)}
        chosen={tank.id === chosen}
        refused={reason && shortReason[reason.code]}
        costs={costs.length === 0 ? undefined : `${shortReason[costs[0]!.code]}${costs.length > 1 ? ` +${costs.length - 1}` : ''}`}
        quarantine={slowest(tank.occupants, clocks)}
        due={due.get(tank.id)}
        onChoose={onChoose}
      />
    );
  };
  return (
    <section className={clsx(css.rack, closed && css.closed)} aria-label={rack.name}>
      <h2>
        <button type="button" className={css.rackName} title="Only this rack" onClick={() => onOnly(rack.id)}>
          {rack.name}
        </button>
        <span>
          {rack.room} ·{' '}
          {own.length === 1 && rack.tanks.length > 1
            ? 'one system'
            : own.length < rack.tanks.length
              ? `${own.length} systems`
              : 'each alone'}{' '}
          · {[...new Set(own.map(({ type }) => type))].join(', ')}
          {inHand && ` · ${fits(rack)} of ${rack.tanks.length} will do`}
        </span>
      </h2>
      {closed ? (
        <p>
          <span className="soft">{firstReason ? sayRefusal(firstReason, voice) : ''}</span>{' '}
          <Button variant="plain" onClick={() => onOpen(rack.id)} aria-label={`Show ${rack.name} all the same`}>
            Show
          </Button>
        </p>
      ) : (
        <ul
          className={css.shelf}
          ref={(element) =>
            void element?.style.setProperty(
              'grid-template-columns',
              `repeat(${columns + (editing ? 1 : 0)}, minmax(var(--tank-min, 0px), var(--tank-w, 106px)))`,
            )
          }
        >
          {standing.map((tank) => (
            <li key={tank.id} ref={(element) => void element?.style.setProperty('grid-area', `${tank.row + 1} / ${tank.column + 1}`)}>
              {draw(tank)}
              {rack.tanks
                .filter(({ hangsIn }) => hangsIn === tank.id)
                .map((box) => (
                  <div key={box.id} className={css.hangs}>
                    {draw(box)}
                  </div>
                ))}
            </li>
          ))}
          {empty.map(({ row, column }) => (
            <li key={`${row}|${column}`} ref={(element) => void element?.style.setProperty('grid-area', `${row + 1} / ${column + 1}`)}>
              <button
                type="button"
                className={css.cell}
                data-cell={cellOf(rack.id, row, column)}
                aria-label={`Empty place, ${rack.name}, row ${row + 1}, column ${column + 1}`}
                onClick={() => onCell(cellOf(rack.id, row, column))}
              />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}, isSame);
