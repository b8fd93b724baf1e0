// The round as this screen's own unanswered acts make it: a looked-at tank is done at once.
import type { RoundsView, RoundTank } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { isMeal } from '#core/feeding/index.ts';
import { DAY_MS, HOUR_MS } from '#core/time/index.ts';
import type { Overlay } from '../data/overlay.ts';

export const overlayRounds: Overlay<'rounds'> = (view, { entries }, { by }) =>
  entries.reduce((round, entry) => apply(round, entry, by), view);

function apply(view: RoundsView, entry: Entry, by: string): RoundsView {
  switch (entry.kind) {
    case 'tank.checked': {
      const { tank, day, round, allWell } = entry.payload;
      if (day !== view.day || round !== view.round) return view;
      const isFirst = view.tanks.some((card) => card.id === tank && card.checkedAtMs === undefined);
      const left = { ...view.left, [round]: view.left[round] - (isFirst ? 1 : 0) };
      return onTank({ ...view, left }, tank, (roundTank) => ({ ...roundTank, checkedBy: by, checkedAtMs: entry.occurredAtMs, allWell }));
    }
    case 'fault.noticed': {
      const { tank, what } = entry.payload;
      return onTank(view, tank, (card) => ({ ...card, faults: [...card.faults, { what, atMs: entry.occurredAtMs }] }));
    }
    case 'chore.done': {
      const { chore, places } = entry.payload;
      return {
        ...view,
        tanks: view.tanks.map((tank) =>
          places.includes(tank.id) ? { ...tank, chores: tank.chores.filter((due) => due.chore !== chore) } : tank,
        ),
      };
    }
    case 'loss.recorded': {
      const { place, lot, n } = entry.payload;
      return onLot(view, { tank: place, lot }, (occupant) => ({ ...occupant, n: occupant.n - n }));
    }
    case 'stock.counted': {
      const { place, lot, found } = entry.payload;
      return onLot(view, { tank: place, lot }, (occupant) => ({ ...occupant, n: found }));
    }
    case 'lot.fed': {
      // What is written down late keeps its own time: what follows of it is for the house to say.
      if (isOfAnotherDay(entry.occurredAtMs, view.day)) return view;
      const { tank, lot, food, response } = entry.payload;
      const fed = onLot(view, { tank, lot }, (occupant) => ({
        ...occupant,
        meal: { ...occupant.meal, due: false },
        lastFed: { food, response, atMs: entry.occurredAtMs },
        fast: isMeal(response) && occupant.fast ? { ...occupant.fast, days: 0, hungry: false, first: false } : occupant.fast,
      }));
      return { ...fed, toFeed: fed.tanks.filter(({ lots }) => lots.some(({ meal }) => meal.due)).length };
    }
    default:
      return view;
  }
}

/** No zone is further off: what was before this day by any of them was well before now. */
const FURTHEST_ZONE_MS = 14 * HOUR_MS;
const isOfAnotherDay = (atMs: number, day: number): boolean => atMs < day * DAY_MS - FURTHEST_ZONE_MS;

function onTank(view: RoundsView, id: string, change: (tank: RoundTank) => RoundTank): RoundsView {
  return { ...view, tanks: view.tanks.map((tank) => (tank.id === id ? change(tank) : tank)) };
}

type Lot = RoundTank['lots'][number];
function onLot(view: RoundsView, where: { tank: string; lot: string }, change: (lot: Lot) => Lot): RoundsView {
  return onTank(view, where.tank, (tank) => ({ ...tank, lots: tank.lots.map((lot) => (lot.lot === where.lot ? change(lot) : lot)) }));
}
