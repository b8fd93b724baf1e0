// What a keeper is about to say of a tank, and the entries that it becomes: one look, its dead, its meals.
import type { RoundsView, RoundTank } from '#contract/views.ts';
import type {
  Cause,
  ChaseSeen,
  Disposal,
  Examined,
  FoundWhere,
  Leftovers,
  Mishap,
  Response,
  Sign,
  SignSeen,
  Sureness,
} from '#core/rounds/index.ts';
import type { BornWhere } from '#core/stock/index.ts';
import { newId, type Draft } from '../data/house.ts';
import { cleanSign } from './signs.ts';

export type LotDraft = {
  lot: string;
  seen: number | null;
  signs: SignSeen[];
  dead: number;
  cause: Cause;
  sure: Sureness;
  /** Of the dead: where they lay, what they show, whether somebody examined them, where they went. */
  found?: FoundWhere;
  deadSigns?: Sign[];
  examined?: Examined;
  disposed?: Disposal;
  food: string;
  response?: Response;
  /** How many were seen to eat; null = not counted. */
  ate?: number | null;
  leftovers?: Leftovers;
  /** One that fell, jumped or landed on its back, and lives. */
  mishap?: Mishap;
};

export const untouched = (lot: string): LotDraft => ({ lot, seen: null, signs: [], dead: 0, cause: 'not known', sure: 'guess', food: '' });

export function isUntouched({ seen, signs, dead, response, mishap }: LotDraft): boolean {
  return seen === null && signs.length === 0 && dead === 0 && response === undefined && mishap === undefined;
}

/** A look is odd when it names a sign, a death, or fewer fish than expected. A meal alone leaves all well. */
export function isOdd({ seen, signs, dead }: LotDraft, expected: number): boolean {
  return signs.length > 0 || dead > 0 || (seen !== null && seen !== expected);
}

/** A response without a food cannot be kept, and must not be dropped in silence. */
export function lacksFood({ response, food }: LotDraft): boolean {
  return response !== undefined && food.trim() === '';
}

/** Every lot as its last check said; nothing where none of them showed a sign. */
export function asBefore(tank: Pick<RoundTank, 'lots'>): LotDraft[] | undefined {
  const drafts = tank.lots.flatMap(({ lot, before }) => (before ? [{ ...untouched(lot), signs: before.signs }] : []));
  return drafts.length > 0 ? drafts : undefined;
}

export const chaseEntry = (tank: string, seen: Omit<ChaseSeen, 'tank'>): Draft => ({ kind: 'chase.seen', payload: { tank, ...seen } });

type Young = { least: number; most: number; where?: BornWhere; untilCm?: number };
/** In the same quarantine as their parents, where that is open. */
export function bornEntries(
  tank: string,
  { lot, label, inQuarantine }: Pick<RoundTank['lots'][number], 'lot' | 'label' | 'inQuarantine'>,
  young: Young,
): Draft[] {
  const { least, most, where, untilCm } = young;
  const child = newId();
  const born: Draft = {
    kind: 'lot.born',
    payload: {
      lot,
      child,
      label: `young ${label}`.slice(0, 120),
      tank,
      n: Math.round((least + most) / 2),
      ...(least < most ? { between: { min: least, max: most } } : {}),
      ...(where ? { where } : {}),
      ...(inQuarantine ? { quarantine: newId() } : {}),
    },
  };
  if (untilCm === undefined) return [born];
  return [
    born,
    {
      kind: 'stay.limited',
      payload: { stayLimit: newId(), lot: child, place: tank, untilCm, why: 'young that have to leave their parents' },
    },
  ];
}

type Counted = { lot: string; n: number };
export const missingEntry = (place: string, { lot, n }: Counted, unseen: number): Draft => ({
  kind: 'stock.counted',
  payload: { place, lot, found: n - unseen, onRecord: n, against: 'missing', note: 'not seen for several rounds' },
});
export const foundAgainEntry = (place: string, { lot, n }: Counted): Draft => ({
  kind: 'stock.counted',
  payload: { place, lot, found: n + 1, onRecord: n, against: 'missing', note: 'found again' },
});

const draftAmong = (drafts: readonly LotDraft[]) => (lot: string) => drafts.find((draft) => draft.lot === lot) ?? untouched(lot);

type Lot = RoundTank['lots'][number];
/** What a meal came out of: its batch, and the medicine in it. Another food than planned came from elsewhere. */
function outOf({ meal }: Lot, food: string): { batch?: string; mix?: string } {
  if (!('food' in meal) || meal.food !== food) return {};
  return {
    ...(meal.batch === undefined ? {} : { batch: meal.batch }),
    ...(meal.medicated?.is === 'given' ? { mix: meal.medicated.mix } : {}),
  };
}

