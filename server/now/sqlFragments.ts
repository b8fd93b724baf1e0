// Pieces of SQL that rules and views share. What is true now stands in the views of `db/nowViews.ts`.
import type { Quantity } from '#core/water/index.ts';

/** SQL of what to call the person in a column; the house and the departed keep their id. */
export const personName = (column: string) => `coalesce((select name from p_person where id = ${column}), ${column})`;

/** SQL of whether a tank, rack, water or tool `t` is in the house still. */
export const IN_HOUSE = (t: string) => `not exists (select 1 from p_retirement x where x.thing = ${t}.id and x.voided_by is null)`;

/** SQL of something of the latest reading of a subject in the same row: as `now_reading` has it, but found by the index for one subject and quantity. */
export const latestReading = (what: string, subject: string, quantity: Quantity) =>
  `(select ${what} from p_reading where subject = ${subject} and quantity = '${quantity}' and voided_by is null order by at_ms desc, entry desc limit 1)`;

/** What is known of a lot's kind that its water is judged by, as JSON; of one that was named by a guess, only what sort of animal it was taken for. */
export const KIND_OF_LOT = (lot: string): string => {
  const sure = (field: string) => `'${field}', iif(o.sure is 'guess', null, json_extract(k.facts, '$.${field}'))`;
  return `(select json_object('is', json_extract(k.facts, '$.is'), ${['tolerance', 'salinityPpt', 'temperatureC', 'water'].map(sure).join(', ')})
    from p_lot o join p_species k on k.id = o.species where o.id = ${lot})`;
};
