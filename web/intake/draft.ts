// The crate that a list becomes, and what is kept of a half-read list so that a reload loses nothing.
import type { IntakeView, OrderCard } from '#contract/views.ts';
import type { CrateExpected, SupplierFacts } from '#core/dock/index.ts';
import type { Answers, Fixes, ListHeader, PackingList, Field } from '#core/intake/index.ts';
import { formatDay, formatWall, HOUR_MS, houseDay } from '#core/time/index.ts';
import type { Units } from '../data/units.ts';
import { instantOf, legibleSaid, statedOf, toldOf, type Filled } from '../parts/crateFacts.ts';

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
  /** The order that it is of; '' where it is of none. */
  order?: string;
  /** As typed by hand; what is not there is taken from the list's own header. */
  typed: Partial<Filled>;
};

export type ReadProps = { view: IntakeView; intake: Intake; onChange: (part: Partial<Intake>) => void; onLeave: () => void };

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

/** The fields beside the list: by hand where typed, else from its header. What its supplier usually does is never filled in: see `usualOf`. */
export function fill({ typed }: Intake, header: ListHeader, where: { supplierName: string; zone: string; units: Units }): Filled {
  const { packed, due, temperatureC, salinityPpt, label } = header;
  const packedText = typed.packed ?? (packed ? formatWall(packed.ms, where.zone) : '');
  const day = due ?? packed;
  return {
    label:
      typed.label ?? ([where.supplierName, label ?? (day ? formatDay(houseDay(day.ms, where.zone)) : '')].filter(Boolean).join(', ') || ''),
    packed: packedText,
    due: typed.due ?? (due ? formatWall(due.ms, where.zone) : ''),
    temperature: typed.temperature ?? bareOf('temperature', temperatureC, where.units),
    salinity: typed.salinity ?? bareOf('salinity', salinityPpt, where.units),
    pH: typed.pH ?? '',
    lastMeal: typed.lastMeal ?? '',
    caught: typed.caught ?? '',
    packedWith: typed.packedWith ?? '',
  };
}

const bareOf = (quantity: 'temperature' | 'salinity', value: number | undefined, units: Units): string =>
  value === undefined ? '' : units.bare(quantity, value);

/** The wall time so many hours after another; nothing where either is not known. */
function afterHours(wall: string, hours: number | undefined, zone: string): string {
  const ms = instantOf(wall, zone);
  return ms === undefined || hours === undefined ? '' : formatWall(ms + hours * HOUR_MS, zone);
}

/**
 * How its supplier usually sends, for the fields that are empty. Offered, never filled in by itself: water that nobody told of this crate is not stated and is measured
 * first where it may be more than a step, and an hour that nobody promised is no promise to claim by.
 */
export function usualOf(
  filled: Filled,
  { ships, usualH }: Pick<SupplierFacts, 'ships' | 'usualH'>,
  { units, zone }: { units: Units; zone: string },
): Partial<Filled> {
  const usual: Partial<Filled> = {
    due: afterHours(filled.packed, usualH, zone),
    temperature: bareOf('temperature', ships?.temperatureC, units),
    salinity: legibleSaid(ships, units) ?? bareOf('salinity', ships?.salinityPpt, units),
    pH: ships?.pH === undefined ? '' : String(ships.pH),
  };
  return Object.fromEntries(Object.entries(usual).filter(([field, text]) => text !== '' && filled[field as keyof Filled].trim() === ''));
}

/** One entry: the crate with all its lots and bags. Call it only when `faultsOf` and the list's problems are empty. */
export function crateOf({
  filled,
  list,
  supplier,
  zone,
  units,
  newId,
  order,
}: {
  filled: Filled;
  list: PackingList;
  supplier: string;
  order?: OrderCard;
  zone: string;
  units: Units;
  newId: () => string;
}): CrateExpected {
  const told = toldOf(filled);
  const lineOf = (species: string | undefined) => order?.lines.find((line) => line.species !== undefined && line.species === species)?.line;
  const lots = list.lots.map((lot) => {
    const line = lineOf(lot.species);
    return { lot: newId(), ...lot, ...(line ? { line } : {}) };
  });
  return {
    crate: newId(),
    label: filled.label.trim(),
    supplier,
    packedAtMs: instantOf(filled.packed, zone)!,
    promisedAtMs: instantOf(filled.due, zone)!,
    stated: statedOf(filled, units),
    ...(told ? { told } : {}),
    ...(order ? { order: order.order } : {}),
    ...(list.currency
      ? { currency: list.currency }
      : order?.currency && list.bags.some(({ price }) => price !== undefined)
        ? { currency: order.currency }
        : {}),
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
