// A house made large: 400 tanks with years behind them, a crate open on the dock; and its server.
import { spawn } from 'node:child_process';
import { STARTING_RULES } from '#core/settings/index.ts';
import { HOUR_MS, MINUTE_MS, houseDay } from '#core/time/index.ts';
import { SPECIES } from '#demo/species.ts';
import { makeClock } from '#server/clock/clock.ts';
import { makeCredentials } from '#server/door/credentials.ts';
import { startHouse } from '#server/house/house.ts';
import { houseFile } from '#server/journal/replay.ts';
import { makeFiller } from './measure.ts';

export const TANKS = 400;
export const PIN = '4711';
const FRESH = SPECIES.filter(({ water, keptAlone }) => water.includes('fresh') && !keptAlone);
const MARINE = SPECIES.filter(({ water, keptAlone }) => water.includes('marine') && !keptAlone);

/**
 * 400 tanks in racks of 16; each looked at, fed, lost from and restocked until the journal holds `entries`. On the dock a
 * crate of `bags`, the first of them landed.
 */
export async function makeLarge(folder: string, entries: number, bags = 1): Promise<void> {
  const house = startHouse({ file: houseFile(folder), makeClock: () => makeClock() });
  const filler = makeFiller(house);
  house.client.exec('begin');
  filler.add('house.configured', { name: 'Large', zone: 'Europe/Lisbon', rules: STARTING_RULES });
  filler.add('person.added', { person: 'ines', name: 'Ines', title: 'lead', role: 'lead' });
  filler.add('supplier.added', { supplier: 'yard', name: 'Yard', transit: 'overnight' });
  for (const species of SPECIES) filler.add('species.added', species);
  for (let rack = 0; rack * 16 < TANKS; rack += 1) {
    filler.add('rack.added', { rack: `r${rack}`, room: 'Hall', name: `Rack ${rack + 1}`, walk: rack });
    filler.add('system.added', {
      system: `w${rack}`,
      name: `Water ${rack + 1}`,
      type: rack % 2 ? 'marine' : 'fresh',
      temperatureC: 25,
      salinityPpt: rack % 2 ? 33 : 0.3,
      volumeL: 900,
    });
  }
  const lots: string[][] = [];
  for (let no = 0; no < TANKS; no += 1) {
    const rack = Math.floor(no / 16);
    filler.add('tank.added', {
      tank: `t${no}`,
      rack: `r${rack}`,
      system: `w${rack}`,
      code: `T${no + 1}`,
      volumeL: 60,
      purpose: rack % 3 ? 'quarantine' : 'sale',
      lid: no % 2 === 0,
      row: Math.floor((no % 16) / 4),
      column: no % 4,
    });
    const allSpecies = rack % 2 ? MARINE : FRESH;
    lots.push(
      [0, 1].map((second) => {
        const species = allSpecies[(no + second * 3) % allSpecies.length]!;
        filler.add('lot.opened', {
          lot: `l${no}-${second}`,
          species: species.species,
          label: species.common,
          tank: `t${no}`,
          n: 40,
          sizeCm: 4,
          origin: 'bred',
        });
        return `l${no}-${second}`;
      }),
    );
  }
  const now = house.clock.now();
  const step = Math.floor((now - filler.atMs() - HOUR_MS) / (entries - house.store.latestSeq()));
  for (let round = 0; house.store.latestSeq() < entries - 3; round += 1) {
    for (let no = 0; no < TANKS && house.store.latestSeq() < entries - 3; no += 1) {
      const lot = lots[no]![round % 2]!;
      const day = houseDay(filler.atMs(), 'Europe/Lisbon');
      filler.add(
        'tank.checked',
        {
          tank: `t${no}`,
          day,
          round: 'morning',
          allWell: (no + round) % 40 !== 0,
          lots: [{ lot, expected: 40, seen: null, signs: (no + round) % 40 ? [] : [{ sign: 'torn fin' }] }],
        },
        step,
      );
      filler.add('lot.fed', { tank: `t${no}`, lot, food: 'micro pellets', response: 'ate' }, step);
      if (round % 10 === 0)
        filler.add(
          'reading.taken',
          {
            subject: { kind: 'system', id: `w${Math.floor(no / 16)}` },
            quantity: 'temperature',
            reading: { value: 25, typed: '25', method: 'in the water', source: 'measured' },
          },
          step,
        );
      if (round % 5 === 0) {
        // Stock turns over: an old lot goes out, a new one comes in, so that empty balances grow with history.
        filler.add('stock.moved', { moves: [{ lot, from: `t${no}`, to: 'sold', n: 40 }] }, step);
        const fresh = `l${no}-${round}-${round % 2}`;
        const allSpecies = Math.floor(no / 16) % 2 ? MARINE : FRESH;
        const species = allSpecies[(no + round) % allSpecies.length]!;
        filler.add(
          'lot.opened',
          { lot: fresh, species: species.species, label: species.common, tank: `t${no}`, n: 40, sizeCm: 4, origin: 'bred' },
          step,
        );
        lots[no]![round % 2] = fresh;
      }
    }
    house.client.exec('commit; begin');
  }
  filler.setTime(now - MINUTE_MS);
  filler.add('crate.expected', {
    crate: 'c',
    label: 'crate',
    supplier: 'yard',
    packedAtMs: now - 1e8,
    promisedAtMs: now - 1e6,
    stated: {},
    lots: [{ lot: 'new', label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 6 }],
    bags: Array.from({ length: bags }, (_, no) => ({
      bag: no === 0 ? 'b' : `b${no}`,
      label: `bag ${no + 1}`,
      box: 1 + Math.floor(no / 20),
      lot: 'new',
      n: 4,
      waterL: 1,
    })),
  });
  filler.add('crate.arrived', { crate: 'c', carton: 'dry' });
  filler.add('bag.landed', {
    bag: 'b',
    crate: 'c',
    lot: 'new',
    alive: 4,
    dead: 0,
    quality: 'looked',
    condition: 'fit',
    bagCondition: 'sound',
  });
  house.client.exec('commit');
  await makeCredentials(house.db).set('ines', PIN);
  house.close();
}

/** The server of a house in a process of its own. */
export async function serve(folder: string): Promise<{ port: number; stop: () => void }> {
  const server = spawn('node', ['dist-server/main.js', '--data', folder, '--port', '0'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production' },
  });
  const port = await new Promise<number>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => {
      const found = /127\.0\.0\.1:(\d+)/.exec(chunk.toString())?.[1];
      if (found) resolve(Number(found));
    }),
  );
  return { port, stop: () => void server.kill('SIGTERM') };
}
