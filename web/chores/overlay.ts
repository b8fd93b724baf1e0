// Chores as this screen's own unanswered acts make them: what was ticked is done at once.
import type { ChorePlaceCard, ChoresView } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import type { Used } from '#core/supplies/index.ts';
import type { Overlay } from '../data/overlay.ts';

export const overlayChores: Overlay<'chores'> = (view, { entries }, { by }) =>
  entries.reduce((shown, entry) => apply(shown, entry, by), view);

function apply(view: ChoresView, entry: Entry, by: string): ChoresView {
  // What is written down late keeps its own time: what follows of it is for the house to say.
  if (entry.occurredAtMs < view.dayFromMs) return view;
  if (entry.kind === 'chore.done') {
    const { chore, places, used } = entry.payload;
    return using(
      onPlaces(view, (id, place) =>
        id === chore && places.includes(place.id) ? doneBy(view, { id, atMs: entry.occurredAtMs, by }) : undefined,
      ),
      used,
    );
  }
  if (entry.kind === 'supply.returned') {
    const { item, amount } = entry.payload;
    return onHeap(view, item, (heap) => ({ ...heap, dirty: heap.dirty + amount, out: Math.max(0, heap.out - amount) }));
  }
  if (entry.kind === 'supply.washed') {
    const { item, amount, thrown = 0 } = entry.payload;
    return onHeap(view, item, (heap) => ({ ...heap, clean: heap.clean + amount, dirty: Math.max(0, heap.dirty - amount - thrown) }));
  }
  return view;
}

type Done = { id: string; atMs: number; by: string };
const doneBy = (view: ChoresView, { id, atMs, by }: Done) => ({
  is: 'done' as const,
  dueDay: view.day + view.chores.find((chore) => chore.id === id)!.everyDays,
  last: { atMs, by },
});

type Change = (chore: string, place: ChorePlaceCard) => Pick<ChorePlaceCard, 'is' | 'dueDay' | 'last'> | undefined;
function onPlaces(view: ChoresView, change: Change): ChoresView {
  return {
    ...view,
    racks: view.racks.map((rack) => ({
      ...rack,
      chores: rack.chores.map((at) => ({
        ...at,
        places: at.places.map((place) => {
          const now = change(at.chore, place);
          if (!now) return place;
          const { id, name, tank } = place;
          return { id, name, tank, ...now };
        }),
      })),
    })),
  };
}

const onHeap = (
  view: ChoresView,
  item: string,
  change: (heap: ChoresView['heaps'][number]) => ChoresView['heaps'][number],
): ChoresView => ({
  ...view,
  heaps: view.heaps.map((heap) => (heap.item === item ? change(heap) : heap)),
});

/** What was used is carried no more, and is not here any more. */
function using(view: ChoresView, used: readonly Used[] = []): ChoresView {
  return used.reduce((shown, { item, amount }) => {
    const kit = shown.kit.flatMap(({ short: _short, ...line }) => {
      if (line.item !== item) return [{ ...line, ...(_short === undefined ? {} : { short: _short }) }];
      const left = line.amount - amount;
      if (left <= 0) return [];
      const here = line.here === undefined ? undefined : Math.max(0, line.here - amount);
      return [
        {
          ...line,
          amount: left,
          ...(here === undefined ? {} : { here }),
          ...(here !== undefined && here < left ? { short: left - here } : {}),
        },
      ];
    });
    return onHeap({ ...shown, kit }, item, (heap) => ({ ...heap, clean: Math.max(0, heap.clean - amount), out: heap.out + amount }));
  }, view);
}
