// Setting up: the first lead of an empty house, and PINs. PINs never enter the journal; that somebody else set one does.
import { Router } from 'express';
import { v7 } from 'uuid';
import { object, string } from 'yup';
import { versionOf } from '#contract/kinds.ts';
import { paths } from '#contract/paths.ts';
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { atLeast } from '#core/roles/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { isBlank, isWritable } from '#core/writing/index.ts';
import type { RunningHouse } from '../house/house.ts';
import { hashPin, PIN_PATTERN, type Credentials } from './credentials.ts';
import { addressOf, type Devices } from './devices.ts';
import type { FirstCode } from './firstCode.ts';
import type { People } from './people.ts';
import { actorOf, type SignedIn } from './signedIn.ts';
import type { TryPin } from './tryPin.ts';

const name = () =>
  string()
    .trim()
    .test('seen', 'must be words', (value) => value !== undefined && !isBlank(value) && isWritable(value))
    .max(120)
    .required();
const pin = () => string().matches(PIN_PATTERN, '4 to 8 digits').required();
const firstSchema = object({ house: name(), zone: string().max(60).required(), name: name(), title: name(), pin: pin() })
  .noUnknown()
  .strict();
const pinSchema = object({ person: string().max(64).required(), pin: pin(), old: string().matches(PIN_PATTERN).optional() })
  .noUnknown()
  .strict();

type Parts = { people: People; signedIn: SignedIn; devices: Devices; tryPin: TryPin; credentials: Credentials; code: FirstCode };

export function setUpRoutes(house: RunningHouse, { people, signedIn, devices, tryPin, credentials, code }: Parts): Router {
  const router = Router();

  /** Only while nothing is written: afterwards a lead adds people. Of two who try at once the journal takes one. */
  router.post(paths.firstLead, async (request, response) => {
    if (!firstSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: '', message: 'name, zone and a PIN of 4 to 8 digits' }] });
    if (house.store.latestSeq() > 0) return void response.status(409).json({ code: 'notEmpty' });
    if (!code.isGiven(request)) return void response.status(403).json({ code: 'code' });
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
    await signedIn.begin(request, person);
    devices.remember(request, response, person);
    response.status(204).end();
  });

  /** Their own PIN everybody changes who knows the old one; a lead sets that of others, which is written down. Either way other sign-ins of that person end. */
  router.post(paths.pin, signedIn.only, async (request, response) => {
    if (!pinSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: 'pin', message: '4 to 8 digits' }] });
    const { person, pin: chosen, old } = request.body;
    const actor = actorOf(response.locals);
    if (person === actor.id) {
      if (old === undefined)
        return void response.status(400).json({ code: 'bad', faults: [{ path: 'old', message: 'the PIN until now' }] });
      const tried = await tryPin({ person, pin: old, address: addressOf(request), device: devices.find(request, person) });
      if (!tried.ok) return void response.status(tried.status === 401 ? 409 : tried.status).json(tried.says);
      await credentials.set(person, chosen);
      await signedIn.begin(request, person);
      return void response.status(204).end();
    }
    if (!atLeast(actor.role, 'lead')) return void response.status(403).json({ code: 'role' });
    if (!people.find(person)) return void response.status(404).json({ code: 'notFound' });
    const pinHash = await hashPin(chosen);
    const occurredAtMs = Math.round(house.clock.now());
    const said = { id: v7(), kind: 'person.pinSet' as const, version: versionOf('person.pinSet'), occurredAtMs, payload: { person } };
    const outcome = house.append({ actId: v7(), entries: [said] }, actor);
    if (!outcome.ok) return void response.status(409).json({ code: 'refused', refusals: outcome.refusals });
    credentials.put(person, pinHash);
    response.status(204).end();
  });
  return router;
}
