// Racks, systems and tanks, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { TankFacts } from '#core/room/index.ts';
import { makeAsk, number, pick, flag, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';

type Asked =
  | 'findRack'
  | 'findSystem'
  | 'hasSystem'
  | 'findTank'
  | 'findTankByCode'
  | 'findTankAt'
  | 'tanksOn'
  | 'tanksOnRack'
  | 'hangingIn'
  | 'comingTo';
const TANK = {
  ...pick(t.tank, 'id', 'rack', 'system', 'code', 'volumeL', 'purpose', 'lid', 'row', 'column', 'vessel', 'hangsIn', 'flow'),
  here: flag,
};

export function roomState(client: Database.Database): Pick<HouseState, Asked> {
  const ask = makeAsk(client);
  const columns = `t.id, t.rack, t.system, t.code, t.volume_l volumeL, t.purpose, t.lid, t."row", t."column", t.vessel, t.hangs_in hangsIn, t.flow, ${IN_HOUSE('t')} here`;
  const tank = ask.get(TANK, `select ${columns} from p_tank t where t.id = ?`);
  const tankByCode = ask.get(TANK, `select ${columns} from p_tank t where t.code = ? and ${IN_HOUSE('t')}`);
  const tankAt = ask.get(
    TANK,
    `select ${columns} from p_tank t where t.rack = ? and t."row" = ? and t."column" = ? and t.vessel = 'tank' and ${IN_HOUSE('t')}`,
  );
  const coming = ask.all(
    { lot: t.balance.lot, n: number, bags: number },
    `select lot, sum(n) n, count(*) bags from now_coming where tank = @id and place <> coalesce(@except, '') group by lot order by lot`,
  );
  const system = ask.get(
    { ...pick(t.system, 'id', 'entry', 'name', 'type', 'volumeL'), temperatureC: number, salinityPpt: number },
    'select id, entry, name, type, volume_l volumeL, temperature_c temperatureC, salinity_ppt salinityPpt from now_system where id = ?',
  );
  const whole = (raw: RowOf<typeof TANK> | undefined): TankFacts | undefined => {
    if (raw === undefined) return undefined;
    const { here, hangsIn, flow, ...row } = raw;
    return {
      ...row,
      ...(hangsIn === null ? {} : { hangsIn }),
      ...(flow === null ? {} : { flow }),
      ...(here ? {} : { retired: true }),
    };
  };

  return {
    findRack: ask.get(
      pick(t.rack, 'id', 'room', 'name', 'walk'),
      `select id, room, name, walk from p_rack t where id = ? and ${IN_HOUSE('t')}`,
    ),
    findSystem: system,
    hasSystem: (id) => system(id) !== undefined,
    findTank: (id) => whole(tank(id)),
    findTankByCode: (code) => whole(tankByCode(code)),
    findTankAt: (...place) => whole(tankAt(...place)),
    tanksOn: ask.values(t.tank.id, `select id from p_tank t where system = ? and ${IN_HOUSE('t')} order by id`),
    tanksOnRack: ask.values(t.tank.id, `select id from p_tank t where rack = ? and ${IN_HOUSE('t')} order by id`),
    hangingIn: ask.values(t.tank.code, `select code from p_tank t where hangs_in = ? and ${IN_HOUSE('t')} order by code`),
    comingTo: (id, except) => coming({ id, except: except ?? null }),
  };
}
