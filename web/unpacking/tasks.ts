// A crate's bags as work to be ordered: how long each lasts closed, how long it floats, what goes to clean water. No screen in here: it runs in a worker.
import { knownBagOf } from '#contract/bench/known.ts';
import type { BenchBag, UnpackingView } from '#contract/views.ts';
import {
  closedBag,
  inputOf,
  LIKE_THEIRS,
  temperatureNow,
  USUAL_BAG_L,
  waterByBox,
  type KnownTank,
  type LimitName,
} from '#core/bench/index.ts';
import { unpackingOrder, type UnpackBag, type UnpackPlan } from '#core/dock/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { floatTime } from '#core/water/index.ts';
import { wantsCleanWater } from '../dock/route.ts';

export type UnpackQuestion = { view: Omit<UnpackingView, 'seq'>; rules: HouseRules; now: number; pinned?: string };
/** `limit` = what ends it first by the best guess; foul water is outside what can be computed. */
export type Reserve = { reserveMin: number; limit?: LimitName | 'foul' };
/** `known` = the float's minutes rest on a temperature that was read of late. `toBucket` = into clean water, never afloat. */
export type UnpackRow = Reserve & { bag: string; standMin: number; known: boolean; toBucket: boolean };
export type UnpackAnswer = { plan: UnpackPlan; rows: UnpackRow[]; atMs: number };

/** Nobody has read the bag: an ordinary float. A judgement. */
const USUAL_FLOAT_MIN = 20;
/** What nobody can compute is not fine: foul water, a dead fish in it. */
const NOW_MIN = 0;

/** Bags of a kind that have no tank yet are taken to get one, with so many places. A judgement. */
const NO_TANK_PLACES = 2;
const noTankOf = ({ lot }: BenchBag): string => `a tank for ${lot}`;
/** Its own water asks for no tank's: without one, anything will do. */
const NO_TANK: KnownTank = { type: 'fresh', temperatureC: 25, salinityPpt: 0, volumeL: 100, readings: {} };

/**
 * Minutes until the first limit of its water by the hungriest guess; none in sight = Infinity. That it is too cold or too warm is no such limit: the float ends that, and does not
 * wait for it.
 */
export function reserveOf(bag: BenchBag, { rules, now }: Pick<UnpackQuestion, 'rules' | 'now'>): Reserve {
  if (bag.clean) return { reserveMin: Infinity };
  const known = knownBagOf({ ...bag, alive: bag.landed?.alive ?? bag.listed });
  const { input } = inputOf({ bag: known, tank: bag.system ?? NO_TANK, now, ambient: rules.ambient });
  const { temperatureC: _livesAt, ...lot } = input.lot;
  const { outside, band, first } = closedBag(input.bag, lot, input.bag.closedHours, { roomC: rules.ambient.roomC });
  if (outside) return { reserveMin: NOW_MIN, limit: 'foul' };
  const hours = band.firstHours[0];
  return hours === undefined
    ? { reserveMin: Infinity }
    : { reserveMin: (hours * HOUR_MS) / MINUTE_MS, ...(first ? { limit: first.limit } : {}) };
}

/** Of a bag that nobody read: by the air of its box, else as it was stated. */
function guessedOf({ boxC, stated: { temperatureC } }: BenchBag, roomC: number): number[] {
  if (boxC !== undefined) return Object.values(waterByBox(boxC, roomC));
  return temperatureC === undefined ? [] : [temperatureC];
}

/** Minutes afloat, by the temperature that was read, for the coldest or warmest that it may be by now; by what is guessed of it until somebody read it. */
function floatOf(bag: BenchBag, { rules, now }: Pick<UnpackQuestion, 'rules' | 'now'>): { standMin: number; known: boolean } {
  const { temperature } = bag.readings;
  const waterL = bag.waterL ?? USUAL_BAG_L;
  const read = temperature && temperatureNow(temperature, { waterL, roomC: rules.ambient.roomC, now });
  const ends = read ? [read.low, read.high] : guessedOf(bag, rules.ambient.roomC);
  if (ends.length === 0 || !bag.system) return { standMin: USUAL_FLOAT_MIN, known: false };
  const tankC = bag.system.temperatureC;
  const minutes = ends.map((bagC) => floatTime({ bagC, tankC, volumeL: waterL, withinC: rules.floatWithinC }).minutes);
  return { standMin: Math.max(...minutes), known: read !== undefined && read.high - read.low <= LIKE_THEIRS.temperature };
}

export function tasksOf({ view, rules, now }: UnpackQuestion): { tasks: UnpackBag[]; rows: UnpackRow[] } {
  const due = new Map(view.floats.map(({ bag, dueAtMs }) => [bag, dueAtMs]));
  const made = view.bags.map((bag): { task: UnpackBag; row: UnpackRow } => {
    const toBucket = wantsCleanWater(bag, rules);
    const { standMin: floats, known } = floatOf(bag, { rules, now });
    const state = bag.clean ? 'in a bucket' : bag.afloat ? 'afloat' : 'closed';
    const cleanLeft = bag.clean && Math.max(0, (bag.clean.atMs - now) / MINUTE_MS + rules.cleanWaterMin);
    const floatLeft = Math.max(0, ((due.get(bag.bag) ?? now) - now) / MINUTE_MS);
    const standMin = cleanLeft ?? (bag.afloat ? floatLeft : toBucket ? rules.cleanWaterMin : floats);
    const reserve = reserveOf(bag, { rules, now });
    return {
      task: {
        bag: bag.bag,
        tank: bag.tank?.id ?? noTankOf(bag),
        state,
        landed: bag.landed !== undefined,
        toBucket,
        standMin,
        reserveMin: reserve.reserveMin,
      },
      row: { bag: bag.bag, ...reserve, standMin, toBucket, known: known || bag.afloat || toBucket },
    };
  });
  return { tasks: made.map(({ task }) => task), rows: made.map(({ row }) => row) };
}

export function unpacked(question: UnpackQuestion): UnpackAnswer {
  const { tasks, rows } = tasksOf(question);
  const { unpack } = question.rules;
  const volumes = new Map(question.view.tanks.map(({ id, volumeL }) => [id, volumeL]));
  const placesOf = (tank: string | undefined) => {
    const litres = volumes.get(tank ?? '');
    return litres === undefined ? NO_TANK_PLACES : Math.max(1, Math.floor(litres / unpack.litresAPlace));
  };
  return { plan: unpackingOrder(tasks, { ...unpack, placesOf }, { pinned: question.pinned }), rows, atMs: question.now };
}
