// Tests of water, for Today: what is to be tested of each system, what is over its limit, and when it is read again.
import type Database from 'better-sqlite3';
import type { DueFacts } from '#core/today/index.ts';
import type { WaterTestRules } from '#core/waterTests/index.ts';
import { grouped } from '../now/rows.ts';
import { prepareStandingTests, type StandingTests } from './standing.ts';

type Asked = (given: { now: number; zone: string; rules: WaterTestRules }) => Pick<DueFacts, 'tests' | 'overLimit' | 'retests'>;

export function prepareWaterTestDue(client: Database.Database): Asked {
  const standing = prepareStandingTests(client);
  return (given) => {
    const systems = standing(given).map((system) => ({
      ...system,
      at: { tank: system.tanks[0]!.id, tankCode: system.tanks[0]!.code, walk: system.walk, system: system.name },
    }));
    return {
      // A bench of single tanks is one walk with the tests in hand.
      tests: [...grouped(systems.filter(isOpen), ({ rack }) => rack.entry).values()].map((here) => {
        const due = here.flatMap(({ tests }) => tests.filter(({ is }) => is === 'due' || is === 'overdue'));
        const [first] = here;
        return {
          ...first!.at,
          entry: first!.rack.entry,
          rack: first!.rack.name,
          systems: here.length,
          quantities: [...new Set(due.map(({ quantity }) => quantity))],
          dueDay: Math.min(...due.map(({ dueDay }) => dueDay)),
          everyDays: Math.min(...due.map(({ everyDays }) => everyDays)),
        };
      }),
      overLimit: systems.flatMap(({ over, at }) =>
        over.flatMap(({ quantity, reading, verdict, answered }) =>
          answered ? [] : [{ ...at, entry: reading.entry, quantity, atMs: reading.atMs, urgent: verdict.urgent }],
        ),
      ),
      retests: systems.flatMap(({ over, at }) =>
        over.flatMap(({ quantity, answered }) =>
          answered?.retestAtMs === undefined
            ? []
            : [{ ...at, entry: answered.entry, quantity, atMs: answered.atMs, retestAtMs: answered.retestAtMs }],
        ),
      ),
    };
  };
}

const isOpen = ({ tests }: StandingTests): boolean => tests.some(({ is }) => is === 'due' || is === 'overdue');
