// Sign-ins, kept beside the journal so that a restart signs nobody out. Real time: a shifted demo clock ends no session.
import { eq, lt, sql } from 'drizzle-orm';
import { Store, type SessionData } from 'express-session';
import { session } from '../db/journalTables.ts';
import type { Drizzle } from '../db/open.ts';

export const SESSION_MS = 12 * 3_600_000;
/** A sign-in in use is prolonged at most this often, so that reading writes nothing. */
const PROLONG_EVERY_MS = 3_600_000;

export class SessionStore extends Store {
  readonly #db: Drizzle;
  readonly #find;
  /** When each sign-in is next worth prolonging. */
  readonly #prolongAtMs = new Map<string, number>();

  constructor(db: Drizzle) {
    super();
    this.#db = db;
    this.#find = db
      .select()
      .from(session)
      .where(eq(session.id, sql.placeholder('id')))
      .prepare();
    db.delete(session).where(lt(session.expiresAtMs, Date.now())).run();
  }

  override get(id: string, done: (error: unknown, data?: SessionData | null) => void): void {
    const row = this.#find.get({ id });
    done(null, row && row.expiresAtMs > Date.now() ? (JSON.parse(row.data) as SessionData) : null);
  }

  override set(id: string, data: SessionData, done?: (error?: unknown) => void): void {
    const row = { id, data: JSON.stringify(data), expiresAtMs: Date.now() + SESSION_MS };
    this.#db.insert(session).values(row).onConflictDoUpdate({ target: session.id, set: row }).run();
    done?.();
  }

  override destroy(id: string, done?: (error?: unknown) => void): void {
    this.#db.delete(session).where(eq(session.id, id)).run();
    this.#prolongAtMs.delete(id);
    done?.();
  }

  override touch(id: string, _data: SessionData, done?: () => void): void {
    const now = Date.now();
    if (now >= (this.#prolongAtMs.get(id) ?? 0)) {
      this.#db
        .update(session)
        .set({ expiresAtMs: now + SESSION_MS })
        .where(eq(session.id, id))
        .run();
      this.#prolongAtMs.set(id, now + PROLONG_EVERY_MS);
    }
    done?.();
  }
}
