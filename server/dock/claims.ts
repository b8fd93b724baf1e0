// Claims: crates of which something was dead, short or other than listed, with what was sent and answered.
import type Database from 'better-sqlite3';
import type { ClaimCard } from '#contract/views.ts';
import { claimStage, headsOf, tallyCrate, type ClaimFacts } from '#core/dock/index.ts';
import { flag, makeAsk, orNull, pick, text, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags } from './bags.ts';
import { prepareBoxes } from './boxes.ts';
import { preparePhotoField } from '../photos/cards.ts';
import { personName } from '../now/rows.ts';

const CRATE = {
  crate: t.crate.id,
  ...pick(t.crate, 'label', 'packedAtMs', 'promisedAtMs', 'currency'),
  supplier: t.supplier.name,
  facts: t.supplier.facts,
  arrival: orNull(t.arrival.entry),
  arrivedAtMs: orNull(t.arrival.atMs),
  carton: orNull(t.arrival.carton),
};
const FROM = `
  select c.id crate, c.label, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, c.currency, s.name supplier, s.facts, a.entry arrival, a.at_ms arrivedAtMs, a.carton
  from p_crate c join p_supplier s on s.id = c.supplier left join p_arrival a on a.crate = c.id and a.voided_by is null
  where c.voided_by is null`;

/** What stands in a bag against its list, and no more: Today asks it of every crate of a month. */
const TALLIED = {
  ...pick(t.bag, 'listed'),
  alive: orNull(t.landing.alive),
  dead: orNull(t.landing.dead),
  openedAtMs: orNull(t.landing.atMs),
  wrong: flag,
  absent: flag,
};

function countsOf(bags: readonly RowOf<typeof TALLIED>[]): Pick<ClaimFacts, 'counts' | 'openedAtMs'> {
  const { dead, short, wrong } = tallyCrate(
    bags.map(({ listed, absent, alive, dead, wrong }) => ({
      listed,
      absent,
      ...(alive === null ? {} : { landed: { alive, dead: dead!, wrong } }),
    })),
  );
  const opened = bags.flatMap(({ openedAtMs }) => openedAtMs ?? []);
  return { counts: { dead, short, wrong }, openedAtMs: opened.length > 0 ? Math.min(...opened) : undefined };
}

export function prepareClaims(client: Database.Database) {
  const ask = makeAsk(client);
  const bagsOf = prepareBags(client, 'b.crate = ?');
  const boxesOf = prepareBoxes(client);
  const photosOf = preparePhotoField(client);
  const history = ask.all(
    { ...pick(t.claim, 'what', 'atMs', 'facts'), by: text, actId: t.entry.actId },
    `select what, at_ms atMs, facts, ${personName('"by"')} by, (select act_id from entry where id = p_claim.entry) actId from p_claim
    where crate = ? and voided_by is null order by at_ms, entry`,
  );
  const since = ask.all(CRATE, `${FROM} and a.at_ms > ? order by a.at_ms desc, c.id`);
  const byId = ask.get(CRATE, `${FROM} and c.id = ?`);
  const tallied = ask.all(
    TALLIED,
    `select b.listed, g.alive, g.dead, g.at_ms openedAtMs, b.listed > 0 and g.lot is not null and g.lot <> b.lot wrong, n.entry is not null absent
    from p_bag b left join p_landing g on g.bag = b.id and g.voided_by is null left join p_absence n on n.bag = b.id and n.voided_by is null
    where b.crate = ? and b.voided_by is null`,
  );
  const factsOf = ({ crate, label, facts, arrivedAtMs }: Row): ClaimFacts => {
    const told = history(crate);
    const sent = told.findLast(({ what }) => what === 'sent');
    const last = told.at(-1)?.what;
    return {
      label,
      ...countsOf(tallied(crate)),
      rule: facts.claim,
      arrivedAtMs: arrivedAtMs ?? undefined,
      ...(sent ? { sent: { counts: sent.facts.counts!, atMs: sent.atMs } } : {}),
      ...(last && last !== 'sent' ? { answered: last } : {}),
    };
  };
  const cardOf = (row: Row): ClaimCard => {
    const { facts, carton, currency, arrival: _arrival, arrivedAtMs: _arrivedAtMs, ...rest } = row;
    const known = factsOf(row);
    return {
      ...rest,
      ...known,
      contact: facts.contact,
      ...(currency === null ? {} : { currency }),
      carton: carton ?? undefined,
      stage: claimStage(known),
      bags: bagsOf(row.crate),
      ...photosOf(row.crate),
      ...boxesOf(row.crate),
      history: history(row.crate).map(({ facts: more, ...mark }) => ({ ...mark, ...more })),
    };
  };
  return {
    /** Of which something is to be claimed, or was. */
    cards: (sinceMs: number) =>
      since(sinceMs)
        .filter((row) => headsOf(countsOf(tallied(row.crate)).counts) > 0 || history(row.crate).length > 0)
        .map(cardOf),
    /** Those that wait to be sent, or sent again. */
    waiting: (sinceMs: number) =>
      since(sinceMs).flatMap((row) => {
        const facts = factsOf(row);
        const stage = claimStage(facts);
        return stage === 'open' || stage === 'grown' ? [{ entry: row.arrival!, crate: row.crate, ...facts }] : [];
      }),
    find: (crate: string): ClaimFacts | undefined => {
      const row = byId(crate);
      return row && factsOf(row);
    },
  };
}
type Row = RowOf<typeof CRATE>;
