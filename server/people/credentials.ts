// PINs: hashed slowly with a salt of their own, compared in constant time. Kept outside the journal.
import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import { eq } from 'drizzle-orm';
import { credential } from '../db/journalTables.ts';
import type { Drizzle } from '../db/open.ts';

const derive = promisify(scrypt) as (pin: string, salt: Buffer, length: number, options: object) => Promise<Buffer>;
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

export function makeCredentials(db: Drizzle) {
  return {
    async set(person: string, pin: string): Promise<void> {
      const pinHash = await hashPin(pin);
      db.insert(credential).values({ person, pinHash }).onConflictDoUpdate({ target: credential.person, set: { pinHash } }).run();
    },
    remove(person: string): void {
      db.delete(credential).where(eq(credential.person, person)).run();
    },
    async isRight(person: string, pin: string): Promise<boolean> {
      const row = db.select().from(credential).where(eq(credential.person, person)).get();
      const right = await matches(pin, row?.pinHash ?? NOBODY);
      return right && row !== undefined;
    },
  };
}
