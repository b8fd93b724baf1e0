// PINs: hashed slowly with a salt of their own, compared in constant time. Kept outside the journal.
import { eq } from 'drizzle-orm';
import { createHash, randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { makeAsk } from '../db/ask.ts';
import { clientOf } from '../db/insert.ts';
import { credential } from '../db/journalTables.ts';
import type { Drizzle } from '../db/open.ts';

const slowly = promisify(scrypt) as (pin: string, salt: Buffer, length: number, options: object) => Promise<Buffer>;

/** More than these in a line and the next is sent away: each costs tens of milliseconds and 32 MB. */
const MOST_WAITING = 30;
export class TooBusy extends Error {}
let waiting = 0;
let last: Promise<unknown> = Promise.resolve();

/** One at a time, so that a flood of tries takes no more than one core and one buffer. */
const derive: typeof slowly = async (...given) => {
  if (waiting >= MOST_WAITING) throw new TooBusy();
  waiting += 1;
  const mine = last.then(() => slowly(...given));
  last = mine.catch(() => undefined);
  return mine.finally(() => (waiting -= 1));
};

/** About 60 ms on a small machine: a four-digit PIN holds only because tries are slow and throttled. */
const COST = { N: 32_768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
const HASH_BYTES = 32;
export const PIN_PATTERN = /^\d{4,8}$/;

export async function hashPin(pin: string): Promise<string> {
  const salt = randomBytes(16);
  const hash = await derive(pin, salt, HASH_BYTES, COST);
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), hash.toString('base64')].join('$');
}

async function matches(pin: string, stored: string): Promise<boolean> {
  const [, N, r, p, salt, hash] = stored.split('$') as [string, string, string, string, string, string];
  const expected = Buffer.from(hash, 'base64');
  const given = await derive(pin, Buffer.from(salt, 'base64'), expected.length, { ...COST, N: Number(N), r: Number(r), p: Number(p) });
  return timingSafeEqual(given, expected);
}

/** A hash of nothing, compared when the person is unknown, so that an answer takes as long either way. */
const NOBODY = 'scrypt$32768$8$1$AAAAAAAAAAAAAAAAAAAAAA==$AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=';

export type Credentials = ReturnType<typeof makeCredentials>;

export function makeCredentials(db: Drizzle) {
  // Asked with every request: by the driver alone, and the mark of a hash is made once.
  const hashOf = makeAsk(clientOf(db)).value(credential.pinHash, 'select pin_hash from credential where person = ?');
  const marks = new Map<string, string>();
  const put = (person: string, pinHash: string) =>
    db.insert(credential).values({ person, pinHash }).onConflictDoUpdate({ target: credential.person, set: { pinHash } }).run();
  return {
    /** Changes with the PIN and tells nothing of it. */
    markOf(person: string): string | undefined {
      const hash = hashOf(person);
      if (hash === undefined) return undefined;
      const mark = marks.get(hash) ?? createHash('sha256').update(hash).digest('base64url').slice(0, 16);
      marks.set(hash, mark);
      return mark;
    },
    /** Where it is hashed already. */
    put,
    async set(person: string, pin: string): Promise<void> {
      put(person, await hashPin(pin));
    },
    remove(person: string): void {
      db.delete(credential).where(eq(credential.person, person)).run();
    },
    async isRight(person: string, pin: string): Promise<boolean> {
      const hash = hashOf(person);
      const right = await matches(pin, hash ?? NOBODY);
      return right && hash !== undefined;
    },
  };
}
