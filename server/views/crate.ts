// One crate on one page, while it is open and years after: what came, which way each bag went, where each lot is, what became of the rest.
import type { CrateLot } from '#contract/views.ts';
import { claimStage } from '#core/dock/index.ts';
import { flag, makeAsk, number, orNull, pick, text } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags } from '../dock/bags.ts';
import { prepareBoxes } from '../dock/boxes.ts';
import { prepareClaims } from '../dock/claims.ts';
import { personName } from '../now/rows.ts';
import { preparePhotoField } from '../photos/cards.ts';
import { countedOf, prepareQuarantineCards } from './quarantine.ts';
import type { MakeView } from './view.ts';

export const makeCrateView: MakeView<'crate'> = (client) => {
  const ask = makeAsk(client);
  const find = ask.get(
    {
      ...pick(t.crate, 'label', 'packedAtMs', 'promisedAtMs', 'stated', 'told', 'remarks'),
      crate: t.crate.id,
      supplier: t.supplier.name,
      arrivedAtMs: orNull(t.arrival.atMs),
      arrivedBy: orNull(text),
      carton: orNull(t.arrival.carton),
      arrivalNote: t.arrival.note,
    },
    `
    select c.id crate, c.label, s.name supplier, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, c.stated, c.told, c.remarks, a.at_ms arrivedAtMs, ${personName('a."by"')} arrivedBy, a.carton, a.note arrivalNote
    from p_crate c join p_supplier s on s.id = c.supplier left join p_arrival a on a.crate = c.id and a.voided_by is null where c.id = ? and c.voided_by is null`,
  );
  const bagsOf = prepareBags(client, 'b.crate = ?');
  const photosOf = preparePhotoField(client);
  const boxesOf = prepareBoxes(client);
  const claims = prepareClaims(client);
  const here = ask.all(
    { ...pick(t.balance, 'place', 'n'), name: text, isTank: flag },
    `
    select b.place, b.n, exists (select 1 from p_tank where id = b.place) isTank,
      coalesce((select code from p_tank where id = b.place), (select label from p_bag where id = b.place), (select vessel from p_bench_run where id = b.place), b.place) name
    from now_standing b where b.lot = ? order by name`,
  );
  // Other than the supplier's and the counts' own accounts: what became of the fish.
  const out = ask.all(
    pick(t.balance, 'place', 'n'),
    `select place, n from p_balance where lot = ? and inside = 0 and n > 0 and place not in ('supplier', 'opening') order by n desc, place`,
  );
  const ways = ask.all(
    { way: text, bags: number },
    `
    select way, count(*) bags from (
      select case when r.method is not null then r.method
        when x.run is not null then 'float, net' when x.bag is not null and exists (select 1 from p_clean_water q where q.bag = g.bag and q.voided_by is null) then 'by way of clean water'
        when x.bag is not null then 'netted at once' end way
      from p_landing g left join p_release x on x.bag = g.bag and x.voided_by is null
      left join p_run_from f on f.place = g.bag and f.voided_by is null left join p_bench_run r on r.id = f.run
      where g.lot = ? and g.voided_by is null and g.alive > 0)
    where way is not null group by way order by bags desc, way`,
  );
  const quarantines = prepareQuarantineCards(client);

  return (request) => {
    const row = find(request.query.crate ?? '');
    if (!row) return { lots: [] };
    const { arrivedAtMs, arrivedBy, carton, arrivalNote, remarks, told, ...crate } = row;
    const bags = bagsOf(row.crate);
    const lots = [...new Map(bags.map((bag) => [bag.lot, bag])).values()];
    const clocks = new Map(
      quarantines(
        request,
        lots.map(({ lot }) => lot),
      ).map((card) => [card.lot, card.clock]),
    );
    const claim = claims.find(row.crate);
    const stage = claim && claimStage(claim);
    return {
      crate: {
        ...crate,
        ...(remarks ? { remarks } : {}),
        ...(told ? { told } : {}),
        ...(arrivedAtMs === null
          ? {}
          : { arrived: { atMs: arrivedAtMs, by: arrivedBy!, carton: carton!, ...(arrivalNote === null ? {} : { note: arrivalNote }) } }),
        ...photosOf(row.crate),
        ...boxesOf(row.crate),
        ...(stage && stage !== 'nothing' ? { claim: stage } : {}),
        bags,
      },
      lots: lots.map(({ lot, lotLabel, species }): CrateLot => {
        const own = bags.filter((bag) => bag.lot === lot);
        const clock = clocks.get(lot);
        const sum = (count: (bag: (typeof own)[number]) => number) => own.reduce((total, bag) => total + count(bag), 0);
        return {
          lot,
          label: lotLabel,
          ...(species ? { species } : {}),
          listed: sum(({ listed, landed }) => (landed?.wrong ? 0 : listed)),
          alive: sum(({ landed }) => landed?.alive ?? 0),
          dead: sum(({ landed }) => landed?.dead ?? 0),
          ways: ways(lot),
          here: here(lot),
          out: out(lot),
          ...(clock ? { clock: countedOf(clock) } : {}),
        };
      }),
    };
  };
};
