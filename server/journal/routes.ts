// The journal over HTTP: one route to write, one to read a view.
import compression from 'compression';
import { Router } from 'express';
import { checkAct } from '#contract/act.ts';
import { paths } from '#contract/paths.ts';
import { VIEW_NAMES, type ViewName } from '#contract/views.ts';
import type { RunningHouse } from '../house.ts';
import { actorOf, requireSignIn, type People } from '../people/routes.ts';

export function journalRoutes(house: RunningHouse, people: People): Router {
  const router = Router();
  const signedIn = requireSignIn(people);

  router.post(paths.journal, signedIn, (request, response) => {
    const checked = checkAct(request.body);
    if (!checked.ok) return void response.status(400).json({ code: checked.code, faults: checked.faults });
    const outcome = house.append(checked.act, actorOf(response.locals));
    if (outcome.ok) return void response.json({ seq: outcome.seq, repeated: outcome.repeated });
    response.status(outcome.refusals.some(({ code }) => code === 'role') ? 403 : 409).json({ code: 'refused', refusals: outcome.refusals });
  });

  router.get(`${paths.views}/:name`, signedIn, compression(), (request, response) => {
    const name = request.params.name as string;
    if (!(VIEW_NAMES as string[]).includes(name)) return void response.status(404).json({ code: 'notFound' });
    const query = Object.fromEntries(
      Object.entries(request.query).map(([key, value]) => [key, typeof value === 'string' ? value : undefined]),
    );
    response.set('cache-control', 'no-store').json(house.view(name as ViewName, query));
  });
  return router;
}
