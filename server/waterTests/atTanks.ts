// Tests of water for the walk: at the first tank of a system what is due of it; at each of its tanks what is over its limit, and whether less is fed.
import type Database from 'better-sqlite3';
import type { RoundTank } from '#contract/views.ts';
import type { WaterTestRules } from '#core/waterTests/index.ts';
import { prepareStandingTests } from './standing.ts';

type At = NonNullable<RoundTank['water']>;

export function prepareTankTests(
  client: Database.Database,
): (given: { now: number; zone: string; rules: WaterTestRules }) => Map<string, At> {
  const standing = prepareStandingTests(client);
  return (given) =>
    new Map(
      standing(given).flatMap(({ tanks, tests, over, feedLess }) => {
        const due = tests.filter(({ is }) => is === 'due' || is === 'overdue').map(({ quantity }) => quantity);
        const open = over.filter(({ answered }) => !answered).map(({ quantity }) => quantity);
        return tanks.flatMap(({ id }, index): [string, At][] => {
          const here = index === 0 ? due : [];
          return here.length + open.length === 0 && !feedLess ? [] : [[id, { due: here, over: open, ...(feedLess ? { feedLess } : {}) }]];
        });
      }),
    );
}
