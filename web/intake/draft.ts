// The crate that a list becomes, and what is kept of a half-read list so that a reload loses nothing.
import type { CrateExpected } from '#core/dock/index.ts';
import type { Answers, ListHeader, PackingList } from '#core/intake/index.ts';
import { formatDay, formatWall, houseDay, parseLocal } from '#core/time/index.ts';
import type { Units } from '../data/units.ts';
import type { Field } from './read.ts';

export type Intake = {
  fileName: string;
  text: string;
  supplier: string;
  headingLine?: number;
  columns: Record<number, Field>;
  answers: Answers;
  /** As typed by hand; what is not there is taken from the list's own header. */
  typed: Partial<Record<'label' | 'packed' | 'due' | 'temperature' | 'salinity', string>>;
};

const KEPT = 'daily-crate-intake';

export function keptIntake(): Intake | undefined {
  try {
    const kept = sessionStorage.getItem(KEPT);
    return kept ? (JSON.parse(kept) as Intake) : undefined;
  } catch {
    return undefined;
  }
}

export function keepIntake(intake: Intake | undefined): void {
  try {
    if (intake) sessionStorage.setItem(KEPT, JSON.stringify(intake));
    else sessionStorage.removeItem(KEPT);
  } catch {
    // A browser that keeps nothing still reads lists.
  }
}

export type Filled = { label: string; packed: string; due: string; temperature: string; salinity: string };

/** The fields beside the list: by hand where typed, else from its header. */
export function fill({ typed }: Intake, header: ListHeader, where: { supplierName: string; zone: string; units: Units }): Filled {
  const { packed, due, temperatureC, salinityPpt, label } = header;
  const packedText = typed.packed ?? (packed ? formatWall(packed.ms, where.zone) : '');
  const day = due ?? packed;
  return {
    label:
      typed.label ?? ([where.supplierName, label ?? (day ? formatDay(houseDay(day.ms, where.zone)) : '')].filter(Boolean).join(', ') || ''),
    packed: packedText,
    due: typed.due ?? (due ? formatWall(due.ms, where.zone) : ''),
    temperature: typed.temperature ?? (temperatureC === undefined ? '' : where.units.bare('temperature', temperatureC)),
    salinity: typed.salinity ?? (salinityPpt === undefined ? '' : String(salinityPpt)),
  };
}

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

function instantOf(text: string, zone: string): number | undefined {
  try {
    return parseLocal(text.slice(0, 16), zone);
  } catch {
    return undefined;
  }
}

/** One entry: the crate with all its lots and bags. Call it only when `faultsOf` and the list's problems are empty. */
export function crateOf({
  filled,
  list,
  supplier,
  zone,
  units,
  newId,
}: {
  filled: Filled;
  list: PackingList;
  supplier: string;
  zone: string;
  units: Units;
  newId: () => string;
}): CrateExpected {
  const told = (quantity: 'temperature' | 'salinity') => {
    const read = units.read(quantity, filled[quantity]);
    return read.ok ? read.value : undefined;
  };
  const [temperatureC, salinityPpt] = [told('temperature'), told('salinity')];
  const lots = list.lots.map((lot) => ({ lot: newId(), ...lot }));
  return {
    crate: newId(),
    label: filled.label.trim(),
    supplier,
    packedAtMs: instantOf(filled.packed, zone)!,
    promisedAtMs: instantOf(filled.due, zone)!,
    stated: { ...(temperatureC === undefined ? {} : { temperatureC }), ...(salinityPpt === undefined ? {} : { salinityPpt }) },
    lots,
    bags: list.bags.map(({ lot, line: _line, free, ...bag }) => ({
      bag: newId(),
      ...bag,
      lot: lots[lot]!.lot,
      ...(free > 0 ? { free } : {}),
    })),
  };
}
