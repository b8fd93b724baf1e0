// The journal over HTTP: one route to write, one to read a view.
import compression from 'compression';
import { Router } from 'express';
import { checkAct } from '#contract/act.ts';
import { MAKER_HEADER, paths } from '#contract/paths.ts';
import { VIEW_NAMES, type ViewName } from '#contract/views.ts';
import { actorOf, type SignedIn } from '../door/signedIn.ts';
import type { RunningHouse } from '../house/house.ts';

/** Nobody reads more; an act of many entries may be refused for each thing in each of them. */
const MOST_REFUSALS = 200;

export function journalRoutes(house: RunningHouse, signedIn: SignedIn): Router {
  const router = Router();

  router.post(paths.journal, signedIn.only, (request, response) => {
    // Another tab of the same browser may have signed somebody else in meanwhile: what was made before that is not theirs.
    const maker = request.headers[MAKER_HEADER];
    if (maker !== undefined && maker !== actorOf(response.locals).id) return void response.status(401).json({ code: 'otherMaker' });
    const checked = checkAct(request.body);
    if (!checked.ok) return void response.status(400).json({ code: checked.code, faults: checked.faults });
    const outcome = house.append(checked.act, actorOf(response.locals));
    if (outcome.ok) return void response.json({ seq: outcome.seq, repeated: outcome.repeated });
    const refusals = outcome.refusals.slice(0, MOST_REFUSALS);
    response.status(outcome.refusals.some(({ code }) => code === 'role') ? 403 : 409).json({ code: 'refused', refusals });
  });

  router.get(`${paths.views}/:name`, signedIn.only, compression(), (request, response) => {
    const name = request.params.name as string;
    if (!(VIEW_NAMES as string[]).includes(name)) return void response.status(404).json({ code: 'notFound' });
    const query = Object.fromEntries(
      Object.entries(request.query).map(([key, value]) => [key, typeof value === 'string' ? value : undefined]),
    );
    response.set('cache-control', 'no-store').json(house.view(name as ViewName, query));
  });
  return router;
}
