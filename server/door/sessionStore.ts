// Sign-ins, kept beside the journal so that a restart signs nobody out. Real time: a shifted demo clock ends no session.
import { eq, lt, sql } from 'drizzle-orm';
import { Store, type SessionData } from 'express-session';
import { HOUR_MS } from '#core/time/index.ts';
import { session } from '../db/journalTables.ts';
import type { Drizzle } from '../db/open.ts';

/** A sign-in lasts for a shift, used or not. */
export const SESSION_MS = 12 * HOUR_MS;

export class SessionStore extends Store {
  readonly #db: Drizzle;
  readonly #find;
  /** Sign-ins that the disk did not take: they last as long as this process. */
  readonly #unwritten = new Map<string, { data: string; expiresAtMs: number }>();
  /** Signed out, and in the file still. */
  readonly #ended = new Set<string>();

  constructor(db: Drizzle) {
    super();
    this.#db = db;
    this.#find = db
      .select()
      .from(session)
      .where(eq(session.id, sql.placeholder('id')))
      .prepare();
    this.#tryTo(() => db.delete(session).where(lt(session.expiresAtMs, Date.now())).run());
  }

  override get(id: string, done: (error: unknown, data?: SessionData | null) => void): void {
    if (this.#ended.has(id)) {
      this.#end(id);
      return done(null, null);
    }
    const row = this.#find.get({ id }) ?? this.#unwritten.get(id);
    done(null, row && row.expiresAtMs > Date.now() ? (JSON.parse(row.data) as SessionData) : null);
  }

  override set(id: string, data: SessionData, done?: (error?: unknown) => void): void {
    const row = { id, data: JSON.stringify(data), expiresAtMs: (data.sinceMs ?? Date.now()) + SESSION_MS };
    const kept = this.#tryTo(() => this.#db.insert(session).values(row).onConflictDoUpdate({ target: session.id, set: row }).run());
    if (kept) this.#unwritten.delete(id);
    else this.#unwritten.set(id, row);
    done?.();
  }

  override destroy(id: string, done?: (error?: unknown) => void): void {
    this.#unwritten.delete(id);
    this.#end(id);
    done?.();
  }

  /** Over at once, whether or not the disk takes it; one that it did not take is tried again when its cookie comes. */
  #end(id: string): void {
    if (this.#tryTo(() => this.#db.delete(session).where(eq(session.id, id)).run())) this.#ended.delete(id);
    else this.#ended.add(id);
  }

  /** Nothing prolongs it. */
  override touch(_id: string, _data: SessionData, done?: () => void): void {
    done?.();
  }

  /** A disk that takes nothing keeps nobody from reading; health says that it does not. */
  #tryTo(write: () => void): boolean {
    try {
      write();
      return true;
    } catch {
      return false;
    }
  }
}
