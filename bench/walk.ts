// The walk of a 400-tank house whose chores are planned, with 400 checks that saw something, and eight fish that heal: over HTTP, in turns with the same house before.
import { v7 } from 'uuid';
import { makePair } from './pair.ts';

const CHORES = 12;
const { write, read, measure } = await makePair();
const racks = (await read('house')).racks.map(({ id }) => id);
await write({ kind: 'supply.added', payload: { supply: 'felt', name: 'felt socks', unit: 'pieces', reused: true } });
for (let no = 0; no < CHORES; no += 1)
  await write({
    kind: 'chore.planned',
    payload: {
      chore: `chore-${no}`,
      name: `chore ${no}`,
      is: 'other',
      per: no % 2 === 0 ? 'tank' : 'system',
      racks,
      everyDays: 1 + no,
      takes: [{ item: 'felt', amount: 2 }],
    },
  });
// Most of it was done within its days: a seventh is due today.
const { chores, racks: due } = await read('chores');
for (const { id } of chores)
  await write({
    kind: 'chore.done',
    payload: {
      chore: id,
      places: due.flatMap((rack) =>
        rack.chores.find(({ chore }) => chore === id)!.places.flatMap((place, no) => ((no + 1) % 7 === 0 ? [] : [place.id])),
      ),
    },
  });
const { tanks, day, round } = await read('rounds');
for (const { id: tank, lots } of tanks)
  await write({
    kind: 'tank.checked',
    payload: {
      tank,
      day,
      round,
      allWell: false,
      lots: lots.map(({ lot, n }) => ({
        lot,
        expected: n,
        seen: n,
        signs: [{ sign: 'hiding' as const, n: 1, strength: 'slight' as const }],
      })),
    },
  });
for (const { lots } of tanks.slice(0, 8))
  await write({ kind: 'healing.begun', payload: { healing: v7(), lot: lots[0]!.lot, what: 'scrape', by: 'mm', until: 2, everyDays: 7 } });

await measure([
  { view: 'chores', of: 'now' },
  { view: 'rounds', of: 'now' },
  { view: 'rounds', of: 'before' },
  { view: 'today', of: 'now' },
  { view: 'today', of: 'before' },
]);
