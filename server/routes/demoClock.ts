// In a demo house the clock can be moved on, so that the story is walked in minutes. A real house has no such route.
import { Router } from 'express';
import { object, string } from 'yup';
import { paths } from '#contract/paths.ts';
import { atLocal, houseDay } from '#core/time/index.ts';
import { setMeta } from '../db/meta.ts';
import type { SignedIn } from '../door/signedIn.ts';
import type { RunningHouse } from '../house/house.ts';

const schema = object({ to: string().oneOf(['next', 'morning']).required() })
  .noUnknown()
  .strict();
const MORNING = { hour: 7, minute: 30 };

/** The instant to move to: when the next due thing opens, or half past seven of the next morning. Nothing when nothing is due. */
export function momentOf(house: RunningHouse, to: string): number | undefined {
  const now = house.clock.now();
  const { zone } = house.settings();
  if (to === 'morning') return atLocal(houseDay(now, zone) + 1, MORNING, zone);
  const ahead = house
    .view('today')
    .due.map(({ fromMs }) => fromMs)
    .filter((ms) => ms > now);
  return ahead.length > 0 ? Math.min(...ahead) : undefined;
}

export function demoClockRoutes(house: RunningHouse, signedIn: SignedIn, onMoved: () => void): Router {
  const router = Router();
  router.post(paths.demoClock, signedIn.only, (request, response) => {
    if (!house.settings().demo) return void response.status(404).json({ code: 'notFound' });
    if (!schema.isValidSync(request.body, { strict: true }))
      return void response.status(400).json({ code: 'bad', faults: [{ path: 'to', message: 'next or morning' }] });
    const moment = momentOf(house, request.body.to);
    if (moment === undefined) return void response.status(409).json({ code: 'nothingDue' });
    house.clock.shift(Math.ceil(moment - house.clock.now()));
    setMeta(house.client, 'houseNow', String(house.clock.now()));
    onMoved();
    response.json(house.clockView());
  });
  return router;
}
