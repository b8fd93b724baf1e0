import type { Oddity } from '#contract/views.ts';

/** What was odd of a lot, in one line. */
export function sayOdd({ what, signs, missing, died }: Oddity): string {
  return `${what}: ${[...signs, ...(missing > 0 ? [`${missing} not seen`] : []), ...(died > 0 ? [`${died} found dead`] : [])].join(', ')}`;
}
