// `npm run backup|restore|import|pin|doctor`: the house looked after from the command line.
import path from 'node:path';
import { parseArgs } from 'node:util';
import { makeAsk, pick } from '../db/ask.ts';
import { mustBeReadable } from '../db/format.ts';
import { openAsIs } from '../db/open.ts';
import * as t from '../db/tables.ts';
import { houseFile, inspect } from '../directory/directory.ts';
import { makeCredentials, PIN_PATTERN } from '../door/credentials.ts';
import { examine, sayFindings } from './doctor.ts';
import type { Copied } from '../photos/store.ts';
import { backUp, importJournal, restore } from './keep.ts';

const USAGE = `npm run backup  -- DIRECTORY [--data data/house]       a checked copy while the house runs
npm run restore -- FILE      [--data data/house]       a copy back into an empty directory
npm run import  -- FILE      [--data data/house]       a journal (JSON Lines) into an empty directory
npm run pin     -- NAME PIN  [--data data/house]       a new PIN for a person, by name
npm run certificate -- [NAME OR ADDRESS …] [--into data/certificate]  https for the shop's own network
npm run doctor  --           [--data data/house] [--copies DIRECTORY]  is this house well? Looks, and changes nothing`;

async function main([what, ...rest]: string[]): Promise<void> {
  if (what === 'certificate') return console.log(await (await import('../tls/command.ts')).certificateCommand(rest, Date.now()));
  const { values, positionals } = parseArgs({
    args: rest,
    allowPositionals: true,
    options: { data: { type: 'string', default: 'data/house' }, copies: { type: 'string' } },
  });
  const data = path.resolve(values.data);
  const [first, second] = positionals;
  const said = { first: first === undefined ? undefined : path.resolve(first) };
  if (what === 'backup' && said.first) {
    const { file, entries, replayed, photos } = await backUp(data, said.first, new Date());
    const how = replayed ? 'replayed and equal' : 'whole; of another version of this program, so not replayed';
    return console.log(
      `${file}: ${entries} entries, ${how}. Keep its .sha256 beside it.${sayPhotos(photos, 'to the folder files beside it')}`,
    );
  }
  if (what === 'restore' && said.first) {
    const { file, entries, photos } = await restore(said.first, data);
    return console.log(
      `${file}: ${entries} entries, replayed and equal. Everybody signs in again.${sayPhotos(photos, 'from the folder files beside the copy')}`,
    );
  }
  if (what === 'import' && said.first) {
    const { file, entries, photos } = await importJournal(said.first, data);
    return console.log(
      `${file}: ${entries} entries taken in, replayed and equal. PINs are not in a journal: set them with npm run pin.${sayPhotos(photos, 'from the folder files beside it')}`,
    );
  }
  if (what === 'pin' && first && second) return setPin(data, first, second);
  if (what === 'doctor') {
    const { page, well } = sayFindings(examine(data, { copies: values.copies && path.resolve(values.copies), now: Date.now() }));
    console.log(page);
    if (!well) process.exitCode = 1;
    return;
  }
  throw new Error(USAGE);
}

const sayPhotos = ({ copied, missing }: Copied, where: string): string =>
  `${copied > 0 ? ` ${copied} pictures copied ${where}.` : ''}${missing.length > 0 ? ` ${missing.length} pictures that its journal names are not there.` : ''}`;

async function setPin(data: string, name: string, pin: string): Promise<void> {
  if (!PIN_PATTERN.test(pin)) throw new Error('a PIN has 4 to 8 digits');
  const file = houseFile(data);
  if (inspect(data).is !== 'house') throw new Error(`there is no house in ${data}`);
  // Beside a running server too: nothing is made anew, whatever the version of what is there.
  const house = openAsIs(file, { readonly: false });
  try {
    mustBeReadable(house.client, file);
    const people = makeAsk(house.client).all(pick(t.person, 'id', 'name'), 'select id, name from p_person where voided_by is null')();
    const person = people.find((person) => person.name.toLowerCase() === name.toLowerCase());
    if (!person) throw new Error(`nobody is called ${name}: ${people.map((person) => person.name).join(', ') || 'the house is empty'}`);
    await makeCredentials(house.db).set(person.id, pin);
    // Whoever was kept out by somebody's guessing comes in again.
    if (house.client.prepare("select 1 from sqlite_master where name = 'attempt'").get() !== undefined)
      house.client.prepare("delete from attempt where key like '%' || ?").run(person.id);
    console.log(`${person.name} has a new PIN`);
  } finally {
    house.client.close();
  }
}

process.umask(0o077);
try {
  await main(process.argv.slice(2));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
