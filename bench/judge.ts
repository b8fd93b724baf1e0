// What it costs to judge every tank of a 400-tank house for a bag: the room with it in hand less the room without, turn by turn, in the process.
// `npm run bench judge`.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { makeClock } from '#server/clock/clock.ts';
import { startHouse } from '#server/house/house.ts';
import { houseFile } from '#server/journal/replay.ts';
import { makeLarge, TANKS } from './large.ts';
import { ms, quantile } from './measure.ts';

const ENTRIES = 60_000;
const TURNS = 200;
const WARM_UP = 20;

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
await makeLarge(folder, ENTRIES);
const house = startHouse({ file: houseFile(folder), makeClock: () => makeClock({ realNow: () => Date.now() }) });
const timed = (query: Record<string, string>): number => {
  const began = performance.now();
  house.view('room', query);
  return performance.now() - began;
};
const took: number[] = [];
for (let turn = 0; turn < TURNS; turn += 1) {
  const without = timed({});
  const judged = timed({ bag: 'b' }) - without;
  if (turn >= WARM_UP) took.push(judged);
}
console.log(`judgement of ${TANKS} tanks for a bag: median ${ms(quantile(took, 0.5))}, p95 ${ms(quantile(took, 0.95))}`);
house.close();
fs.rmSync(folder, { recursive: true, force: true });
