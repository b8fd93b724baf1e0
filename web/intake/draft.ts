// The crate that a list becomes, and what is kept of a half-read list so that a reload loses nothing.
import type { CrateExpected } from '#core/dock/index.ts';
import type { Answers, Fixes, ListHeader, PackingList, Field } from '#core/intake/index.ts';
import { formatDay, formatWall, houseDay } from '#core/time/index.ts';
import type { Units } from '../data/units.ts';
import { instantOf, statedOf, type Filled } from '../parts/crateFacts.ts';

export type Intake = {
  fileName: string;
  text: string;
  supplier: string;
  headingLine?: number;
  columns: Record<number, Field>;
  answers: Answers;
  /** What was said of single lines. */
  fixes: Fixes;
  /** Somebody said that it is a list, whatever it looks like. */
  asList?: boolean;
  /** As typed by hand; what is not there is taken from the list's own header. */
  typed: Partial<Record<'label' | 'packed' | 'due' | 'temperature' | 'salinity', string>>;
};

const KEPT = 'daily-crate-intake';

export function keptIntake(): Intake | undefined {
  try {
    const kept = sessionStorage.getItem(KEPT);
    // What an older page kept knows nothing of single lines.
    return kept ? { fixes: {}, ...(JSON.parse(kept) as Omit<Intake, 'fixes'>) } : undefined;
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
    salinity: typed.salinity ?? (salinityPpt === undefined ? '' : where.units.bare('salinity', salinityPpt)),
  };
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
  const lots = list.lots.map((lot) => ({ lot: newId(), ...lot }));
  return {
    crate: newId(),
    label: filled.label.trim(),
    supplier,
    packedAtMs: instantOf(filled.packed, zone)!,
    promisedAtMs: instantOf(filled.due, zone)!,
    stated: statedOf(filled, units),
    lots,
    ...(list.remarks.length > 0 ? { remarks: list.remarks.slice(0, 100) } : {}),
    bags: list.bags.map(({ lot, line: _line, free, ...bag }) => ({
      bag: newId(),
      ...bag,
      lot: lots[lot]!.lot,
      ...(free > 0 ? { free } : {}),
    })),
  };
}
