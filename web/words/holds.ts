// A hold's clock in words that a customer would understand.
import type { Blocker, HoldClock, HoldZero, Restart, RestartCause } from '#core/quarantine/index.ts';
import { formatDay } from '#core/time/index.ts';

const days = (n: number) => `${n} ${n === 1 ? 'day' : 'days'}`;

/** Why the count began anew, without the date. */
export function sayCause({ cause, what, who, place }: Pick<Restart, 'cause' | 'what' | 'who' | 'place'>): string {
  const at = place ? ` in ${place}` : '';
  switch (cause) {
    case 'illness':
      return `${what} on ${who}${at}`;
    case 'illness in the water':
      return `${what} on ${who}${at}, on the same water`;
    case 'unexplained death':
      return `${who} died${at}, nobody knows why`;
    case 'lasting stress':
      return `${what}${at} more than two days after it came`;
    case 'newcomer':
      return `${who} came to its water while on hold${at}`;
    case 'came to fish on hold':
      return `it came to ${who}, on hold${at}`;
    case 'shared tool':
      return `${what} went into ${place}, wet from ${who}`;
    case 'shared water':
      return `water of ${who} went into ${place}`;
    case 'remedy ended':
      return `the ${what} ended`;
  }
}

const ZEROS: Record<HoldZero | RestartCause, string> = {
  arrival: 'arrival',
  contact: 'contact with fish on hold',
  'taken over': 'the days still to go when the books began',
  illness: 'the last sign of illness',
  'illness in the water': 'illness in its water',
  'unexplained death': 'a death nobody can explain',
  'lasting stress': 'stress that lasted',
  newcomer: 'a newcomer',
  'came to fish on hold': 'coming to fish on hold',
  'shared tool': 'a shared tool',
  'shared water': 'shared water',
  'remedy ended': 'the end of a remedy',
};
/** What day 0 is counted from. */
export const sayZero = ({ zero }: Pick<HoldClock, 'zero'>): string => `${ZEROS[zero.cause]}, ${formatDay(zero.day)}`;

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
    case 'remedy':
      return `under ${blocker.family}`;
  }
}

/** The days since the zero, each told once: they always add up. */
export function countDays({ days: marks, openedDay, zero }: Pick<HoldClock, 'days' | 'openedDay' | 'zero'>) {
  const since = marks.slice(zero.day - openedDay + 1);
  const of = (mark: HoldClock['days'][number]) => since.filter((one) => one === mark).length;
  return { since: since.length, clean: of('clean'), unseen: of('unseen'), short: of('short'), remedy: of('remedy'), today: of('today') };
}

/** `9 days since arrival, Tue 3 Mar: 7 clean, 2 on which nobody looked.` */
export function sayDays(clock: HoldClock): string {
  const { since, clean, unseen, short, remedy, today } = countDays(clock);
  if (since === 0) return `Day 0: ${sayZero(clock)}.`;
  const parts = [
    `${clean} clean`,
    unseen > 0 && `${unseen} on which nobody looked`,
    short > 0 && `${short} with fish not seen`,
    remedy > 0 && `${remedy} under a remedy`,
    today > 0 && 'today not over',
  ].filter(Boolean);
  return `${days(since)} since ${sayZero(clock)}: ${parts.join(', ')}.`;
}

/** `Out on Thu 19 Mar at the earliest.` */
export function sayEarliest({ earliestDay, blockers }: Pick<HoldClock, 'earliestDay' | 'blockers'>): string {
  if (blockers.length === 0) return 'It may be signed off.';
  if (earliestDay === undefined) return 'No date while the remedy runs.';
  return blockers.some(({ why }) => why === 'days') ? `Out on ${formatDay(earliestDay)} if all goes well.` : 'Its days are over.';
}
