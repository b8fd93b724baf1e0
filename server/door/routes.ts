// The door: who may sign in, signing in by name and PIN, signing out, who am I.
import { Router } from 'express';
import { object, string } from 'yup';
import { paths } from '#contract/paths.ts';
import type { DoorView, MeView, Person } from '#contract/views.ts';
import { findMeta } from '../db/meta.ts';
import type { RunningHouse } from '../house/house.ts';
import { PIN_PATTERN } from './credentials.ts';
import { addressOf, type Devices } from './devices.ts';
import { needsCode } from './firstCode.ts';
import type { People } from './people.ts';
import type { SignedIn } from './signedIn.ts';
import type { TryPin } from './tryPin.ts';

const signInSchema = object({ person: string().max(64).required(), pin: string().matches(PIN_PATTERN).required() })
  .noUnknown()
  .strict();

type Parts = { people: People; signedIn: SignedIn; devices: Devices; tryPin: TryPin };

export function peopleRoutes(house: RunningHouse, { people, signedIn, devices, tryPin }: Parts): Router {
  const router = Router();
  const meView = (person: Person): MeView => ({
    person,
    prefers: people.prefers(person.id),
    house: house.settings(),
    clock: house.clockView(),
  });

  router.get(paths.door, (request, response) => {
    const { name, demo } = house.settings();
    const pins = demo ? (JSON.parse(findMeta(house.client, 'demoPins') ?? '{}') as Record<string, string>) : {};
    const empty = house.store.latestSeq() === 0;
    const view: DoorView = {
      house: { name, demo, empty, ...(empty && needsCode(request) ? { code: true } : {}) },
      people: people.all().map(({ role: _role, ...rest }) => ({ ...rest, ...(pins[rest.id] ? { pin: pins[rest.id] } : {}) })),
    };
    response.json(view);
  });

  router.post(paths.signIn, async (request, response) => {
    if (!signInSchema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: 'pin', message: '4 to 8 digits' }] });
    const { person, pin } = request.body;
    const tried = await tryPin({ person, pin, address: addressOf(request), device: devices.find(request, person) });
    if (!tried.ok) return void response.status(tried.status).json(tried.says);
    await signedIn.begin(request, person);
    devices.remember(request, response, person);
    response.json(meView(people.find(person)!));
  });

  router.post(paths.signOut, (request, response) => {
    request.session.destroy(() => response.status(204).end());
  });

  router.get(paths.me, signedIn.only, (_request, response) => {
    response.json(meView(response.locals.person as Person));
  });
  return router;
}
