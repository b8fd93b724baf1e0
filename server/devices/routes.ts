// The simulated bench meter over HTTP. Only in a demo house: what it shows is made up, and must not stand in a real house's books.
import { Router } from 'express';
import { boolean, object, string } from 'yup';
import { id } from '#contract/basics/fields.ts';
import { METER, METER_WAYS } from '#contract/devices.ts';
import { paths } from '#contract/paths.ts';
import { FOLLOWED_QUANTITIES } from '#core/runs/index.ts';
import type { SignedIn } from '../door/signedIn.ts';
import type { RunningHouse } from '../house/house.ts';
import { makeMeter } from './meter.ts';

const readSchema = object({
  subject: object({
    kind: string()
      .oneOf(['run', 'system'] as const)
      .required(),
    id: id(),
  })
    .noUnknown()
    .required(),
  quantity: string().oneOf(FOLLOWED_QUANTITIES).required(),
  way: string().oneOf(METER_WAYS).required(),
})
  .noUnknown()
  .strict();
const referenceSchema = object({ quantity: string().oneOf(FOLLOWED_QUANTITIES).required(), setRight: boolean().required() })
  .noUnknown()
  .strict();

export function deviceRoutes(house: RunningHouse, signedIn: SignedIn): Router {
  const router = Router();
  const meter = makeMeter(house);
  const bad = { code: 'bad', faults: [{ path: '', message: 'what, where and how the meter is to read' }] };
  router.post([paths.meter, paths.meterReference], signedIn.only, (_request, response, next) =>
    house.settings().demo ? next() : void response.status(404).json({ code: 'notFound' }),
  );
  router.post(paths.meter, (request, response) => {
    if (!readSchema.isValidSync(request.body, { strict: true })) return void response.status(400).json(bad);
    const shown = meter.read({ ...request.body, now: house.clock.now() });
    if (!shown) return void response.status(404).json({ code: 'notFound' });
    response.json(shown);
  });
  router.post(paths.meterReference, (request, response) => {
    if (!referenceSchema.isValidSync(request.body, { strict: true })) return void response.status(400).json(bad);
    const { quantity, setRight } = request.body;
    const now = house.clock.now();
    const shown = meter.reference(quantity, now);
    if (!shown) return void response.status(404).json({ code: 'notFound' });
    if (setRight) meter.setRight(quantity, now);
    response.json({ ...shown, instrument: METER });
  });
  return router;
}
