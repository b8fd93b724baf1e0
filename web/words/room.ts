// What is done in the room, as sentences: the house changed, fish moved, lots cut and joined, slips, tools, treatments.
import type { Purpose } from '#core/room/index.ts';
import type { Move } from '#core/stock/index.ts';
import type { Name, Words } from './entryWords.ts';

type Said =
  | 'rack.changed'
  | 'system.changed'
  | 'systems.joined'
  | 'tank.changed'
  | 'thing.retired'
  | 'stock.moved'
  | 'lot.split'
  | 'lot.born'
  | 'lot.joined'
  | 'lot.named'
  | 'lot.measured'
  | 'stay.limited'
  | 'moves.planned'
  | 'transfer.tried'
  | 'transfer.unblocked'
  | 'transfer.dropped'
  | 'tool.added'
  | 'tool.changed'
  | 'tool.used'
  | 'tool.disinfected'
  | 'water.exchanged'
  | 'treatment.begun'
  | 'treatment.ended';

/** What a tank is for, as a keeper would say it. */
export const PURPOSE_WORDS: Record<Purpose, string> = {
  sale: 'sale',
  home: 'home stock',
  quarantine: 'quarantine',
  treatment: 'treatment',
  observation: 'observation',
  breeding: 'breeding',
  customer: 'customer',
};

/** Fields of racks, systems, tanks and tools. */
const FIELDS: Record<string, string> = {
  name: 'name',
  flow: 'flow',
  room: 'room',
  walk: 'place in the walk',
  type: 'kind of water',
  temperatureC: 'temperature',
  salinityPpt: 'salinity',
  volumeL: 'volume',
  rack: 'rack',
  system: 'system',
  code: 'code',
  purpose: 'use',
  lid: 'lid',
  row: 'place',
  column: 'place',
  vessel: 'kind',
  hangsIn: 'where it hangs',
  what: 'kind',
  racks: 'racks',
  meshMm: 'mesh',
  widthCm: 'width',
};
export const sayFields = (fields: object): string => [...new Set(Object.keys(fields).map((field) => FIELDS[field] ?? field))].join(', ');
const because = (why: string | undefined) => (why ? `: ${why}` : '');
const OUT: Record<string, string> = { sold: 'sold', given: 'given away', returned: 'returned', culled: 'culled', 'put-down': 'put down' };

function sayMove({ lot, from, to, n, arrived }: Move, name: Name): string {
  const counted =
    arrived === undefined || arrived === n
      ? ''
      : arrived < n
        ? `, ${arrived} counted there: ${n - arrived} missing`
        : `, ${arrived} counted there: ${arrived - n} more than netted`;
  return `${n} ${name(lot)} from ${name(from)} ${OUT[to] ?? `to ${name(to)}`}${counted}`;
}

export const roomWords: Pick<Words, Said> = {
  'rack.changed': ({ rack, fields }, name) => `${name(rack)}: ${sayFields(fields)} changed`,
  'system.changed': ({ system, fields }, name) => `${name(system)}: ${sayFields(fields)} changed`,
  'systems.joined': ({ from, into, tanks }, name) =>
    `${name(from)} joined to ${name(into)}: ${tanks.map(name).join(', ')} share its system`,
  'tank.changed': ({ tank, fields }, name) =>
    `${name(tank)}: ${fields.system === undefined ? '' : `now on ${name(fields.system)}; `}${sayFields(fields)} changed`,
  'thing.retired': ({ what, id, why }, name) => `${what} ${name(id)} is gone from the house${because(why)}`,
  'stock.moved': ({ moves, why }, name) => `${moves.map((move) => sayMove(move, name)).join('; ')}${because(why)}`,
  'lot.born': ({ lot, n, between, tank, where, note }, name) =>
    `${between && between.min < between.max ? `${between.min} to ${between.max}` : n} young of ${name(lot)} in ${name(tank)}${where && where !== 'in the tank' ? `, ${where}` : ''}${because(note)}`,
  'lot.split': ({ lot, n, place, why, note }, name) =>
    `${n} ${name(lot)} in ${name(place)} are now a lot of their own, for ${why}${because(note)}`,
  'lot.joined': ({ lot, into, n, place, why }, name) => `${n} ${name(lot)} in ${name(place)} joined to ${name(into)}${because(why)}`,
  'lot.named': ({ label, note }) => `Named: they are ${label}${because(note)}`,
  'lot.measured': ({ lot, sizeCm, n, note }, name) => `${name(lot)} measured: ${sizeCm} cm${n ? `, ${n} of them` : ''}${because(note)}`,
  'stay.limited': ({ lot, place, untilCm, why }, name) =>
    `${name(lot)} in ${name(place)} only ${untilCm === undefined ? 'for a time' : `until ${untilCm} cm`}${because(why)}`,
  'moves.planned': ({ name: called, tasks }, name) =>
    tasks.length === 1
      ? `Catch slip: ${tasks[0]!.n} ${name(tasks[0]!.lot)} from ${name(tasks[0]!.from)} to ${name(tasks[0]!.to)}`
      : `${called}: ${tasks.length} moves planned, ${tasks.map(({ n, lot, from, to }) => `${n} ${name(lot)} ${name(from)} to ${name(to)}`).join('; ')}`,
  'transfer.tried': ({ task, note }, name) => `Tried, not caught: ${name(task)}${because(note)}`,
  'transfer.unblocked': ({ task }, name) => `What it waited for is here: ${name(task)}`,
  'transfer.dropped': ({ task, why }, name) => `Not to be moved after all: ${name(task)}${because(why)}`,
  'tool.added': ({ name: called, what }) => `${called}, a ${what}`,
  'tool.changed': ({ tool, fields }, name) => `${name(tool)}: ${sayFields(fields)} changed`,
  'tool.used': ({ tool, tanks, note }, name) => `${name(tool)} was wet in ${tanks.map(name).join(', then ')}${because(note)}`,
  'tool.disinfected': ({ tool, note }, name) => `${name(tool)} ${tool.startsWith('hands-') ? 'washed' : 'disinfected'}${because(note)}`,
  'water.exchanged': ({ tank, litres, source, fromTank, atSump, note }, name, { say }) =>
    `${say('volume', litres)} of ${atSump ? 'the system of ' : ''}${name(tank)} changed for ${source === 'mixed' || !fromTank ? 'fresh-mixed water' : `water of ${name(fromTank)}`}${because(note)}`,
  'treatment.begun': ({ system, family, note }, name) => `${name(system)} is under ${family}${because(note)}`,
  'treatment.ended': ({ treatment, system, note }, name) => `${name(treatment)} in ${name(system)} ended${because(note)}`,
};

/** Where fish went that are in the house no more. */
export const LEFT_WORDS: Record<string, string> = {
  died: 'died',
  sold: 'sold',
  missing: 'missing',
  returned: 'returned',
  culled: 'culled',
  'put-down': 'put down',
  given: 'given away',
  discrepancy: 'fewer than on record',
  relabelled: 'cut off or joined to others',
};