/** Lots whose meal one tap may assert: planned, taken before, and nothing odd about them. */
function asserted(tank: RoundTank, drafts: readonly LotDraft[]): { lot: string; food: string; batch?: string; mix?: string }[] {
  const draftOf = draftAmong(drafts);
  return tank.lots.flatMap((occupant) => {
    const { lot, n, meal } = occupant;
    const draft = draftOf(lot);
    const plain = draft.response === undefined && !isOdd(draft, n);
    return meal.due && 'food' in meal && !meal.watched && plain ? [{ lot, food: meal.food, ...outOf(occupant, meal.food) }] : [];
  });
}

/** Lots that were given food and of which nobody has said how they took it: no tap says that for them. */
export function toWatch(tank: RoundTank, drafts: readonly LotDraft[], given: boolean): string[] {
  const draftOf = draftAmong(drafts);
  const sure = new Set(asserted(tank, drafts).map(({ lot }) => lot));
  return given
    ? tank.lots.flatMap(({ lot, label, meal }) => (meal.due && draftOf(lot).response === undefined && !sure.has(lot) ? [label] : []))
    : [];
}

/** Somebody of the tank is not among those of whom the tap says that they ate. */
export const someLeft = (tank: RoundTank, drafts: readonly LotDraft[], given: boolean): boolean =>
  toWatch(tank, drafts, given).length > 0 || tank.lots.some(({ meal }) => 'nothing' in meal);

/** They were not fed after all: what was said of how they took it is taken back. */
export const unfed = (drafts: Record<string, LotDraft>): Record<string, LotDraft> =>
  Object.fromEntries(
    Object.entries(drafts).map(([lot, draft]) => [lot, { ...draft, response: undefined, ate: undefined, leftovers: undefined, food: '' }]),
  );

/** Meals: as said of each lot, and as planned where nothing else was said. `given` = they were fed. */
export function fedEntries(tank: RoundTank, drafts: readonly LotDraft[], given: boolean): Draft[] {
  const cameFrom = ({ lot, food }: LotDraft) => {
    const occupant = tank.lots.find((known) => known.lot === lot);
    return occupant ? outOf(occupant, food.trim()) : {};
  };
  const said = drafts.flatMap((draft): Draft[] =>
    draft.response && draft.food.trim()
      ? [
          {
            kind: 'lot.fed',
            payload: {
              tank: tank.id,
              lot: draft.lot,
              food: draft.food.trim(),
              response: draft.response,
              ...(draft.ate === undefined || draft.ate === null ? {} : { ate: draft.ate }),
              ...(draft.leftovers ? { leftovers: draft.leftovers } : {}),
              ...cameFrom(draft),
            },
          },
        ]
      : [],
  );
  if (!given) return said;
  const planned = asserted(tank, drafts).map((meal): Draft => ({
    kind: 'lot.fed',
    payload: { tank: tank.id, ...meal, response: 'ate', planned: true },
  }));
  return [...said, ...planned];
}

export function entriesOf(
  tank: RoundTank,
  { day, round }: Pick<RoundsView, 'day' | 'round'>,
  drafts: readonly LotDraft[],
  given = true,
): Draft[] {
  const draftOf = draftAmong(drafts);
  const losses = drafts
    .filter(({ dead }) => dead > 0)
    .map((draft): Draft => ({
      kind: 'loss.recorded',
      payload: {
        lot: draft.lot,
        place: tank.id,
        n: draft.dead,
        cause: draft.cause,
        sure: draft.cause === 'not known' ? 'guess' : draft.sure,
        ...(draft.found ? { found: draft.found } : {}),
        ...(draft.deadSigns && draft.deadSigns.length > 0 ? { signs: draft.deadSigns } : {}),
        ...(draft.examined ? { examined: draft.examined } : {}),
        ...(draft.disposed ? { disposed: draft.disposed } : {}),
      },
    }));
  const meals = fedEntries(tank, drafts, given);
  const check: Draft = {
    kind: 'tank.checked',
    payload: {
      tank: tank.id,
      day,
      round,
      allWell: tank.lots.every(({ lot, n }) => !isOdd(draftOf(lot), n)),
      // The living that were seen: a dead fish found is no fish seen well.
      lots: tank.lots.map(({ lot, n }) => ({
        lot,
        expected: n,
        seen: draftOf(lot).seen ?? (draftOf(lot).dead > 0 ? n - draftOf(lot).dead : null),
        signs: draftOf(lot).signs.map(cleanSign),
      })),
    },
  };
  const mishaps = drafts.flatMap((draft): Draft[] =>
    draft.mishap ? [{ kind: 'mishap.recorded', payload: { lot: draft.lot, tank: tank.id, n: 1, what: draft.mishap } }] : [],
  );
  return [check, ...losses, ...meals, ...mishaps];
}
