// Who is signed in: a session lasts for a shift, and ends at once when its person leaves or has another PIN.
import type { Request, RequestHandler } from 'express';
import type { SessionData } from 'express-session';
import type { Person } from '#contract/views.ts';
import type { Actor } from '#core/journal/index.ts';
import type { Credentials } from './credentials.ts';
import type { People } from './people.ts';
import { SESSION_MS } from './sessionStore.ts';

declare module 'express-session' {
  interface SessionData {
    person?: string;
    /** When they signed in. */
    sinceMs?: number;
    /** Which PIN they signed in with, by a mark that tells nothing of it. */
    pinMark?: string;
  }
}

export type SignedIn = ReturnType<typeof makeSignedIn>;

export function makeSignedIn(people: People, credentials: Credentials) {
  const personOf = ({ person, sinceMs = 0, pinMark }: Partial<SessionData>): Person | undefined =>
    person !== undefined && Date.now() - sinceMs < SESSION_MS && pinMark !== undefined && pinMark === credentials.markOf(person)
      ? people.find(person)
      : undefined;
  return {
    personOf,
    /** Lets only the signed-in pass; `actorOf` then tells who it is. */
    only: ((request, response, next) => {
      const person = personOf(request.session);
      if (!person) return void response.status(401).json({ code: 'signedOut' });
      response.locals.person = person;
      next();
    }) satisfies RequestHandler as RequestHandler,
    /** A fresh session id at sign-in, so that one planted before is worth nothing. */
    async begin(request: Request, person: string): Promise<void> {
      await new Promise<void>((resolve, reject) => request.session.regenerate((error) => (error ? reject(error as Error) : resolve())));
      Object.assign(request.session, { person, sinceMs: Date.now(), pinMark: credentials.markOf(person) });
    },
  };
}

export function actorOf(locals: Record<string, unknown>): Actor {
  const { id, role } = locals.person as Person;
  return { id, role };
}
