// The room and tank-choice view of a 400-tank house over HTTP, with 60,000 entries behind it and with 600,000.
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startHouse } from '#server/house.ts';
import { makeClock } from '#server/clock/clock.ts';
import { houseFile } from '#server/journal/replay.ts';
import { makeCredentials } from '#server/people/credentials.ts';
import { STARTING_RULES } from '#core/room/index.ts';
import { houseDay } from '#core/time/index.ts';
import { SPECIES } from '#demo/species.ts';
import { makeFiller, makeConnection, ms, quantile } from './measure.ts';

const TANKS = 400;
const SIZES = [60_000, 600_000];
const READS = 400;
const FRESH = SPECIES.filter(({ water, keptAlone }) => water.includes('fresh') && !keptAlone);
const MARINE = SPECIES.filter(({ water, keptAlone }) => water.includes('marine') && !keptAlone);

/** 400 tanks in racks of 16; each looked at, fed, lost from and restocked until the journal holds `entries`. */
async function makeLarge(folder: string, entries: number): Promise<void> {
  const house = startHouse({ file: houseFile(folder), makeClock: () => makeClock() });
  const filler = makeFiller(house);
  house.client.exec('begin');
  filler.add('house.configured', { name: 'Large', zone: 'Europe/Lisbon', rules: STARTING_RULES });
  filler.add('person.added', { person: 'ines', name: 'Ines', title: 'lead', role: 'lead' });
  filler.add('supplier.added', { supplier: 'yard', name: 'Yard', transit: 'overnight' });
  for (const species of SPECIES) filler.add('species.added', species);
  for (let rack = 0; rack * 16 < TANKS; rack += 1) {
    filler.add('rack.added', { rack: `r${rack}`, room: 'Hall', name: `Rack ${rack + 1}`, walk: rack });
    filler.add('water.added', {
      water: `w${rack}`,
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
      water: `w${rack}`,
      code: `T${no + 1}`,
      volumeL: 60,
      purpose: rack % 3 ? 'hold' : 'sale',
      lid: no % 2 === 0,
      row: Math.floor((no % 16) / 4),
      column: no % 4,
    });
    const shelf = rack % 2 ? MARINE : FRESH;
    lots.push(
      [0, 1].map((second) => {
        const species = shelf[(no + second * 3) % shelf.length]!;
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
  const step = Math.floor((now - filler.atMs() - 3_600_000) / (entries - house.store.latestSeq()));
  for (let round = 0; house.store.latestSeq() < entries - 3; round += 1) {
    for (let no = 0; no < TANKS && house.store.latestSeq() < entries - 3; no += 1) {
      const lot = lots[no]![round % 2]!;
      const day = houseDay(filler.atMs(), 'Europe/Lisbon');
      filler.add(
        'tank.looked',
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
            subject: { kind: 'water', id: `w${Math.floor(no / 16)}` },
            quantity: 'temperature',
            reading: { value: 25, typed: '25', method: 'in the water', source: 'measured' },
          },
          step,
        );
      if (round % 5 === 0) {
        // Stock turns over: an old lot goes out, a new one comes in, so that empty balances grow with history.
        filler.add('stock.moved', { moves: [{ lot, from: `t${no}`, to: 'sold', n: 40 }] }, step);
        const fresh = `l${no}-${round}-${round % 2}`;
        const shelf = Math.floor(no / 16) % 2 ? MARINE : FRESH;
        const species = shelf[(no + round) % shelf.length]!;
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
  filler.setTime(now - 60_000);
  filler.add('crate.expected', {
    crate: 'c',
    label: 'crate',
    supplier: 'yard',
    packedAtMs: now - 1e8,
    promisedAtMs: now - 1e6,
    told: {},
    lots: [{ lot: 'new', label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 6 }],
    bags: [{ bag: 'b', label: 'bag 1', box: 1, lot: 'new', n: 4, waterL: 1 }],
  });
  filler.add('crate.arrived', { crate: 'c', carton: 'dry' });
  filler.add('bag.landed', { bag: 'b', crate: 'c', lot: 'new', alive: 4, dead: 0, quality: 'looked', condition: 'fit', bagState: 'sound' });
  house.client.exec('commit');
  await makeCredentials(house.db).set('ines', '4711');
  house.close();
}

async function serve(folder: string) {
  const server = spawn('node', ['--import', 'tsx', 'server/main.ts', '--data', folder, '--port', '0'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production' },
  });
  const port = await new Promise<number>((resolve) =>
    server.stdout.on('data', (chunk: Buffer) => {
      const found = /127\.0\.0\.1:(\d+)/.exec(chunk.toString())?.[1];
      if (found) resolve(Number(found));
    }),
  );
  const connection = makeConnection(port);
  await connection.call('POST', '/api/sign-in', { person: 'ines', pin: '4711' });
  return { ...connection, stop: () => (connection.close(), server.kill('SIGTERM')) };
}

const folders: string[] = [];
for (const entries of SIZES) {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'crate-bench-'));
  folders.push(folder);
  const began = performance.now();
  await makeLarge(folder, entries);
  console.log(`made a house of ${TANKS} tanks and ${entries} entries in ${((performance.now() - began) / 1000).toFixed(0)} s`);
}
const servers = await Promise.all(folders.map(serve));
const views = [
  '/api/views/room',
  '/api/views/room?bag=b',
  '/api/views/rounds',
  '/api/views/stream',
  '/api/views/dock',
  '/api/views/today',
  '/api/views/shelf',
  '/api/views/house',
  '/api/health',
];
for (const view of views) {
  const took: number[][] = servers.map(() => []);
  let size = 0;
  // The two houses take turns, so that the machine's moods fall on both.
  for (let read = 0; read < READS; read += 1) {
    for (const [index, server] of servers.entries()) {
      const { status, body, tookMs } = await server.call('GET', view);
      if (status !== 200) throw new Error(`${status} ${body.slice(0, 200)}`);
      size = body.length;
      if (read >= 20) took[index]!.push(tookMs);
    }
  }
  const [small, large] = took as [number[], number[]];
  const says = (values: number[]) => `median ${ms(quantile(values, 0.5))}, p95 ${ms(quantile(values, 0.95))}`;
  console.log(
    `${view} (${(size / 1000).toFixed(0)} kB): 60,000: ${says(small)}; 600,000: ${says(large)}; ratio ${(quantile(large, 0.5) / quantile(small, 0.5)).toFixed(2)}`,
  );
}
servers.forEach(({ stop }) => stop());
folders.forEach((folder) => fs.rmSync(folder, { recursive: true, force: true }));
