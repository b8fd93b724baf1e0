// When a crate may come, a bag may land, and where it may be sent.
import { againstChange, refuse, type Refusal, type Context, type Rules, move } from '../journal/index.ts';
import { refuseUnfit } from '../placement/index.ts';
import { DAY_MS } from '../time/index.ts';
import { claimRules } from './claims.ts';
import { againstOrder, orderRules } from './orders.ts';
import { planRules, settled } from './plans.ts';
import type { BagLanded, CrateExpected, CrateFields, DockEntries, SupplierChanged } from './entries.ts';
import { landingOf, tankOf } from './links.ts';
import type { BagFacts, DockState } from './state.ts';
import { headsIn, worstOf } from './triage.ts';

/** All that is said of its boxes stands above its bags. */
const MOST_OPENINGS = 100;

export const dockRules: Rules<DockEntries, DockState> = {
  ...claimRules,
  ...orderRules,
  ...planRules,
  'supplier.added': {
    decide({ payload }, { state }) {
      return state.findSupplier(payload.supplier) ? refuse('exists', 'supplier', { what: 'supplier', name: payload.name }) : [];
    },
    links: ({ supplier }) => ({ makes: [supplier] }),
  },
  'supplier.changed': {
    decide({ payload }, { state }) {
      const known = state.findSupplier(payload.supplier);
      if (!known) return refuse('unknown', 'supplier', { what: 'supplier', id: payload.supplier });
      return againstChange({ ...payload, of: `supplier:${payload.supplier}` }, known as SupplierChanged['fields'], state);
    },
  },
  'supplier.taught': {
    decide({ payload }, { state }) {
      if (!state.findSupplier(payload.supplier)) return refuse('unknown', 'supplier', { what: 'supplier', id: payload.supplier });
      return payload.names.flatMap(({ species }, index) =>
        state.findSpecies(species) ? [] : refuse('unknown', `names.${index}.species`, { what: 'species', id: species }),
      );
    },
  },
  'crate.expected': {
    decide: ({ payload, occurredAtMs }, context) => decideList(payload, occurredAtMs, context),
    links: ({ crate, order, lots, bags }) => ({
      makes: [crate, ...lots.map(({ lot }) => lot), ...bags.map(({ bag }) => bag)],
      needs: order === undefined ? [] : [order],
    }),
  },
  'crate.changed': {
    decide({ payload, occurredAtMs }, { state }) {
      const known = state.findCrate(payload.crate);
      if (!known) return refuse('unknown', 'crate', { what: 'crate', id: payload.crate });
      const against = againstChange<CrateFields>({ ...payload, of: `crate:${payload.crate}` }, known, state);
      if (against.length > 0) return against;
      const { packedAtMs, promisedAtMs } = payload.fields;
      // What nobody touched now was asked about when it was written.
      if (packedAtMs === undefined && promisedAtMs === undefined) return [];
      return againstDates({ ...known, ...payload.fields }, occurredAtMs, 'fields.');
    },
    // The list may be undone all the same: then nothing is left that a correction could be of.
    links: () => ({}),
  },
  'crate.arrived': {
    decide({ payload }, { state }) {
      const crate = state.findCrate(payload.crate);
      if (!crate) return refuse('unknown', 'crate', { what: 'crate', id: payload.crate });
      return crate.arrived
        ? refuse('crate.alreadyArrived', 'crate', { crate: crate.label, by: crate.arrived.by, atMs: crate.arrived.atMs })
        : [];
    },
    links: ({ crate }) => ({ makes: [`arrival of ${crate}`], needs: [crate] }),
  },
  'box.opened': {
    decide({ payload: { crate: id, box, ...facts } }, { state }) {
      const crate = state.findCrate(id);
      if (!crate) return refuse('unknown', 'crate', { what: 'crate', id });
      if (!crate.arrived) return refuse('crate.notArrived', 'crate', { crate: crate.label });
      if (box !== undefined && !state.hasBox(id, box)) return refuse('box.notListed', 'box', { crate: crate.label, box });
      if (!Object.values(facts).some((fact) => fact !== undefined)) return refuse('box.nothing', 'inside');
      return state.boxesOpened(id) >= MOST_OPENINGS ? refuse('box.tooMany', 'crate', { crate: crate.label, most: MOST_OPENINGS }) : [];
    },
    links: ({ crate }) => ({ needs: [`arrival of ${crate}`] }),
  },
  'bag.landed': {
    decide: ({ payload }, context) => decideLanding(payload, context),
    legs: ({ lot, bag, alive, dead }) => [
      ...move(lot, { from: 'supplier', to: bag, n: alive + dead }),
      ...move(lot, { from: bag, to: 'died', n: dead }),
    ],
    links: ({ crate, bag, lot, newBag, newLot }) => ({
      makes: [landingOf(bag), ...(newBag ? [bag] : []), ...(newLot ? [lot] : [])],
      needs: [`arrival of ${crate}`, ...(newBag ? [] : [bag]), ...(newLot ? [] : [lot])],
    }),
  },
  'bag.absent': {
    decide({ payload }, { state }) {
      const bag = state.findBag(payload.bag);
      if (!bag || bag.crate !== payload.crate) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      return settled(bag);
    },
    links: ({ bag, crate }) => ({ needs: [bag, `arrival of ${crate}`] }),
  },
  'bag.routed': {
    decide({ payload }, { state }) {
      const bag = state.findBag(payload.bag);
      if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      if (!bag.landing) return refuse('bag.notLanded', 'bag', { bag: bag.label });
      if (bag.landing.lot !== payload.lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
      return bag.release ? refuse('bag.alreadyReleased', 'bag', { bag: bag.label, by: bag.release.by, atMs: bag.release.atMs }) : [];
    },
    links: ({ bag }) => ({ needs: [landingOf(bag)] }),
  },
  'bag.assigned': {
    remembers: true,
    decide({ payload, occurredAtMs }, context) {
      const { state } = context;
      const bag = state.findBag(payload.bag);
      if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      const tank = state.findTank(payload.tank);
      if (!tank) return refuse('unknown', 'tank', { what: 'tank', id: payload.tank });
      if (!bag.landing) return refuse('bag.notLanded', 'bag', { bag: bag.label });
      const { lot } = bag.landing;
      if (lot !== payload.lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
      if (bag.release) return refuse('bag.alreadyReleased', 'bag', { bag: bag.label, by: bag.release.by, atMs: bag.release.atMs });
      if (bag.taken) return refuse('acclimation.running', 'bag', { bag: bag.label, by: bag.taken.by, atMs: bag.taken.atMs });
      if (bag.float) return refuse('float.running', 'bag', { bag: bag.label, by: bag.float.by, atMs: bag.float.atMs });
      const n = state.balance(lot, bag.id) || bag.listed;
      const passed = state.passedFor(lot, tank.id).filter((code) => code.startsWith('cost.'));
      return refuseUnfit(
        { lot, n, tank, path: 'tank', passed, atMs: occurredAtMs, weak: isWeak(bag), need: state.needOfBag(bag.id), out: bag.id },
        context,
      );
    },
    links: ({ bag }) => ({ makes: [tankOf(bag)], needs: [bag] }),
  },
};

export const isWeak = ({ landing }: BagFacts): boolean => landing !== undefined && landing.condition !== 'fit';

/** Longer than this nothing that lives is on its way, or promised ahead; what is written so is asked about. Judgements. */
const LONGEST_PACKED_MS = 14 * DAY_MS;
const LONGEST_ON_WAY_MS = 10 * DAY_MS;
const FARTHEST_OFF_MS = 120 * DAY_MS;

/** Dates that can hardly be: a bag that has been closed for weeks is a slip of the pen, and all that is computed from it would be wrong. */
function againstDates({ packedAtMs, promisedAtMs }: Pick<CrateFields, 'packedAtMs' | 'promisedAtMs'>, atMs: number, at = ''): Refusal[] {
  if (promisedAtMs < packedAtMs) return refuse('crate.badList', `${at}promisedAtMs`, { problem: 'promised before packed' });
  const days = (ms: number) => Math.round(ms / DAY_MS);
  return [
    ...(atMs - packedAtMs > LONGEST_PACKED_MS
      ? refuse('crate.longPacked', `${at}packedAtMs`, { days: days(atMs - packedAtMs) }, 'keeper')
      : []),
    ...(promisedAtMs - packedAtMs > LONGEST_ON_WAY_MS
      ? refuse('crate.longOnWay', `${at}promisedAtMs`, { days: days(promisedAtMs - packedAtMs) }, 'keeper')
      : []),
    ...(promisedAtMs - atMs > FARTHEST_OFF_MS
      ? refuse('crate.farOff', `${at}promisedAtMs`, { days: days(promisedAtMs - atMs) }, 'keeper')
      : []),
  ];
}

function decideList(list: CrateExpected, atMs: number, { state }: Context<DockState>): Refusal[] {
  if (state.findCrate(list.crate)) return refuse('exists', 'crate', { what: 'crate', name: list.label });
  if (!state.findSupplier(list.supplier)) return refuse('unknown', 'supplier', { what: 'supplier', id: list.supplier });
  const order = againstOrder(list, state);
  if (order.length > 0) return order;
  const dates = againstDates(list, atMs);
  if (dates.some(({ overrule }) => !overrule)) return dates;
  const lots = new Set(list.lots.map(({ lot }) => lot));
  const bags = new Set(list.bags.map(({ bag }) => bag));
  if (lots.size < list.lots.length) return refuse('crate.badList', 'lots', { problem: 'a lot stands twice' });
  if (bags.size < list.bags.length) return refuse('crate.badList', 'bags', { problem: 'a bag stands twice' });
  const problems: Refusal[] = [...dates];
  list.lots.forEach(({ lot, label, species }, index) => {
    if (state.findLot(lot)) problems.push(...refuse('exists', `lots.${index}.lot`, { what: 'lot', name: label }));
    if (species !== undefined && !state.findSpecies(species))
      problems.push(...refuse('unknown', `lots.${index}.species`, { what: 'species', id: species }));
  });
  list.bags.forEach(({ bag, lot, label, n, free = 0 }, index) => {
    if (free > n) problems.push(...refuse('crate.badList', `bags.${index}.free`, { problem: `${label} has more free heads than heads` }));
    if (state.hasBag(bag)) problems.push(...refuse('exists', `bags.${index}.bag`, { what: 'bag', name: label }));
    if (!lots.has(lot)) problems.push(...refuse('unknown', `bags.${index}.lot`, { what: 'lot', id: lot }));
  });
  return problems;
}

function decideLanding(landing: BagLanded, { state }: Context<DockState>): Refusal[] {
  const crate = state.findCrate(landing.crate);
  if (!crate) return refuse('unknown', 'crate', { what: 'crate', id: landing.crate });
  if (!crate.arrived) return refuse('crate.notArrived', 'crate', { crate: crate.label });
  if (landing.alive + landing.dead === 0) return refuse('bag.empty', 'alive');
  const each = againstEach(landing);
  if (each.length > 0) return each;
  const bag = state.findBag(landing.bag);
  if (landing.newBag) {
    if (bag) return refuse('exists', 'newBag', { what: 'bag', name: landing.newBag.label });
  } else {
    if (!bag || bag.crate !== landing.crate) return refuse('unknown', 'bag', { what: 'bag', id: landing.bag });
    const problems = settled(bag);
    if (problems.length > 0) return problems;
    if (!landing.newLot && bag.lot !== landing.lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
  }
  return decideLot(landing, state);
}

function decideLot({ lot, newLot }: BagLanded, state: DockState): Refusal[] {
  if (!newLot) return state.findLot(lot) ? [] : refuse('unknown', 'lot', { what: 'lot', id: lot });
  if (state.findLot(lot)) return refuse('exists', 'newLot', { what: 'lot', name: newLot.label });
  if (newLot.species && !state.findSpecies(newLot.species))
    return refuse('unknown', 'newLot.species', { what: 'species', id: newLot.species });
  if (newLot.insteadOf && !state.findLot(newLot.insteadOf))
    return refuse('unknown', 'newLot.insteadOf', { what: 'lot', id: newLot.insteadOf });
  return [];
}

/** Heads by how they look are all the living, and the bag is handled by the worst of them. */
function againstEach({ each, alive, condition }: BagLanded): Refusal[] {
  if (!each) return [];
  const told = headsIn(each);
  return told === alive && worstOf(each) === condition ? [] : refuse('bag.eachDiffers', 'each', { alive, told, worst: worstOf(each) });
}
