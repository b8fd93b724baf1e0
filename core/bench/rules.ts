// When a bag may be floated and its fish released: each once, in its own tank, with the count right.
import { isSoft, isWeak, landingOf, tankOf, type BagFacts } from '../dock/index.ts';
import { refuse, type Refusal, type Context, type Rules, move } from '../journal/index.ts';
import { refuseUnfit } from '../placement/index.ts';
import { quarantineOf } from '../quarantine/index.ts';
import { cleanWaterOf, cleanWaterRules } from './cleanWater.ts';
import type { BenchEntries, FishReleased, FloatStarted, MethodChosen } from './entries.ts';
import { refuseBagSteps, refuseMethod } from './judge.ts';
import type { BenchState } from './state.ts';

export const benchRules: Rules<BenchEntries, BenchState> = {
  ...cleanWaterRules,
  'method.chosen': {
    remembers: true,
    decide: ({ payload, occurredAtMs }, context) => decideMethod(payload, { ...context, atMs: occurredAtMs }),
    links: ({ bag }) => ({ needs: [landingOf(bag)] }),
  },
  'float.started': {
    decide: ({ payload }, context) => decideFloat(payload, context),
    links: ({ floatId, bag }) => ({ makes: [floatId], needs: [landingOf(bag), tankOf(bag)] }),
  },
  'fish.released': {
    decide: ({ payload, occurredAtMs }, context) => decideRelease(payload, { ...context, atMs: occurredAtMs }),
    legs: ({ lot, bag, tank, alive, dead }) => [
      ...move(lot, { from: bag, to: tank, n: alive }),
      ...move(lot, { from: bag, to: 'died', n: dead }),
    ],
    links: ({ bag, lot, floatId, alive }) => ({
      needs: [landingOf(bag), tankOf(bag), cleanWaterOf(bag), ...(floatId ? [floatId] : []), ...(alive > 0 ? [quarantineOf(lot)] : [])],
    }),
  },
};

function decideMethod(chosen: MethodChosen, { state, atMs }: Context<BenchState> & { atMs: number }): Refusal[] {
  const { bag: id, lot, method, advised, house, why } = chosen;
  const bag = state.findBag(id);
  if (!bag) return refuse('unknown', 'bag', { what: 'bag', id });
  if (!bag.landing) return refuse('bag.notLanded', 'bag', { bag: bag.label });
  const gone = outOfBag(bag);
  if (gone.length > 0) return gone;
  if (bag.landing.lot !== lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
  const reason = method === advised || method === house || why ? [] : refuse('method.noReason', 'why', { method, advised });
  return [...reason, ...refuseMethod(chosen, atMs, state)];
}

function decideFloat(float: FloatStarted, { state }: Context<BenchState>): Refusal[] {
  const bag = state.findBag(float.bag);
  if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: float.bag });
  const problems = inHand(bag, float);
  if (problems.length > 0) return problems;
  // What stands open does not float, and would be lost.
  if (bag.clean) return refuse('bag.inCleanWater', 'bag', { bag: bag.label, by: bag.clean.by, atMs: bag.clean.atMs });
  const { condition, bagCondition } = bag.landing!;
  // A soft bag sinks and a gasping fish has no time: both are matched by hand and let out now.
  if (isSoft(bagCondition) || condition === 'critical')
    return refuse('float.notThisBag', 'bag', { bag: bag.label, condition, bagCondition }, 'lead');
  return [];
}

function decideRelease(release: FishReleased, context: Context<BenchState> & { atMs: number }): Refusal[] {
  const { state, atMs } = context;
  const bag = state.findBag(release.bag);
  if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: release.bag });
  const problems = inHand({ ...bag, float: undefined }, release);
  if (problems.length > 0) return problems;
  if (release.floatId !== bag.float?.id) return refuse('release.noFloat', 'run', { bag: bag.label });
  const onRecord = state.balance(release.lot, bag.id);
  if (release.alive + release.dead !== onRecord)
    return refuse('release.countDiffers', 'alive', { bag: bag.label, onRecord, given: release.alive + release.dead });
  if (release.alive === 0) return [];
  const tank = state.findTank(release.tank)!;
  if (tank.purpose !== 'customer' && !state.findOpenQuarantine(release.lot) && !state.isInTank(release.lot))
    return refuse('quarantine.notOpened', 'lot');
  return [
    ...refuseUnfit(
      {
        lot: release.lot,
        n: release.alive,
        tank,
        path: 'tank',
        passed: bag.assignment!.overruled,
        atMs,
        weak: isWeak(bag),
        need: state.needOfBag(bag.id),
        out: bag.id,
      },
      context,
    ),
    ...refuseBagSteps({ bag: bag.id, float: release.floatId, tank: tank.id, code: tank.code, now: atMs }, state),
  ];
}

/** Landed, of this lot, its tank chosen, not already afloat or released. */
function inHand(bag: BagFacts, { lot, tank }: { lot: string; tank: string }): Refusal[] {
  if (!bag.landing) return refuse('bag.notLanded', 'bag', { bag: bag.label });
  const gone = outOfBag(bag);
  if (gone.length > 0) return gone;
  if (bag.float) return refuse('float.running', 'bag', { bag: bag.label, by: bag.float.by, atMs: bag.float.atMs });
  if (bag.landing.lot !== lot) return refuse('bag.otherLot', 'lot', { bag: bag.label });
  if (!bag.assignment) return refuse('bag.notAssigned', 'tank', { bag: bag.label });
  return bag.assignment.tank === tank ? [] : refuse('release.otherTank', 'tank', { bag: bag.label });
}

/** Its fish have left it: into their tank, or into the vessel of a run. */
function outOfBag({ label, release, taken }: BagFacts): Refusal[] {
  if (release) return refuse('bag.alreadyReleased', 'bag', { bag: label, by: release.by, atMs: release.atMs });
  return taken ? refuse('acclimation.running', 'bag', { bag: label, by: taken.by, atMs: taken.atMs }) : [];
}
