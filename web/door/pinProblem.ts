// Why a PIN was not taken, wherever it is asked for.
import { MINUTE_MS } from '#core/time/index.ts';
import { Refusal } from '../data/api.ts';

export function sayPinProblem(error: unknown): string {
  if (!(error instanceof Refusal)) return 'The house does not answer. Try again in a moment.';
  const { code, left, waitMs } = error.body as { code?: string; left?: number; waitMs?: number };
  if (code === 'wrongPin')
    return left && left > 0
      ? `That is not the PIN. ${left} more ${left === 1 ? 'try' : 'tries'}.`
      : 'That is not the PIN. Wait a minute, then try again.';
  if (code === 'tooMany') return `Too many wrong tries. Wait ${sayWait(waitMs ?? MINUTE_MS)}.`;
  if (code === 'busy') return 'The house is busy with other sign-ins. Try again in a moment.';
  return 'A PIN has 4 to 8 digits.';
}

const sayWait = (ms: number): string => (ms < 120_000 ? `${Math.ceil(ms / 1000)} s` : `${Math.ceil(ms / MINUTE_MS)} min`);
