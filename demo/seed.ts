// `npm run demo` seeds with this: makes the demo house in its data directory unless it is there already.
import fs from 'node:fs';
import path from 'node:path';
import { atLocal, houseDay, parseLocal } from '#core/time/index.ts';
import { mustBeReadable } from '#server/db/format.ts';
import { findMeta, setMeta } from '#server/db/meta.ts';
import { openAsIs } from '#server/db/open.ts';
import { houseFile } from '#server/directory/directory.ts';
import { takeLease } from '#server/directory/lease.ts';
import { makeCredentials } from '#server/door/credentials.ts';
import { readOptions } from '#server/options.ts';
import { storePictures } from './pictures.ts';
import { PEOPLE, ZONE } from './rooms.ts';
import { tellStory } from './story.ts';

/** Makes the demo in `file` (which must not exist) with the clock at `opensAtMs`: story, PINs, and the mark of a demo. */
export async function seedDemo(file: string, opensAtMs: number): Promise<{ entries: number }> {
  const house = tellStory(file, opensAtMs);
  const credentials = makeCredentials(house.db);
  await Promise.all(PEOPLE.map(({ person, pin }) => credentials.set(person, pin)));
  setMeta(house.client, 'demo', '1');
  setMeta(house.client, 'demoPins', JSON.stringify(Object.fromEntries(PEOPLE.map(({ person, pin }) => [person, pin]))));
  setMeta(house.client, 'houseNow', String(opensAtMs));
  storePictures(path.dirname(file));
  const entries = house.store.latestSeq();
  house.close();
  return { entries };
}

/** 07:40 of the present day in the demo house. */
export function thisMorning(): number {
  return atLocal(houseDay(Date.now(), ZONE), { hour: 7, minute: 40 }, ZONE);
}

async function main(): Promise<void> {
  const options = readOptions(process.argv.slice(2), { data: 'data/demo' });
  const file = houseFile(options.data);
  if (fs.existsSync(file)) {
    if (!isDemo(file)) throw new Error(`${options.data} holds a house that is no demo; name another directory with --data`);
    if (!options.fresh) mustBeToday(file);
    if (!options.fresh) return console.log(`demo house found in ${options.data} (start over with --fresh)`);
    takeLease(options.data, 'the seeding of a demo').release();
    fs.rmSync(options.data, { recursive: true });
  }
  const lease = takeLease(options.data, 'the seeding of a demo');
  console.log('telling the demo house its 120 days …');
  const began = performance.now();
  // Told beside and moved in whole, so that a seeding cut off leaves nothing that looks like a house.
  const draft = `${file}.seeding`;
  for (const suffix of ['', '-wal', '-shm']) fs.rmSync(draft + suffix, { force: true });
  const { entries } = await seedDemo(draft, options.clock ? parseLocal(options.clock, ZONE) : thisMorning());
  fs.renameSync(draft, file);
  lease.release();
  console.log(`${entries} entries in ${((performance.now() - began) / 1000).toFixed(1)} s`);
}

function isDemo(file: string): boolean {
  const { client } = openAsIs(file, { readonly: true });
  const demo = findMeta(client, 'demo') !== undefined;
  client.close();
  return demo;
}

/** A demo of another version of this program is told again, and only when somebody says so. */
function mustBeToday(file: string): void {
  const { client } = openAsIs(file, { readonly: true });
  try {
    mustBeReadable(client, file);
  } catch (error) {
    throw new Error(`${(error as Error).message} Start over with --fresh.`, { cause: error });
  } finally {
    client.close();
  }
}

if (process.argv[1] === import.meta.filename) {
  try {
    await main();
  } catch (error) {
    console.error(error instanceof Error ? (process.env.DEBUG ? error.stack : error.message) : error);
    process.exit(1);
  }
}
