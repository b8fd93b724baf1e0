// What the receiver is about to say of a bag: begins as the list has it, and is turned into the entries of one act.
import type { BagCard } from '#contract/views.ts';
import {
  CAME_ALONG,
  headsIn,
  worstOf,
  type BagLanded,
  type BagOpening,
  type BoxOpened,
  type Carton,
  type Condition,
  type EachFish,
} from '#core/dock/index.ts';
import type { Certainty } from '#core/lots/index.ts';
import { numberIn } from '#core/text/index.ts';
import { HOUR_MS } from '#core/time/index.ts';
import type { ReadingMethod } from '#core/water/index.ts';
import { newId, type Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';
import { readingEntry } from '../parts/readingDraft.ts';
import type { Heard } from '../parts/SpeciesPicker.tsx';

export type LandingDraft = {
  alive: number;
  dead: number;
  /** Of the worst of them. */
  condition: Condition;
  /** The living by how each looks, where they differ. */
  each?: EachFish;
  bagCondition: BagOpening;
  temperature: string;
  method: ReadingMethod;
  note: string;
  /** Length of a typical one as typed, cm; and what they look to be. */
  size: string;
  sex?: BagLanded['sex'];
  other?: Heard;
  /** How sure of what the others are, and by what. */
  sure: Certainty;
  evidence: string;
};

export const asListed = (listed: number): LandingDraft => ({
  alive: listed,
  dead: 0,
  condition: 'fit',
  bagCondition: 'sound',
  temperature: '',
  method: 'folded',
  note: '',
  size: '',
  sure: 'likely',
  evidence: '',
});

export function isAsListed(draft: LandingDraft, listed: number): boolean {
  return (
    draft.alive === listed &&
    draft.dead === 0 &&
    draft.condition === 'fit' &&
    draft.bagCondition === 'sound' &&
    draft.note === '' &&
    draft.size.trim() === '' &&
    draft.sex === undefined &&
    !draft.other
  );
}

/** All of them look so. */
export const allLook = (condition: Condition) => ({ condition, each: undefined });

/** One that was best off looks so after all; when no two differ any more, all look alike again. */
export function oneLooks({ alive, condition, each }: LandingDraft, as: Condition): Pick<LandingDraft, 'condition' | 'each'> {
  const now: EachFish = each ?? { [condition]: alive };
  const from = (['fit', 'tired', 'poor', 'critical'] as const).find((look) => look !== as && (now[look] ?? 0) > 0);
  if (from === undefined) return { condition, each };
  const next = kept({ ...now, [from]: now[from]! - 1, [as]: (now[as] ?? 0) + 1 });
  return Object.keys(next).length === 1 ? allLook(as) : { condition: worstOf(next), each: next };
}

/** The count of the living changed: who is no more was fit, for the others were pointed at one by one. */
export function withAlive(draft: LandingDraft, alive: number): Pick<LandingDraft, 'alive' | 'condition' | 'each'> {
  if (!draft.each) return { alive, condition: draft.condition };
  const others = headsIn({ ...draft.each, fit: 0 });
  if (others > alive || alive === 0) return { alive, ...allLook(draft.condition) };
  const next = kept({ ...draft.each, fit: alive - others });
  return Object.keys(next).length === 1 ? { alive, ...allLook(worstOf(next)) } : { alive, condition: worstOf(next), each: next };
}
const kept = (each: EachFish): EachFish => Object.fromEntries(Object.entries(each).filter(([, n]) => n > 0));

/** `6 green chromis`, `4 banggai cardinalfish, 1 dead`. */
export function sayFish({ alive, dead }: Pick<LandingDraft, 'alive' | 'dead'>, name: string): string {
  return `${alive} ${name}${dead > 0 ? `, ${dead} dead` : ''}`;
}

/** `units` = of the one who typed. */
export type Where = { crate: string; units: Units; bag?: BagCard; newBag?: { label: string; box: number; waterL: number } };

/** The entries that land this bag: the landing itself and its temperature, when one was taken. */
export function landingOf(draft: LandingDraft, { crate, bag, newBag, units }: Where): Draft[] {
  const id = bag?.bag ?? newId();
  const heard = draft.other;
  const size = draft.size.trim() ? numberIn(draft.size) : undefined;
  const entries: Draft[] = [
    {
      kind: 'bag.landed',
      payload: {
        bag: id,
        crate,
        lot: heard || !bag ? newId() : bag.lot,
        alive: draft.alive,
        dead: draft.dead,
        quality: bag && isAsListed(draft, bag.listed) ? 'looked' : 'counted',
        condition: draft.condition,
        ...(draft.each ? { each: draft.each } : {}),
        bagCondition: draft.bagCondition,
        ...(size === undefined ? {} : { sizeCm: size }),
        ...(draft.sex ? { sex: draft.sex } : {}),
        ...(newBag ? { newBag } : {}),
        ...(heard
          ? {
              newLot: {
                label: heard.species?.common ?? heard.heardAs,
                heardAs: heard.heardAs,
                origin: 'unknown',
                ...(heard.species ? { species: heard.species.id, sure: draft.sure } : {}),
                ...(heard.species && draft.evidence.trim() ? { evidence: draft.evidence.trim() } : {}),
                ...(bag ? { insteadOf: bag.lot } : {}),
              },
            }
          : {}),
        ...(draft.note.trim() ? { note: draft.note.trim() } : {}),
      },
    },
  ];
  const read = draft.temperature.trim() ? units.read('temperature', draft.temperature) : undefined;
  if (read?.ok) {
    entries.push(readingEntry({ subject: { kind: 'bag', id }, quantity: 'temperature', method: draft.method }, read));
  }
  return entries;
}

/** Another bag of the lot landed like the one in hand: its fish as they are listed, its state as that of the first. Its water is read in one of them. */
export function landingLike(draft: LandingDraft, { crate, bag }: { crate: string; bag: BagCard }): Draft[] {
  const { bag: id, lot, listed } = bag;
  return [
    {
      kind: 'bag.landed',
      payload: {
        bag: id,
        crate,
        lot,
        alive: listed,
        dead: 0,
        quality: 'listed',
        condition: draft.condition,
        bagCondition: draft.bagCondition,
      },
    },
  ];
}

/** What was found in a box, as it is said so far: nothing of what nobody looked at. */
export type BoxDraft = Pick<BoxOpened, 'box' | 'inside' | 'packs'> & {
  air: string;
  along: NonNullable<BoxOpened['cameAlong']>;
  note: string;
};
export const NO_BOX: BoxDraft = { air: '', along: [], note: '' };

/** Undefined while nothing is said. */
export function boxEntry(
  { box, inside, packs, air, along, note }: BoxDraft,
  { crate, units }: { crate: string; units: Units },
): { kind: 'box.opened'; payload: BoxOpened } | undefined {
  const read = air.trim() ? units.read('temperature', air) : undefined;
  const found: Omit<BoxOpened, 'crate' | 'box'> = {
    ...(inside ? { inside } : {}),
    ...(packs ? { packs } : {}),
    ...(read?.ok ? { airC: read.value } : {}),
    ...(along.length > 0 ? { cameAlong: CAME_ALONG.filter((thing) => along.includes(thing)) } : {}),
    ...(note.trim() ? { note: note.trim() } : {}),
  };
  return Object.keys(found).length === 0
    ? undefined
    : { kind: 'box.opened', payload: { crate, ...(box === undefined ? {} : { box }), ...found } };
}

type Surprise = { crate: string; from: { id: string; name: string }; hours: number; carton: Carton; now: number };

/** A box on nobody's list: expected and arrived in one act, closed since about `hours`, with no bag until one is landed. */
export const surpriseBox = ({ crate, from, hours, carton, now }: Surprise): Draft[] => [
  {
    kind: 'crate.expected',
    payload: {
      crate,
      label: `${from.name}, a box on no list`,
      supplier: from.id,
      packedAtMs: Math.round(now - hours * HOUR_MS),
      promisedAtMs: Math.round(now),
      stated: {},
      lots: [],
      bags: [],
    },
  },
  { kind: 'crate.arrived', payload: { crate, carton } },
];
