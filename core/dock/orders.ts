// What the house wants and what it has ordered. An order becomes the expected crate; it is not changed but dropped and placed anew.
import type { Mark } from '../journal/index.ts';
import { refuse, type Refusal, type Rules } from '../journal/index.ts';
import type { Origin } from '../lots/index.ts';
import type { SpeciesState } from '../species/index.ts';

export const SEXES_WANTED = ['male', 'female', 'pairs'] as const;
/** A kind by the species list, or in words where nobody could name it. */
type Kind = { species?: string; heardAs?: string };
/** `sizeCm` = about so long. `price` = of one, in the order's currency. `forWhom` = whom they are for. `wish` = what was wished for. */
export type OrderLine = Kind & {
  line: string;
  n: number;
  sizeCm?: number;
  sex?: (typeof SEXES_WANTED)[number];
  origin?: Origin;
  price?: number;
  forWhom?: string;
  wish?: string;
};
/** `currency` = three capital letters; `wantedAtMs` = when it should be here; `copiedFrom` = the earlier order it began as. */
export type OrderPlaced = {
  order: string;
  supplier: string;
  currency?: string;
  wantedAtMs?: number;
  copiedFrom?: string;
  note?: string;
  lines: OrderLine[];
};
export type OrderDropped = { order: string; why: string };
export type WishNoted = Kind & Pick<OrderLine, 'n' | 'sizeCm' | 'sex' | 'forWhom'> & { wish: string; note?: string };
export type WishDropped = { wish: string; why: string };

export interface OrderEntries {
  'order.placed': OrderPlaced;
  'order.dropped': OrderDropped;
  'wish.noted': WishNoted;
  'wish.dropped': WishDropped;
}

/** `crate` = the one that is expected of it, or came of it. */
export type OrderFacts = { id: string; supplier: string; dropped?: Mark; crate?: { label: string } };
export interface OrderState extends Pick<SpeciesState, 'findSpecies'> {
  findSupplier(id: string): { id: string } | undefined;
  findOrder(id: string): OrderFacts | undefined;
  /** A wish that stands: `ordered` = by an order that was not dropped. */
  findWish(id: string): { id: string; ordered: boolean; dropped?: Mark } | undefined;
}

export const orderRules: Rules<OrderEntries, OrderState> = {
  'order.placed': {
    decide({ payload: { supplier, order, lines, copiedFrom } }, { state }) {
      if (state.findOrder(order)) return refuse('exists', 'order', { what: 'order', name: order });
      if (!state.findSupplier(supplier)) return refuse('unknown', 'supplier', { what: 'supplier', id: supplier });
      if (copiedFrom !== undefined && !state.findOrder(copiedFrom))
        return refuse('unknown', 'copiedFrom', { what: 'order', id: copiedFrom });
      if (new Set(lines.map(({ line }) => line)).size < lines.length)
        return refuse('order.badLines', 'lines', { problem: 'a line stands twice' });
      const wishes = lines.flatMap(({ wish }) => wish ?? []);
      if (new Set(wishes).size < wishes.length) return refuse('order.badLines', 'lines', { problem: 'a wish stands twice' });
      return lines.flatMap((line, index) => [
        ...againstKind(line, `lines.${index}`, state),
        ...(line.wish === undefined ? [] : againstWish(line.wish, `lines.${index}.wish`, state)),
      ]);
    },
    links: ({ order, lines }) => ({ makes: [order], needs: lines.flatMap(({ wish }) => wish ?? []) }),
  },
  'order.dropped': {
    decide({ payload }, { state }) {
      const order = state.findOrder(payload.order);
      if (!order) return refuse('unknown', 'order', { what: 'order', id: payload.order });
      if (order.dropped) return refuse('order.droppedAlready', 'order', { by: order.dropped.by, atMs: order.dropped.atMs });
      return order.crate ? refuse('order.expected', 'order', { crate: order.crate.label }) : [];
    },
    links: ({ order }) => ({ needs: [order] }),
  },
  'wish.noted': {
    decide: ({ payload }, { state }) =>
      state.findWish(payload.wish) ? refuse('exists', 'wish', { what: 'wish', name: payload.wish }) : againstKind(payload, '', state),
    links: ({ wish }) => ({ makes: [wish] }),
  },
  'wish.dropped': {
    decide: ({ payload }, { state }) => againstWish(payload.wish, 'wish', state),
    links: ({ wish }) => ({ needs: [wish] }),
  },
};

function againstKind({ species, heardAs }: Kind, at: string, state: OrderState): Refusal[] {
  const path = (field: string) => (at ? `${at}.${field}` : field);
  if (species === undefined && heardAs === undefined) return refuse('order.badLines', path('species'), { problem: 'nothing is named' });
  return species !== undefined && !state.findSpecies(species) ? refuse('unknown', path('species'), { what: 'species', id: species }) : [];
}

function againstWish(id: string, path: string, state: OrderState): Refusal[] {
  const wish = state.findWish(id);
  if (!wish) return refuse('unknown', path, { what: 'wish', id });
  if (wish.dropped) return refuse('wish.done', path, { by: wish.dropped.by, atMs: wish.dropped.atMs });
  return wish.ordered ? refuse('wish.ordered', path) : [];
}

/** What stands against an order's becoming a crate: it is not known, another supplier's, dropped, or expected already. */
export function againstOrder({ order: id, supplier }: { order?: string; supplier: string }, state: OrderState): Refusal[] {
  if (id === undefined) return [];
  const order = state.findOrder(id);
  if (!order) return refuse('unknown', 'order', { what: 'order', id });
  if (order.supplier !== supplier) return refuse('order.otherSupplier', 'order');
  if (order.dropped) return refuse('order.droppedAlready', 'order', { by: order.dropped.by, atMs: order.dropped.atMs });
  return order.crate ? refuse('order.expected', 'order', { crate: order.crate.label }) : [];
}
