// Find a fish: by what it is called, its lot, its supplier, its crate, its tank, the water, or whoever it is promised to.
import type { FindView, Hit } from '#contract/views.ts';
import { makeLookUp, type LookUp, type Named } from '#core/species/index.ts';
import { json, makeAsk, number, orNull, text, pick, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { grouped, prepareSpeciesNames } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import type { MakeView } from './view.ts';

const HITS = 12;
const LOTS_A_HIT = 40;
/** Of lots that are gone, the latest so many are offered. */
const GONE = 8;
const LOT = {
  lot: t.lot.id,
  label: t.lot.label,
  n: number,
  places: json<string[]>(),
  supplier: orNull(t.supplier.name),
  cameAtMs: orNull(number),
};
type LotRow = RowOf<typeof LOT>;

export const makeFindView: MakeView<'find'> = (client) => {
  const ask = makeAsk(client);
  const speciesNames = prepareSpeciesNames(client);
  const speciesMark = ask.only(text, "select count(*) || ' ' || coalesce(max(entry), '') from p_species");
  const lotColumns = `l.id lot, l.label, coalesce((select sum(n) from now_standing b where b.lot = l.id), 0) n,
    (select json_group_array(coalesce(t.code, g.label, r.vessel)) from now_standing b left join p_tank t on t.id = b.place left join p_bag g on g.id = b.place left join p_bench_run r on r.id = b.place
      where b.lot = l.id) places,
    (select u.name from p_supplier u where u.id = l.supplier) supplier,
    (select min(g.at_ms) from p_leg g where g.lot = l.id and g.n > 0 and g.voided_by is null) cameAtMs`;
  const order = `order by n > 0 desc, l.entry desc limit ${LOTS_A_HIT}`;
  const lotsWhere = (where: string) => ask.all(LOT, `select ${lotColumns} from p_lot l where l.voided_by is null and ${where} ${order}`);
  const ofSpecies = lotsWhere('l.species = ?');
  const byLabel = lotsWhere('(l.label like @like or l.heard_as like @like or l.id = @text)');
  const ofSupplier = lotsWhere('l.supplier = ?');
  const ofCrate = lotsWhere('l.crate = ?');
  const inTank = lotsWhere('exists (select 1 from now_standing b where b.lot = l.id and b.place = ?)');
  const onSystem = lotsWhere('exists (select 1 from now_standing b join p_tank t on t.id = b.place where b.lot = l.id and t.system = ?)');
  const forCustomer = lotsWhere(`exists (select 1 from now_promise p where p.lot = l.id and p.for_whom = ?)`);
  const tanks = ask.all(
    { id: t.tank.id, name: t.tank.code },
    `select id, code name from p_tank t where (code like @like or id = @text) and ${IN_HOUSE('t')} order by length(code), code limit 6`,
  );
  const systems = ask.all(
    pick(t.system, 'id', 'name'),
    `select id, name from p_system t where name like @like and ${IN_HOUSE('t')} order by name limit 4`,
  );
  const suppliers = ask.all(
    pick(t.supplier, 'id', 'name'),
    'select id, name from p_supplier where name like @like and voided_by is null order by name limit 4',
  );
  const crates = ask.all(
    { id: t.crate.id, name: t.crate.label, detail: t.supplier.name },
    'select c.id, c.label name, s.name detail from p_crate c join p_supplier s on s.id = c.supplier where (c.label like @like or c.id = @text) and c.voided_by is null order by c.promised_at_ms desc limit 5',
  );
  const customers = ask.all(
    { id: t.promise.forWhom, name: t.promise.forWhom },
    `select distinct p.for_whom id, p.for_whom name from now_promise p where p.for_whom like @like order by p.for_whom limit 5`,
  );
  const people = ask.all(
    { id: t.person.id, name: t.person.name, detail: t.person.title },
    'select id, name, title detail from p_person where name like @like order by name limit 4',
  );
  let allSpecies: { mark: string; lookUp: LookUp; byId: Map<string, Named> } | undefined;
  const lookUp = () => {
    const mark = speciesMark();
    if (allSpecies?.mark !== mark) {
      const names = speciesNames();
      allSpecies = { mark, lookUp: makeLookUp(names), byId: new Map(names.map((name) => [name.id, name])) };
    }
    return allSpecies;
  };
  const lotsOf = (rows: readonly LotRow[]): Hit['lots'] => {
    const { here = [], gone = [] } = Object.fromEntries(grouped(rows, ({ n }) => (n > 0 ? 'here' : 'gone')));
    return [...here, ...gone.slice(0, GONE)].map(({ lot, label, n, places, supplier, cameAtMs }) => ({
      lot,
      label,
      n,
      places,
      ...(supplier === null ? {} : { supplier }),
      ...(cameAtMs === null ? {} : { cameAtMs }),
    }));
  };

  return ({ query }): Omit<FindView, 'seq'> => {
    const text = (query.q ?? '').trim().slice(0, 80);
    if (text === '') return { hits: [] };
    const asked = { like: `%${text.replace(/[%_]/g, '')}%`, text };
    const named = (
      what: Hit['what'],
      rows: readonly { id: string; name: string; detail?: string }[],
      lots: (id: string) => LotRow[],
      detail = '',
    ): Hit[] => rows.map((row) => ({ what, detail, ...row, lots: lotsOf(lots(row.id)) }));
    const { lookUp: names, byId } = lookUp();
    const species = names.find(text, 4).map(({ id }): Hit => {
      const { common, scientific } = byId.get(id)!;
      return { what: 'lot', id, name: common, detail: scientific ?? '', lots: lotsOf(ofSpecies(id)) };
    });
    const known = new Set(species.flatMap(({ lots }) => lots.map(({ lot }) => lot)));
    const labelled = lotsOf(byLabel(asked)).filter(({ lot }) => !known.has(lot));
    const hits = [
      ...named('tank', tanks(asked), inTank),
      ...species.filter(({ lots }) => lots.length > 0),
      ...(labelled.length > 0 ? [{ what: 'lot' as const, id: 'labelled', name: `Lots called ${text}`, detail: '', lots: labelled }] : []),
      ...named('customer', customers(asked), forCustomer, 'promised to'),
      ...named('crate', crates(asked), ofCrate),
      ...named('supplier', suppliers(asked), ofSupplier),
      ...named('system', systems(asked), onSystem),
      ...named('person', people(asked), () => []),
    ];
    // A tank called just so is what was meant.
    const exact = (hit: Hit) => hit.name.toLowerCase() === text.toLowerCase();
    return { hits: [...hits.filter(exact), ...hits.filter((hit) => !exact(hit))].slice(0, HITS) };
  };
};
