// When a mix, a batch or a course may be written, and a meal: medicine reaches only those it is meant for, once, by its label, out of food that keeps.
import { againstChange, refuse, type Refusal, type Rules, type Written } from '../journal/index.ts';
import { livingIn, type Living } from '../placement/index.ts';
import type { LotFed, RoundEntries } from '../rounds/index.ts';
import { isSameName } from '../text/index.ts';
import { DAY_MS, HOUR_MS, houseDay } from '../time/index.ts';
import { lineNow, stepsOf } from './batch.ts';
import { courseNow, type CourseNow } from './course.ts';
import { isByLabel } from './dose.ts';
import type { BatchBegun, KitchenEntries, MixChanged, MixFacts } from './entries.ts';
import { heldFor } from './medicated.ts';
import { STARTING_KITCHEN_RULES } from './ration.ts';
import type { BatchFacts, KitchenState } from './state.ts';

/** All of them are weighed for every lot at every look at the rounds. */
const MOST_MIXES = 12;
const FURTHEST_MS = 2 * DAY_MS;
/** Within a day: more timers than anybody thaws would hide the others in the strip. */
const MOST_BATCHES = 24;
const ONE_MEAL_MS = HOUR_MS;

export const kitchenRules: Rules<KitchenEntries & Pick<RoundEntries, 'lot.fed'>, KitchenState> = {
  'mix.added': {
    decide({ payload }, { state }) {
      if (state.findMix(payload.mix)) return refuse('exists', 'mix', { what: 'mix', name: payload.name });
      if (state.mixes().length >= MOST_MIXES) return refuse('mix.tooMany', 'name', { most: MOST_MIXES });
      return againstOthers(payload, payload.mix, state);
    },
    links: ({ mix }) => ({ makes: [mix] }),
  },
  'mix.changed': {
    decide({ payload }, { state }) {
      const known = state.findMix(payload.mix);
      if (!known) return refuse('unknown', 'mix', { what: 'mix', id: payload.mix });
      const against = againstChange({ ...payload, of: `mix:${payload.mix}` }, known as MixChanged['fields'], state);
      if (against.length > 0) return against;
      const { name = known.name, first = known.first, gone = known.gone } = payload.fields;
      if (gone) return [];
      if (known.gone && state.mixes().length >= MOST_MIXES) return refuse('mix.tooMany', 'fields', { most: MOST_MIXES });
      return againstOthers({ name, first }, payload.mix, state);
    },
    links: ({ mix }) => ({ needs: [mix] }),
  },
  'batch.begun': {
    decide({ payload, occurredAtMs }, { state }) {
      // For a meal near by: one in years would be the last that anybody is asked to prepare.
      if (Math.abs(payload.forMs - occurredAtMs) > FURTHEST_MS) return refuse('batch.farOff', 'forMs', { atMs: payload.forMs });
      if (state.batchesBegun(occurredAtMs - DAY_MS, occurredAtMs + DAY_MS) >= MOST_BATCHES)
        return refuse('batch.tooMany', 'batch', { most: MOST_BATCHES });
      return payload.lines.flatMap((line, index) => againstLine({ ...line, index }, payload, state));
    },
    links: ({ batch, lines }) => ({ makes: [batch], needs: lines.flatMap(({ food, mix }) => [food, ...(mix ? [mix.mix] : [])]) }),
  },
  'batch.stepped': {
    decide({ payload: { batch, food, step } }, { state }) {
      const known = state.findBatch(batch);
      if (!known) return refuse('unknown', 'batch', { what: 'batch', id: batch });
      const line = known.lines.find((candidate) => candidate.food === food);
      if (!line) return refuse('unknown', 'food', { what: 'food', id: food });
      if (line.done.some((done) => done.step === step || done.step === 'thrown away'))
        return refuse('batch.doneAlready', 'step', { step, atMs: line.done.at(-1)!.atMs });
      const way = state.findFood(food);
      return step === 'thrown away' || !way || stepsOf(way).includes(step)
        ? []
        : refuse('batch.noSuchStep', 'step', { step, food: way.name });
    },
    links: ({ batch }) => ({ needs: [batch] }),
  },
  'course.begun': {
    decide({ payload: { lot, mix }, occurredAtMs }, { state }) {
      const [known, label] = [state.findMix(mix), state.findLot(lot)?.label];
      if (!known || known.gone) return refuse('unknown', 'mix', { what: 'mix', id: mix });
      if (label === undefined) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      const now = courseOn({ lot, mix: known, atMs: occurredAtMs }, state);
      if (now?.is === 'on') return refuse('course.running', 'lot', { who: label, day: now.day, n: now.of });
      const onBreak = now?.is === 'break' ? refuse('course.onBreak', 'lot', { who: label, day: now.day, n: now.of }, 'lead') : [];
      const seenMs = state.signSeenMs(lot);
      const zone = state.findZone();
      const isNew = seenMs !== undefined && (now === undefined || zone === undefined || houseDay(seenMs, zone) > now.endedDay);
      return isNew ? onBreak : [...onBreak, ...refuse('course.noSign', 'lot', { who: label }, 'keeper')];
    },
    links: ({ course, lot, mix }) => ({ makes: [course], needs: [lot, mix] }),
  },
  'course.stopped': {
    decide({ payload: { lot, mix }, occurredAtMs }, { state }) {
      const [known, label] = [state.findMix(mix), state.findLot(lot)?.label];
      if (!known) return refuse('unknown', 'mix', { what: 'mix', id: mix });
      if (label === undefined) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      return courseOn({ lot, mix: known, atMs: occurredAtMs }, state)?.is === 'on' ? [] : refuse('course.none', 'lot', { who: label });
    },
    links: ({ lot, mix }) => ({ needs: [lot, mix] }),
  },
  'lot.fed': {
    decide(entry, { state }) {
      const { tank, lot, ate, response } = entry.payload;
      if (!state.findTank(tank)) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      if (ate && response === 'ignored') return refuse('fed.contradicts', 'ate', { ate });
      if (!state.findLot(lot)) return refuse('unknown', 'lot', { what: 'lot', id: lot });
      return [...againstBatch(entry, state), ...againstMix(entry, state)];
    },
    links: ({ lot, batch, mix }) => ({ needs: [lot, ...(batch ? [batch] : []), ...(mix ? [mix] : [])] }),
  },
};

