// Fish let go beside others: who was cleared and meets fish on hold by it is on hold again, unless somebody says not. The same for a bag and for a vessel.
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { RoomView } from '#contract/views.ts';
import { holdClassOf, whoRestarts, type Placed } from '#core/quarantine/index.ts';
import { newId, useView, type Draft } from '../data/house.ts';
import { useMay, useMe } from '../data/me.ts';
import { placedIn } from './Meeting.tsx';

/** `onHold` left out = as those of the lot that live here already. */
type Going = { lot: string; label: string; into: readonly string[]; onHold?: boolean };

/** `left` = what somebody takes knowingly who says that they stay cleared. */
type Again = { drafts: () => Draft[]; left: LeftCleared[]; box: React.ReactNode };
export type LeftCleared = { code: 'cost.leftCleared'; facts: { size: number } };
export const leftCleared = (lots: number): LeftCleared[] => (lots === 0 ? [] : [{ code: 'cost.leftCleared', facts: { size: lots } }]);
const NOBODY: Again = { drafts: () => [], left: [], box: null };

/** `drafts` = holds to open with the release; `box` = what is said of it, nothing where nobody is met. */
export function useHoldAgain({ lot, label, into, onHold: known }: Going): Again {
  const { data: room } = useView('room');
  const living = room ? placedIn(room) : [];
  const own = living.filter((one) => one.lot === lot);
  // What lives here without a hold is cleared; what nobody has held yet is on hold from its release on.
  const onHold = known ?? own.every((one) => one.onHold);
  const meetings = systemsOf(room, into)
    .filter((system) => !own.some((one) => one.system === system))
    .map((system) => ({ system, ...whoRestarts({ lot, onHold, fromSystem: '', toSystem: system }, living) }));
  const itself = meetings.find(({ newcomerExposed }) => newcomerExposed);
  return useBox(room, [...meetings.flatMap(({ exposed }) => exposed), ...(itself ? [{ lot, label, system: itself.system }] : [])]);
}

/** The same where something wet, or water, goes from tanks to another: cleared fish there meet what is on hold where it came from. */
export function useContactAgain({ from, to }: { from: readonly string[]; to: string }): Again {
  const { data: room } = useView('room');
  const living = room ? placedIn(room) : [];
  const [here] = systemsOf(room, [to]);
  const dirty = systemsOf(room, from).some((system) => system !== here && living.some((one) => one.system === system && one.onHold));
  return useBox(room, dirty ? living.filter(({ system, onHold }) => system === here && !onHold) : []);
}

/** Systems of tanks of the house itself. */
function systemsOf(room: RoomView | undefined, ids: readonly string[]): string[] {
  const tanks = room?.racks.flatMap((rack) => rack.tanks).filter(({ id, purpose }) => ids.includes(id) && purpose !== 'customer') ?? [];
  return [...new Set(tanks.map(({ system }) => system))];
}

function useBox(room: RoomView | undefined, met: readonly Pick<Placed, 'lot' | 'label' | 'system'>[]): Again {
  const { house } = useMe();
  const keeper = useMay('keeper');
  const [again, setAgain] = useState(true);
  const id = useId();
  const lots = [...new Map(met.map((one) => [one.lot, one])).values()];
  if (!room || lots.length === 0 || !keeper) return NOBODY;
  const policyOn = (system: string) => house.rules.holds[holdClassOf({}, room.systems.find((one) => one.id === system)!.type)];
  return {
    drafts: () =>
      again
        ? lots.map(({ lot, system }): Draft => ({
            kind: 'hold.opened',
            payload: { hold: newId(), lot, policy: policyOn(system), zero: 'contact' },
          }))
        : [],
    left: again ? [] : leftCleared(lots.length),
    box: (
      <Form.Check
        type="checkbox"
        id={id}
        label={`Cleared fish that meet fish on hold by this are on hold again: ${[...new Set(lots.map(({ label }) => label))].join(', ')}`}
        checked={again}
        onChange={(event) => setAgain(event.target.checked)}
      />
    ),
  };
}
