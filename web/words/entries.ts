// Every kind of entry as a sentence for the logbook. `name` tells what to call an id.
import type { Entry } from '#core/catalogue/index.ts';
import { sayClaimed, type CrateFields, type SupplierFields } from '#core/dock/index.ts';
import type { SpeciesFields } from '#core/species/index.ts';
import type { Units } from '../data/units.ts';
import { sayDueId } from './due.ts';
import type { Name, Words } from './entryWords.ts';
import { roomWords } from './room.ts';
import { roundWords } from './rounds.ts';
import { runWords } from './runs.ts';
import { FIELD_WORDS } from './species.ts';
import { choreWords } from './chores.ts';
import { healingWords } from './healing.ts';
import { notedWords } from './noted.ts';
import { waterTestWords } from './waterTests.ts';
import { kitchenWords } from './kitchen.ts';
import { sayPrepStep } from './prepare.ts';
import { sayBox } from './boxes.ts';
import { sayEach, SURE_SAYS } from './triage.ts';
import { capital, plural } from './text.ts';

const CRATE_WORDS: Record<keyof CrateFields, string> = {
  label: 'name',
  packedAtMs: 'when packed',
  promisedAtMs: 'when due',
  stated: 'stated water',
  told: 'what they answered',
};
const SUPPLIER_WORDS: Record<keyof SupplierFields, string> = {
  name: 'name',
  transit: 'how it comes',
  note: 'note',
  usualH: 'usual hours',
  delayH: 'usual delay',
  ships: 'the water they ship at',
  origins: 'where their fish are from',
  claim: 'claim rule',
  contact: 'how to reach them',
};
const sayCrateField = (field: string) => CRATE_WORDS[field as keyof CrateFields];
const sayField = (field: string) => FIELD_WORDS[field as keyof SpeciesFields] ?? field;

