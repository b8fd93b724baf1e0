// Clean water for the fish of a bag, before anything else is decided: as warm and as salt as their own, as far as that is known. What nobody knows is measured first.
import { landingOf, type BagFacts } from '../dock/index.ts';
import { refuse, type Context, type Refusal, type Rules } from '../journal/index.ts';
import { STARTING_AMBIENT } from './ambient.ts';
import type { BenchEntries, CleanWaterGiven } from './entries.ts';
import { bagFactsOf, type FactOf, type KnownBag } from './facts.ts';
import { withinOf, type Within } from './release.ts';
import type { BenchState } from './state.ts';

/** A release rests on the water that its fish stood in through this id. */
export const cleanWaterOf = (bag: string): string => `clean water of ${bag}`;

/** The fish's own water, within these. */
export const LIKE_THEIRS = { temperature: 1, salinity: 1 } as const;

/** Their own water as it is judged: undefined where nobody measured it, or was told its salinity. How warm it was packed says nothing of now. */
export function ownWater(bag: KnownBag, roomC: number): { temperature?: Within; salinity?: Within } {
  const facts = bagFactsOf(bag, { roomC });
  const believed = (name: FactOf): Within | undefined => {
    const fact = facts.find((fact) => fact.of === name)!;
    const isTold = fact.source === 'stated' && name === 'bag.salinity';
    return isTold || fact.source === 'measured' || fact.source === 'another bag' ? withinOf(fact) : undefined;
  };
  return { temperature: believed('bag.temperature'), salinity: believed('bag.salinity') };
}

const farthest = ({ low, high }: Within, made: number): number => Math.max(Math.abs(made - low), Math.abs(made - high));

export const cleanWaterRules: Pick<Rules<BenchEntries, BenchState>, 'cleanWater.given'> = {
  'cleanWater.given': {
    remembers: true,
    decide({ payload }, context) {
      const bag = context.state.findBag(payload.bag);
      if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      const inHand = against(bag, payload, context);
      return inHand.length > 0 ? inHand : againstWater(bag.label, payload, context);
    },
    links: ({ bag }) => ({ makes: [cleanWaterOf(bag)], needs: [landingOf(bag)] }),
  },
};

function against(bag: BagFacts, { lot, n }: CleanWaterGiven, { state }: Context<BenchState>): Refusal[] {
  const { label, landing, release, taken, clean } = bag;
  if (!landing) return refuse('bag.notLanded', 'bag', { bag: label });
  if (release) return refuse('bag.alreadyReleased', 'bag', { bag: label, by: release.by, atMs: release.atMs });
  if (taken) return refuse('acclimation.running', 'bag', { bag: label, by: taken.by, atMs: taken.atMs });
  if (clean) return refuse('bag.inCleanWater', 'bag', { bag: label, by: clean.by, atMs: clean.atMs });
  if (landing.lot !== lot) return refuse('bag.otherLot', 'lot', { bag: label });
  const onRecord = state.balance(lot, bag.id);
  return n === onRecord ? [] : refuse('release.countDiffers', 'n', { bag: label, onRecord, given: n });
}

function againstWater(label: string, { bag, temperature, salinity }: CleanWaterGiven, { state }: Context<BenchState>): Refusal[] {
  const known = state.findKnownBag(bag);
  if (!known) return [];
  const own = ownWater(known, (state.findRules()?.ambient ?? STARTING_AMBIENT).roomC);
  const unknown = (['temperature', 'salinity'] as const).filter((quantity) => own[quantity] === undefined);
  // Hands may have done it already: a keeper says so, and a lead is called.
  if (unknown.length > 0)
    return refuse('cleanWater.notKnown', unknown[0]!, { bag: label, what: unknown.join(' and ') }, 'lead').map(saidAfter);
  const offC = farthest(own.temperature!, temperature.value);
  const offPpt = farthest(own.salinity!, salinity.value);
  return offC > LIKE_THEIRS.temperature || offPpt > LIKE_THEIRS.salinity
    ? refuse('cleanWater.notMatched', 'salinity', { bag: label, offC, offPpt }, 'lead').map(saidAfter)
    : [];
}

const saidAfter = (refusal: Refusal): Refusal => ({ ...refusal, emergency: true });
