// Clocks of every lot in quarantine in a 400-tank house with two looks a day behind them: core alone, and with its queries.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { gatherFacts, quarantineClock, plainPolicy } from '#core/quarantine/index.ts';
import type { Sign } from '#core/rounds/index.ts';
import { DAY_MS, MINUTE_MS, houseDay } from '#core/time/index.ts';
import { makeClock } from '#server/clock/clock.ts';
import { startHouse } from '#server/house/house.ts';
import { houseFile } from '#server/journal/replay.ts';
import { prepareClocks } from '#server/quarantine/clocks.ts';
import { prepareQuarantineRows, prepareOpenQuarantines } from '#server/quarantine/rows.ts';
import { makeLarge, TANKS } from './large.ts';
import { makeFiller, ms, quantile } from './measure.ts';

const ZONE = 'Europe/Lisbon';
const QUARANTINE_DAYS = 27;
const ENTRIES = 600_000;
const TIMES = 40;
const SIGNS: readonly Sign[] = ['torn fin', 'chased', 'white spots', 'clamped fins', 'not eating'];

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, ENTRIES);
const house = startHouse({ file: houseFile(folder), makeClock: () => makeClock() });
try {
  const now = house.clock.now();
  const filler = makeFiller(house);
  house.client.exec('begin');
  const living = house.view('room').racks.flatMap(({ tanks }) => tanks);
  filler.setTime(now - QUARANTINE_DAYS * DAY_MS);
  for (const { occupants } of living)
    for (const { lot } of occupants)
      filler.add('quarantine.opened', { quarantine: `h-${lot}`, lot, policy: plainPolicy(28), zero: 'arrival' });
  for (let half = 0; half < QUARANTINE_DAYS * 2; half += 1) {
    filler.setTime(now - QUARANTINE_DAYS * DAY_MS + (half + 1) * (DAY_MS / 2) - MINUTE_MS * TANKS);
    for (const [no, { id, occupants }] of living.entries()) {
      const odd = (no + half) % 150 === 0;
      const lots = occupants.map(({ lot, n }, index) => ({
        lot,
        expected: n,
        seen: null,
        signs: odd && index === 0 ? [{ sign: SIGNS[(no + half) % SIGNS.length]! }] : [],
      }));
      const day = houseDay(filler.atMs(), ZONE);
      filler.add('tank.checked', { tank: id, day, round: half % 2 ? 'evening' : 'morning', allWell: !odd, lots }, 1000);
      if (half % 2 === 0)
        for (const { lot } of occupants) filler.add('lot.fed', { tank: id, lot, food: 'micro pellets', response: 'ate' }, 10);
    }
  }
  house.client.exec('commit');

  const given = { zone: ZONE, toolDriesH: 24 };
  const quarantines = prepareOpenQuarantines(house.client)();
  const rowsOf = prepareQuarantineRows(house.client);
  const wanted = new Set(quarantines.map(({ lot }) => lot));
  const rows = rowsOf(quarantines, given);
  const core = times(() => {
    const facts = gatherFacts(rows, wanted);
    for (const quarantine of quarantines) quarantineClock(facts.get(quarantine.lot)!, quarantine.policy, now);
  });
  const clocks = prepareClocks(house.client);
  const whole = times(() => clocks({ ...given, now }));
  const view = times(() => JSON.stringify(house.view('quarantine')));
  const single = times(() => clocks({ ...given, now, only: [quarantines[0]!.lot] }));
  const restarts = [...clocks({ ...given, now }).values()].reduce((sum, { clock }) => sum + clock.restarts.length, 0);
  const says = (values: number[]) => `median ${ms(quantile(values, 0.5))}, p95 ${ms(quantile(values, 0.95))}`;
  console.log(
    `${quarantines.length} lots in quarantine in ${living.length} tanks, ${rows.checks.size} days looked at, ${restarts} restarts, ${house.store.latestSeq()} entries`,
  );
  console.log(`core: ${says(core)}`);
  console.log(`with its queries: ${says(whole)}`);
  console.log(`as the view answers it, written as JSON: ${says(view)}`);
  console.log(`one lot's clock, as a sign-off asks it: ${says(single)}`);
} finally {
  house.close();
  fs.rmSync(folder, { recursive: true, force: true });
}

function times(run: () => unknown): number[] {
  for (let warm = 0; warm < 5; warm += 1) run();
  return Array.from({ length: TIMES }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  });
}
