// Whose clock a move would begin anew, said before it is saved.
import type { HoldCard, RoomView } from '#contract/views.ts';
import { whoRestarts, type Meeting as Who, type Placed } from '#core/quarantine/index.ts';
import { Caution } from '../parts/Caution.tsx';

/** Everybody who lives in a tank of the house, as the clocks see them. */
export function placedIn(view: RoomView): Placed[] {
  return view.racks.flatMap(({ tanks }) =>
    tanks
      .filter(({ purpose }) => purpose !== 'customer')
      .flatMap(({ id, system, occupants }) =>
        occupants.map(({ lot, label, hold }) => ({ lot, label, tank: id, system, onHold: hold !== undefined })),
      ),
  );
}

export function meetingOf(view: RoomView, move: { lot: string; from: string; to: string; onHold: boolean }): Who {
  const systemOf = (tank: string) => view.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === tank)!.system;
  return whoRestarts({ lot: move.lot, onHold: move.onHold, fromSystem: systemOf(move.from), toSystem: systemOf(move.to) }, placedIn(view));
}

export const meets = ({ restarted, exposed, newcomerExposed }: Who): boolean => restarted.length + exposed.length > 0 || newcomerExposed;

type Props = { who: Who; label: string; clocks: ReadonlyMap<string, HoldCard>; codes: ReadonlyMap<string, string> };

export function Meeting({ who, label, clocks, codes }: Props) {
  if (!meets(who)) return null;
  const say = (one: Placed) => {
    const clock = clocks.get(one.lot)?.clock;
    return `${one.label} in ${codes.get(one.tank) ?? '?'}${clock && clock.clean > 0 ? `: ${clock.clean} clean days of ${clock.required} lost` : ''}`;
  };
  return (
    <Caution strong>
      <b>Clocks begin anew</b>
      <ul>
        {who.restarted.map((one) => (
          <li key={one.lot + one.tank}>{say(one)}</li>
        ))}
        {who.restarted.length > 0 && (
          <li>
            the {label} themselves: they meet {[...new Set(who.restarted.map((one) => one.label))].join(', ')}, on hold
          </li>
        )}
        {who.newcomerExposed && <li>the {label} were cleared and would meet fish on hold: on hold again</li>}
        {who.exposed.map((one) => (
          <li key={one.lot + one.tank}>{say(one)}: cleared, and would meet fish on hold</li>
        ))}
      </ul>
    </Caution>
  );
}
