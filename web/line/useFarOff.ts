// Readings of a line that are far from those before, or from what the system is set to.
import type { ReadingsView, RoomView } from '#contract/views.ts';
import type { NotUnderstood, Understood } from '#core/line/index.ts';
import { useView } from '../data/house.ts';
import { farOff, type FarOff } from '../readings/draft.ts';

type Known = Pick<ReadingsView, 'system' | 'readings'>;

/** What is known by now to be far off; while the last readings are on their way, `settle` waits for them: a quick hand is asked too. */
export function useFarOff(
  read: Understood | NotUnderstood,
  view: RoomView,
): { far: FarOff[]; judging?: ReadingsView['judging']; settle?: () => Promise<FarOff[]> } {
  const readings = read.ok ? read.entries.flatMap((entry) => (entry.kind === 'reading.taken' ? [entry.payload] : [])) : [];
  const system = readings[0]?.subject.kind === 'system' ? readings[0].subject.id : undefined;
  const { data, mutate } = useView('readings', system === undefined ? null : { system });
  if (system === undefined) return { far: [] };
  const given: Known = { system: view.systems.find(({ id }) => id === system), readings: [] };
  const farFrom = (known: Known) =>
    farOff(
      readings.map(({ quantity, reading }) => ({ quantity, read: reading })),
      known,
    );
  if (data) return { far: farFrom(data), judging: data.judging };
  // Where the house does not answer, what the system is set to is all there is to compare with.
  return { far: farFrom(given), settle: async () => farFrom((await mutate().catch(() => undefined)) ?? given) };
}
