// When stock may move. That no inside place goes below zero is judged once for the whole act, on current balances.
import { refuseSteps } from '../bench/index.ts';
import { refuse, type Refusal, type Context, type Rules, move, type Leg } from '../journal/index.ts';
import { againstTask } from '../moves/index.ts';
import { isCost, refuseUnfit } from '../placement/index.ts';
import { quarantineOf } from '../quarantine/index.ts';
import { isTemporary } from '../room/index.ts';
import type { LotBorn, LotJoined, LotNamed, LotOpened, LotSplit, Move, StayLimited, StockCounted, StockEntries } from './entries.ts';
import { isOutside } from './places.ts';
import type { StockState } from './state.ts';

export const stockRules: Rules<StockEntries, StockState> = {
  'lot.opened': {
    decide({ payload, occurredAtMs }, context) {
      const { state } = context;
      if (state.findLot(payload.lot)) return refuse('exists', 'lot', { what: 'lot', name: payload.label });
      if (!state.findSpecies(payload.species)) return refuse('unknown', 'species', { what: 'species', id: payload.species });
      if (!state.findTank(payload.tank)) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      if (payload.supplier && !state.findSupplier(payload.supplier))
        return refuse('unknown', 'supplier', { what: 'supplier', id: payload.supplier });
      return opensUnfit(payload, occurredAtMs, context);
    },
    legs: ({ lot, tank, n }) => move(lot, { from: 'opening', to: tank, n }),
    links: ({ lot }) => ({ makes: [lot] }),
  },
  'stock.moved': {
    decide: ({ payload, occurredAtMs }, context) => [
      ...(payload.task ? againstTask(payload.task, occurredAtMs, context) : []),
      ...payload.moves.flatMap((move, index) => decideMove(move, { path: `moves.${index}`, atMs: occurredAtMs }, context)),
    ],
    legs: ({ moves }) => moves.flatMap(legsOfMove),
    links: ({ moves, task }) => ({ needs: [...moves.map(({ lot }) => lot), ...(task ? [task] : [])] }),
  },
  'stock.counted': {
    decide({ payload, occurredAtMs }, context) {
      const { state } = context;
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      if (!state.isPlace(payload.place)) return refuse('unknown', 'place', { what: 'tank', id: payload.place });
      const onRecord = state.balance(payload.lot, payload.place);
      const last = state.lastMove(payload.place);
      if (onRecord !== payload.onRecord)
        return refuse('count.recordMoved', 'onRecord', { onRecord, given: payload.onRecord, by: last?.by, atMs: last?.atMs });
      // Only what is missing on record is found again; more than that was never on record.
      const lost = payload.found > payload.onRecord && payload.against === 'missing' ? state.balance(payload.lot, 'missing') : Infinity;
      if (payload.found - payload.onRecord > lost)
        return refuse('count.notMissing', 'found', { missing: Math.max(0, lost), given: payload.found - payload.onRecord });
      return onRecord === 0 && payload.found > 0 ? foundWhereNone(payload, occurredAtMs, context) : [];
    },
    legs: ({ lot, place, found, onRecord, against }) =>
      found < onRecord
        ? move(lot, { from: place, to: against, n: onRecord - found })
        : move(lot, { from: against, to: place, n: found - onRecord }),
    links: ({ lot, place }) => ({ needs: [lot, place] }),
  },
  'lot.promised': {
    decide({ payload }, { state }) {
      if (!state.findLot(payload.lot)) return refuse('unknown', 'lot', { what: 'lot', id: payload.lot });
      const { inHouse, promised } = state.lotCount(payload.lot);
      return payload.n + promised > inHouse ? refuse('promise.tooMany', 'n', { inHouse, promised, n: payload.n }) : [];
    },
    links: ({ promise, lot }) => ({ makes: [promise], needs: [lot] }),
  },
  'promise.lifted': {
    decide: ({ payload }, { state }) =>
      state.isPromiseOpen(payload.promise, payload.lot) ? [] : refuse('unknown', 'promise', { what: 'promise', id: payload.promise }),
    links: ({ promise, lot }) => ({ needs: [promise, lot] }),
  },
  'lot.split': {
    decide: ({ payload }, context) => decideSplit(payload, context),
    legs: ({ lot, child, place, n }) => [
      ...move(lot, { from: place, to: 'relabelled', n }),
      ...move(child, { from: 'relabelled', to: place, n }),
    ],
    links: ({ lot, child, quarantine }) => ({ makes: quarantine ? [child, quarantine, quarantineOf(child)] : [child], needs: [lot] }),
  },
  'lot.born': {
    decide: ({ payload }, context) => decideBorn(payload, context),
    legs: ({ child, tank, n }) => move(child, { from: 'hatched', to: tank, n }),
    links: ({ lot, child, quarantine }) => ({ makes: quarantine ? [child, quarantine, quarantineOf(child)] : [child], needs: [lot] }),
  },
  'lot.joined': {
    decide: ({ payload }, context) => decideJoin(payload, context),
    legs: ({ lot, into, place, n }) => [
      ...move(lot, { from: place, to: 'relabelled', n }),
      ...move(into, { from: 'relabelled', to: place, n }),
    ],
    links: ({ lot, into }) => ({ needs: [lot, into] }),
  },
  'lot.named': {
    decide: ({ payload, occurredAtMs }, context) => decideNamed(payload, occurredAtMs, context),
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'lot.measured': {
    decide: ({ payload: { lot, place } }, { state }) =>
      !state.findLot(lot)
        ? refuse('unknown', 'lot', { what: 'lot', id: lot })
        : state.findTank(place)
          ? []
          : refuse('unknown', 'place', { what: 'tank', id: place }),
    links: ({ lot }) => ({ needs: [lot] }),
  },
  'stay.limited': {
    decide: ({ payload, occurredAtMs }, { state }) => decideStay(payload, occurredAtMs, state),
    links: ({ stayLimit, lot }) => ({ makes: [stayLimit], needs: [lot] }),
  },
};

/** What left and was not counted in at the other end is missing; what came in over it was not on the records. */
function legsOfMove({ lot, from, to, n, arrived = n }: Move): Leg[] {
  const crossed = Math.min(n, arrived);
  return [
    ...move(lot, { from, to, n: crossed }),
    ...move(lot, { from, to: 'missing', n: n - crossed }),
    ...move(lot, { from: 'discrepancy', to, n: arrived - crossed }),
  ];
}

function decideMove(move: Move, { path, atMs }: { path: string; atMs: number }, context: Context<StockState>): Refusal[] {
  const { state } = context;
  if (!state.findLot(move.lot)) return refuse('unknown', `${path}.lot`, { what: 'lot', id: move.lot });
  if (!state.findTank(move.from)) return refuse('unknown', `${path}.from`, { what: 'tank', id: move.from });
  if (move.from === move.to) return refuse('move.nowhere', `${path}.to`);
  if (isOutside(move.to)) return leavesHouse(move, path, state);
  const tank = state.findTank(move.to);
  if (!tank) return refuse('unknown', `${path}.to`, { what: 'tank', id: move.to });
  // Nobody stays forgotten in a bucket: an end is written down in the same act, or they join others for whom there is one.
  const limited =
    state.hasStayLimit(move.lot, move.to, atMs) || (state.balance(move.lot, move.to) > 0 && state.hasStayLimit(move.lot, move.to));
  if (isTemporary(tank) && !limited) return refuse('stay.needed', `${path}.to`, { code: tank.code });
  const from = state.findTank(move.from)!;
  return [
    ...refuseUnfit({ lot: move.lot, n: move.n, tank, path: `${path}.to`, atMs }, context),
    ...(from.system === tank.system
      ? []
      : refuseSteps({ lot: move.lot, from: { tank: move.from }, into: tank, path: `${path}.to` }, state)),
  ];
}

/** They live there already, and no move is to come: what stands against it is asked as a move asks it, and a tap says that it is so. */
function opensUnfit({ lot, tank: place, n, between, ...facts }: LotOpened, atMs: number, context: Context<StockState>): Refusal[] {
  const tank = context.state.findTank(place)!;
  const misjudged = between && (between.min > n || between.max < n) ? refuse('count.outside', 'between', { n, ...between }) : [];
  const unfit = refuseUnfit({ lot, n: between?.max ?? n, tank, path: 'tank', atMs, opening: facts, quarantineDone: true }, context);
  return [...misjudged, ...unfit.map((refusal): Refusal => ({ ...refusal, overrule: refusal.overrule && 'keeper' }))];
}

/** Fish that the records had elsewhere, or nowhere: a count brings back who was there before, and asks as a move does. */
function foundWhereNone({ lot, place, found }: StockCounted, atMs: number, context: Context<StockState>): Refusal[] {
  const { state } = context;
  const tank = state.findTank(place);
  const facts = { lot: state.findLot(lot)!.label, place: tank?.code ?? place };
  // An emptied bag or vessel is no place any more.
  if (!tank || !state.wasIn(lot, place)) return refuse('count.neverThere', 'found', facts);
  return refuseUnfit({ lot, n: found, tank, path: 'found', atMs }, context);
}

/** Out to people only what is cleared; and what is promised stays, or its promise is lifted first. */
function leavesHouse({ lot, to, n }: Move, path: string, state: StockState): Refusal[] {
  const label = state.findLot(lot)!.label;
  const { inHouse, promised } = state.lotCount(lot);
  const ordered = to === 'sold' || to === 'given' ? state.orderedFor(lot) : undefined;
  return [
    ...((to === 'sold' || to === 'given') && state.findOpenQuarantine(lot)
      ? refuse('out.inQuarantine', `${path}.lot`, { lot: label, to }, 'lead')
      : []),
    ...(promised > 0 && inHouse - n < promised
      ? refuse('out.promised', `${path}.n`, { lot: label, promised, left: inHouse - n }, 'keeper')
      : []),
    ...(ordered && inHouse - n - promised < ordered.n
      ? refuse('out.orderedFor', `${path}.n`, { lot: label, ...ordered, left: inHouse - n }, 'keeper')
      : []),
  ];
}

function decideSplit({ lot, child, place, quarantine }: LotSplit, { state }: Context<StockState>): Refusal[] {
  const parent = state.findLot(lot);
  if (!parent) return refuse('unknown', 'lot', { what: 'lot', id: lot });
  if (state.findLot(child)) return refuse('exists', 'child', { what: 'lot', name: parent.label });
  if (!state.findTank(place)) return refuse('unknown', 'place', { what: 'tank', id: place });
  return (state.findOpenQuarantine(lot) !== undefined) === (quarantine !== undefined)
    ? []
    : refuse('split.quarantine', 'quarantine', { lot: parent.label });
}

/** Young come of fish that live there, and are in quarantine as those are. */
function decideBorn({ lot, child, tank, n, between, quarantine }: LotBorn, { state }: Context<StockState>): Refusal[] {
  const parent = state.findLot(lot);
  if (!parent) return refuse('unknown', 'lot', { what: 'lot', id: lot });
  if (state.findLot(child)) return refuse('exists', 'child', { what: 'lot', name: parent.label });
  const place = state.findTank(tank);
  if (!place) return refuse('unknown', 'tank', { what: 'tank', id: tank });
  if (parent.species === undefined) return refuse('born.notNamed', 'lot', { lot: parent.label });
  const misjudged = between && (between.min > n || between.max < n) ? refuse('count.outside', 'between', { n, ...between }) : [];
  if (misjudged.length > 0) return misjudged;
  const living = state.tanksOn(place.system).some((near) => state.balance(lot, near) > 0);
  const away = living ? [] : refuse('born.notThere', 'lot', { lot: parent.label, tank: place.code });
  return (state.findOpenQuarantine(lot) !== undefined) === (quarantine !== undefined)
    ? away
    : refuse('split.quarantine', 'quarantine', { lot: parent.label });
}

function decideJoin({ lot, into, place, n }: LotJoined, { state }: Context<StockState>): Refusal[] {
  const [join, source] = [state.findLot(lot), state.findLot(into)];
  if (!join) return refuse('unknown', 'lot', { what: 'lot', id: lot });
  if (!source || lot === into) return refuse('unknown', 'into', { what: 'lot', id: into });
  if (join.species === undefined || join.species !== source.species)
    return refuse('join.otherKind', 'into', { lot: join.label, into: source.label });
  if ((join.sure === 'guess') !== (source.sure === 'guess')) return refuse('join.guess', 'into', { lot: join.label, into: source.label });
  if ((state.findOpenQuarantine(lot) !== undefined) !== (state.findOpenQuarantine(into) !== undefined))
    return refuse('join.quarantinesDiffer', 'into', { lot: join.label });
  const onRecord = state.balance(lot, place);
  const last = state.lastMove(place);
  if (onRecord !== n) return refuse('count.recordMoved', 'n', { onRecord, given: n, by: last?.by, atMs: last?.atMs });
  return state.balance(into, place) > 0 ? [] : refuse('join.apart', 'place', { lot: join.label, into: source.label });
}

/** A name is true whatever it means: where they live now it is asked what stands against it, of anybody who may name them. Another name than one given is a lead's, unless that was a guess. */
function decideNamed({ lot, species, sure }: LotNamed, atMs: number, context: Context<StockState>): Refusal[] {
  const { state } = context;
  const facts = state.findLot(lot);
  if (!facts) return refuse('unknown', 'lot', { what: 'lot', id: lot });
  const kind = state.findSpecies(species);
  if (!kind) return refuse('unknown', 'species', { what: 'species', id: species });
  if (facts.species === species && (sure === undefined || sure === facts.sure))
    return refuse('lot.namedSo', 'species', { lot: facts.label });
  const open = facts.species === undefined || facts.species === species || facts.sure === 'guess';
  const renamed = open ? [] : refuse('lot.isNamed', 'species', { lot: facts.label }, 'lead');
  const here = state.tanksOf(lot).flatMap((id) => {
    const tank = state.findTank(id)!;
    const path = `in.${tank.code}`;
    return refuseUnfit({ lot, n: state.balance(lot, id), tank, path, atMs, as: kind }, context);
  });
  return [...renamed, ...here.filter(({ code }) => !isCost(code)).map((refusal): Refusal => ({ ...refusal, overrule: 'keeper' }))];
}

function decideStay({ lot, place, untilMs, untilCm }: StayLimited, atMs: number, state: StockState): Refusal[] {
  const facts = state.findLot(lot);
  if (!facts) return refuse('unknown', 'lot', { what: 'lot', id: lot });
  if (!state.findTank(place)) return refuse('unknown', 'place', { what: 'tank', id: place });
  if (untilMs === undefined && untilCm === undefined) return refuse('stay.noEnd', 'untilMs');
  if (untilMs !== undefined && untilMs <= atMs) return refuse('stay.past', 'untilMs');
  if (untilCm !== undefined && facts.sizeCm !== undefined && facts.sizeCm >= untilCm)
    return refuse('stay.grown', 'untilCm', { sizeCm: facts.sizeCm, untilCm, lot: facts.label });
  return [];
}
