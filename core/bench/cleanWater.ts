// Clean water for the fish of a bag, before anything else is decided: as warm and as salt as their own, as far as that is known. What nobody knows is measured first.
import { landingOf, type BagFacts } from '../dock/index.ts';
import { refuse, type Context, type Refusal, type Rules } from '../journal/index.ts';
import { HOUR_MS } from '../time/index.ts';
import { standingTauH } from '../water/index.ts';
import { STARTING_AMBIENT } from './ambient.ts';
import type { BenchEntries, CleanWaterGiven } from './entries.ts';
import { bagFactsOf, USUAL_BAG_L, type KnownBag } from './facts.ts';
import { floatedTo, withinOf, type Floated, type Within } from './release.ts';
import type { BenchState } from './state.ts';

/** A release rests on the water that its fish stood in through this id. */
export const cleanWaterOf = (bag: string): string => `clean water of ${bag}`;

/** The fish's own water, within these. */
export const LIKE_THEIRS = { temperature: 1, salinity: 1 } as const;

type Read = { value: number; method: string; atMs?: number };
/** Heat goes faster or slower than the estimate says by so much. */
const DRIFT_BAND = 1.5;
const SKIN_C = 2;

/**
 * What a reading of a bag says of its temperature now: somewhere between what was read and what the room has made of it since, °C. One without an instant is of now.
 * `waterL` above 0. @example temperatureNow({ value: 22, method: 'folded' }, { waterL: 1, roomC: 25, now: 0 }).high === 22
 */
export function temperatureNow({ value, method, atMs }: Read, at: { waterL: number; roomC: number; now: number }): Within {
  const hours = atMs === undefined ? 0 : Math.max(0, at.now - atMs) / HOUR_MS;
  const drifted = at.roomC + (value - at.roomC) * Math.exp((-DRIFT_BAND * hours) / standingTauH(at.waterL));
  const skin = method === 'on the bag' ? SKIN_C : 0;
  return { value, low: Math.min(value, drifted) - skin, high: Math.max(value, drifted) + skin, open: false };
}

type Since = { roomC: number; now: number; floated?: Floated };
/**
 * Their own water as it is judged: undefined where nobody measured it, or was told its salinity. How warm it was packed says nothing of now, and neither does what
 * was read long ago in another room's air; a bag that floats goes towards its tank.
 */
export function ownWater(bag: KnownBag, { roomC, now, floated }: Since): { temperature?: Within; salinity?: Within } {
  const fact = bagFactsOf(bag, { roomC }).find((fact) => fact.of === 'bag.salinity')!;
  const isKnown = fact.source === 'stated' || fact.source === 'measured' || fact.source === 'another bag';
  const read = bag.readings.temperature ?? bag.siblings?.temperature;
  const standing = read && temperatureNow(read, { waterL: bag.waterL ?? USUAL_BAG_L, roomC, now });
  const afloat = standing && floated && read && (read.atMs ?? now) <= floated.startedAtMs ? floatedTo(floated, now) : undefined;
  return {
    temperature: afloat ? { ...afloat, low: Math.min(afloat.low, standing!.low), high: Math.max(afloat.high, standing!.high) } : standing,
    salinity: isKnown ? withinOf(fact) : undefined,
  };
}

const farthest = ({ low, high }: Within, made: number): number => Math.max(Math.abs(made - low), Math.abs(made - high));

/** Why water made so is not the fish's own: what nobody knows of theirs, or how far off it may be at worst, °C and ppt; undefined = like theirs. */
export function unlikeTheirs(
  own: ReturnType<typeof ownWater>,
  made: { temperature: number; salinity: number },
): { unknown: string } | { offC: number; offPpt: number } | undefined {
  const unknown = (['temperature', 'salinity'] as const).filter((quantity) => own[quantity] === undefined);
  if (unknown.length > 0) return { unknown: unknown.join(' and ') };
  const [offC, offPpt] = [farthest(own.temperature!, made.temperature), farthest(own.salinity!, made.salinity)];
  return offC > LIKE_THEIRS.temperature || offPpt > LIKE_THEIRS.salinity ? { offC, offPpt } : undefined;
}

export const cleanWaterRules: Pick<Rules<BenchEntries, BenchState>, 'cleanWater.given'> = {
  'cleanWater.given': {
    remembers: true,
    decide({ payload, occurredAtMs }, context) {
      const bag = context.state.findBag(payload.bag);
      if (!bag) return refuse('unknown', 'bag', { what: 'bag', id: payload.bag });
      const inHand = against(bag, payload, context);
      return inHand.length > 0 ? inHand : againstWater(bag, payload, { ...context, atMs: occurredAtMs });
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

function againstWater(
  { label, float }: BagFacts,
  { bag, temperature, salinity }: CleanWaterGiven,
  { state, atMs }: Context<BenchState> & { atMs: number },
): Refusal[] {
  const known = state.findKnownBag(bag);
  if (!known) return [];
  const { roomC } = state.findRules()?.ambient ?? STARTING_AMBIENT;
  const own = ownWater(known, { roomC, now: atMs, floated: float && state.findFloated(float.id) });
  const unlike = unlikeTheirs(own, { temperature: temperature.value, salinity: salinity.value });
  if (!unlike) return [];
  // Hands may have done it already: a keeper says so, and a lead is called.
  return 'unknown' in unlike
    ? refuse('cleanWater.notKnown', 'temperature', { bag: label, what: unlike.unknown }, 'lead').map(saidAfter)
    : refuse('cleanWater.notMatched', 'salinity', { bag: label, ...unlike }, 'lead').map(saidAfter);
}

const saidAfter = (refusal: Refusal): Refusal => ({ ...refusal, emergency: true });
