// The few field shapes that all schemas are built of: strict, finite, bounded.
import { array, mixed, number, object, string, type ISchema, type ObjectSchema, type ObjectShape, type Schema } from 'yup';
import { OUTSIDE_PLACES, type OutsidePlace } from '#core/stock/index.ts';
import { isBlank } from '#core/writing/index.ts';

export const MAX_HEADS = 100_000;
const ID = /^[A-Za-z0-9-]{1,64}$/;
export const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** Identity of a record: letters, digits and hyphens; never the name of an outside place. */
export const id = () => string().matches(ID, 'must be an id of letters, digits and hyphens').notOneOf(OUTSIDE_PLACES).required();
export const uuid = () => string().matches(UUID, 'must be a UUID in lower case').required();
/** Words that somebody can see. */
export const text = (max = 120) =>
  string()
    .min(1)
    .max(max)
    .test('seen', 'must be words', (value) => value === undefined || value === null || !isBlank(value))
    .required();
export const note = () => string().max(500).optional();
export const finite = (min: number, max: number) =>
  number()
    .test('finite', 'must be a finite number', (value) => value === undefined || value === null || Number.isFinite(value))
    .min(min)
    .max(max);
export const count = (min = 0, max = MAX_HEADS) => number().integer().min(min).max(max).required();
/** An instant from 2000 to 2100, UTC milliseconds. */
export const instant = () => number().integer().min(946_684_800_000).max(4_102_444_800_000).required();
export const choice = <T extends string>(values: readonly T[]) =>
  mixed<T>()
    .oneOf(values as T[])
    .required();
export const place = <O extends OutsidePlace>(outside: readonly O[]) =>
  string()
    .test(
      'place',
      `must be a tank or one of ${outside.join(', ')}`,
      (value) =>
        value !== undefined &&
        ((outside as readonly string[]).includes(value) || (ID.test(value) && !(OUTSIDE_PLACES as readonly string[]).includes(value))),
    )
    .required();
/** A non-empty list; bounded so that one request cannot hold the house. */
export const list = <T>(member: Schema<T>, { min = 0, max = 500 } = {}) => array().of(member).min(min).max(max).required();

/** A closed object: a field that is not named here is an error, not ignored. */
export function closed<T extends object>(shape: ObjectShape): ObjectSchema<T> {
  return object(shape).noUnknown(true).strict(true).required() as unknown as ObjectSchema<T>;
}

/** A closed object that may be left out. */
export function maybe(shape: ObjectShape) {
  return object(shape).noUnknown(true).strict(true).default(undefined).optional();
}

/** Of a change: what may be left out may also be nothing (`null`), which is: not known any more. */
export const orNothing = (shape: object) =>
  Object.fromEntries(Object.entries(shape).map(([name, schema]) => [name, (schema as Schema<unknown>).nullable()]));

/** Some fields of a closed object: each may be left out, what is given must be right. */
export function someOf(shape: Record<string, ISchema<unknown>>) {
  const optional: ObjectShape = {};
  for (const [name, schema] of Object.entries(shape)) optional[name] = (schema as Schema<unknown>).optional() as Schema<unknown>;
  return closed(optional);
}