function againstOthers({ name, first }: Pick<MixFacts, 'name' | 'first'>, self: string, state: KitchenState): Refusal[] {
  const others = state.mixes().filter(({ id }) => id !== self);
  if (others.some((mix) => isSameName(mix.name, name))) return refuse('exists', 'name', { what: 'mix', name });
  const taken = first ? others.find((mix) => mix.first) : undefined;
  return taken ? refuse('mix.firstTaken', 'first', { name: taken.name }) : [];
}

function againstLine(
  { food, g, mix, index }: BatchBegun['lines'][number] & { index: number },
  { lines }: BatchBegun,
  state: KitchenState,
): Refusal[] {
  const path = `lines.${index}`;
  const known = state.findFood(food);
  if (!known || known.gone) return refuse('unknown', `${path}.food`, { what: 'food', id: food });
  if (lines.findIndex((line) => line.food === food && line.mix?.mix === mix?.mix) !== index)
    return refuse('batch.foodTwice', `${path}.food`, { food: known.name });
  const here = state.onHandG(food);
  const asked = lines.filter((line) => line.food === food).reduce((sum, line) => sum + line.g, 0);
  // Said once of a food, at its first line.
  const isFirst = lines.findIndex((line) => line.food === food) === index;
  const short =
    here !== undefined && asked > here + 0.5 && isFirst
      ? refuse('batch.notThere', `${path}.g`, { food: known.name, g: Math.round(asked), here: Math.round(here) }, 'keeper')
      : [];
  if (!mix) return short;
  const label = state.findMix(mix.mix);
  if (!label || label.gone) return refuse('unknown', `${path}.mix.mix`, { what: 'mix', id: mix.mix });
  return isByLabel(label, { g, fishG: mix.fishG }, mix.amount)
    ? short
    : refuse('batch.badMix', `${path}.mix.amount`, { mix: label.name, amount: mix.amount, unit: label.unit });
}

const courseOn = ({ lot, mix, atMs }: { lot: string; mix: MixFacts; atMs: number }, state: KitchenState): CourseNow | undefined => {
  const zone = state.findZone();
  return zone === undefined ? undefined : courseNow(state.courseFacts(lot, mix.id), mix, houseDay(atMs, zone));
};

type Fed = Written<'lot.fed', LotFed>;

