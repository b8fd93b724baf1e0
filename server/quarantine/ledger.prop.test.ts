// Quarantine clocks against a ledger that shares no code with them, and each read alone against all at once, over random histories with contacts of every sort.
import { jest } from '@jest/globals';
import { MINUTE_MS } from '#core/time/index.ts';
import { prepareClocks } from './clocks.ts';
import { narrowDiffers } from './narrow.ts';
import { RULES, setUp, TANKS, tell } from './testHistories.ts';
import { walk } from './testLedger.ts';

// Many cases: longer than others may take.
jest.setTimeout(600_000);

/** 2,000 with `LEDGER_HISTORIES=2000`; fewer where every push waits for them. */
const HISTORIES = Number(process.env.LEDGER_HISTORIES ?? 100);
const zone = 'Europe/Lisbon';
const ofClock = (restarts: readonly { atMs: number; cause: string }[], zeroMs: number) =>
  restarts.map(({ atMs, cause }) => `${(atMs - zeroMs) / MINUTE_MS} ${cause}`).sort();

it(`${HISTORIES} histories: the clock says what the ledger says, and the same read for one lot alone`, () => {
  const house = setUp();
  const clocks = prepareClocks(house.client);
  const met = new Set<string>();
  for (let seed = 1; seed <= HISTORIES; seed += 1) {
    house.client.exec('begin');
    const { happened, until, now, zeroMs } = tell(house, seed);

    const expected = walk(happened, { systemOf: TANKS, rules: RULES, until });
    const whole = clocks({ now, zone, toolDriesH: RULES.driesMin / 60 });
    const said = [...whole].map(([lot, { clock }]) => [
      lot,
      ofClock(clock.restarts, zeroMs),
      clock.blockers.reduce((sum, blocker) => (blocker.why === 'days' ? blocker.left : sum), 0),
    ]);
    const calculated = [...expected].map(([lot, { restarts, left }]) => [lot, restarts.sort(), left]);
    expect({ seed, clocks: said.sort() }).toEqual({ seed, clocks: calculated.sort() });
    for (const { restarts } of expected.values()) for (const restart of restarts) met.add(restart.replace(/^\d+ /, ''));
    expect({ seed, differ: narrowDiffers(house.client, { now, zone, toolDriesH: RULES.driesMin / 60 }) }).toEqual({ seed, differ: [] });
    house.client.exec('rollback');
  }
  house.close();
  expect([...met].sort()).toEqual([
    'came to fish in quarantine',
    'illness',
    'illness in the system',
    'lasting stress',
    'newcomer',
    'shared system',
    'shared tool',
    'treatment ended',
    'unexplained death',
  ]);
}, 240_000);
