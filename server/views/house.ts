// What the house is set up with: its people, systems, racks with their tanks, suppliers, and how much stock was opened.
import { makeAsk, number, text, flag, pick, orNull } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareSupplierRecords } from '../dock/supplierRecord.ts';
import { personName, prepareSpeciesNames } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import type { MakeView } from './view.ts';
import { prepareFoods } from '../feeding/state.ts';
import { prepareMixes } from '../kitchen/courses.ts';
import { prepareKeptChores } from '../chores/standing.ts';
import { prepareOnHand } from '../supplies/onHand.ts';
import { prepareKits } from '../water/kits.ts';
import { itemOf, prepareSupplies } from '../supplies/state.ts';

export const makeHouseView: MakeView<'house'> = (client) => {
  const ask = makeAsk(client);
  const people = ask.all(
    { ...pick(t.person, 'id', 'entry', 'name', 'title', 'role'), hasPin: flag, leftAct: orNull(t.entry.actId) },
    `
    select p.id, p.entry, p.name, p.title, p.role, c.person is not null hasPin,
      (select e.act_id from p_retirement x join entry e on e.id = x.entry where x.thing = p.id and x.voided_by is null) leftAct
    from p_person p left join credential c on c.person = p.id where p.voided_by is null order by leftAct is not null, p.name`,
  );
  const systems = ask.all(
    {
      ...pick(t.system, 'id', 'entry', 'name', 'type', 'volumeL'),
      temperatureC: number,
      salinityPpt: number,
      setC: t.system.temperatureC,
      setPpt: t.system.salinityPpt,
      tanks: number,
    },
    `
    select n.id, n.entry, n.name, n.type, n.volume_l volumeL, n.temperature_c temperatureC, n.salinity_ppt salinityPpt, n.set_c setC, n.set_ppt setPpt, (select count(*) from p_tank t where t.system = n.id and ${IN_HOUSE('t')}) tanks
    from now_system n where ${IN_HOUSE('n')} order by n.name`,
  );
  const racks = ask.all(
    pick(t.rack, 'id', 'entry', 'name', 'room', 'walk'),
    `select id, entry, name, room, walk from p_rack t where ${IN_HOUSE('t')} order by walk, name`,
  );
  const tanks = ask.all(
    {
      ...pick(t.tank, 'id', 'entry', 'code', 'rack', 'system', 'volumeL', 'purpose', 'lid', 'row', 'column', 'vessel', 'hangsIn', 'flow'),
      heads: number,
    },
    `
    select id, entry, code, rack, system, volume_l volumeL, purpose, lid, "row", "column", vessel, hangs_in hangsIn, flow,
      coalesce((select sum(n) from now_standing b where b.place = t.id), 0) heads
    from p_tank t where ${IN_HOUSE('t')} order by "row", "column", code`,
  );
  const foods = prepareFoods(client);
  const mixes = prepareMixes(client);
  const supplies = prepareSupplies(client);
  const kits = prepareKits(client);
  const chores = prepareKeptChores(client);
  const here = prepareOnHand(client);
  const tools = ask.all(pick(t.tool, 'id', 'entry', 'facts'), `select id, entry, facts from p_tool t where ${IN_HOUSE('t')} order by name`);
  const versions = ask.all(
    { ...pick(t.ruleVersion, 'entry', 'atMs', 'rules'), by: text },
    `select entry, at_ms atMs, ${personName('"by"')} by, rules from p_rules order by at_ms desc, entry desc limit 20`,
  );
  const suppliers = ask.all(
    { ...pick(t.supplier, 'id', 'name', 'transit', 'facts'), entry: text },
    'select id, coalesce(changed, entry) entry, name, transit, facts from p_supplier where voided_by is null order by name',
  );
  const opened = ask.only(number, 'select count(*) from p_lot where crate is null and voided_by is null');
  const species = prepareSpeciesNames(client);
  const records = prepareSupplierRecords(client);
  return ({ now }) => {
    const known = records();
    const kept = foods();
    const others = supplies();
    const onHand = here([...kept.map((food) => itemOf(food.id, food)), ...others], now);
    const all = tanks().map(({ hangsIn, flow, ...tank }) => ({
      ...tank,
      ...(hangsIn === null ? {} : { hangsIn }),
      ...(flow === null ? {} : { flow }),
    }));
    return {
      people: people().map(({ leftAct, ...card }) => ({ ...card, ...(leftAct === null ? {} : { leftAct }) })),
      systems: systems().map(({ setC, setPpt, ...system }) => ({
        ...system,
        set: { temperatureC: setC, salinityPpt: setPpt },
      })),
      racks: racks().map((rack) => ({
        ...rack,
        tanks: all.filter((tank) => tank.rack === rack.id).map(({ code }) => code),
      })),
      tanks: all,
      foods: kept.map((food) => ({ ...food, ...(onHand.has(food.id) ? { here: onHand.get(food.id)! } : {}) })),
      mixes: mixes(),
      kits: kits(),
      chores: chores().map(({ planned: _planned, plannedMs: _plannedMs, ...chore }) => chore),
      supplies: others.map((supply) => ({ ...supply, ...(onHand.has(supply.id) ? { here: onHand.get(supply.id)! } : {}) })),
      tools: tools().map(({ facts, ...card }) => ({
        ...card,
        ...facts,
      })),
      ruleVersions: versions(),
      suppliers: suppliers().map(({ facts, ...supplier }) => {
        const record = known.get(supplier.id);
        return { ...supplier, ...facts, ...(record ? { record } : {}) };
      }),
      species: species(),
      opened: opened(),
    };
  };
};
