// The door: who may sign in, signing in by name and PIN, signing out, who am I.
import { Router, type Request, type RequestHandler } from 'express';
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible';
import { object, string } from 'yup';
import { paths } from '#contract/paths.ts';
import type { DoorView, MeView, Person } from '#contract/views.ts';
import type { Actor } from '#core/journal/index.ts';
import { METRIC, type Preference } from '#core/water/index.ts';
import { findMeta } from '../db/open.ts';
import type { RunningHouse } from '../house.ts';
import { makeCredentials, PIN_PATTERN } from './credentials.ts';

declare module 'express-session' {
  interface SessionData {
    person?: string;
  }
}

/** Five wrong PINs for one name, then a minute's wait. */
const WRONG_TRIES = { points: 5, duration: 300, blockDuration: 60 };
const signInSchema = object({ person: string().max(64).required(), pin: string().matches(PIN_PATTERN).required() })
  .noUnknown()
  .strict();

export function makePeople(house: RunningHouse) {
  const all = house.client.prepare('select id, name, title, role from p_person where voided_by is null order by name');
  const one = house.client.prepare('select id, name, title, role from p_person where id = ? and voided_by is null');
  const prefers = house.client.prepare('select temperature, volume from p_preference where person = ?');
  return {
    all: () => all.all() as Person[],
    find: (id: string | undefined) => (id === undefined ? undefined : (one.get(id) as Person | undefined)),
    /** Metric until they say otherwise. */
    prefers: (id: string) => (prefers.get(id) as Preference | undefined) ?? METRIC,
  };
}
export type People = ReturnType<typeof makePeople>;

/** Lets only the signed-in pass; `actorOf` then tells who it is. */
export function requireSignIn(people: People): RequestHandler {
  return (request, response, next) => {
    const person = people.find(request.session.person);
    if (!person) return void response.status(401).json({ code: 'signedOut' });
    response.locals.person = person;
    next();
  };
}

export function actorOf(locals: Record<string, unknown>): Actor {
  const { id, role } = locals.person as Person;
  return { id, role };
}

export function peopleRoutes(house: RunningHouse, people: People): Router {
  const router = Router();
  const credentials = makeCredentials(house.db);
  const meView = (person: Person): MeView => ({
    person,
    prefers: people.prefers(person.id),
    house: house.settings(),
    clock: house.clockView(),
  });
  const limiter = new RateLimiterMemory(WRONG_TRIES);

  router.get(paths.door, (_request, response) => {
    const { name, demo } = house.settings();
    const pins = demo ? (JSON.parse(findMeta(house.client, 'demoPins') ?? '{}') as Record<string, string>) : {};
    const view: DoorView = {
      house: { name, demo, empty: people.all().length === 0 },
      people: people.all().map(({ role: _role, ...rest }) => ({ ...rest, ...(pins[rest.id] ? { pin: pins[rest.id] } : {}) })),
    };
    response.json(view);
  });

  router.post(paths.signIn, async (request, response) => {
    if (!signInSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: 'pin', message: '4 to 8 digits' }] });
    const { person, pin } = request.body;
    const spent = await limiter.get(person);
    if (spent && spent.remainingPoints <= 0) return void response.status(429).json({ code: 'tooMany', waitMs: spent.msBeforeNext });
    const known = people.find(person);
    const right = await credentials.isRight(person, pin);
    if (!right || !known) {
      const after = await limiter.consume(person).catch((full: RateLimiterRes) => full);
      return void response.status(401).json({ code: 'wrongPin', left: Math.max(0, after.remainingPoints) });
    }
    await limiter.delete(person);
    await renewSession(request);
    request.session.person = person;
    response.json(meView(known));
  });

  router.post(paths.signOut, (request, response) => {
    request.session.destroy(() => response.status(204).end());
  });

  router.get(paths.me, requireSignIn(people), (_request, response) => {
    response.json(meView(response.locals.person as Person));
  });
  return router;
}

/** A fresh session id at sign-in, so that one planted before is worth nothing. */
export function renewSession(request: Request): Promise<void> {
  return new Promise((resolve, reject) => request.session.regenerate((error) => (error ? reject(error as Error) : resolve())));
}
