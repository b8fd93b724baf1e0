// What the way of bags that landed asks of their first tank: for the rules and the racks alike.
import type Database from 'better-sqlite3';
import { needOf, needs, type Landed } from '#core/dock/index.ts';
import type { PlaceNeed } from '#core/placement/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { flag, makeAsk, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { FRAIL_MS } from '#core/healing/index.ts';

type Need = PlaceNeed | 'nothing';

export function prepareNeed(client: Database.Database): { ofBag: (bag: string) => Need; ofLot: (lot: string, atMs: number) => Need } {
  const ask = makeAsk(client);
  const columns = {
    ...pick(t.landing, 'condition', 'bagCondition', 'alive', 'dead'),
    isFish: flag,
    landedAtMs: t.landing.atMs,
    ...pick(t.crate, 'packedAtMs', 'promisedAtMs'),
    arrivedAtMs: orNull(t.arrival.atMs),
    routed: orNull(t.route.route),
  };
  const landed = (where: string) => `
    select g.condition, g.bag_condition bagCondition, g.alive, g.dead, coalesce(json_extract(s.facts, '$.is'), '') = 'fish' isFish, g.at_ms landedAtMs,
      c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, a.at_ms arrivedAtMs,
      (select q.route from p_route q where q.bag = g.bag and q.voided_by is null order by q.at_ms desc, q.entry desc limit 1) routed
    from p_landing g join p_crate c on c.id = g.crate left join p_arrival a on a.crate = c.id and a.voided_by is null
    join p_lot l on l.id = g.lot left join p_species s on s.id = l.species where g.voided_by is null and ${where}`;
  const ofBag = ask.all(columns, landed('g.bag = ?'));
  const ofLot = ask.all(columns, landed('g.lot = ? and g.at_ms between ? and ?'));
  const rules = ask.value(t.house.rules, 'select rules from p_house');
  const ofAll = (rows: ReturnType<typeof ofBag>): Need => {
    if (rows.length === 0) return 'nothing';
    const now = rules() ?? STARTING_RULES;
    return needs(
      rows.map(({ arrivedAtMs, routed, ...row }) => {
        const bag: Landed = { ...row, ...(arrivedAtMs === null ? {} : { arrivedAtMs }), ...(routed === null ? {} : { routed }) };
        return needOf(bag, now);
      }),
    );
  };
  return { ofBag: (bag) => ofAll(ofBag(bag)), ofLot: (lot, atMs) => ofAll(ofLot(lot, atMs - FRAIL_MS, atMs)) };
}
