// When a chore may be planned, and said to be done: once, at its own places, and nothing that takes a medicine out again without being asked.
import { refuseMix, UNREAD_COLDER_C } from '../bench/index.ts';
import { againstChange, refuse, type Refusal, type Rules } from '../journal/index.ts';
import { livingOn } from '../placement/index.ts';
import { isTemporary } from '../room/index.ts';
import { againstUsed } from '../supplies/index.ts';
import { isSameName } from '../text/index.ts';
import { againstFreeing } from '../waterTests/index.ts';
import { twiceWithinMs } from './due.ts';
import {
  AGAINST_TREATMENT,
  IS_WATER,
  type ChoreChanged,
  type ChoreEntries,
  type ChoreFacts,
  type ChoreFields,
  type ChoreKind,
} from './entries.ts';
import type { ChorePlace } from './places.ts';
import type { ChoreState } from './state.ts';

/** Of each, every rack is looked through at every look at Today. */
const MOST_CHORES = 60;

export const choreRules: Rules<ChoreEntries, ChoreState> = {
  'chore.planned': {
    decide({ payload }, { state }) {
      if (state.findChore(payload.chore)) return refuse('exists', 'chore', { what: 'chore', name: payload.name });
      if (state.chores().length >= MOST_CHORES) return refuse('chore.tooMany', 'name', { most: MOST_CHORES });
      return againstPlan({ id: payload.chore, ...payload }, state);
    },
    links: ({ chore }) => ({ makes: [chore] }),
  },
  'chore.changed': {
    decide({ payload }, { state }) {
      const known = state.findChore(payload.chore);
      if (!known) return refuse('unknown', 'chore', { what: 'chore', id: payload.chore });
      const against = againstChange({ ...payload, of: `chore:${payload.chore}` }, known as ChoreChanged['fields'], state);
      if (against.length > 0) return against;
      const now = { ...known, ...payload.fields } as ChoreFacts;
      if (now.gone) return [];
      if (known.gone && state.chores().length >= MOST_CHORES) return refuse('chore.tooMany', 'fields', { most: MOST_CHORES });
      return againstPlan(now, state);
    },
    links: ({ chore }) => ({ needs: [chore] }),
  },
  'chore.done': {
    decide({ payload: { chore, places, used }, occurredAtMs }, { state }) {
      const known = state.findChore(chore);
      if (!known || known.gone) return refuse('unknown', 'chore', { what: 'chore', id: chore });
      // How much it was is what matters of water.
      if (IS_WATER.includes(known.is)) return refuse('chore.byDoing', 'chore', { name: known.name, is: known.is });
      const its = state.placesOfChore(known);
      const meant = places.flatMap((id) => its.find((place) => place.id === id) ?? []);
      if (meant.length < places.length) {
        const index = places.findIndex((id) => !its.some((place) => place.id === id));
        return refuse('chore.notItsPlace', `places.${index}`, { name: known.name });
      }
      if (new Set(places).size < places.length) return refuse('chore.placeTwice', 'places', { name: known.name });
      return [
        ...againstTwice(known, meant, { atMs: occurredAtMs, state }),
        ...againstTreated(known, meant, state),
        ...againstUsed(used, state),
      ];
    },
    links: ({ chore, places, used = [] }) => ({ needs: [chore, ...places, ...used.map(({ item }) => item)] }),
  },
  'water.toppedUp': {
    decide({ payload: { tank, litres, salinityPpt, used }, occurredAtMs }, { state }) {
      const into = state.findTank(tank);
      if (!into) return refuse('unknown', 'tank', { what: 'tank', id: tank });
      const { volumeL } = state.findSystem(into.system)!;
      if (litres >= volumeL) return refuse('water.tooMuch', 'litres', { litres, volumeL, code: into.code });
      const steps = livingOn(into.system, state).flatMap(({ lot }) =>
        refuseMix({ lot, into, share: litres / volumeL, with: { salinityPpt }, path: 'litres' }, state),
      );
      // Nobody reads how warm a jug is: so much that a cold one would harm is no top-off.
      const temperatureC = state.findSystem(into.system)!.temperatureC - UNREAD_COLDER_C;
      const cold = livingOn(into.system, state).flatMap(({ lot }) =>
        refuseMix({ lot, into, share: litres / volumeL, with: { salinityPpt, temperatureC }, path: 'litres' }, state),
      );
      const unread =
        steps.length === 0 && cold.length > 0
          ? refuse('water.notRead', 'litres', { tank: into.code, share: litres / volumeL }, 'keeper')
          : [];
      return [
        ...steps.slice(0, 1),
        ...unread,
        ...againstFreeing({ system: into.system, atMs: occurredAtMs, share: litres / volumeL, code: into.code }, state),
        ...againstWaterTwice('top-off', { tank, atMs: occurredAtMs }, state),
        ...againstUsed(used, state),
      ];
    },
    links: ({ tank, used = [] }) => ({ needs: [tank, ...used.map(({ item }) => item)] }),
  },
};

