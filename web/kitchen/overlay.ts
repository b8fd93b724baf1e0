// The kitchen as this screen's own unanswered acts make it: a step that was said is done at once.
import type { KitchenView } from '#contract/views.ts';
import type { Overlay } from '../data/overlay.ts';

export const overlayKitchen: Overlay<'kitchen'> = (view, { entries }) =>
  entries.reduce<KitchenView>((now, entry) => {
    if (entry.kind !== 'batch.stepped') return now;
    const { batch, food, step } = entry.payload;
    const done = { step, atMs: entry.occurredAtMs };
    return {
      ...now,
      batches: now.batches.map((card) =>
        card.batch === batch
          ? { ...card, foods: card.foods.map((line) => (line.food === food ? { ...line, done: [...line.done, done] } : line)) }
          : card,
      ),
    };
  }, view);
