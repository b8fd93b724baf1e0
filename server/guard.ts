// Who may talk to this server at all: same-origin pages under a host name that is ours.
import { isIP } from 'node:net';
import type { RequestHandler } from 'express';

/**
 * Refuses foreign origins on anything that writes, and unknown host names on everything: a page elsewhere that
 * points its own name at this machine would otherwise pass for ours. Plain addresses cannot be pointed so.
 */
export function guard(allowedNames: readonly string[]): RequestHandler {
  return (request, response, next) => {
    const host = request.headers.host ?? '';
    const name = host.replace(/:\d+$/, '').replace(/^\[|\]$/g, '');
    if (name !== 'localhost' && isIP(name) === 0 && !allowedNames.includes(name)) return void response.status(403).json({ code: 'host' });
    const { origin } = request.headers;
    const writes = request.method !== 'GET' && request.method !== 'HEAD';
    if (writes && origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`)
      return void response.status(403).json({ code: 'origin' });
    if (writes && request.headers['sec-fetch-site'] === 'cross-site') return void response.status(403).json({ code: 'origin' });
    next();
  };
}
