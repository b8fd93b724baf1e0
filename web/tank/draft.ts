// What is about to be said of a tank and of those who live there, turned into the entries of one act.
import type { TankCard } from '#contract/views.ts';
import type { Cause } from '#core/rounds/index.ts';
import type { Parsed } from '#core/water/index.ts';
import { newId, type Draft } from '../data/house.ts';

type Home = Pick<TankCard, 'id' | 'occupants'>;

/** Whose count differs from the records, with what was found. A lot that nobody counted is as on record. */
export function differing(tank: Home, found: Readonly<Record<string, number>>) {
  return tank.occupants.flatMap(({ lot, label, n }) => {
    const seen = found[lot];
    return seen === undefined || seen === n ? [] : [{ lot, label, onRecord: n, seen }];
  });
}

/** Fewer are missing until they are found; more are posted as a difference. */
export function recountEntries(tank: Home, found: Readonly<Record<string, number>>): Draft[] {
  return differing(tank, found).map(({ lot, onRecord, seen }) => ({
    kind: 'stock.counted',
    payload: { place: tank.id, lot, found: seen, onRecord, against: seen < onRecord ? 'missing' : 'discrepancy', note: 'recount' },
  }));
}

/** What new water holds, as far as somebody knows it: of a tank by its system, of mixed water by what was read of it. */
export type NewWater = { fromTank?: string; salinity: Parsed; temperature: Parsed; pH?: Parsed };

export const exchangeEntry = (tank: string, litres: number, { fromTank, salinity, temperature, pH }: NewWater): Draft => ({
  kind: 'water.exchanged',
  payload: {
    tank,
    litres,
    ...(fromTank === undefined ? { source: 'mixed' } : { source: 'tank', fromTank }),
    ...(fromTank === undefined && salinity.ok ? { salinityPpt: salinity.value } : {}),
    ...(fromTank === undefined && temperature.ok ? { temperatureC: temperature.value } : {}),
    ...(fromTank === undefined && pH?.ok ? { pH: pH.value } : {}),
  },
});

/** A value after a share of the water was swapped; not known when the new water's is not. `share` 0 to 1. */
export const swapped = (now: number, fresh: number | undefined, share: number): number | undefined =>
  fresh === undefined ? undefined : now + share * (fresh - now);

type Stay = { lot: string; place: string };

export const measuredEntry = ({ lot, place }: Stay, sizeCm: number): Draft => ({ kind: 'lot.measured', payload: { lot, place, sizeCm } });

/** At a length, at an hour, or at whichever comes first. */
export const stayLimitEntry = (
  { lot, place }: Stay,
  { untilCm, untilMs, why }: { untilCm?: number; untilMs?: number; why: string },
): Draft => ({
  kind: 'stay.limited',
  payload: {
    stayLimit: newId(),
    lot,
    place,
    ...(untilCm === undefined ? {} : { untilCm }),
    ...(untilMs === undefined ? {} : { untilMs }),
    why,
  },
});

export const classedEntry = (loss: string, cause: Cause, why: string): Draft => ({
  kind: 'loss.classed',
  payload: { loss, cause, sure: 'likely', why: why.trim() },
});
