// When a vessel may be begun, worked on and emptied. Two people cannot begin the same bag; what was seen or done is a fact and never refused
// while the run goes on; the count at the end is the records'.
import { cleanWaterOf, refuseSteps } from '../bench/index.ts';
import { landingOf, tankOf } from '../dock/index.ts';
import { HOUSE_ACTOR, refuse, type Refusal, type Context, type Rules, move } from '../journal/index.ts';
import { isCost, refuseUnfit } from '../placement/index.ts';
import { quarantineOf } from '../quarantine/index.ts';
import { HOUR_MS } from '../time/index.ts';
import { PLAUSIBLE } from '../water/index.ts';
import { againstBath } from './bath.ts';
import type { MeterChecked, RunEntries, RunReleased, RunStarted } from './entries.ts';
import { refusePlan } from './judgePlan.ts';
import type { RunState } from './state.ts';

/** Lights are not left down for longer than this. */
const LONGEST_DARK_MS = 48 * HOUR_MS;

const onGoing = {
  decide: ({ payload }: { payload: { run: string } }, { state }: Context<RunState>) => againstGoing(payload.run, state),
  links: ({ run }: { run: string }) => ({ needs: [run] }),
};

export const runRules: Rules<RunEntries, RunState> = {
  'acclimation.started': {
    remembers: true,
    decide({ payload, occurredAtMs }, context) {
      const against = decideStart(payload, context);
      if (against.length > 0) return against;
      return [...refusePlace(payload, occurredAtMs, context), ...refusePlan(payload, occurredAtMs, context.state)];
    },
    legs: ({ run, lot, from }) => from.flatMap(({ place, n }) => move(lot, { from: place, to: run, n })),
    links: ({ run, lot, from }) => ({
      makes: [run],
      needs: [lot, ...from.flatMap(({ place }) => [place, landingOf(place), tankOf(place), cleanWaterOf(place)])],
    }),
  },
  'acclimation.actionTaken': {
    ...onGoing,
    decide: ({ payload }, { state }) => [
      ...againstGoing(payload.run, state),
      ...(payload.did.do === 'ammonia binder' ? againstBinder(state.findRun(payload.run)?.tank, 'did', state) : []),
    ],
  },
  'acclimation.signSeen': onGoing,
  'acclimation.checked': onGoing,
  'acclimation.handedOver': {
    decide: ({ payload }, { state }) => [
      ...againstGoing(payload.run, state),
      ...(state.worksHere(payload.to) ? [] : refuse('unknown', 'to', { what: 'person', id: payload.to })),
    ],
    links: ({ run }) => ({ needs: [run] }),
  },
  'acclimation.released': {
    decide: ({ payload, occurredAtMs }, context) => decideRelease(payload, { ...context, atMs: occurredAtMs }),
    legs: ({ run, lot, into, dead }) => [
      ...into.flatMap(({ tank, n }) => move(lot, { from: run, to: tank, n })),
      ...move(lot, { from: run, to: 'died', n: dead }),
    ],
    links: ({ run, lot, into }) => ({ needs: [run, ...(into.length > 0 ? [quarantineOf(lot)] : [])] }),
  },
  'meter.checked': {
    decide: ({ payload }) => (['shown', 'truth'] as const).flatMap((field) => plausible(payload, field)),
  },
  'lights.dimmed': {
    decide({ payload: { tank, untilMs }, occurredAtMs }, { state }) {
      if (!state.findTank(tank)) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      return untilMs > occurredAtMs && untilMs <= occurredAtMs + LONGEST_DARK_MS
        ? []
        : refuse('lights.badEnd', 'untilMs', { atMs: untilMs });
    },
  },
  'page.sent': {
    // Only the house itself calls people; who could write a page could cry wolf in its name.
    decide: ({ payload }, { actor, state }) => [
      ...(actor.id === HOUSE_ACTOR ? [] : refuse('role', 'to', { needs: 'lead', has: actor.role })),
      ...(state.findPerson(payload.to) ? [] : refuse('unknown', 'to', { what: 'person', id: payload.to })),
    ],
  },
};

function plausible({ quantity, ...check }: MeterChecked, field: 'shown' | 'truth'): Refusal[] {
  const { min, max, unit } = PLAUSIBLE[quantity];
  const value = check[field];
  return value >= min && value <= max ? [] : refuse('reading.implausible', field, { quantity, value, min, max, unit });
}

function decideStart(start: RunStarted, { state }: Context<RunState>): Refusal[] {
  const lot = state.findLot(start.lot);
  if (!lot) return refuse('unknown', 'lot', { what: 'lot', id: start.lot });
  if (!state.findTank(start.tank)) return refuse('unknown', 'tank', { what: 'tank', id: start.tank });
  if (start.watcher && !state.worksHere(start.watcher)) return refuse('unknown', 'watcher', { what: 'person', id: start.watcher });
  const fromWhere = start.from.flatMap(({ place, n }, index) => decideFrom({ place, n, path: `from.${index}` }, { start, state }));
  if (fromWhere.length > 0) return fromWhere;
  const ammoniaBinder = start.plan.some((step) => step.do === 'ammonia binder') ? againstBinder(start.tank, 'plan', state) : [];
  if (ammoniaBinder.length > 0) return ammoniaBinder;
  if ((start.method === 'first-aid bath') !== (start.bath !== undefined)) return refuse('bath.noBath', 'bath');
  const species = lot.species === undefined ? undefined : state.findSpecies(lot.species);
  return start.bath
    ? againstBath(start.bath, { invertebrate: start.of.invertebrate || (species !== undefined && species.is !== 'fish') })
    : [];
}

