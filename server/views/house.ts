// What the house is set up with: its people, waters, racks with their tanks, suppliers, and how much stock was opened.
import type { HouseView } from '#contract/views.ts';
import { WATER_NOW } from '../journal/state.ts';
import { prepareSpeciesNames } from './names.ts';
import type { MakeView } from './view.ts';

export const makeHouseView: MakeView<'house'> = (client) => {
  const people = client.prepare(`
    select p.id, p.name, p.title, p.role, c.person is not null hasPin from p_person p left join credential c on c.person = p.id
    where p.voided_by is null order by p.name`);
  const waters = client.prepare(`
    select n.*, (select count(*) from p_tank t where t.water = n.id) tanks from (${WATER_NOW}) n order by n.name`);
  const racks = client.prepare('select id, name, room, walk from p_rack order by walk, name');
  const tanks = client.prepare('select id, code, rack, "row" from p_tank order by "row", "column", code');
  const suppliers = client.prepare('select id, name, transit from p_supplier where voided_by is null order by name');
  const opened = client.prepare('select count(*) from p_lot where crate is null and voided_by is null').pluck();
  const species = prepareSpeciesNames(client);
  return () => {
    const all = tanks.all() as HouseView['tanks'];
    return {
      people: (people.all() as (HouseView['people'][number] & { hasPin: number | boolean })[]).map((one) => ({
        ...one,
        hasPin: Boolean(one.hasPin),
      })),
      waters: waters.all() as HouseView['waters'],
      racks: (racks.all() as Omit<HouseView['racks'][number], 'tanks'>[]).map((rack) => ({
        ...rack,
        tanks: all.filter((tank) => tank.rack === rack.id).map(({ code }) => code),
      })),
      tanks: all,
      suppliers: suppliers.all() as HouseView['suppliers'],
      species: species(),
      opened: opened.get() as number,
    };
  };
};
