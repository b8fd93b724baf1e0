// A quarantine's clock in words that a customer would understand.
import type { Blocker, QuarantineClock, QuarantineZero, Restart, RestartCause } from '#core/quarantine/index.ts';
import { formatDay } from '#core/time/index.ts';
import { plural } from './text.ts';

const days = (n: number) => plural(n, 'day');

/** Why the count restarted, without the date. */
export function sayCause({ cause, what, who, place }: Pick<Restart, 'cause' | 'what' | 'who' | 'place'>): string {
  const where = place ? ` in ${place}` : '';
  switch (cause) {
    case 'illness':
      return `${what} on ${who}${where}`;
    case 'illness in the system':
      return `${what} on ${who}${where}, on the same system`;
    case 'unexplained death':
      return `${who} died${where}, nobody knows why`;
    case 'lasting stress':
      return `${what}${where} more than two days after it came`;
    case 'newcomer':
      return `${who} came to its system while in quarantine${where}`;
    case 'came to fish in quarantine':
      return `it came to ${who}, in quarantine${where}`;
    case 'shared tool':
      return `${what} went into ${place}, wet from ${who}`;
    case 'shared system':
      return `water of ${who} went into ${place}`;
    case 'treatment ended':
      return `the ${what} ended`;
  }
}

const ZEROS: Record<QuarantineZero | RestartCause, string> = {
  arrival: 'arrival',
  contact: 'contact with fish in quarantine',
  'taken over': 'the days still to go when records began here',
  illness: 'the last sign of illness',
  'illness in the system': 'illness in its system',
  'unexplained death': 'a death nobody can explain',
  'lasting stress': 'stress that lasted',
  newcomer: 'a newcomer',
  'came to fish in quarantine': 'coming to fish in quarantine',
  'shared tool': 'a shared tool',
  'shared system': 'shared system',
  'treatment ended': 'the end of a treatment',
};
/** What day 0 is counted from. */
export const sayZero = ({ zero }: Pick<QuarantineClock, 'zero'>): string => `${ZEROS[zero.cause]}, ${formatDay(zero.day)}`;

export function sayBlocker(blocker: Blocker, when: (ms: number) => string): string {
  switch (blocker.why) {
    case 'days':
      return `${days(blocker.left)} more without a sign`;
    case 'not eating':
      return `last seen to eat ${when(blocker.atMs)}: it must be seen to eat again`;
    case 'never ate':
      return 'nobody has seen it eat here yet';
    case 'unseen':
      return `${blocker.n} not seen at ${when(blocker.atMs)}, and not all seen since`;
    case 'treatment':
      return `under ${blocker.family}`;
  }
}

/** The days since the zero, each told once: they always add up. */
export function countDays({ days: marks, openedDay, zero }: Pick<QuarantineClock, 'days' | 'openedDay' | 'zero'>) {
  const since = marks.slice(zero.day - openedDay + 1);
  const count = (mark: QuarantineClock['days'][number]) => since.filter((dayMark) => dayMark === mark).length;
  return {
    since: since.length,
    clear: count('clear'),
    unseen: count('unseen'),
    short: count('short'),
    treated: count('treatment'),
    today: count('today'),
  };
}

/** `9 days since arrival, Tue 3 Mar: 7 clear, 2 without a health check.` */
export function sayDays(clock: QuarantineClock): string {
  const { since, clear, unseen, short, treated, today } = countDays(clock);
  if (since === 0) return `Day 0: ${sayZero(clock)}.`;
  const parts = [
    `${clear} clear`,
    unseen > 0 && `${unseen} without a health check`,
    short > 0 && `${short} with fish not seen`,
    treated > 0 && `${treated} under a treatment`,
    today > 0 && 'today not over',
  ].filter(Boolean);
  return `${days(since)} since ${sayZero(clock)}: ${parts.join(', ')}.`;
}

/** `Out on Thu 19 Mar at the earliest.` */
export function sayEarliest({ earliestDay, blockers }: Pick<QuarantineClock, 'earliestDay' | 'blockers'>): string {
  if (blockers.length === 0) return 'It may be signed off.';
  if (earliestDay === undefined) return 'No date while the treatment runs.';
  return blockers.some(({ why }) => why === 'days') ? `Out on ${formatDay(earliestDay)} if all goes well.` : 'Its days are over.';
}