/** Out of a tank nobody has asked yet whether they may live in the other; of bags it was asked when the tank was chosen. */
function refusePlace({ lot, tank: id, from }: RunStarted, atMs: number, context: Context<RunState>): Refusal[] {
  const { state } = context;
  const housed = from.filter(({ place }) => state.findTank(place));
  const n = housed.reduce((sum, into) => sum + into.n, 0);
  if (housed.length === 0 || housed.some(({ place }) => place === id)) return [];
  return refuseUnfit({ lot, n, tank: state.findTank(id)!, path: 'tank', atMs }, context);
}

type From = { place: string; n: number; path: string };
function decideFrom({ place, n, path }: From, { start, state }: { start: RunStarted; state: RunState }): Refusal[] {
  if (state.findTank(place)) return [];
  const bag = state.findBag(place);
  if (!bag) return refuse('unknown', `${path}.place`, { what: 'bag', id: place });
  if (!bag.landing) return refuse('bag.notLanded', path, { bag: bag.label });
  if (bag.taken) return refuse('acclimation.running', path, { bag: bag.label, by: bag.taken.by, atMs: bag.taken.atMs });
  if (bag.release) return refuse('bag.alreadyReleased', path, { bag: bag.label, by: bag.release.by, atMs: bag.release.atMs });
  if (bag.landing.lot !== start.lot) return refuse('bag.otherLot', path, { bag: bag.label });
  if (!bag.assignment) return refuse('bag.notAssigned', path, { bag: bag.label });
  if (bag.assignment.tank !== start.tank) return refuse('release.otherTank', path, { bag: bag.label });
  // All that is in a bag is poured, or none of it.
  const onRecord = state.balance(start.lot, place);
  return n === onRecord ? [] : refuse('release.countDiffers', `${path}.n`, { bag: bag.label, onRecord, given: n });
}

/** A binder lets copper loose from what holds it: water that drips in from a tank under copper takes none, and nobody may overrule that. */
function againstBinder(tank: string | undefined, path: string, state: RunState): Refusal[] {
  const facts = tank === undefined ? undefined : state.findTank(tank);
  const copper = facts && state.openTreatments(facts.system).find(({ family }) => family === 'copper');
  return copper ? refuse('acclimation.binderInCopper', path, { tank: facts.code, atMs: copper.begunAtMs }) : [];
}

function againstGoing(id: string, state: RunState): Refusal[] {
  const run = state.findRun(id);
  if (!run) return refuse('unknown', 'run', { what: 'run', id });
  return run.released ? refuse('acclimation.over', 'run', { vessel: run.vessel, by: run.released.by, atMs: run.released.atMs }) : [];
}

function decideRelease(release: RunReleased, context: Context<RunState> & { atMs: number }): Refusal[] {
  const { state, atMs } = context;
  const over = againstGoing(release.run, state);
  if (over.length > 0) return over;
  const run = state.findRun(release.run)!;
  if (run.lot !== release.lot) return refuse('bag.otherLot', 'lot', { bag: run.vessel });
  const tanks = release.into.map(({ tank }) => tank);
  const twice = tanks.findIndex((tank, index) => tanks.indexOf(tank) !== index);
  if (twice >= 0) return refuse('release.twice', `into.${twice}.tank`, { tank: state.findTank(tanks[twice]!)?.code ?? tanks[twice]! });
  const out = release.into.reduce((sum, { n }) => sum + n, release.dead);
  const onRecord = state.balance(release.lot, release.run);
  const given = out + (release.remaining ?? 0);
  if (given !== onRecord || out === 0) return refuse('release.countDiffers', 'into', { bag: run.vessel, onRecord, given });
  const water = state.findVesselWater(release.run, atMs);
  return release.into.flatMap(({ tank: id, n }, index): Refusal[] => {
    const path = `into.${index}.tank`;
    const tank = state.findTank(id);
    if (!tank) return refuse('unknown', path, { what: 'tank', id });
    if (tank.purpose !== 'customer' && !state.findOpenQuarantine(release.lot) && !state.isInTank(release.lot) && !run.cleared)
      return refuse('quarantine.notOpened', 'lot');
    return [
      ...refuseUnfit(
        {
          lot: release.lot,
          n,
          tank,
          path,
          passed: id === run.tank ? run.passed : [],
          atMs,
          quarantineDone: run.quarantineDone || undefined,
          out: run.id,
        },
        context,
      ).filter(({ code }) => !(run.home.includes(id) && isCost(code))),
      ...(water && n > 0 ? refuseSteps({ lot: release.lot, from: { water }, into: tank, path }, state) : []),
    ];
  });
}
