// The count of a quarantine.
import type { QuarantineClock } from '#core/quarantine/index.ts';
import { formatDay } from '#core/time/index.ts';
import { countDays, sayZero } from '../words/quarantine.ts';
import type { Figure } from './figure.ts';

export function quarantineFigure(clock: QuarantineClock): Figure {
  const { since, clear, unseen, short, treated, today } = countDays(clock);
  const left = Math.max(0, clock.required - clear);
  return {
    what: 'Days of this quarantine',
    law: 'A day counts when it is over, every place where the fish stood was checked, none was missing without a word, and no treatment ran (unless the rule lets such days count). It counts from the day after the last thing that restarts it.',
    sums: [
      `${since} days since ${sayZero(clock)}`,
      `${since} − ${unseen} not checked − ${short} with fish not seen − ${treated} under treatment − ${today} not over = ${clear} clear`,
      `${clock.required} asked for − ${clear} = ${left} to come${clock.earliestDay === undefined ? '' : `, ${formatDay(clock.earliestDay)} at the earliest`}`,
    ],
    band: 'It is a count of what was written, not of what is in the fish: a sign that nobody saw is not in it. A check that is entered late puts its day right; an entry that is undone takes it back.',
    source: 'The house’s rule of the day on which the quarantine began (House › Quarantine); days are days of the house’s own zone.',
    changes:
      'Illness or an unexplained death here, and by the rule newcomers, illness in the system, a wet net or water from fish in quarantine: each restarts it. A check on each day keeps it counting.',
  };
}
