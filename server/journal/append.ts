// The one way to write: an act is decided entry by entry, recorded and projected in one transaction, or not at all.
// Telling the other screens is left to whoever listens (`onAppended`), after the commit.
import type Database from 'better-sqlite3';
import { isDeepStrictEqual } from 'node:util';
import type { Topic } from '#contract/basics/topics.ts';
import { kinds, undoOf } from '#contract/kinds.ts';
import {
  decide,
  type Act,
  type Entry,
  type HouseState,
  clearedMet,
  leftCleared,
  type LeftCleared,
  type RecordedEntry,
} from '#core/catalogue/index.ts';
import { BEFORE_ALLOWED_MS, HOUSE_ACTOR, type Actor, type Overrule, type Refusal, type Leg } from '#core/journal/index.ts';
import { atLeast } from '#core/roles/index.ts';
import { isOutside } from '#core/stock/index.ts';
import type { HouseClock } from '../clock/clock.ts';
import { makeAsk } from '../db/ask.ts';
import type { Project } from './project.ts';
import type { JournalStore } from './store.ts';

export type Outcome =
  /** RecordedEntry now, or (`repeated`) found recorded before with the same content. */
  { ok: true; seq: number; repeated: boolean } | { ok: false; refusals: Refusal[] };
export type Appended = { seq: number; topics: Topic[] };
export type Append = (act: Act, actor: Actor) => Outcome;

/** Thrown inside the transaction to undo it; never leaves this file. */
class Refused extends Error {
  readonly refusals: Refusal[];
  constructor(refusals: Refusal[]) {
    super('refused');
    this.refusals = refusals;
  }
}

type Parts = {
  client: Database.Database;
  store: JournalStore;
  state: HouseState;
  project: Project;
  clock: HouseClock;
  onAppended: (what: Appended) => void;
};

