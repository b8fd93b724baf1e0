// One lot, whole: where it is and everywhere it has been, who shared water with it, what it comes of, its clock, what happened.
import type { LotView, Sharing } from '#contract/views.ts';
import { ancestry, systemHistory, occupanciesByLot } from '#core/quarantine/index.ts';
import { isOutside } from '#core/stock/index.ts';
import { spansOf } from '#core/time/index.ts';
import { makeAsk, number, text, orNull, pick, flag } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, present, SPECIES_COLUMNS, speciesOf, SPECIES_SHAPE } from '../now/rows.ts';
import { prepareHealings } from '../healing/cards.ts';
import { prepareCondition } from '../healing/condition.ts';
import { prepareQuarantineCards } from './quarantine.ts';
import { prepareOrderedFor } from '../dock/orders.ts';
import { preparePhotos } from '../photos/cards.ts';
import { prepareNoted } from '../noted/cards.ts';
import { prepareTimeline } from './timeline.ts';
import type { MakeView } from './view.ts';

export const makeLotView: MakeView<'lot'> = (client) => {
  const ask = makeAsk(client);
  const about = ask.get(
    {
      ...pick(t.lot, 'id', 'label', 'origin', 'sure', 'evidence'),
      supplier: orNull(t.supplier.name),
      crate: orNull(t.crate.label),
      sizeCm: orNull(number),
      ...SPECIES_SHAPE,
    },
    `
    select l.id, l.label, l.origin, l.sure, l.evidence, f.name supplier, c.label crate, l.size_cm sizeCm, ${SPECIES_COLUMNS}
    from now_lot l left join p_species s on s.id = l.species left join p_supplier f on f.id = l.supplier left join p_crate c on c.id = l.crate
    where l.id = ? and l.voided_by is null`,
  );
  const legs = ask.all(
    pick(t.leg, 'entry', 'place', 'atMs', 'n'),
    'select entry, place, at_ms atMs, n from p_leg where lot = ? and voided_by is null order by at_ms, entry',
  );
  const balances = ask.all(pick(t.balance, 'place', 'inside', 'n'), 'select place, inside, n from p_balance where lot = ? and n <> 0');
  const promised = ask.all(
    { ...pick(t.promise, 'n', 'forWhom'), promise: t.promise.id },
    `select p.id promise, p.n, p.for_whom forWhom from now_promise p where p.lot = ? order by p.at_ms`,
  );
  const from = ask.all(
    { label: t.lot.label, ...pick(t.lineage, 'n', 'atMs', 'how'), lot: t.lineage.from },
    'select y.from_lot lot, l.label, y.n, y.at_ms atMs, y.how from p_lineage y join p_lot l on l.id = y.from_lot where y.lot = ? and y.voided_by is null order by y.at_ms',
  );
  const into = ask.all(
    { ...pick(t.lineage, 'lot', 'n', 'atMs', 'how'), label: t.lot.label },
    'select y.lot, l.label, y.n, y.at_ms atMs, y.how from p_lineage y join p_lot l on l.id = y.lot where y.from_lot = ? and y.voided_by is null order by y.at_ms',
  );
  const named = ask.one(
    { name: text, tank: flag },
    `
    select coalesce((select code from p_tank where id = @id), (select b.label || ' of ' || c.label from p_bag b join p_crate c on c.id = b.crate where b.id = @id),
      (select r.vessel || ' for ' || t.code from p_bench_run r join p_tank t on t.id = r.tank where r.id = @id), @id) name,
      exists (select 1 from p_tank where id = @id) tank`,
  );
  const timeline = prepareTimeline(client, 'lot');
  const healings = prepareHealings(client);
  const noted = prepareNoted(client);
  const conditionOf = prepareCondition(client);
  const photosOf = preparePhotos(client);
  const bagsOf = ask.values(t.landing.bag, 'select bag from p_landing where lot = ? and voided_by is null order by at_ms, entry');
  const sexes = ask.values(text, 'select distinct sex from p_landing where lot = ? and sex is not null and voided_by is null order by sex');
  const eats = ask.all(
    { food: t.feed.food, sinceMs: number },
    "select food, min(at_ms) sinceMs from p_feed where lot = ? and response in ('ate', 'charged') and voided_by is null group by food order by sinceMs, food",
  );
  const orderedFor = prepareOrderedFor(client);
  const quarantines = prepareQuarantineCards(client);
  const sharing = prepareSharing(client);

  const lineage = ask.all(
    pick(t.lineage, 'lot', 'from', 'atMs'),
    'select lot, from_lot "from", at_ms atMs from p_lineage where voided_by is null',
  );
  const labelOf = ask.value(t.lot.label, 'select label from p_lot where id = ?');
  /** The lots that it was cut from or joined of, each with the instant until which its history is this lot's. */
  const elders = (lot: string) =>
    [...ancestry(lot, lineage())]
      .filter(([elder]) => elder !== lot)
      .map(([elder, untilMs]) => ({ lot: elder, label: labelOf(elder)!, untilMs }));
  const beenWith = (lot: string, untilMs: number) =>
    [...grouped(legs(lot), ({ place }) => place)]
      .filter(([place]) => !isOutside(place))
      .flatMap(([place, list]) => spansOf(list).spans.map((span) => ({ place, ...span })))
      .filter(({ fromMs }) => fromMs < untilMs)
      .map((span) => ({ ...span, untilMs: Math.min(span.untilMs ?? untilMs, untilMs) }));

  return (request): Omit<LotView, 'seq'> => {
    const row = about(request.query.lot ?? '');
    if (!row)
      return { now: [], been: [], left: [], shared: [], quarantines: [], gaps: [], healings: [], photos: [], timeline: [], names: {} };
    const moves = legs(row.id);
    const standing = balances(row.id);
    const nameOf = (id: string) => {
      return { place: id, ...named({ id }) };
    };
    const kin = elders(row.id);
    const byPlace = [...grouped(moves, ({ place }) => place)]
      .filter(([place]) => !isOutside(place))
      .map(([place, list]) => ({ ...nameOf(place), ...spansOf(list) }));
    const sexed = noted.sexesOf(row.id);
    return {
      lot: {
        id: row.id,
        label: row.label,
        species: speciesOf(row),
        origin: row.origin,
        supplier: present(row.supplier),
        crate: present(row.crate),
        sizeCm: present(row.sizeCm),
        ...(row.sure ? { sure: row.sure } : {}),
        ...(row.evidence ? { evidence: row.evidence } : {}),
        eats: eats(row.id),
        ...(standing.some(({ inside, n }) => inside && n > 0) ? { condition: conditionOf(row.id, request.now) } : {}),
        sexes: sexes(row.id),
        ...(sexed ? { sexed } : {}),
        behaviours: noted.behavioursOf(row.id),
        ...orderedField(orderedFor(row.id)),
        inHouse: standing.filter(({ inside }) => inside).reduce((sum, { n }) => sum + n, 0),
        promised: promised(row.id),
        cutFrom: from(row.id),
        cutInto: into(row.id),
      },
      now: standing.filter(({ inside, n }) => inside && n > 0).map(({ place, n }) => ({ ...nameOf(place), n })),
      been: [
        ...byPlace.flatMap(({ spans, gaps: _gaps, ...place }) => spans.map((span) => ({ ...place, ...span }))),
        ...kin.flatMap(({ lot, label, untilMs }) =>
          beenWith(lot, untilMs).map(({ place, ...span }) => ({ ...nameOf(place), ...span, as: label })),
        ),
      ].sort((a, b) => a.fromMs - b.fromMs),
      left: standing.filter(({ inside, place, n }) => !inside && n > 0 && place !== 'relabelled').map(({ place, n }) => ({ place, n })),
      shared: sharing([{ lot: row.id }, ...kin], moves[0]?.atMs),
      quarantines: quarantines(request, [row.id]),
      gaps: byPlace.flatMap(({ gaps, name }) => gaps.map((gap) => ({ ...gap, place: name }))),
      healings: healings.ofLot(row.id).map(({ lot: _lot, ...card }) => card),
      photos: [row.id, ...bagsOf(row.id)].flatMap(photosOf),
      ...timeline(row.id),
    };
  };
};

