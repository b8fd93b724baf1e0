// What is to be done before a crate is here: worked out from who comes, which tanks are meant for them, what stands in the way, what was read when. Pure.
import type { StatedWater } from '../dock/index.ts';
import type { Refusal } from '../journal/index.ts';
import type { WaterType } from '../species/index.ts';
import { HOUR_MS } from '../time/index.ts';
import { saltGrams } from '../water/index.ts';
import type { BackStep, MatchPlanned } from './entries.ts';
import { gentlest, matchPlan, wayBack, type MatchPlan, type Resident } from './match.ts';
import type { PrepareSettings } from './settings.ts';

export type PrepLot = { lot: string; label: string; n: number; /** Bags without a tank. */ without: number; kind: Resident };
/** A tank that is meant for some of it. `against` = what stands in the way of a lot there, as it would be refused. */
export type PrepTank = {
  tank: string;
  code: string;
  system: string;
  lots: string[];
  occupants: string[];
  against: (Pick<Refusal, 'code' | 'facts'> & { lot: string; label: string })[];
};
export type PrepSystem = {
  system: string;
  name: string;
  type: WaterType;
  volumeL: number;
  setC: number;
  /** As read last, else as it is set to. */
  salinityPpt: number;
  readAtMs: Partial<Record<ReadQuantity, number>>;
  residents: Resident[];
};
/** A match that is laid down; the latest of its system. `doneMs` = when the last swap was ticked. */
export type LaidMatch = MatchPlanned & { entry: string };
export type PrepNote = { line: string; words: string; byMs?: number; tank?: string; waits?: { what: string; untilMs: number } };
export type PrepFacts = {
  /** When the crate was written down: nothing is late before it. */
  listedAtMs: number;
  promisedAtMs: number;
  stated: StatedWater;
  /** What nobody knows of its water. */
  open: number;
  lots: PrepLot[];
  tanks: PrepTank[];
  systems: PrepSystem[];
  matches: LaidMatch[];
  notes: PrepNote[];
};

export const READ_QUANTITIES = ['temperature', 'salinity', 'pH'] as const;
export type ReadQuantity = (typeof READ_QUANTITIES)[number];

export type FirstAidWater = 'fresh' | 'salt' | 'unknown';
/** What a line is about; its words stand in web. */
export type PrepWhat =
  | { kind: 'ask'; open: number }
  | { kind: 'tank'; lot: string; label: string; without: number }
  | { kind: 'way'; tank: string; code: string; lot: string; label: string; against: Pick<Refusal, 'code' | 'facts'> }
  | { kind: 'ready'; tank: string; code: string; setC: number; occupants: string[]; waits?: string }
  | { kind: 'read'; system: string; name: string; quantities: ReadQuantity[]; lastMs?: number }
  | { kind: 'match'; system: string; name: string; fromPpt: number; toPpt: number }
  | { kind: 'salt'; litres: number; ppt: number; kg: number }
  | { kind: 'first aid'; litres: number; type: FirstAidWater; stated: StatedWater }
  | { kind: 'vessels'; buckets: number }
  | { kind: 'nets'; groups: string[] }
  | { kind: 'hands'; boxes: boolean }
  | { kind: 'note'; line: string; words: string; tank?: string; waits?: { what: string; untilMs: number } };
/** `step` names it for ever. `by doing` = it goes when it is done; nobody ticks it. */
export type PrepLine = { step: string; what: PrepWhat; fromMs: number; byMs: number; ends: 'by doing' | 'by hand' };

const EARLIEST_H = 72;
const TIME_TO_DO_MS = 2 * HOUR_MS;
const NEAR_H = 24;
const MIXED_BEFORE_H = 24;
/** From this on water is salt water to those who mix it, ppt. */
const SALTY_PPT = 2;

