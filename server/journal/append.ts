// The one way to write: an act is decided entry by entry, recorded and projected in one transaction, or not at all.
// Telling the other screens is left to whoever listens (`onAppended`), after the commit.
import type Database from 'better-sqlite3';
import { isDeepStrictEqual } from 'node:util';
import { kinds, undoOf } from '#contract/kinds.ts';
import type { Topic } from '#contract/topics.ts';
import {
  decide,
  HOUSE_ACTOR,
  type Act,
  type Actor,
  type Entry,
  type HouseState,
  type Recorded,
  type Refusal,
} from '#core/journal/index.ts';
import { isOutside } from '#core/stock/index.ts';
import type { HouseClock } from '../clock/clock.ts';
import type { Project } from './project/index.ts';
import type { JournalStore } from './store.ts';

export type Outcome =
  /** Recorded now, or (`repeated`) found recorded before with the same content. */
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
  const isUsed = client.prepare('select 1 from entry where id = ?').pluck();
  const isActKnown = client.prepare('select 1 from entry where act_id = ? limit 1').pluck();

  function recordAll(act: Act, actor: Actor): Outcome {
    const before = findEarlier(act, actor);
    if (before) return before;
    const now = clock.now();
    const touched = new Map<string, { lot: string; place: string; path: string }>();
    let seq = 0;
    for (const [index, entry] of act.entries.entries()) {
      const path = `entries.${index}`;
      const refusals = decide(entry, { now, actor: actorFor(actor), state, undoOf, minRole: kinds[entry.kind].minRole });
      if (entry.kind === 'entry.reversed' && act.entries.slice(0, index).some((one) => one.kind !== 'entry.reversed')) {
        // A correction takes back first and writes anew after; the other way round the new entries would rest on the old.
        refusals.push({ code: 'undo.alone', path: 'act', facts: {} });
      }
      if (refusals.length > 0)
        throw new Refused(
          refusals.map((one) => ({
            ...one,
            path: `${path}.${one.path.includes('AtMs') || one.path === 'kind' ? '' : 'payload.'}${one.path}`,
          })),
        );
      seq = store.insert(entry, { actId: act.actId, recordedAtMs: now, actor: actor.id });
      const recorded = { ...entry, seq, actId: act.actId, recordedAtMs: now, actor: actor.id };
      for (const { lot, place } of project(recorded, store.ofAct))
        if (!isOutside(place)) touched.set(`${lot}|${place}`, { lot, place, path });
    }
    const short = [...touched.values()].flatMap((one) => shortfall(one, act.actId));
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
          lot: state.findLot(lot)?.label ?? lot,
          place: state.findTank(place)?.code ?? state.findBag(place)?.label ?? state.findRun(place)?.vessel ?? place,
          missing: -left,
          by: last?.by,
          atMs: last?.atMs,
        },
      },
    ];
  }

  /** A resent act answers as it did; an id that comes back with other content is refused. */
  function findEarlier(act: Act, actor: Actor): Outcome | undefined {
    if (isActKnown.get(act.actId) === undefined) {
      const ids = act.entries.map(({ id }) => id);
      const used = ids.findIndex((id, index) => ids.indexOf(id) !== index || isUsed.get(id) !== undefined);
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

function isSame(known: Recorded, sent: Entry): boolean {
  const { id, kind, version, occurredAtMs, payload, overrules, corrects } = known;
  const plain = (value: unknown) => JSON.parse(JSON.stringify(value ?? null)) as unknown;
  return isDeepStrictEqual(
    plain({ id, kind, version, occurredAtMs, payload, overrules, corrects }),
    plain({
      id: sent.id,
      kind: sent.kind,
      version: sent.version,
      occurredAtMs: sent.occurredAtMs,
      payload: sent.payload,
      overrules: sent.overrules,
      corrects: sent.corrects,
    }),
  );
}
