// Who may make themselves the first lead: somebody at the machine itself, or who can read what it printed when it started.
import type { Request } from 'express';
import { randomInt, timingSafeEqual } from 'node:crypto';

export const FIRST_CODE_HEADER = 'x-first-code';
const DIGITS = 8;
/** Then the house is to be started anew: nobody guesses on. */
const MOST_TRIES = 20;

export type FirstCode = { text: string; isGiven(request: Request): boolean };

/** Asked of everybody who is not on this machine. A request that was handed on by another server comes from there, whatever its last step. */
export function needsCode(request: Request): boolean {
  const { remoteAddress = '' } = request.socket;
  const local = remoteAddress === '127.0.0.1' || remoteAddress === '::1' || remoteAddress === '::ffff:127.0.0.1';
  return !local || request.headers['x-forwarded-for'] !== undefined || request.headers.forwarded !== undefined;
}

export function makeFirstCode(text = String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0')): FirstCode {
  let tries = 0;
  return {
    text,
    isGiven(request) {
      if (!needsCode(request)) return true;
      const given = request.headers[FIRST_CODE_HEADER];
      tries += 1;
      if (tries > MOST_TRIES || typeof given !== 'string' || given.length !== text.length) return false;
      return timingSafeEqual(Buffer.from(given), Buffer.from(text));
    },
  };
}
