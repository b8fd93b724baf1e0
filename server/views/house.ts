// What the house is set up with: its people, systems, racks with their tanks, suppliers, and how much stock was opened.
import type { HouseView } from '#contract/views.ts';
import type { ToolFields } from '#core/exposure/index.ts';
import type { Flow } from '#core/room/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import { personName, prepareSpeciesNames } from '../now/rows.ts';
import { IN_HOUSE, SYSTEM_NOW } from '../now/sqlFragments.ts';
import type { MakeView } from './view.ts';

export const makeHouseView: MakeView<'house'> = (client) => {
  const people = client.prepare(`
    select p.id, p.entry, p.name, p.title, p.role, c.person is not null hasPin,
      (select e.act_id from p_retirement x join entry e on e.id = x.entry where x.thing = p.id and x.voided_by is null) leftAct
    from p_person p left join credential c on c.person = p.id where p.voided_by is null order by leftAct is not null, p.name`);
  const systems = client.prepare(`
    select n.*, w.temperature_c setC, w.salinity_ppt setPpt, (select count(*) from p_tank t where t.system = n.id and ${IN_HOUSE('t')}) tanks
    from (${SYSTEM_NOW}) n join p_system w on w.id = n.id where ${IN_HOUSE('n')} order by n.name`);
  const racks = client.prepare(`select id, entry, name, room, walk from p_rack t where ${IN_HOUSE('t')} order by walk, name`);
  const tanks = client.prepare(`
    select id, entry, code, rack, system, volume_l volumeL, purpose, lid, "row", "column", vessel, hangs_in hangsIn, flow,
      coalesce((select sum(n) from p_balance b where b.place = t.id and b.inside = 1 and b.n <> 0), 0) heads
    from p_tank t where ${IN_HOUSE('t')} order by "row", "column", code`);
  const tools = client.prepare(`select id, entry, facts from p_tool t where ${IN_HOUSE('t')} order by name`);
  const versions = client.prepare(
    `select entry, at_ms atMs, ${personName('"by"')} by, rules from p_rules order by at_ms desc, entry desc limit 20`,
  );
  const suppliers = client.prepare('select id, name, transit from p_supplier where voided_by is null order by name');
  const opened = client.prepare('select count(*) from p_lot where crate is null and voided_by is null').pluck();
  const species = prepareSpeciesNames(client);
  return () => {
    const all = (
      tanks.all() as (Omit<HouseView['tanks'][number], 'lid' | 'hangsIn' | 'flow'> & {
        lid: number;
        hangsIn: string | null;
        flow: Flow | null;
      })[]
    ).map(({ lid, hangsIn, flow, ...tank }) => ({
      ...tank,
      lid: lid === 1,
      ...(hangsIn === null ? {} : { hangsIn }),
      ...(flow === null ? {} : { flow }),
    }));
    return {
      people: (people.all() as (HouseView['people'][number] & { hasPin: number | boolean; leftAct: string | null })[]).map(
        ({ leftAct, ...one }) => ({ ...one, hasPin: Boolean(one.hasPin), ...(leftAct === null ? {} : { leftAct }) }),
      ),
      systems: (systems.all() as (HouseView['systems'][number] & { setC: number; setPpt: number })[]).map(
        ({ setC, setPpt, ...system }) => ({
          ...system,
          set: { temperatureC: setC, salinityPpt: setPpt },
        }),
      ),
      racks: (racks.all() as Omit<HouseView['racks'][number], 'tanks'>[]).map((rack) => ({
        ...rack,
        tanks: all.filter((tank) => tank.rack === rack.id).map(({ code }) => code),
      })),
      tanks: all,
      tools: (tools.all() as { id: string; entry: string; facts: string }[]).map(({ facts, ...one }) => ({
        ...one,
        ...(JSON.parse(facts) as ToolFields),
      })),
      ruleVersions: (versions.all() as (Omit<HouseView['ruleVersions'][number], 'rules'> & { rules: string })[]).map(
        ({ rules, ...one }) => ({
          ...one,
          rules: JSON.parse(rules) as HouseRules,
        }),
      ),
      suppliers: suppliers.all() as HouseView['suppliers'],
      species: species(),
      opened: opened.get() as number,
    };
  };
};
