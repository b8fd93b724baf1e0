// Devices on which a person has signed in before: a random cookie, kept here only as its hash. It lets nobody in; it only gives their tries counts of their own.
import type Database from 'better-sqlite3';
import { parse } from 'cookie';
import type { Request, Response } from 'express';
import { createHash, randomBytes } from 'node:crypto';
import { DAY_MS } from '#core/time/index.ts';
import { makeAsk } from '../db/ask.ts';

const COOKIE = 'crate-device';
const KEPT_MS = 365 * DAY_MS;
const VALUE = /^[A-Za-z0-9_-]{22}$/;

export type Devices = ReturnType<typeof makeDevices>;

export function makeDevices(client: Database.Database) {
  const ask = makeAsk(client);
  const known = ask.is('select 1 from device where id = ? and person = ? and at_ms > ?');
  const note = client.prepare(
    'insert into device (id, person, at_ms) values (?, ?, ?) on conflict (id, person) do update set at_ms = excluded.at_ms',
  );
  const valueOf = (request: Request): string | undefined => {
    const value = parse(request.headers.cookie ?? '')[COOKIE];
    return value !== undefined && VALUE.test(value) ? value : undefined;
  };
  const hashOf = (value: string) => createHash('sha256').update(value).digest('base64url');
  return {
    /** The device of a request, if this person has signed in on it within a year. */
    find(request: Request, person: string): string | undefined {
      const value = valueOf(request);
      const id = value === undefined ? undefined : hashOf(value);
      return id !== undefined && known(id, person, Date.now() - KEPT_MS) ? id : undefined;
    },
    /** This person has signed in here. */
    remember(request: Request, response: Response, person: string): void {
      const value = valueOf(request) ?? randomBytes(16).toString('base64url');
      try {
        note.run(hashOf(value), person, Date.now());
      } catch {
        // A disk that takes nothing keeps nobody out: their tries are counted as those of a stranger.
        return;
      }
      response.cookie(COOKIE, value, { httpOnly: true, sameSite: 'strict', secure: request.secure, maxAge: KEPT_MS });
    },
  };
}

/** Where a request comes from: of the newer kind of address the part that one household has; behind a server of this machine what that one names. */
export function addressOf(request: Request): string {
  const direct = (request.socket.remoteAddress ?? '').replace(/^::ffff:/, '');
  const handedOn = String(request.headers['x-forwarded-for'] ?? '')
    .split(',')
    .at(-1)!
    .trim();
  const address = (direct === '127.0.0.1' || direct === '::1') && handedOn !== '' ? handedOn.slice(0, 64) : direct;
  return address.includes(':') ? address.split(':').slice(0, 4).join(':') : address;
}
