// A directory with nothing of any house in it: the pages ask whether one is to begin here. Nothing is written before somebody says so.
import express, { type Express } from 'express';
import path from 'node:path';
import { paths } from '#contract/paths.ts';
import type { DoorView, Health } from '#contract/views.ts';
import { needsCode, type FirstCode } from './door/firstCode.ts';
import { guard } from './guard.ts';
import { safeHeaders } from './headers.ts';

type Options = { data: string; dist?: string; hostNames?: readonly string[]; code: FirstCode; begin: () => Express };

/** Serves the door of a house that is not there yet; the first lead's own request begins it, and is handed on to it. */
export function makeBeginning({ data, dist, hostNames = [], code, begin }: Options): Express {
  const app = express();
  app.disable('x-powered-by').set('etag', false);
  app.use(guard(hostNames));
  app.use(safeHeaders());
  app.get(
    paths.health,
    (_request, response) => void response.json({ ok: true, seq: 0, balance: 0, inHouse: 0, journal: 0 } satisfies Health),
  );
  app.get(paths.door, (request, response) => {
    const house = { name: 'A new house', demo: false, empty: true, code: needsCode(request), nothingIn: data };
    response.json({ house, people: [] } satisfies DoorView);
  });
  let house: Express | undefined;
  app.post(paths.firstLead, (request, response, next) => {
    if (!house && !code.isGiven(request)) return void response.status(403).json({ code: 'code' });
    try {
      house ??= begin();
    } catch (error) {
      // Another server has begun it meanwhile, or something of a house has come to stand there.
      return void response.status(409).json({ code: 'cannotBegin', why: (error as Error).message });
    }
    house(request, response, next);
  });
  app.use('/api', (_request, response) => void response.status(401).json({ code: 'signedOut' }));
  if (dist) {
    app.use('/assets', express.static(path.join(dist, 'assets'), { fallthrough: false }));
    app.use(express.static(dist, { index: false }));
    app.get('/{*rest}', (_request, response) => response.set('cache-control', 'no-cache').sendFile(path.join(dist, 'index.html')));
  }
  return app;
}
