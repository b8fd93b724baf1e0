// What to call everything that payloads name by id.
import type Database from 'better-sqlite3';
import { makeAsk, text } from '../db/ask.ts';

export function prepareNames(client: Database.Database): (payloads: readonly unknown[]) => Record<string, string> {
  const ask = makeAsk(client);
  const nameOf = ask.value(
    text,
    `select coalesce(
    (select code from p_tank where id = @id), (select b.label || ' of ' || c.label from p_bag b join p_crate c on c.id = b.crate where b.id = @id), (select label from p_lot where id = @id), (select label from p_crate where id = @id),
    (select common from p_species where id = @id), (select name from p_supplier where id = @id), (select name from p_system where id = @id),
    (select name from p_rack where id = @id), (select name from p_person where id = @id), (select name from p_tool where id = @id), (select name from p_food where id = @id), (select name from p_mix where id = @id), (select name from p_supply where id = @id), (select name from p_chore where id = @id), (select name from p_kit where id = @id), (select r.quantity || ' ' || r.typed || ' of ' || s.name from p_reading r join p_system s on s.id = r.subject where r.entry = @id), (select h.what || ' of ' || l.label from p_healing h join p_lot l on l.id = h.lot where h.id = @id),
    (select 'the batch of ' || coalesce((select group_concat(distinct f.name) from json_each(b.lines) portion join p_food f on f.id = json_extract(portion.value, '$.food')), b.id) from p_batch b where b.id = @id),
    (select 'the hands of ' || name from p_person where 'hands-' || id = @id),
    (select json_extract(s.facts, '$.n') || ' ' || l.label || ', ' || f.code || ' to ' || t.code from p_transfer_task s join p_lot l on l.id = s.lot join p_tank f on f.id = s.from_tank join p_tank t on t.id = s.to_tank where s.id = @id),
    (select family from p_treatment where id = @id),
    (select 'the order of ' || s.name from p_order o join p_supplier s on s.id = o.supplier where o.id = @id),
    (select json_extract(w.facts, '$.n') || ' ' || coalesce(k.common, json_extract(w.facts, '$.heardAs')) from p_wish w left join p_species k on k.id = w.species where w.id = @id),
    (select json_extract(facts, '$.words') from p_prep_line where id = @id),
    (select r.vessel || ' for ' || t.code from p_bench_run r join p_tank t on t.id = r.tank where r.id = @id))`,
  );
  return (payloads) => {
    const names: Record<string, string> = {};
    for (const value of payloads.flatMap(idsIn)) {
      const name = value in names ? undefined : nameOf({ id: value });
      if (name) names[value] = name;
    }
    return names;
  };
}

/** Strings in a payload that could be ids. */
function idsIn(value: unknown): string[] {
  if (typeof value === 'string') return /^[A-Za-z0-9-]{1,64}$/.test(value) ? [value] : [];
  return value !== null && typeof value === 'object' ? Object.values(value).flatMap(idsIn) : [];
}