/** What is to be done, the first due first. */
export function prepLines(facts: PrepFacts, { prepare }: PrepareSettings, now: number): PrepLine[] {
  const { promisedAtMs } = facts;
  const before = (hours: number) => promisedAtMs - hours * HOUR_MS;
  const readyMs = before(prepare.readyBeforeH);
  // What was to be done before anybody knew of the crate is late only after some time to do it.
  const soonest = Math.min(readyMs, facts.listedAtMs + TIME_TO_DO_MS);
  const line = (
    step: string,
    what: PrepWhat,
    { fromMs = before(EARLIEST_H), byMs = readyMs, ends = 'by hand' }: Partial<Omit<PrepLine, 'step' | 'what'>> = {},
  ): PrepLine => ({ step, what, fromMs: Math.max(fromMs, facts.listedAtMs), byMs: Math.max(byMs, soonest), ends });
  const waitsOf = (tank: string) =>
    facts.notes.flatMap(({ tank: about, waits }) => (about === tank && waits ? [waits] : [])).toSorted((a, b) => b.untilMs - a.untilMs)[0];
  const salt = saltNeeded(facts, prepare);
  const waters = watersOf(facts);
  return [
    ...(facts.open > 0 ? [line('ask', { kind: 'ask', open: facts.open }, { byMs: before(NEAR_H), ends: 'by doing' })] : []),
    ...facts.lots
      .filter(({ without }) => without > 0)
      .map(({ lot, label, without }) => line(`tank.${lot}`, { kind: 'tank', lot, label, without }, { ends: 'by doing' })),
    ...facts.tanks.flatMap(({ tank, code, against }) =>
      against.map(({ lot, label, ...reason }) =>
        line(`way.${tank}.${lot}.${reason.code}`, { kind: 'way', tank, code, lot, label, against: reason }),
      ),
    ),
    ...facts.tanks.map(({ tank, code, system, occupants }) => {
      const waits = waitsOf(tank);
      const { setC } = facts.systems.find((known) => known.system === system)!;
      // What depends on a delivery moves with it.
      const fromMs = Math.max(before(NEAR_H), waits?.untilMs ?? -Infinity);
      return line(
        `ready.${tank}`,
        { kind: 'ready', tank, code, setC, occupants, ...(waits ? { waits: waits.what } : {}) },
        { fromMs, byMs: Math.max(readyMs, waits?.untilMs ?? -Infinity) },
      );
    }),
    ...facts.systems.flatMap((system) => readLine(system, { promisedAtMs, within: prepare.readWithinH, line })),
    ...facts.systems.flatMap((system) => {
      const offer = offerFor(system, facts, { prepare }, now);
      const laid = facts.matches.some((match) => match.system === system.system);
      if (!offer?.plan || laid) return [];
      const { system: id, name, salinityPpt } = system;
      const byMs = offer.plan.swaps[0]?.atMs ?? readyMs;
      return [line(`match.${id}`, { kind: 'match', system: id, name, fromPpt: salinityPpt, toPpt: offer.toPpt }, { byMs })];
    }),
    ...(salt ? [line('salt', { kind: 'salt', ...salt }, { fromMs: before(2 * MIXED_BEFORE_H), byMs: before(MIXED_BEFORE_H) })] : []),
    ...waters.map((type) =>
      line(`first-aid.${type}`, { kind: 'first aid', type, litres: prepare.firstAidL, stated: facts.stated }, { fromMs: before(NEAR_H) }),
    ),
    line('vessels', { kind: 'vessels', buckets: facts.systems.length + 1 }, { fromMs: before(NEAR_H) }),
    ...(facts.systems.length > 0
      ? [line('nets', { kind: 'nets', groups: facts.systems.map(({ name }) => name) }, { fromMs: before(NEAR_H) })]
      : []),
    line('hands', { kind: 'hands', boxes: true }, { fromMs: before(NEAR_H) }),
    ...facts.notes.map(({ line: id, words, byMs = readyMs, tank, waits }) =>
      line(
        `note.${id}`,
        { kind: 'note', line: id, words, ...(tank ? { tank } : {}), ...(waits ? { waits } : {}) },
        { fromMs: waits?.untilMs ?? before(EARLIEST_H), byMs: Math.max(byMs, waits?.untilMs ?? -Infinity) },
      ),
    ),
  ].toSorted((a, b) => a.byMs - b.byMs || a.fromMs - b.fromMs);
}

/** By the systems that they go to; where none is chosen yet, by what is said of the bags, else not known. */
function watersOf({ systems, stated: { salinityPpt } }: PrepFacts): FirstAidWater[] {
  if (systems.length > 0) return [...new Set(systems.map(({ type }) => (type === 'fresh' ? ('fresh' as const) : ('salt' as const))))];
  return [salinityPpt === undefined ? 'unknown' : salinityPpt < SALTY_PPT ? 'fresh' : 'salt'];
}