/** The batch that it is said to be of has that food, and keeps still. */
function againstBatch({ payload, occurredAtMs }: Fed, state: KitchenState): Refusal[] {
  if (payload.batch === undefined) return [];
  const batch = state.findBatch(payload.batch);
  if (!batch) return refuse('unknown', 'batch', { what: 'batch', id: payload.batch });
  const lines = batch.lines.filter(({ food }) => isSameName(state.findFood(food)?.name ?? '', payload.food));
  if (lines.length === 0) return refuse('fed.notInBatch', 'batch', { food: payload.food });
  const line = lines.find(({ mix }) => mix?.mix === payload.mix);
  // What is medicated is never given as if it were not, nor the other way round.
  if (!line) return refuse('fed.otherMix', 'mix', { food: payload.food, mix: nameOf(lines.find(({ mix }) => mix)?.mix?.mix, state) });
  return againstAge(line, { batch, atMs: occurredAtMs, state });
}
const nameOf = (mix: string | undefined, state: KitchenState): string => (mix === undefined ? '' : (state.findMix(mix)?.name ?? ''));

function againstAge(
  line: BatchFacts['lines'][number],
  { batch, atMs, state }: { batch: BatchFacts; atMs: number; state: KitchenState },
): Refusal[] {
  const food = state.findFood(line.food);
  if (!food) return [];
  const keepsH = (state.findRules()?.kitchen ?? STARTING_KITCHEN_RULES).thawedKeepsH;
  const now = lineNow(food, { begunMs: batch.begunMs, done: line.done, keepsH }, atMs);
  if (now.is === 'ready') return [];
  if (now.is === 'old' || now.is === 'thrown away') return refuse('fed.batchOld', 'batch', { food: food.name, atMs: now.fromMs }, 'keeper');
  return refuse('fed.batchNotReady', 'batch', { food: food.name, what: now.is }, 'keeper');
}

/** Who eats in that tank bears it, and is on that course today; and nobody gets it more often than the label says. */
function againstMix({ payload: { tank, lot, mix }, occurredAtMs }: Fed, state: KitchenState): Refusal[] {
  if (mix === undefined) return [];
  const known = state.findMix(mix);
  if (!known) return refuse('unknown', 'mix', { what: 'mix', id: mix });
  const living = livingIn(tank, state);
  const name = known.name;
  const held = heldFor(
    living.map(({ species, guessed = false }) => ({ species, guessed })),
    known,
  );
  const code = held && ({ invertebrates: 'fed.invertebrates', harms: 'fed.harms', 'not known': 'fed.notKnown' } as const)[held];
  const harmed = code
    ? refuse(code, 'mix', { mix: name, tank: state.findTank(tank)!.code }, 'lead').map((refusal) => ({
        ...refusal,
        emergency: true as const,
      }))
    : [];
  // What is in the water already, or was within a day, and what is in the food: two at once are asked about, whichever came first.
  const { treatments, held: before } = state.systemStateOf(state.findTank(tank)!.system);
  const others = [...treatments, ...before.filter(({ endedAtMs }) => occurredAtMs - endedAtMs < DAY_MS).map(({ family }) => family)];
  const second = others.length > 0 ? refuse('fed.second', 'mix', { mix: name, other: [...new Set(others)].join(', ') }, 'keeper') : [];
  // What one gets all of the tank eat. The same meal is written lot by lot: of the others only what was before it counts.
  const eaters = living.some((eater) => eater.lot === lot) ? living : [...living, { lot, label: state.findLot(lot)!.label }];
  const had = eaters.filter((eater) => {
    const untilMs = eater.lot === lot ? undefined : occurredAtMs - ONE_MEAL_MS;
    return state.timesGiven({ lot: eater.lot, tank, mix }, { atMs: occurredAtMs, untilMs }) >= known.timesADay;
  });
  const twice = had.length > 0 ? refuse('fed.medicatedTwice', 'mix', { mix: name, who: namesOf(had) }, 'keeper') : [];
  const off = living.filter((eater) => courseOn({ lot: eater.lot, mix: known, atMs: occurredAtMs }, state)?.is !== 'on');
  const apart = off.length > 0 ? refuse('fed.notOnCourse', 'mix', { mix: name, who: namesOf(off) }, 'keeper') : [];
  return [...harmed, ...second, ...twice, ...apart];
}

const namesOf = (living: readonly Living[]): string => [...new Set(living.map(({ label }) => label))].join(', ');
