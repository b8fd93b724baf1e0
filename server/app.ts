// The web server over one house: headers, sign-in, journal, views, live stream, and the built pages.
import { randomBytes } from 'node:crypto';
import path from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import session from 'express-session';
import { paths } from '#contract/paths.ts';
import { demoClockRoutes } from './clock/demoClock.ts';
import { startPager } from './devices/pager.ts';
import { deviceRoutes } from './devices/routes.ts';
import { findMeta, setMeta } from './db/open.ts';
import { exportRoutes } from './export/routes.ts';
import { guard } from './guard.ts';
import { safeHeaders } from './headers.ts';
import { makeHealth } from './health.ts';
import type { RunningHouse } from './house.ts';
import { journalRoutes } from './journal/routes.ts';
import { makeHub } from './live/hub.ts';
import { makePeople, peopleRoutes, requireSignIn } from './people/routes.ts';
import { setUpRoutes } from './people/setUp.ts';
import { SESSION_MS, SessionStore } from './people/sessionStore.ts';

/** The longest packing list that is taken (2,000 bags) is about 400 kB. */
const BODY_LIMIT = '1mb';
const YEAR_MS = 365 * 86_400_000;

export type App = { express: Express; close(): void };
type Options = { house: RunningHouse; dist?: string; hostNames?: readonly string[]; log?: (line: string) => void };

export function makeApp({ house, dist, hostNames = [], log = console.error }: Options): App {
  const app = express();
  app.disable('x-powered-by').set('etag', false);
  app.use(guard(hostNames));
  app.use(safeHeaders());
  const health = makeHealth(house);
  app.get(paths.health, (_request, response) => {
    const state = health();
    response.status(state.ok ? 200 : 500).json(state);
  });
  const people = makePeople(house);
  const hub = makeHub(house);
  const api = express.Router();
  api.use(express.json({ limit: BODY_LIMIT }));
  api.use(
    session({
      name: 'crate',
      secret: sessionSecret(house),
      resave: false,
      saveUninitialized: false,
      store: new SessionStore(house.db),
      cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: SESSION_MS },
    }),
  );
  api.use(journalRoutes(house, people));
  api.use(peopleRoutes(house, people));
  api.use(setUpRoutes(house, people));
  api.use(exportRoutes(house, people));
  api.use(demoClockRoutes(house, people, () => hub.clockMoved()));
  api.use(deviceRoutes(house, people));
  const stopPager = startPager(house, log);
  api.get(paths.live, requireSignIn(people), (_request, response) => hub.join(response));
  api.use('/api', (_request, response) => void response.status(404).json({ code: 'notFound' }));
  app.use((request, response, next) => (request.path.startsWith('/api/') ? api(request, response, next) : next()));
  if (dist) {
    app.use(compression());
    app.use('/assets', express.static(path.join(dist, 'assets'), { immutable: true, maxAge: YEAR_MS, fallthrough: false }));
    app.use(express.static(dist, { index: false }));
    app.get('/{*rest}', (_request, response) => response.set('cache-control', 'no-cache').sendFile(path.join(dist, 'index.html')));
  }
  app.use(onError(log));
  return {
    express: app,
    close: () => {
      stopPager();
      hub.close();
    },
  };
}

function sessionSecret(house: RunningHouse): string {
  const known = findMeta(house.client, 'sessionSecret');
  if (known) return known;
  const secret = randomBytes(32).toString('base64');
  setMeta(house.client, 'sessionSecret', secret);
  return secret;
}

/** Bad input is said; a broken invariant is logged and owned up to, with nothing kept of its act. */
function onError(log: (line: string) => void): ErrorRequestHandler {
  return (error: Error & { status?: number; type?: string }, _request, response, next) => {
    if (response.headersSent) return next(error);
    const status = error.status && error.status >= 400 && error.status < 500 ? error.status : 500;
    if (status === 500) log(`broken: ${error.stack ?? error.message}`);
    const code = status === 413 ? 'tooLarge' : status === 404 ? 'notFound' : status === 500 ? 'broken' : 'bad';
    response.status(status).json({ code, ...(code === 'bad' ? { faults: [{ path: '', message: error.message }] } : {}) });
  };
}
