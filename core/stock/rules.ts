// When stock may move. That no inside place goes below zero is judged once for the whole act, on current balances.
import { refuse, type Refusal } from '../journal/refusal.ts';
import type { Context, Rules } from '../journal/rule.ts';
import { refuseUnfit } from '../room/placing.ts';
import type { StockEntries, StockMoved } from './entries.ts';
import { move } from './legs.ts';
import { isOutside } from './places.ts';

export const stockRules: Rules<StockEntries> = {
  'lot.opened': {
    decide({ payload }, { state }) {
      if (state.findLot(payload.lot)) return refuse('exists', 'lot', { what: 'lot', name: payload.label });
      if (!state.findSpecies(payload.species)) return refuse('unknown', 'species', { what: 'species', id: payload.species });
      if (!state.findTank(payload.tank)) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      if (payload.supplier && !state.findSupplier(payload.supplier))
        return refuse('unknown', 'supplier', { what: 'supplier', id: payload.supplier });
      return [];
    },
    legs: ({ lot, tank, n }) => move(lot, { from: 'opening', to: tank, n }),
    links: ({ lot }) => ({ makes: [lot] }),
  },
  'stock.moved': {
    decide: ({ payload }, context) => payload.moves.flatMap((one, index) => decideMove(one, `moves.${index}`, context)),
    legs: ({ moves }) => moves.flatMap(({ lot, from, to, n }) => move(lot, { from, to, n })),
    links: ({ moves }) => ({ needs: moves.map(({ lot }) => lot) }),
  },
  'stock.counted': {
    decide({ payload }, { state }) {
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const book = state.balance(payload.lot, payload.place);
      const last = state.lastMove(payload.place);
      return book === payload.book ? [] : refuse('count.bookMoved', 'book', { book, given: payload.book, by: last?.by, atMs: last?.atMs });
    },
    legs: ({ lot, place, found, book, against }) =>
      found < book ? move(lot, { from: place, to: against, n: book - found }) : move(lot, { from: against, to: place, n: found - book }),
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'lot.promised': {
    decide({ payload }, { state }) {
      if (state.hasPromise(payload.promise)) return refuse('exists', 'promise', { what: 'promise', name: payload.forWhom });
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const { inHouse, promised } = state.lotCount(payload.lot);
      return payload.n + promised > inHouse ? refuse('promise.tooMany', 'n', { inHouse, promised, n: payload.n }) : [];
    },
    links: ({ promise, lot }) => ({ makes: [promise], needs: [lot] }),
  },
};

function decideMove(one: StockMoved['moves'][number], path: string, context: Context): Refusal[] {
  const { state } = context;
  if (!state.findLot(one.lot)) return refuse('unknown', `${path}.lot`, { what: 'lot', id: one.lot });
  if (!state.findTank(one.from)) return refuse('unknown', `${path}.from`, { what: 'tank', id: one.from });
  if (isOutside(one.to)) return [];
  const tank = state.findTank(one.to);
  return tank
    ? refuseUnfit({ lot: one.lot, tank, path: `${path}.to` }, context)
    : refuse('unknown', `${path}.to`, { what: 'tank', id: one.to });
}
