// What came of each supplier so far: crates, heads alive and dead on arrival, and its claims.
import type Database from 'better-sqlite3';
import type { SupplierRecord } from '#contract/views.ts';
import { makeAsk, number, text } from '../db/ask.ts';

export function prepareSupplierRecords(client: Database.Database): () => Map<string, SupplierRecord> {
  const ask = makeAsk(client);
  const came = ask.all(
    { supplier: text, crates: number, alive: number, dead: number },
    `
    select c.supplier, count(distinct c.id) crates, coalesce(sum(g.alive), 0) alive, coalesce(sum(g.dead), 0) dead
    from p_arrival a join p_crate c on c.id = a.crate and c.voided_by is null left join p_landing g on g.crate = c.id and g.voided_by is null
    where a.voided_by is null group by c.supplier`,
  );
  // The latest word on each claim is how it stands.
  const claims = ask.all(
    { supplier: text, paid: number, credit: number, refused: number, sent: number },
    `
    select c.supplier, sum(latest = 'paid') paid, sum(latest = 'credit') credit, sum(latest = 'refused') refused, sum(latest = 'sent') sent
    from (select crate, (select what from p_claim y where y.crate = x.crate and y.voided_by is null order by y.at_ms desc, y.entry desc limit 1) latest
      from p_claim x where x.voided_by is null group by crate) k join p_crate c on c.id = k.crate group by c.supplier`,
  );
  const granted = ask.all(
    { supplier: text, amount: number, currency: text },
    `
    select c.supplier, sum(json_extract(x.facts, '$.amount')) amount, coalesce(json_extract(x.facts, '$.currency'), '') currency
    from p_claim x join p_crate c on c.id = x.crate where x.what in ('paid', 'credit') and x.voided_by is null and json_extract(x.facts, '$.amount') is not null
    group by c.supplier, currency order by currency`,
  );
  return () => {
    const words = new Map(claims().map(({ supplier, ...counts }) => [supplier, counts]));
    const sums = granted();
    return new Map(
      came().map(({ supplier, ...heads }) => [
        supplier,
        {
          ...heads,
          claims: words.get(supplier) ?? { sent: 0, paid: 0, credit: 0, refused: 0 },
          granted: sums.filter((row) => row.supplier === supplier).map(({ amount, currency }) => ({ amount, currency })),
        },
      ]),
    );
  };
}
