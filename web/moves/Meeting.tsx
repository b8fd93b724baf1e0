// Whose clock a move would begin anew, said before it is saved.
import type { QuarantineCard, RoomView } from '#contract/views.ts';
import { whoRestarts, type ContactOutcome as Who, type Placed } from '#core/quarantine/index.ts';
import { Caution } from '../parts/Caution.tsx';

/** Everybody who lives in a tank of the house, as the clocks see them. */
export function placedIn(view: RoomView): Placed[] {
  return view.racks.flatMap(({ tanks }) =>
    tanks
      .filter(({ purpose }) => purpose !== 'customer')
      .flatMap(({ id, system, occupants }) =>
        occupants.map(({ lot, label, quarantine }) => ({ lot, label, tank: id, system, inQuarantine: quarantine !== undefined })),
      ),
  );
}

export function meetingOf(view: RoomView, move: { lot: string; from: string; to: string; inQuarantine: boolean }): Who {
  const systemOf = (tank: string) => view.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === tank)!.system;
  return whoRestarts(
    { lot: move.lot, inQuarantine: move.inQuarantine, fromSystem: systemOf(move.from), toSystem: systemOf(move.to) },
    placedIn(view),
  );
}

export const meets = ({ restarted, exposed, newcomerExposed }: Who): boolean => restarted.length + exposed.length > 0 || newcomerExposed;

type Props = { who: Who; label: string; clocks: ReadonlyMap<string, QuarantineCard>; codes: ReadonlyMap<string, string> };

export function Meeting({ who, label, clocks, codes }: Props) {
  if (!meets(who)) return null;
  const say = (placed: Placed) => {
    const clock = clocks.get(placed.lot)?.clock;
    return `${placed.label} in ${codes.get(placed.tank) ?? '?'}${clock && clock.clear > 0 ? `: ${clock.clear} clear days of ${clock.required} lost` : ''}`;
  };
  return (
    <Caution strong>
      <b>Clocks restart</b>
      <ul>
        {who.restarted.map((placed) => (
          <li key={placed.lot + placed.tank}>{say(placed)}</li>
        ))}
        {who.restarted.length > 0 && (
          <li>
            the {label} themselves: they meet {[...new Set(who.restarted.map((placed) => placed.label))].join(', ')}, in quarantine
          </li>
        )}
        {who.newcomerExposed && <li>the {label} were cleared and would meet fish in quarantine: back in quarantine</li>}
        {who.exposed.map((placed) => (
          <li key={placed.lot + placed.tank}>{say(placed)}: cleared, and would meet fish in quarantine</li>
        ))}
      </ul>
    </Caution>
  );
}