export const entryWords: Words = {
  ...waterTestWords,
  ...notedWords,
  'entry.reversed': () => 'Undid an earlier entry',
  'person.added': ({ name, title, role }) => `${name} works here as ${title}${title === role ? '' : ` (${role})`}`,
  'person.changed': ({ person, fields: { name: called, title, role } }, name) =>
    `${name(person)}: ${[called && `called ${called}`, title && `is ${title}`, role && `may do what a ${role} may`].filter(Boolean).join(', ')}`,
  'person.left': ({ person, why }, name) => `${name(person)} no longer works here${why ? `: ${why}` : ''}`,
  'person.pinSet': ({ person }, name) => `a new PIN for ${name(person)}`,
  'person.prefers': ({ person, temperature, volume }, name) => `${name(person)} reads in ${temperature} and ${volume}`,
  'house.configured': ({ name, zone }) => `The house is ${name}, ${zone}`,
  'rack.added': ({ name, room }) => `${name} stands in ${room}`,
  'system.added': ({ name, type, volumeL }, _name, { say }) => `${name}: ${type}, ${say('volume', volumeL)}`,
  'tank.added': ({ code, volumeL }, _name, { say }) => `Tank ${code}, ${say('volume', volumeL)}`,
  'species.added': ({ common, scientific }) => `${common}${scientific ? ` (${scientific})` : ''} in the species list`,
  'species.changed': ({ species, fields }, name) => `${name(species)}: ${Object.keys(fields).map(sayField).join(', ')} changed`,
  'supplier.added': ({ name }) => `${name} supplies us`,
  'supplier.changed': ({ supplier, fields }, name) =>
    `${name(supplier)}: ${Object.keys(fields)
      .map((field) => SUPPLIER_WORDS[field as keyof SupplierFields])
      .join(', ')} changed`,
  'claim.sent': ({ crate, counts }, name) => `Claimed of ${name(crate)}: ${sayClaimed(counts)}`,
  'claim.answered': ({ crate, answer, amount, currency }, name) =>
    `The claim of ${name(crate)}: ${answer}${amount === undefined ? '' : ` ${amount}${currency ? ` ${currency}` : ''}`}`,
  'supplier.taught': ({ supplier, columns, names }, name) =>
    `How ${name(supplier)} writes its lists: ${[...columns.map(({ heading }) => heading), ...names.map(({ heard }) => heard)].join(', ')}`,
  'crate.changed': ({ crate, fields }, name) => `${name(crate)}: ${Object.keys(fields).map(sayCrateField).join(', ')} put right`,
  'wish.noted': ({ n, species, heardAs, forWhom }, name) =>
    `Wished for: ${n} ${species ? name(species) : heardAs}${forWhom ? ` for ${forWhom}` : ''}`,
  'wish.dropped': ({ wish, why }, name) => `Wished for no longer: ${name(wish)} (${why})`,
  'order.placed': ({ supplier, lines }, name) =>
    `Ordered of ${name(supplier)}: ${lines.map(({ n, species, heardAs }) => `${n} ${species ? name(species) : heardAs}`).join(', ')}`,
  'order.dropped': ({ order, why }, name) => `${name(order)} dropped: ${why}`,
  'crate.expected': ({ label, bags }) =>
    `${label} is on its way: ${plural(bags.length, 'bag')}, ${bags.reduce((sum, { n }) => sum + n, 0)} heads`,
  'match.planned': ({ system, crate, fromPpt, toPpt, swaps }, name, { say }) =>
    `${name(system)} to be matched to ${name(crate)}: ${say('salinity', fromPpt)} to ${say('salinity', toPpt)}, ${plural(swaps.length, 'swap')}`,
  'prep.added': ({ crate, words }, name) => `To be ready for ${name(crate)}: ${words}`,
  'prep.moved': ({ line, why }, name) => `${name(line)}: what it waits for comes at another time${why ? ` (${why})` : ''}`,
  'prep.ticked': ({ crate, step, left }, name) =>
    `${left === undefined ? 'Ready' : 'Left out'} for ${name(crate)}: ${sayPrepStep(step, name)}${left === undefined ? '' : ` (${left})`}`,
  'crate.arrived': ({ crate, carton, note }, name) => `${name(crate)} is here, carton ${carton}${note ? ` (${note})` : ''}`,
  'box.opened': ({ crate, ...found }, name, { say }) => `${name(crate)} opened. ${sayBox(found, (celsius) => say('temperature', celsius))}`,
  'bag.landed': ({ bag, lot, alive, dead, condition, each, bagCondition, sizeCm, sex, newBag, newLot }, name) =>
    `Landed ${newBag?.label ?? name(bag)}: ${alive} ${newLot?.label ?? name(lot)}${dead ? `, ${dead} dead` : ''}${each ? `, ${sayEach(each)}` : condition === 'fit' ? '' : `, ${condition}`}${bagCondition === 'sound' ? '' : `, bag ${bagCondition}`}${sizeCm === undefined ? '' : `, ${sizeCm} cm`}${sex ? `, ${sex}` : ''}${newLot?.insteadOf ? ', other than listed' : ''}${newLot?.sure ? `, ${SURE_SAYS[newLot.sure]}${newLot.evidence ? ` (${newLot.evidence})` : ''}` : ''}`,
  'bag.absent': ({ bag }, name) => `${name(bag)} was not in the box`,
  'shift.handed': ({ worries }) => `The shift was handed over${worries ? `: ${worries}` : ''}`,
  'shift.taken': ({ note }) => `The shift was taken over${note ? `: ${note}` : ''}`,
  'photo.taken': ({ of, shows, note }, name) => `Photograph of ${name(of.id)}: ${shows}${note ? ` (${note})` : ''}`,
  'bag.routed': ({ bag, route, why }, name) => `${name(bag)}: ${route} (${why})`,
  'bag.planned': ({ bag, tank }, name) => `${name(bag)} is meant for ${name(tank)}`,
  'crate.givenUp': ({ crate, why }, name) => `${name(crate)} is waited for no longer: ${why}`,
  'bag.assigned': ({ bag, tank }, name) => `${name(bag)} is assigned to ${name(tank)}`,
  'method.chosen': ({ bag, method, advised, house, why }, name) =>
    `${name(bag)}: ${method}${method === advised ? ', as computed' : `, not ${advised} as computed`}${house && method === house ? ', by house rule' : ''}${why ? ` (${why})` : ''}`,
  'cleanWater.given': ({ bag, n, vessel, litres, temperature, salinity }, name, { say }) =>
    `${n} of ${name(bag)} into clean water, ${vessel}: ${say('volume', litres)}, ${say('temperature', temperature.value)}, ${say('salinity', salinity.value)}`,
  'float.started': ({ bag, tank, minutes }, name) => `${name(bag)} afloat in ${name(tank)} for ${Math.round(minutes)} min`,
  'fish.released': ({ bag, lot, tank, alive, dead }, name) =>
    `${alive} ${name(lot)} from ${name(bag)} into ${name(tank)}${dead ? `, ${dead} dead` : ''}`,
  'quarantine.opened': ({ lot, policy, zero }, name) =>
    `Quarantine of ${name(lot)} began, ${plural(policy.days, 'clear day')} required${zero === 'arrival' ? '' : `, after ${zero}`}`,
  'quarantine.signedOff': ({ lot }, name) => `Quarantine of ${name(lot)} signed off`,
  'reading.taken': ({ subject, quantity, reading }, name, { say }) =>
    `${name(subject.id)}: ${say(quantity, reading.value)} ${reading.method}`,
  'lot.opened': ({ n, label, tank, between }, name) =>
    `${between ? `about ${n} (${between.min} to ${between.max})` : n} ${label} were in ${name(tank)} when records began here`,
  ...roomWords,
  ...roundWords,
  ...kitchenWords,
  ...choreWords,
  ...healingWords,
  ...runWords,
  'stock.counted': ({ place, lot, found, onRecord }, name) => `Counted ${found} ${name(lot)} in ${name(place)}, on record ${onRecord}`,
  'promise.lifted': ({ lot, why }, name) => `A promise of ${name(lot)} lifted${why ? `: ${why}` : ''}`,
  'lot.promised': ({ lot, n, forWhom }, name) => `${n} ${name(lot)} promised to ${forWhom}`,
  'due.done': ({ due }) => `Done: ${sayDueId(due)}`,
  'due.snoozed': ({ due, why }) => `Put off: ${sayDueId(due)}, ${why}`,
  'due.assigned': ({ due, person }, name) =>
    person === null ? `Nobody’s again: ${sayDueId(due)}` : `For ${name(person)}: ${sayDueId(due)}`,
  'due.skipped': ({ due, why }) => `Left out: ${sayDueId(due)}, ${why}`,
};

export function sayEntry(entry: Pick<Entry, 'kind' | 'payload'>, name: Name, units: Units): string {
  const words = (entryWords[entry.kind] as (payload: unknown, name: Name, units: Units) => string)(entry.payload, name, units);
  return capital(words);
}
