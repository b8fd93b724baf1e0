// A statement must give just what the schema says of it: what is read is then what it is called.
import Database from 'better-sqlite3';
import { flag, json, makeAsk, number, orNull, pick, text, type RowOf } from './ask.ts';
import { makeProjectionTables } from './open.ts';
import * as t from './tables.ts';

const client = new Database(':memory:');
makeProjectionTables(client);
const ask = makeAsk(client);
client.exec(`
  insert into p_system (id, entry, name, type, temperature_c, salinity_ppt, volume_l) values ('s1', 'e1', 'north', 'marine', 25, 35, 900);
  insert into p_tank (id, entry, rack, system, code, volume_l, purpose, lid, "row", "column") values ('t1', 'e1', 'r1', 's1', 'A1', 60, 'sale', 1, 1, 1), ('t2', 'e1', 'r1', 's1', 'A2', 60, 'sale', 0, 1, 2);
  insert into p_house (id, entry, at_ms, name, zone, rules) values (1, 'e1', 0, 'House', 'UTC', '{"toolDriesH":24}');
`);
afterAll(() => client.close());

test('rows have the names and the types of the schema', () => {
  const rows = ask.all(
    pick(t.tank, 'code', 'lid', 'flow', 'volumeL'),
    'select code, lid, flow, volume_l volumeL from p_tank order by code',
  )();
  const typed: { code: string; lid: boolean; flow: 'gentle' | 'middling' | 'strong' | null; volumeL: number }[] = rows;
  expect(typed).toEqual([
    { code: 'A1', lid: true, flow: null, volumeL: 60 },
    { code: 'A2', lid: false, flow: null, volumeL: 60 },
  ]);
});

test('JSON comes out as what was put in, and what an outer join leaves empty is null', () => {
  expect(ask.value(t.house.rules, 'select rules from p_house')()).toEqual({ toolDriesH: 24 });
  const row = ask.get(
    { code: t.tank.code, supplier: orNull(t.supplier.name), both: json<{ code: string; none?: string }>() },
    "select t.code, s.name supplier, json_object('code', t.code, 'none', null) both from p_tank t left join p_supplier s on s.id = t.id where t.id = ?",
  );
  expect(row('t1')).toEqual({ code: 'A1', supplier: null, both: { code: 'A1' } });
  expect(row('nothing')).toBeUndefined();
});

test('what is calculated has the type that it is read as', () => {
  const shape = { tanks: number, lids: number, any: flag, names: text };
  const row: RowOf<typeof shape> = ask.one(
    shape,
    "select count(*) tanks, sum(lid) lids, exists (select 1 from p_tank) any, group_concat(code, ' ') names from p_tank",
  )();
  expect(row).toEqual({ tanks: 2, lids: 1, any: true, names: 'A1 A2' });
  expect(ask.only(number, 'select count(*) from p_tank')()).toBe(2);
  expect(ask.values(t.tank.code, 'select code from p_tank order by code desc')()).toEqual(['A2', 'A1']);
  expect([...ask.map(t.tank.id, t.tank.lid, 'select id, lid from p_tank')()]).toEqual([
    ['t1', true],
    ['t2', false],
  ]);
});

test('a sum over nothing is nothing, not null', () => {
  expect(ask.value(number, 'select max(at_ms) from p_leg where lot = ?')('none')).toBeUndefined();
});

test.each([
  ['another column under its name', { code: t.tank.code }, 'select id code from p_tank', /code is p_tank\.id, not p_tank\.code/],
  ['the same column of another table', { name: t.rack.name }, 'select name from p_system', /name is p_system\.name, not p_rack\.name/],
  [
    'another column that may be null',
    { name: orNull(t.supplier.name) },
    'select label name from p_lot',
    /name is p_lot\.label, not p_supplier\.name/,
  ],
  ['less than was said', { code: t.tank.code, id: t.tank.id }, 'select code from p_tank', /gives no id/],
  ['more than was said', { code: t.tank.code }, 'select code, id from p_tank', /gives also id/],
])('a statement that gives %s is refused when it is made ready', (_what, shape, sql, why) => {
  expect(() => ask.all(shape, sql)).toThrow(why);
});

test('in tests, a null or a type that nobody expected is refused as it is read', () => {
  const joined = ask.all({ name: t.supplier.name }, 'select s.name from p_tank t left join p_supplier s on s.id = t.id');
  expect(() => joined()).toThrow('name was null, read as string');
  expect(() => ask.only(number, 'select code from p_tank limit 1')()).toThrow('read as number');
});