function againstPlan(chore: ChoreFields & { id: string }, state: ChoreState): Refusal[] {
  const { id, name, is, racks, only = [], takes = [], person, percent } = chore;
  if (state.chores().some((planned) => planned.id !== id && isSameName(planned.name, name)))
    return refuse('exists', 'name', { what: 'chore', name });
  // Racks have no water of their own.
  if (IS_WATER.includes(is) && chore.per === 'rack') return refuse('chore.waterPerRack', 'per', { name });
  if (is === 'water change' && percent === undefined) return refuse('chore.noPercent', 'percent', { name });
  if (new Set(takes.map(({ item }) => item)).size < takes.length) return refuse('chore.takesTwice', 'takes', { name });
  const unknown = [
    ...racks.flatMap((rack, index) => (state.findRack(rack) ? [] : refuse('unknown', `racks.${index}`, { what: 'rack', id: rack }))),
    ...only.flatMap((tank, index) => (state.findTank(tank) ? [] : refuse('unknown', `only.${index}`, { what: 'tank', id: tank }))),
    ...takes.flatMap(({ item }, index) =>
      state.findItem(item) ? [] : refuse('unknown', `takes.${index}.item`, { what: 'supply', id: item }),
    ),
    ...(person === undefined || state.findPerson(person) ? [] : refuse('unknown', 'person', { what: 'person', id: person })),
  ];
  if (unknown.length > 0) return unknown;
  return state.placesOfChore(chore).length === 0 ? refuse('chore.nowhere', 'racks', { name }) : [];
}

type When = { atMs: number; state: Pick<ChoreState, 'choreDone'> };

/** Somebody did it a short while ago (or has it down for a little later): two who do not know of each other. */
function againstTwice(chore: ChoreFacts, places: readonly ChorePlace[], { atMs, state }: When): Refusal[] {
  const within = twiceWithinMs(chore.everyDays);
  const done = places.flatMap((place) => {
    const before = state.choreDone(chore, place, { fromMs: atMs - within, toMs: atMs + within });
    return before ? [{ ...before, name: place.name }] : [];
  });
  const last = done.at(-1);
  return last
    ? refuse(
        'chore.doneAlready',
        'places',
        { name: chore.name, where: done.map(({ name }) => name).join(', '), by: last.by, atMs: last.atMs },
        'trainee',
      )
    : [];
}

type Poured = { tank: string; atMs: number; atSump?: boolean };
type TwiceState = Pick<ChoreState, 'findTank' | 'tanksOn' | 'chores' | 'placesOfChore' | 'choreDone'>;

/** The same of water that a chore asks for there: of that tank, or of its whole system. */
export function againstWaterTwice(is: ChoreKind, { tank, atMs, atSump }: Poured, state: TwiceState): Refusal[] {
  const into = state.findTank(tank);
  if (!into) return [];
  const whole =
    is === 'top-off' || atSump === true || state.tanksOn(into.system).filter((near) => !isTemporary(state.findTank(near)!)).length === 1;
  const isMeant = (chore: ChoreFacts) => (place: ChorePlace) =>
    whole ? place.systems.includes(into.system) : chore.per === 'tank' && place.id === tank;
  return state
    .chores()
    .filter((chore) => chore.is === is)
    .flatMap((chore) => againstTwice(chore, state.placesOfChore(chore).filter(isMeant(chore)), { atMs, state }))
    .slice(0, 1);
}

function againstTreated({ is, name }: ChoreFacts, places: readonly ChorePlace[], state: ChoreState): Refusal[] {
  if (!AGAINST_TREATMENT.includes(is)) return [];
  const treated = places.flatMap((place) =>
    place.systems.flatMap((system) => state.systemStateOf(system).treatments.map((family) => ({ family, where: place.name }))),
  );
  return treated.length === 0
    ? []
    : refuse('chore.treated', 'places', { name, is, family: listed(treated, 'family'), where: listed(treated, 'where') }, 'keeper');
}
const listed = <K extends string>(rows: readonly Record<K, string>[], key: K): string =>
  [...new Set(rows.map((row) => row[key]))].join(', ');