export function makeAppend({ client, store, state, project, clock, onAppended }: Parts): Append {
  const ask = makeAsk(client);
  const isUsed = ask.is('select 1 from entry where id = ?');
  const isActKnown = ask.is('select 1 from entry where act_id = ? limit 1');

  function recordAll(act: Act, actor: Actor): Outcome {
    const before = findEarlier(act, actor);
    if (before) return before;
    const now = clock.now();
    const touched = new Map<string, { lot: string; place: string; path: string }>();
    let seq = 0;
    // What was so before the act decides who meets whom by it; what a correction undoes is undone first.
    const firstNew = act.entries.findIndex(({ kind }) => kind !== 'entry.reversed');
    let met: LeftCleared[][] = [];
    for (const [index, entry] of act.entries.entries()) {
      const path = `entries.${index}`;
      if (index === firstNew) met = act.entries.map((entry) => clearedMet(entry, act.entries, state));
      const { minRole } = kinds[entry.kind];
      const asked = leftCleared(met[index] ?? [], { act: act.entries, state, rank: minRole });
      const { left: refusals, passing } = decide(entry, { now, actor: actorFor(actor), state, undoOf, minRole, asked });
      if (entry.kind === 'entry.reversed' && act.entries.slice(0, index).some((entry) => entry.kind !== 'entry.reversed')) {
        // A correction undoes first and writes anew after; the other way round the new entries would rest on the old.
        refusals.push({ code: 'undo.alone', path: 'act', facts: {} });
      }
      if (refusals.length > 0) throw new Refused(refusals.map((refusal) => within(path, refusal)));
      const kept = onlyWhatPassed(entry, passing);
      seq = store.insert(kept, { actId: act.actId, recordedAtMs: now, actor: actor.id });
      const recorded = { ...kept, seq, actId: act.actId, recordedAtMs: now, actor: actor.id };
      const legs = project(recorded, store.ofAct).filter(({ place }) => !isOutside(place));
      for (const { lot, place } of legs) touched.set(`${lot}|${place}`, { lot, place, path });
      const early = notYet(recorded, legs, actor);
      if (early.length > 0) throw new Refused(early.map((refusal) => within(path, refusal)));
    }
    const short = [...touched.values()].flatMap((short) => shortfall(short, act.actId));
    if (short.length > 0) throw new Refused(short);
    return { ok: true, seq, repeated: false };
  }

  /** After the act every inside place it touched holds nothing less than nothing; else who was quicker is named. */
  function shortfall({ lot, place, path }: { lot: string; place: string; path: string }, actId: string): Refusal[] {
    const left = state.balance(lot, place);
    if (left >= 0) return [];
    const last = state.lastMove(place, actId);
    return [
      {
        code: 'stock.short',
        path,
        facts: {
          lot: labelOf(lot),
          place: placeName(place),
          missing: -left,
          by: last?.by,
          atMs: last?.atMs,
        },
      },
    ];
  }

  /** Nobody took, then, what came only later; a lead sets right what was written down in the wrong order. */
  function notYet({ kind, occurredAtMs, recordedAtMs }: RecordedEntry, legs: readonly Leg[], { role }: Actor): Refusal[] {
    const until = occurredAtMs + BEFORE_ALLOWED_MS;
    if (kind === 'entry.reversed' || until >= recordedAtMs || atLeast(role, 'lead')) return [];
    return legs.flatMap(({ lot, place, n }): Refusal[] => {
      const left = n < 0 ? state.balanceAt(lot, place, until) : 0;
      const facts = { lot: labelOf(lot), place: placeName(place), missing: -left, atMs: occurredAtMs };
      return left < 0 ? [{ code: 'stock.notYet', path: 'occurredAtMs', facts }] : [];
    });
  }

  const labelOf = (lot: string) => state.findLot(lot)?.label ?? lot;
  const placeName = (place: string) => state.findTank(place)?.code ?? state.findBag(place)?.label ?? state.findRun(place)?.vessel ?? place;

  /** A resent act answers as it did; an id that comes back with other content is refused. */
  function findEarlier(act: Act, actor: Actor): Outcome | undefined {
    if (!isActKnown(act.actId)) {
      const ids = act.entries.map(({ id }) => id);
      const used = ids.findIndex((id, index) => ids.indexOf(id) !== index || isUsed(id));
      return used < 0 ? undefined : { ok: false, refusals: [{ code: 'id.reused', path: `entries.${used}.id`, facts: {} }] };
    }
    const known = store.ofAct(act.actId);
    const same =
      known[0]!.actor === actor.id &&
      known.length === act.entries.length &&
      known.every((entry, index) => isSame(entry, act.entries[index]!));
    return same
      ? { ok: true, seq: known.at(-1)!.seq, repeated: true }
      : { ok: false, refusals: [{ code: 'id.reused', path: 'actId', facts: {} }] };
  }

  /** Before the house has a lead, the house itself sets up; afterwards it may no more than a trainee, whatever its caller says. */
  function actorFor(actor: Actor): Actor {
    return actor.id === HOUSE_ACTOR ? { id: HOUSE_ACTOR, role: state.hasLead() ? 'trainee' : 'lead' } : actor;
  }

  const transaction = client.transaction(recordAll);
  return (act, actor) => {
    try {
      const outcome = transaction.immediate(act, actor);
      if (outcome.ok && !outcome.repeated)
        onAppended({ seq: outcome.seq, topics: [...new Set(act.entries.flatMap(({ kind }) => kinds[kind].topics))] });
      return outcome;
    } catch (error) {
      if (error instanceof Refused) return { ok: false, refusals: error.refusals };
      throw error;
    }
  };
}

/** An overrule that passed over nothing says what nobody asked. */
function onlyWhatPassed<E extends Entry>(entry: E, passing: ReadonlySet<Overrule>): E {
  const { overrules, ...rest } = entry;
  const kept = overrules?.filter((overrule) => passing.has(overrule)) ?? [];
  return { ...rest, ...(kept.length > 0 ? { overrules: kept } : {}) } as E;
}

/** What stands beside the payload; a time inside it is the payload's. */
const OF_ENTRY: ReadonlySet<string> = new Set(['kind', 'occurredAtMs', 'recordedAtMs']);
const within = (entry: string, refusal: Refusal): Refusal => ({
  ...refusal,
  path: `${entry}.${OF_ENTRY.has(refusal.path) ? '' : 'payload.'}${refusal.path}`,
});

function isSame(known: RecordedEntry, sent: Entry): boolean {
  // Not by its version: recorded before an update and sent again after it, it is the same act.
  const { id, kind, occurredAtMs, payload, overrules, corrects } = known;
  const plain = (value: unknown) => JSON.parse(JSON.stringify(value ?? null)) as unknown;
  // Of its overrules only those that passed over something were kept.
  const said = (sent.overrules ?? []).filter((overrule) =>
    overrules?.some((keptOne) => isDeepStrictEqual(plain(keptOne), plain(overrule))),
  );
  return isDeepStrictEqual(
    plain({ id, kind, occurredAtMs, payload, overrules, corrects }),
    plain({
      id: sent.id,
      kind: sent.kind,
      occurredAtMs: sent.occurredAtMs,
      payload: sent.payload,
      overrules: overrules && said,
      corrects: sent.corrects,
    }),
  );
}
