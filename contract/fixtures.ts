// One payload that can be true of each kind: examples for docs/journal.md, and the seed of the schema tests.
import type { Payloads } from '#core/journal/index.ts';
import { STARTING_RULES } from '#core/room/index.ts';
import type { Reading } from '#core/water/index.ts';

const AT = Date.UTC(2026, 2, 3, 7, 40);
const folded: Reading = { value: 21.8, typed: '21.8', method: 'folded', source: 'measured' };
const inTank: Reading = { value: 25.4, typed: '25.4 °C', method: 'in the water', source: 'measured' };

export const fixtures: Payloads = {
  'entry.reversed': { act: '019cb270-7380-7000-8036-9ee768e6d3a5', why: 'wrong bag' },
  'person.added': { person: 'bram', name: 'Bram Tell', title: 'receiver', role: 'keeper' },
  'house.configured': { name: 'Saltgrass Lane Fish Room', zone: 'Europe/Lisbon', rules: STARTING_RULES },
  'rack.added': { rack: 'gull', room: 'Back room', name: 'Gull bench', walk: 70 },
  'water.added': { water: 'gull-1', name: 'Gull near water', type: 'marine', temperatureC: 25.4, salinityPpt: 31, volumeL: 300 },
  'tank.added': { tank: 'G1', rack: 'gull', water: 'gull-1', code: 'G1', volumeL: 60, purpose: 'hold', lid: true, row: 0, column: 0 },
  'species.added': {
    species: 'firefish', scientific: 'Nemateleotris magnifica', common: 'firefish', alsoCalled: ['fire goby'], water: ['marine'],
    temperatureC: { min: 22, max: 28 }, salinityPpt: { min: 30, max: 36 }, adultCm: 9, is: 'fish', eats: { prey: [], gape: 0 },
    jumps: true, keptAlone: false, neverWith: [], sources: ['Froese R., Pauly D. (eds.), FishBase'],
  },
  'supplier.added': { supplier: 'pelican-yard', name: 'Pelican Yard Imports', transit: 'overnight', note: 'ships low' },
  'crate.expected': {
    crate: 'pelican-0', label: 'Pelican Yard, marine', supplier: 'pelican-yard', packedAtMs: AT - 34 * 3_600_000, promisedAtMs: AT - 10 * 3_600_000, told: { temperatureC: 24, salinityPpt: 28 },
    lots: [{ lot: 'lot-1', label: 'firefish', species: 'firefish', origin: 'wild', sizeCm: 6 }], bags: [{ bag: 'bag-1', label: 'bag 1', box: 1, lot: 'lot-1', n: 2, waterL: 1.4 }],
  },
  'crate.arrived': { crate: 'pelican-0', carton: 'damp', note: 'heat pack cold' },
  'bag.landed': {
    bag: 'bag-2', crate: 'pelican-0', lot: 'lot-2', alive: 2, dead: 0, quality: 'counted', condition: 'fit', bagState: 'sound',
    newBag: { label: 'bag +1', box: 0, waterL: 1.5 }, newLot: { label: 'six lines', heardAs: 'six lines', origin: 'unknown' }, note: 'not on the list',
  },
  'bag.absent': { bag: 'bag-1', crate: 'pelican-0' },
  'bag.assigned': { bag: 'bag-1', lot: 'lot-1', tank: 'G1' },
  'float.started': {
    run: 'run-1', bag: 'bag-1', lot: 'lot-1', tank: 'G1', n: 2, bagTemperature: folded, tankTemperature: inTank,
    water: { value: 1.4, typed: '1.4', method: 'by eye', source: 'estimated' }, minutes: 30.9,
  },
  'fish.released': { bag: 'bag-1', lot: 'lot-1', tank: 'G1', run: 'run-1', alive: 2, dead: 0, by: 'net' },
  'hold.opened': { hold: 'hold-1', lot: 'lot-1', days: 28, zero: 'arrival' },
  'reading.taken': { subject: { kind: 'bag', id: 'bag-1' }, quantity: 'temperature', reading: folded },
  'lot.opened': { lot: 'lot-3', species: 'firefish', label: 'firefish', tank: 'G1', n: 3, sizeCm: 6, origin: 'bred' },
  'stock.moved': { moves: [{ lot: 'lot-3', from: 'G1', to: 'sold', n: 1 }], why: 'collected' },
  'stock.counted': { place: 'G1', lot: 'lot-3', found: 2, book: 3, against: 'missing' },
  'lot.promised': { promise: 'promise-1', lot: 'lot-3', n: 2, forWhom: 'Mossbank school' },
  'tank.looked': { tank: 'G1', day: 20515, round: 'morning', allWell: false, lots: [{ lot: 'lot-3', expected: 3, seen: 2, signs: [{ sign: 'hiding', n: 1 }] }] },
  'lot.fed': { tank: 'G1', lot: 'lot-3', food: 'frozen mysis', response: 'ate' },
  'loss.recorded': { lot: 'lot-3', place: 'G1', n: 1, cause: 'jumped', sure: 'likely', note: 'on the floor behind the bench' },
};
