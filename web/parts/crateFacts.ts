// The fields of a crate as they are typed, and what they mean. No screen in here.
import type { CrateFields } from '#core/dock/index.ts';
import { formatWall, parseLocal } from '#core/time/index.ts';
import type { Draft } from '../data/house.ts';
import type { Units } from '../data/units.ts';

export type Filled = { label: string; packed: string; due: string; temperature: string; salinity: string };

/** What keeps the fields from being a crate; empty = nothing. */
export function faultsOf(filled: Filled, { zone, units }: { zone: string; units: Units }): string[] {
  const faults: string[] = [];
  if (filled.label.trim() === '') faults.push('Give the crate a name.');
  const [packed, due] = [instantOf(filled.packed, zone), instantOf(filled.due, zone)];
  if (packed === undefined) faults.push('Say when it was packed: it tells how long the bags are closed.');
  if (due === undefined) faults.push('Say when it is due.');
  if (packed !== undefined && due !== undefined && due < packed) faults.push('It is due before it was packed.');
  for (const quantity of ['temperature', 'salinity'] as const)
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
  const told = (quantity: 'temperature' | 'salinity') => {
    const read = units.read(quantity, filled[quantity]);
    return read.ok ? read.value : undefined;
  };
  const [temperatureC, salinityPpt] = [told('temperature'), told('salinity')];
  return { ...(temperatureC === undefined ? {} : { temperatureC }), ...(salinityPpt === undefined ? {} : { salinityPpt }) };
}

type Known = CrateFields & { crate: string; entry: string };
type Where = { zone: string; units: Units };

/** What is known of a crate, as its fields hold it. */
export const filledFrom = ({ label, packedAtMs, promisedAtMs, stated }: CrateFields, { zone, units }: Where): Filled => ({
  label,
  packed: formatWall(packedAtMs, zone),
  due: formatWall(promisedAtMs, zone),
  temperature: stated.temperatureC === undefined ? '' : units.bare('temperature', stated.temperatureC),
  salinity: stated.salinityPpt === undefined ? '' : String(stated.salinityPpt),
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
    ...(isNew('temperature', 'salinity') ? { stated: statedOf(filled, where.units) } : {}),
  };
  if (Object.keys(fields).length === 0) return undefined;
  return { kind: 'crate.changed', payload: { crate: known.crate, basedOn: known.entry, fields } };
}
