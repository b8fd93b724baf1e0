// Fish released beside others: who was cleared and meets fish in quarantine by it is in quarantine again, unless somebody says not. The same for a bag and for a vessel.
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import type { RoomView } from '#contract/views.ts';
import { whoRestarts, type Placed } from '#core/quarantine/index.ts';
import { useView, type Draft } from '../data/house.ts';
import { useMayWrite, useMe } from '../data/me.ts';
import { contactEntry } from '../parts/quarantineDraft.ts';
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
  const own = living.filter((placed) => placed.lot === lot);
  // What lives here without a quarantine is cleared; what nobody has held yet is in quarantine from its release on.
  const inQuarantine = known ?? own.every((placed) => placed.inQuarantine);
  const meetings = systemsOf(room, into)
    .filter((system) => !own.some((placed) => placed.system === system))
    .map((system) => ({ system, ...whoRestarts({ lot, inQuarantine, fromSystem: '', toSystem: system }, living) }));
  const itself = meetings.find(({ newcomerExposed }) => newcomerExposed);
  return useBox(room, [...meetings.flatMap(({ exposed }) => exposed), ...(itself ? [{ lot, label, system: itself.system }] : [])]);
}

/** The same where something wet, or water, goes from tanks to another: cleared fish there meet what is in quarantine where it came from. */
export function useContactAgain({ from, to }: { from: readonly string[]; to: string }): Again {
  const { data: room } = useView('room');
  const living = room ? placedIn(room) : [];
  const [here] = systemsOf(room, [to]);
  const dirty = systemsOf(room, from).some(
    (system) => system !== here && living.some((placed) => placed.system === system && placed.inQuarantine),
  );
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
  const lots = [...new Map(met.map((placed) => [placed.lot, placed])).values()];
  if (!room || lots.length === 0 || !keeper) return NOBODY;
  const typeOf = (id: string) => room.systems.find((system) => system.id === id)!.type;
  return {
    drafts: () => (again ? lots.map(({ lot, system }) => contactEntry(lot, typeOf(system), house.rules)) : []),
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
