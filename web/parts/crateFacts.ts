// The fields of a crate as they are typed, and what they mean. No screen in here.
import type { CrateFields, CrateTold, StatedWater } from '#core/dock/index.ts';
import { formatWall, parseLocal } from '#core/time/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';

export type Filled = {
  label: string;
  packed: string;
  due: string;
  temperature: string;
  salinity: string;
  pH: string;
  lastMeal: string;
  caught: string;
  packedWith: string;
};
const READ = ['temperature', 'salinity', 'pH'] as const;

/** What keeps the fields from being a crate; empty = nothing. */
export function faultsOf(filled: Filled, { zone, units }: { zone: string; units: Units }): string[] {
  const faults: string[] = [];
  if (filled.label.trim() === '') faults.push('Give the crate a name.');
  const [packed, due] = [instantOf(filled.packed, zone), instantOf(filled.due, zone)];
  if (packed === undefined) faults.push('Say when it was packed: it tells how long the bags are closed.');
  if (due === undefined) faults.push('Say when it is due.');
  if (packed !== undefined && due !== undefined && due < packed) faults.push('It is due before it was packed.');
  for (const quantity of READ)
    if (filled[quantity].trim() !== '' && !units.read(quantity, filled[quantity]).ok)
      faults.push(`The ${quantity} of the water cannot be read.`);
  return faults;
}

/** The instant of a wall time of the house; undefined where it is none. */
export function instantOf(text: string, zone: string): number | undefined {
  try {
    return parseLocal(text.slice(0, 16), zone);
  } catch {
    return undefined;
  }
}

/** The water as it is stated; what cannot be read or is left empty is not said. */
export function statedOf(filled: Filled, units: Units): CrateFields['stated'] {
  const told = (quantity: (typeof READ)[number]) => {
    const read = units.read(quantity, filled[quantity]);
    return read.ok ? read.value : undefined;
  };
  const [temperatureC, salinityPpt, pH] = [told('temperature'), told('salinity'), told('pH')];
  const said = filled.salinity.trim();
  return {
    ...(temperatureC === undefined ? {} : { temperatureC }),
    // A specific gravity is kept in its own words: the temperature it is for is half of it.
    ...(salinityPpt === undefined ? {} : { salinityPpt, ...(isPlain(said) ? {} : { salinitySaid: said.slice(0, 40) }) }),
    ...(pH === undefined ? {} : { pH }),
  };
}
const isPlain = (text: string): boolean => /^\d+([.,]\d+)?$/.test(text) && Number(text.replace(',', '.')) > 2;

/** What they answered besides the water; nothing at all is no answer. */
export function toldOf({ lastMeal, caught, packedWith }: Filled): CrateTold | undefined {
  const told: CrateTold = {
    ...(lastMeal.trim() ? { lastMeal: lastMeal.trim() } : {}),
    ...(caught.trim() ? { caught: caught.trim() } : {}),
    ...(packedWith === 'oxygen' || packedWith === 'air' ? { packedWith } : {}),
  };
  return Object.keys(told).length > 0 ? told : undefined;
}

/** The words in which a salinity was said, where they can be read again; another client may have sent any. */
export function legibleSaid(water: StatedWater | undefined, units: Units): string | undefined {
  const said = water?.salinitySaid;
  return said !== undefined && units.read('salinity', said).ok ? said : undefined;
}

type Known = CrateFields & { crate: string; entry: string };
type Where = { zone: string; units: Units };

/** What is known of a crate, as its fields hold it. */
export const filledFrom = ({ label, packedAtMs, promisedAtMs, stated, told }: CrateFields, { zone, units }: Where): Filled => ({
  label,
  packed: formatWall(packedAtMs, zone),
  due: formatWall(promisedAtMs, zone),
  temperature: stated.temperatureC === undefined ? '' : units.bare('temperature', stated.temperatureC),
  salinity: legibleSaid(stated, units) ?? (stated.salinityPpt === undefined ? '' : String(stated.salinityPpt)),
  pH: stated.pH === undefined ? '' : String(stated.pH),
  lastMeal: told?.lastMeal ?? '',
  caught: told?.caught ?? '',
  packedWith: told?.packedWith ?? '',
});

/** What was put right of a crate; undefined when nothing is other than it was. Call it only when `faultsOf` is empty. */
export function crateChangedEntry(known: Known, filled: Filled, where: Where): Draft | undefined {
  const before = filledFrom(known, where);
  const isNew = (...fields: (keyof Filled)[]) => fields.some((field) => filled[field].trim() !== before[field]);
  // A field that nobody touched keeps its seconds and its decimals.
  const fields: Partial<CrateFields> = {
    ...(isNew('label') ? { label: filled.label.trim() } : {}),
    ...(isNew('packed') ? { packedAtMs: instantOf(filled.packed, where.zone)! } : {}),
    ...(isNew('due') ? { promisedAtMs: instantOf(filled.due, where.zone)! } : {}),
    ...(isNew('temperature', 'salinity', 'pH') ? { stated: statedOf(filled, where.units) } : {}),
    ...(isNew('lastMeal', 'caught', 'packedWith') ? { told: toldOf(filled) ?? {} } : {}),
  };
  if (Object.keys(fields).length === 0) return undefined;
  return { kind: 'crate.changed', payload: { crate: known.crate, basedOn: known.entry, fields } };
}
