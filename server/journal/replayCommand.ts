// `npm run replay -- --check [--data DIR]`: remakes the projections beside the house and compares; without --check, in place.
import fs from 'node:fs';
import { parseArgs } from 'node:util';
import { openHouse } from '../db/open.ts';
import { checkReplay, houseFile, remakeProjections } from './replay.ts';

const { values } = parseArgs({
  options: {
    check: { type: 'boolean', default: false },
    data: { type: 'string', default: fs.existsSync('data/demo') ? 'data/demo' : 'data/house' },
  },
});
const file = houseFile(values.data);
if (!fs.existsSync(file)) {
  console.error(`no house at ${file}; name its directory with --data`);
  process.exit(2);
}
const house = openHouse(file);
if (values.check && !house.stale) {
  const { entries, differences } = checkReplay(house);
  for (const { table, onlyInHouse, onlyInReplay } of differences)
    console.log(`${table}: ${onlyInHouse} rows only in the house, ${onlyInReplay} only in the replay`);
  console.log(differences.length === 0 ? `replay of ${entries} entries equals the house` : `replay of ${entries} entries differs`);
  process.exitCode = differences.length === 0 ? 0 : 1;
} else {
  console.log(`remade views from ${remakeProjections(house, (done) => console.log(`${done} entries`))} entries`);
}
house.client.close();
