// Setting up: the first lead of an empty house, and PINs. PINs never enter the journal.
import { Router } from 'express';
import { v7 } from 'uuid';
import { object, string } from 'yup';
import { paths } from '#contract/paths.ts';
import { versionOf } from '#contract/permits.ts';
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { atLeast } from '#core/people/index.ts';
import { STARTING_RULES } from '#core/room/index.ts';
import type { RunningHouse } from '../house.ts';
import { makeCredentials, PIN_PATTERN } from './credentials.ts';
import { actorOf, renewSession, requireSignIn, type People } from './routes.ts';

const name = () => string().trim().min(1).max(120).required();
const pin = () => string().matches(PIN_PATTERN, '4 to 8 digits').required();
const firstSchema = object({ house: name(), zone: string().max(60).required(), name: name(), title: name(), pin: pin() })
  .noUnknown()
  .strict();
const pinSchema = object({ person: string().max(64).required(), pin: pin() })
  .noUnknown()
  .strict();

export function setUpRoutes(house: RunningHouse, people: People): Router {
  const router = Router();
  const credentials = makeCredentials(house.db);

  /** Only while nobody works here: afterwards a lead adds people. Of two who try at once the journal takes one. */
  router.post(paths.firstLead, async (request, response) => {
    if (!firstSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: '', message: 'name, zone and a PIN of 4 to 8 digits' }] });
    if (people.all().length > 0) return void response.status(409).json({ code: 'notEmpty' });
    const said = request.body;
    const person = v7();
    // The PIN first: a lead whom the journal knows but who has no PIN could never come in.
    await credentials.set(person, said.pin);
    const occurredAtMs = Math.round(house.clock.now());
    const entry = <K extends 'house.configured' | 'person.added'>(kind: K) => ({ kind, version: versionOf(kind), occurredAtMs, id: v7() });
    const outcome = house.append(
      {
        actId: v7(),
        entries: [
          { ...entry('house.configured'), payload: { name: said.house.trim(), zone: said.zone, rules: STARTING_RULES } },
          { ...entry('person.added'), payload: { person, name: said.name.trim(), title: said.title.trim(), role: 'lead' } },
        ],
      },
      { id: HOUSE_ACTOR, role: 'lead' },
    );
    if (!outcome.ok) {
      credentials.remove(person);
      const late = outcome.refusals.some(({ code }) => code === 'role');
      return void response.status(409).json(late ? { code: 'notEmpty' } : { code: 'refused', refusals: outcome.refusals });
    }
    await renewSession(request);
    request.session.person = person;
    response.status(204).end();
  });

  /** A lead sets anybody's PIN, the others only their own. */
  router.post(paths.pin, requireSignIn(people), async (request, response) => {
    if (!pinSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: 'pin', message: '4 to 8 digits' }] });
    const { person, pin: chosen } = request.body;
    const actor = actorOf(response.locals);
    if (person !== actor.id && !atLeast(actor.role, 'lead')) return void response.status(403).json({ code: 'role' });
    if (!people.find(person)) return void response.status(404).json({ code: 'notFound' });
    await credentials.set(person, chosen);
    response.status(204).end();
  });
  return router;
}
