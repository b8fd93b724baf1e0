// `npm run replay [-- --remake] [--data DIR]`: replays the journal beside the house and compares; only with --remake is anything remade.
import fs from 'node:fs';
import { parseArgs } from 'node:util';
import { mustBeReadable } from '../db/format.ts';
import { openAsIs, openHouse } from '../db/open.ts';
import { houseFile, inspect } from '../directory/directory.ts';
import { withLease } from '../directory/lease.ts';
import { checkReplay, remakeProjections } from '../journal/replay.ts';

function check(file: string): number {
  const house = openAsIs(file, { readonly: true });
  try {
    mustBeReadable(house.client, file);
    if (house.stale) {
      console.log('the views are of another version of this program: starting the house remakes them, and so does --remake');
      return 1;
    }
    const { entries, differences } = checkReplay(house);
    for (const { table, onlyInHouse, onlyInReplay } of differences)
      console.log(`${table}: ${onlyInHouse} rows only in the house, ${onlyInReplay} only in the replay`);
    console.log(differences.length === 0 ? `replay of ${entries} entries equals the house` : `replay of ${entries} entries differs`);
    return differences.length === 0 ? 0 : 1;
  } finally {
    house.client.close();
  }
}

function remake(file: string): number {
  const house = openHouse(file);
  try {
    console.log(`remade views from ${remakeProjections(house, (done) => console.log(`${done} entries`))} entries`);
    return 0;
  } finally {
    house.client.close();
  }
}

const { values } = parseArgs({
  options: {
    // What it does anyway; kept because people know it.
    check: { type: 'boolean', default: false },
    remake: { type: 'boolean', default: false },
    data: { type: 'string', default: fs.existsSync('data/demo') ? 'data/demo' : 'data/house' },
  },
});
const file = houseFile(values.data);
// An empty file where a house was would be made a house of nothing, with its door open.
if (inspect(values.data).is !== 'house') {
  console.error(`no house at ${file}; name its directory with --data, or put a copy back there (npm run restore)`);
  process.exit(2);
}
try {
  process.exitCode = values.remake ? await withLease(values.data, 'a remake of its views', () => remake(file)) : check(file);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
