// How often a PIN may be tried. Counted before the slow hash, kept over restarts, for the device or the address and for the person tried. A device on which
// somebody has signed in before has counts of its own, so that a stranger elsewhere keeps nobody out.
import type Database from 'better-sqlite3';
import {
  RateLimiterMemory,
  RateLimiterRes,
  RateLimiterSQLite,
  type IRateLimiterOptions,
  type RateLimiterAbstract,
} from 'rate-limiter-flexible';

const MINUTE_S = 60;
const HOUR_S = 3_600;
/** So many wrong tries at one person's PIN within an hour, wherever, and a lead is told. */
export const TELL_AFTER = 10;

export type Asking = { person: string; address: string; /** Where this person has signed in before. */ device?: string };
export type Asked =
  /** `left` = tries after this one until it has to wait. */
  { ok: true; left: number; right: () => Promise<void>; wrong: () => Promise<{ tell: boolean }> } | { ok: false; waitMs: number };

/** Limits by what they count: so many tries in so many seconds, then a wait. */
const LIMITS = {
  onDevice: { points: 5, duration: 5 * MINUTE_S, blockDuration: MINUTE_S },
  onDeviceLong: { points: 20, duration: HOUR_S, blockDuration: 15 * MINUTE_S },
  fromAddress: { points: 5, duration: 5 * MINUTE_S, blockDuration: MINUTE_S },
  anyFromAddress: { points: 20, duration: 10 * MINUTE_S, blockDuration: 10 * MINUTE_S },
  atPerson: { points: 30, duration: HOUR_S, blockDuration: HOUR_S },
  told: { points: TELL_AFTER - 1, duration: HOUR_S },
} as const;
type Limit = keyof typeof LIMITS;
/** Forgotten by a right PIN; the longer counts only get back this try. */
const SHORT: ReadonlySet<Limit> = new Set(['onDevice', 'fromAddress']);
const FORGETS_EVERY = 500;

export function makeThrottle(client: Database.Database): (asking: Asking) => Promise<Asked> {
  const old = client.prepare('delete from attempt where expire < ?');
  let asked = 0;
  const forget = () => {
    try {
      if (asked++ % FORGETS_EVERY === 0) old.run(Date.now());
    } catch {
      // A disk that takes nothing keeps what is over a little longer.
    }
  };
  forget();
  const limiters = new Map<Limit, RateLimiterAbstract>(
    (Object.keys(LIMITS) as Limit[]).map((keyPrefix) => [keyPrefix, limiterOf(client, { ...LIMITS[keyPrefix], keyPrefix })]),
  );

  return async ({ person, address, device }) => {
    forget();
    const counts: [Limit, string][] =
      device === undefined
        ? [
            // First what an address may try at all: who has spent that adds no more rows by making up names.
            ['anyFromAddress', address],
            ['fromAddress', `${address} ${person}`],
            ['atPerson', person],
          ]
        : [
            ['onDevice', `${device} ${person}`],
            ['onDeviceLong', `${device} ${person}`],
          ];
    const left: number[] = [];
    for (const [limit, key] of counts) {
      const after = await consume(limiters.get(limit)!, key);
      if (!after.ok) return { ok: false, waitMs: after.state.msBeforeNext };
      left.push(after.state.remainingPoints);
    }
    return {
      ok: true,
      left: Math.min(...left),
      async right() {
        for (const [limit, key] of counts) await (SHORT.has(limit) ? limiters.get(limit)!.delete(key) : limiters.get(limit)!.reward(key));
      },
      wrong: async () => ({ tell: (await consume(limiters.get('told')!, person)).state.consumedPoints === TELL_AFTER }),
    };
  };
}

function limiterOf(client: Database.Database, limit: IRateLimiterOptions): RateLimiterAbstract {
  return new RateLimiterSQLite({
    ...limit,
    storeClient: client,
    storeType: 'better-sqlite3',
    tableName: 'attempt',
    tableCreated: true,
    clearExpiredByTimeout: false,
    // On a disk that takes nothing they are counted in memory.
    insuranceLimiter: new RateLimiterMemory(limit),
  });
}

async function consume(limiter: RateLimiterAbstract, key: string): Promise<{ ok: boolean; state: RateLimiterRes }> {
  try {
    return { ok: true, state: await limiter.consume(key) };
  } catch (full) {
    if (full instanceof RateLimiterRes) return { ok: false, state: full };
    throw full;
  }
}
