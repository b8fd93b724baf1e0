// Fish released beside others: who was cleared and meets fish in quarantine by it is in quarantine again, unless somebody says not. The same for a bag and for a vessel.
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { RoomView } from '#contract/views.ts';
import { quarantineClassOf, whoRestarts, type Placed } from '#core/quarantine/index.ts';
import { newId, useView, type Draft } from '../data/house.ts';
import { useMayWrite, useMe } from '../data/me.ts';
import { placedIn } from './Meeting.tsx';

/** `inQuarantine` left out = as those of the lot that live here already. */
type Going = { lot: string; label: string; into: readonly string[]; inQuarantine?: boolean };

/** `left` = what somebody takes knowingly who says that they stay cleared. */
type Again = { drafts: () => Draft[]; left: LeftCleared[]; box: React.ReactNode };
export type LeftCleared = { code: 'cost.leftCleared'; facts: { size: number } };
export const leftCleared = (lots: number): LeftCleared[] => (lots === 0 ? [] : [{ code: 'cost.leftCleared', facts: { size: lots } }]);
const NOBODY: Again = { drafts: () => [], left: [], box: null };

/** `drafts` = holds to open with the release; `box` = what is said of it, nothing where nobody is met. */
export function useQuarantineAgain({ lot, label, into, inQuarantine: known }: Going): Again {
  const { data: room } = useView('room');
  const living = room ? placedIn(room) : [];
  const own = living.filter((one) => one.lot === lot);
  // What lives here without a quarantine is cleared; what nobody has held yet is in quarantine from its release on.
  const inQuarantine = known ?? own.every((one) => one.inQuarantine);
  const meetings = systemsOf(room, into)
    .filter((system) => !own.some((one) => one.system === system))
    .map((system) => ({ system, ...whoRestarts({ lot, inQuarantine, fromSystem: '', toSystem: system }, living) }));
  const itself = meetings.find(({ newcomerExposed }) => newcomerExposed);
  return useBox(room, [...meetings.flatMap(({ exposed }) => exposed), ...(itself ? [{ lot, label, system: itself.system }] : [])]);
}

/** The same where something wet, or water, goes from tanks to another: cleared fish there meet what is in quarantine where it came from. */
export function useContactAgain({ from, to }: { from: readonly string[]; to: string }): Again {
  const { data: room } = useView('room');
  const living = room ? placedIn(room) : [];
  const [here] = systemsOf(room, [to]);
  const dirty = systemsOf(room, from).some((system) => system !== here && living.some((one) => one.system === system && one.inQuarantine));
  return useBox(room, dirty ? living.filter(({ system, inQuarantine }) => system === here && !inQuarantine) : []);
}

/** Systems of tanks of the house itself. */
function systemsOf(room: RoomView | undefined, ids: readonly string[]): string[] {
  const tanks = room?.racks.flatMap((rack) => rack.tanks).filter(({ id, purpose }) => ids.includes(id) && purpose !== 'customer') ?? [];
  return [...new Set(tanks.map(({ system }) => system))];
}

function useBox(room: RoomView | undefined, met: readonly Pick<Placed, 'lot' | 'label' | 'system'>[]): Again {
  const { house } = useMe();
  const keeper = useMayWrite('quarantine.opened');
  const [again, setAgain] = useState(true);
  const id = useId();
  const lots = [...new Map(met.map((one) => [one.lot, one])).values()];
  if (!room || lots.length === 0 || !keeper) return NOBODY;
  const policyOn = (system: string) => house.rules.quarantine[quarantineClassOf({}, room.systems.find((one) => one.id === system)!.type)];
  return {
    drafts: () =>
      again
        ? lots.map(({ lot, system }): Draft => ({
            kind: 'quarantine.opened',
            payload: { quarantine: newId(), lot, policy: policyOn(system), zero: 'contact' },
          }))
        : [],
    left: again ? [] : leftCleared(lots.length),
    box: (
      <Form.Check
        type="checkbox"
        id={id}
        label={`Cleared fish that meet fish in quarantine by this are back in quarantine: ${[...new Set(lots.map(({ label }) => label))].join(', ')}`}
        checked={again}
        onChange={(event) => setAgain(event.target.checked)}
      />
    ),
  };
}
