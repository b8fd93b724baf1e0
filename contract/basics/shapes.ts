// Shapes that several kinds share: quantities with their bounds, readings, ranges.
import { boolean, string, type ISchema, type ObjectSchema } from 'yup';
import type { AmbientConditions } from '#core/bench/index.ts';
import { LONGEST_QUARANTINE_DAYS, type QuarantinePolicy } from '#core/quarantine/index.ts';
import type { Range } from '#core/species/index.ts';
import { METHODS, REFERENCES, SOURCES, type Reading } from '#core/water/index.ts';
import { choice, closed, count, finite } from './fields.ts';

/** Every field of `T` named, so that a field added to a type cannot be forgotten here. */
export type Shape<T> = { [F in keyof Required<T>]: ISchema<unknown> };
export const schemaOf = <T extends object>(shape: Shape<T>): ObjectSchema<T> => closed<T>(shape);

export const degrees = () => finite(0, 50).required();
export const salinity = () => finite(0, 50).required();
export const centimetres = () => finite(0.1, 300).required();
export const litres = () => finite(0.05, 100_000).required();
export const reading = () =>
  schemaOf<Reading>({
    value: finite(-1000, 1_000_000).required(),
    typed: string().max(40).defined(),
    method: choice(METHODS),
    source: choice(SOURCES),
    reference: choice(REFERENCES).optional(),
  });
export const range = (min: number, max: number) => schemaOf<Range>({ min: finite(min, max).required(), max: finite(min, max).required() });
export const days = () => count(0, 365);
/** A quarantine of no days is none, and one of years is a mistake. */
export const quarantinePolicy = () =>
  schemaOf<QuarantinePolicy>({
    days: count(1, LONGEST_QUARANTINE_DAYS),
    daysAfterTreatment: count(1, LONGEST_QUARANTINE_DAYS),
    countsUnderTreatment: boolean().required(),
    restartsOn: closed({ newcomer: boolean().required(), illnessInSystem: boolean().required(), contact: boolean().required() }),
  });
/** What stands around every vessel, in the house's rules and in each run as it began. */
export const ambient = (): Shape<AmbientConditions> => ({
  roomC: degrees(),
  pco2: finite(200, 20_000).required(),
  freshPpt: salinity(),
  ammoniaBinderH: finite(0.5, 240).required(),
});
