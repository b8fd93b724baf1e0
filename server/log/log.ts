// What the server tells its keeper: one line of JSON each. Of a request who, what, how long; never a PIN, a cookie or what was written.
import type { Request, RequestHandler } from 'express';
import { randomUUID } from 'node:crypto';
import pino, { type DestinationStream, type Logger } from 'pino';
import type { Person } from '#contract/views.ts';

export type Log = Logger;
/** Slower than this a request is told of, whatever it asked. */
const SLOW_MS = 500;
const MOST_KINDS = 20;

/** Lines go to standard error: what a person reads of a start stands alone on standard output. `LOG_LEVEL` = pino's, `info` when it is not given. */
export function makeLog(to?: DestinationStream): Log {
  const level = to ? 'info' : (process.env.LOG_LEVEL ?? 'info');
  const how = {
    level,
    base: undefined,
    timestamp: pino.stdTimeFunctions.isoTime,
    formatters: { level: (label: string) => ({ level: label }) },
  };
  return pino(how, to ?? pino.destination(2));
}

/** Names each request, and tells of those that wrote, were refused or were slow. */
export function logRequests(log: Log, slowMs = SLOW_MS): RequestHandler {
  return (request, response, next) => {
    const begun = performance.now();
    const id = randomUUID();
    response.locals.requestId = id;
    response.set('x-request-id', id);
    response.on('finish', () => {
      const ms = Math.round(performance.now() - begun);
      const { statusCode: status } = response;
      // The live stream lasts as long as its page does. Of an address without its query: that may be what somebody typed.
      const slow = ms >= slowMs && !String(response.get('content-type')).startsWith('text/event-stream');
      if (request.method === 'GET' && status < 400 && !slow) return;
      const fields = {
        ...whatOf(request, response.locals),
        method: request.method,
        path: request.originalUrl.split('?', 1)[0],
        status,
        ms,
      };
      if (status >= 500) log.error(fields, 'request');
      else if (slow) log.warn(fields, 'slow request');
      else log.info(fields, 'request');
    });
    next();
  };
}

type Told = { request?: string; person?: string; act?: string; kinds?: string[] };

/** Who asked, and of an act its id and the kinds of its entries. */
export function whatOf(request: Request, locals: Record<string, unknown>): Told {
  const body = request.body as { actId?: unknown; entries?: unknown } | undefined;
  const entries = Array.isArray(body?.entries) ? (body.entries as { kind?: unknown }[]) : undefined;
  return {
    request: locals.requestId as string | undefined,
    ...(locals.person ? { person: (locals.person as Person).id } : {}),
    ...(typeof body?.actId === 'string' ? { act: body.actId.slice(0, 64) } : {}),
    ...(entries ? { kinds: entries.slice(0, MOST_KINDS).map((entry) => String(entry?.kind).slice(0, 40)) } : {}),
  };
}
