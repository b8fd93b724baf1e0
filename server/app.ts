// The web server over one house: headers, sign-in, journal, views, live stream, and the built pages.
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import session from 'express-session';
import { randomBytes } from 'node:crypto';
import path from 'node:path';
import { BOUNDS, isDeep } from '#contract/bounds.ts';
import { paths } from '#contract/paths.ts';
import { DAY_MS } from '#core/time/index.ts';
import { findMeta, setMeta } from './db/meta.ts';
import { startPager } from './devices/pager.ts';
import { deviceRoutes } from './devices/routes.ts';
import { makeCredentials, TooBusy } from './door/credentials.ts';
import { makeDevices } from './door/devices.ts';
import { makeFirstCode, type FirstCode } from './door/firstCode.ts';
import { makePeople } from './door/people.ts';
import { peopleRoutes } from './door/routes.ts';
import { SESSION_MS, SessionStore } from './door/sessionStore.ts';
import { setUpRoutes } from './door/setUp.ts';
import { makeSignedIn } from './door/signedIn.ts';
import { makeThrottle } from './door/throttle.ts';
import { makeTryPin } from './door/tryPin.ts';
import { exportRoutes } from './export/routes.ts';
import { guard } from './guard.ts';
import { safeHeaders } from './headers.ts';
import { makeHealth, SUM_EVERY_MS } from './health.ts';
import type { RunningHouse } from './house/house.ts';
import { startWatch } from './keep/watch.ts';
import { makeHub } from './live/hub.ts';
import { logRequests, makeLog, whatOf, type Log } from './log/log.ts';
import { photoRoutes } from './routes/photos.ts';
import { demoClockRoutes } from './routes/demoClock.ts';
import { journalRoutes } from './routes/journal.ts';

/** The longest packing list that is taken (2,000 bags) is about 400 kB. */
const BODY_LIMIT = '1mb';
const YEAR_MS = 365 * DAY_MS;

export type App = { express: Express; close(): void };
type Options = {
  house: RunningHouse;
  /** The directory that keeps its photographs; none where none are kept. */
  data?: string;
  dist?: string;
  hostNames?: readonly string[];
  log?: Log;
  firstCode?: FirstCode;
  /** A request that takes as long is told of. */
  slowMs?: number;
};

export function makeApp({ house, data, dist, hostNames = [], log = makeLog(), firstCode = makeFirstCode(), slowMs }: Options): App {
  const app = express();
  app.disable('x-powered-by').set('etag', false);
  app.use(logRequests(log, slowMs));
  app.use(guard(hostNames));
  app.use(safeHeaders());
  const watch = startWatch(house, log);
  const health = makeHealth(house, watch.now, SUM_EVERY_MS);
  app.get(paths.health, (_request, response) => {
    const state = health();
    response.status(state.ok ? 200 : 500).json(state);
  });
  const people = makePeople(house);
  const credentials = makeCredentials(house.db);
  const signedIn = makeSignedIn(people, credentials);
  const devices = makeDevices(house.client);
  const tryPin = makeTryPin({ house, people, credentials, throttle: makeThrottle(house.client), log });
  const hub = makeHub(house);
  const api = express.Router();
  api.use(express.json({ limit: BODY_LIMIT, verify: (_request, _response, body) => mustBeFlat(body) }));
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
  api.use(journalRoutes(house, signedIn));
  api.use(peopleRoutes(house, { people, signedIn, devices, tryPin }));
  api.use(setUpRoutes(house, { people, signedIn, devices, tryPin, credentials, code: firstCode }));
  api.use(exportRoutes(house, signedIn, data));
  if (data !== undefined) api.use(photoRoutes(house, data, signedIn));
  api.use(demoClockRoutes(house, signedIn, () => hub.clockMoved()));
  api.use(deviceRoutes(house, signedIn));
  const stopPager = startPager(house, log);
  api.get(paths.live, signedIn.only, (request, response) => hub.join(response, () => signedIn.personOf(request.session) !== undefined));
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
      watch.stop();
      stopPager();
      hub.close();
    },
  };
}

/** Thrown before anything is parsed; answered as bad input. */
function mustBeFlat(body: Uint8Array): void {
  if (isDeep(body)) throw Object.assign(new Error(`more than ${BOUNDS.depth} levels deep`), { status: 400 });
}

function sessionSecret(house: RunningHouse): string {
  const known = findMeta(house.client, 'sessionSecret');
  if (known) return known;
  const secret = randomBytes(32).toString('base64');
  setMeta(house.client, 'sessionSecret', secret);
  return secret;
}

const CANNOT_WRITE = /^SQLITE_(FULL|IOERR|READONLY|BUSY)/;

/** Bad input is said; a broken invariant is logged and owned up to, with nothing kept of its act. */
function onError(log: Log): ErrorRequestHandler {
  return (error: Error & { status?: number; code?: unknown }, request, response, next) => {
    if (response.headersSent) return next(error);
    if (error instanceof TooBusy) return void response.status(429).json({ code: 'busy' });
    // Not this act but the disk: whoever sent it keeps it and sends it again.
    if (typeof error.code === 'string' && CANNOT_WRITE.test(error.code)) {
      log.error({ ...whatOf(request, response.locals), why: error.message }, 'nothing can be written');
      return void response.status(503).json({ code: 'cannotWrite', ...(error.code === 'SQLITE_FULL' ? { full: true } : {}) });
    }
    const status = error.status && error.status >= 400 && error.status < 500 ? error.status : 500;
    if (status === 500) log.error({ ...whatOf(request, response.locals), why: error.stack ?? error.message }, 'broken');
    const code = status === 413 ? 'tooLarge' : status === 404 ? 'notFound' : status === 500 ? 'broken' : 'bad';
    response.status(status).json({ code, ...(code === 'bad' ? { faults: [{ path: '', message: error.message }] } : {}) });
  };
}