const orderedField = (ordered: { n: number; forWhom: string } | undefined) => (ordered ? { orderedFor: ordered } : {});

/** Lots that lived in the same system at the same time, the longest-gone first left out: latest first, at most so many. */
const SHOWN = 60;

function prepareSharing(client: Parameters<MakeView<'lot'>>[0]) {
  const ask = makeAsk(client);
  const systemsSince = ask.all(pick(t.systemsSince, 'tank', 'system', 'atMs'), 'select tank, system, at_ms atMs from p_tank_system');
  const legs = ask.all(
    pick(t.leg, 'entry', 'lot', 'place', 'n', 'atMs'),
    'select l.entry, l.lot, l.place, l.n, l.at_ms atMs from json_each(?) j cross join p_leg l on l.place = j.value and l.at_ms >= ? where l.voided_by is null',
  );
  const balances = ask.all(
    pick(t.balance, 'lot', 'place', 'n'),
    'select b.lot, b.place, b.n from json_each(?) j cross join now_standing b on b.place = j.value',
  );
  const tanks = ask.values(
    t.leg.place,
    'select distinct l.place from p_leg l join p_tank t on t.id = l.place where l.lot = ? and l.voided_by is null',
  );
  const labels = ask.map(t.lot.id, t.lot.label, 'select l.id, l.label from json_each(?) j cross join p_lot l on l.id = j.value');
  const codes = ask.map(t.tank.id, t.tank.code, 'select id, code from p_tank');
  const firstOf = ask.value(number, 'select min(at_ms) from p_leg where lot = ? and voided_by is null');
  return (kin: readonly { lot: string; untilMs?: number }[], firstMs: number | undefined): Sharing[] => {
    const stood = [...new Set(kin.flatMap(({ lot }) => tanks(lot)))];
    if (stood.length === 0 || firstMs === undefined) return [];
    const sinceMs = Math.min(...kin.map(({ lot }) => firstOf(lot) ?? firstMs)) - 1;
    const pipes = systemsSince();
    const systems = new Set(pipes.filter(({ tank }) => stood.includes(tank)).map(({ system }) => system));
    const json = JSON.stringify([...new Set(pipes.filter(({ system }) => systems.has(system)).map(({ tank }) => tank))]);
    const rows = {
      sinceMs,
      systemsSince: pipes,
      legs: legs(json, sinceMs + 1),
      balances: balances(json),
    };
    const occupancies = occupanciesByLot(rows, systemHistory(pipes));
    const own = kin.flatMap(({ lot, untilMs = Infinity }) =>
      (occupancies.get(lot) ?? [])
        .filter(({ fromMs }) => fromMs < untilMs)
        .map((occupancy) => ({ ...occupancy, untilMs: Math.min(occupancy.untilMs ?? Infinity, untilMs) })),
    );
    const taskGroup = new Set(kin.map(({ lot }) => lot));
    const shared = [...occupancies].flatMap(([otherLot, list]) =>
      taskGroup.has(otherLot)
        ? []
        : list.flatMap((occupancy) =>
            own.flatMap((mine): Omit<Sharing, 'label'>[] => {
              if (mine.system !== occupancy.system) return [];
              const fromMs = Math.max(mine.fromMs, occupancy.fromMs);
              const untilMs = Math.min(mine.untilMs, occupancy.untilMs ?? Infinity);
              return fromMs < untilMs
                ? [{ lot: otherLot, place: occupancy.place, fromMs, ...(untilMs === Infinity ? {} : { untilMs }) }]
                : [];
            }),
          ),
    );
    const called = labels(JSON.stringify([...new Set(shared.map(({ lot }) => lot))]));
    const codeOf = codes();
    return shared
      .map((shared) => ({ ...shared, label: called.get(shared.lot) ?? shared.lot, place: codeOf.get(shared.place) ?? shared.place }))
      .sort((a, b) => b.fromMs - a.fromMs)
      .slice(0, SHOWN);
  };
}