type MakeLine = (step: string, what: PrepWhat, part?: Partial<PrepLine>) => PrepLine;

/** What was read too long before the crate comes says nothing of that day. */
function readLine(
  { system, name, type, readAtMs }: PrepSystem,
  { promisedAtMs, within, line }: { promisedAtMs: number; within: number; line: MakeLine },
): PrepLine[] {
  const fromMs = promisedAtMs - within * HOUR_MS;
  const stale = READ_QUANTITIES.filter(
    (quantity) => !(type === 'fresh' && quantity === 'salinity') && (readAtMs[quantity] ?? -Infinity) < fromMs,
  );
  if (stale.length === 0) return [];
  const read = Object.values(readAtMs);
  return [
    line(
      `read.${system}`,
      { kind: 'read', system, name, quantities: stale, ...(read.length > 0 ? { lastMs: Math.max(...read) } : {}) },
      { fromMs, ends: 'by doing' },
    ),
  ];
}

/** `plan` is missing where the water at hand does not get there. */
export type MatchOffer = { toPpt: number; plan?: MatchPlan; back: BackStep[]; /** What the way back is made with. */ backPpt: number };

/**
 * Whether a system is worth matching to the bags, and how. Upwards is what kills: a bag fresher than the tank by the house's figure is enough; a saltier bag only where the way
 * down is more than its own fish bear at once. Nothing is offered where the bags' salinity is not known.
 */
export function offerFor(system: PrepSystem, facts: PrepFacts, { prepare }: PrepareSettings, now: number): MatchOffer | undefined {
  const toPpt = facts.stated.salinityPpt;
  if (toPpt === undefined) return undefined;
  const { salinityPpt: fromPpt, volumeL, residents } = system;
  const here = facts.tanks.filter((tank) => tank.system === system.system).flatMap(({ lots }) => lots);
  const newcomers = facts.lots.filter(({ lot }) => here.includes(lot)).map(({ kind }) => kind);
  const gap = fromPpt - toPpt;
  const bears = gap > 0 ? prepare.matchFromPpt : (gentlest(newcomers, false)?.ppt ?? Infinity);
  if (Math.abs(gap) < bears || Math.max(fromPpt, toPpt) < SALTY_PPT) return undefined;
  const readyByMs = facts.promisedAtMs - prepare.readyBeforeH * HOUR_MS;
  const plan = matchPlan({ volumeL, fromPpt, toPpt, saltPpt: prepare.saltPpt, residents, now, readyByMs });
  // Where the house mixes none that is salty enough for the way up, it is said with what it is done.
  const backPpt = gap > 0 ? Math.max(prepare.saltPpt, fromPpt + LEAST_SALTIER_PPT) : 0;
  // A day's swap is made at once, and the newcomers live through it too.
  const pptPerDay = Math.min(prepare.climbPptPerDay, gentlest([...residents, ...newcomers], gap > 0)?.ppt ?? Infinity);
  const back = plan ? wayBack({ volumeL, fromPpt: plan.reachesPpt, toPpt: fromPpt, saltPpt: backPpt, pptPerDay }) : [];
  return { toPpt, ...(plan ? { plan } : {}), back, backPpt };
}
/** Salt water hardly saltier than the system would have to be swapped by the half. */
const LEAST_SALTIER_PPT = 5;

/** Salt water for receiving, first aid and what is laid down; undefined where nothing salty comes. */
function saltNeeded(facts: PrepFacts, { spareSaltL, firstAidL, saltPpt, saltYield }: PrepareSettings['prepare']) {
  if (!watersOf(facts).includes('salt')) return undefined;
  // What the way back takes is mixed day by day.
  const swapped = facts.matches.flatMap(({ of: water, swaps }) => (water === 'salt' ? swaps : []));
  const litres = spareSaltL + firstAidL + swapped.reduce((sum, step) => sum + step.litres, 0);
  return { litres, ppt: saltPpt, kg: saltGrams({ volumeL: litres, from: 0, to: saltPpt, labelYield: saltYield }) / 1000 };
}
