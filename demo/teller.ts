// Tells a story to the house as acts through the server's own append: its own clock, its own seeded chance, its own ids.
// One transaction a day of it and no waiting for the disk before the end: a telling that is cut off is told anew.
import { v7 } from 'uuid';
import { kinds } from '#contract/kinds.ts';
import type { Act, Entry, Kind, Payloads } from '#core/catalogue/index.ts';
import { makeChance } from '#core/chance/index.ts';
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { DAY_MS } from '#core/time/index.ts';
import { makeClock } from '#server/clock/clock.ts';
import { startHouse, type RunningHouse } from '#server/house/house.ts';
import { appendKnowingly } from '#server/house/knowingly.ts';

/** `whenMs` = what is written down only now was then. */
export type Said = { [K in Kind]: { kind: K; payload: Payloads[K]; overrules?: Entry['overrules']; whenMs?: number } }[Kind];
export type Teller = {
  house: RunningHouse;
  chance: () => number;
  pick: <T>(from: readonly T[]) => T;
  /** A new id, in time order. */
  id: () => string;
  /** `who` writes this at `atMs`; throws when the house refuses. Times must not go back. */
  tell: (atMs: number, who: string, ...said: Said[]) => string;
  /** Commits what has been told, on to the disk. */
  finish: () => void;
};

export function makeTeller(file: string, seed: number, startMs: number): Teller {
  let now = startMs;
  let day = -1;
  let serial = 0;
  const chance = makeChance(seed);
  const house = startHouse({ file, makeClock: () => makeClock({ realNow: () => now }) });
  const { client } = house;
  client.pragma('synchronous = OFF');
  const id = () => {
    serial += 1;
    const random = Uint8Array.from({ length: 16 }, () => Math.floor(chance() * 256));
    return v7({ msecs: now, seq: serial, random });
  };
  const roleOf = client.prepare('select role from p_person where id = ?').pluck();

  return {
    house,
    chance,
    id,
    pick: (from) => from[Math.floor(chance() * from.length)]!,
    tell(atMs, who, ...said) {
      if (atMs < now) throw new Error(`the story went back in time by ${now - atMs} ms at ${said[0]?.kind}`);
      now = atMs;
      const inDay = Math.floor(now / DAY_MS);
      if (inDay !== day) {
        if (client.inTransaction) client.exec('commit');
        client.exec('begin immediate');
        day = inDay;
      }
      const entries = said.map(
        ({ kind, payload, overrules, whenMs = now }) =>
          ({ id: id(), kind, version: kinds[kind].version, occurredAtMs: whenMs, payload, ...(overrules ? { overrules } : {}) }) as Entry,
      );
      const act: Act = { actId: id(), entries };
      const role = who === HOUSE_ACTOR ? 'lead' : (roleOf.get(who) as 'lead' | 'keeper' | 'trainee');
      const outcome = appendKnowingly(house, act, { id: who, role });
      if (!outcome.ok) throw new Error(`the house refused ${said.map(({ kind }) => kind).join(', ')}: ${JSON.stringify(outcome.refusals)}`);
      return act.actId;
    },
    finish() {
      if (client.inTransaction) client.exec('commit');
      client.pragma('synchronous = FULL');
      client.pragma('wal_checkpoint(TRUNCATE)');
    },
  };
}
