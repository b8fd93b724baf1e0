// Racks, systems and tanks, for core's questions.
import type Database from 'better-sqlite3';
import type { HouseState } from '#core/catalogue/index.ts';
import type { Flow, RackFacts, TankFacts, SystemFacts } from '#core/room/index.ts';
import { makeAsk } from '../db/ask.ts';
import { COMING, IN_HOUSE, SYSTEM_NOW } from '../now/sqlFragments.ts';

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
type TankRow = Omit<TankFacts, 'lid' | 'hangsIn' | 'flow'> & { flow: Flow | null; lid: number; here: number; hangsIn: string | null };

export function roomState(client: Database.Database): Pick<HouseState, Asked> {
  const ask = makeAsk(client);
  const columns = `t.id, t.rack, t.system, t.code, t.volume_l volumeL, t.purpose, t.lid, t."row", t."column", t.vessel, t.hangs_in hangsIn, t.flow, ${IN_HOUSE('t')} here`;
  const tank = ask.get<TankRow>(`select ${columns} from p_tank t where t.id = ?`);
  const tankByCode = ask.get<TankRow>(`select ${columns} from p_tank t where t.code = ? and ${IN_HOUSE('t')}`);
  const tankAt = ask.get<TankRow>(
    `select ${columns} from p_tank t where t.rack = ? and t."row" = ? and t."column" = ? and t.vessel = 'tank' and ${IN_HOUSE('t')}`,
  );
  const coming = ask.all<{ lot: string; n: number; bags: number }>(
    `select lot, sum(n) n, count(*) bags from (${COMING}) where tank = @id and place <> coalesce(@except, '') group by lot order by lot`,
  );
  const system = ask.get<SystemFacts>(`${SYSTEM_NOW} where w.id = ?`);
  const whole = (raw: TankRow | undefined): TankFacts | undefined => {
    if (raw === undefined) return undefined;
    const { here, hangsIn, flow, lid, ...row } = raw;
    return {
      ...row,
      lid: lid === 1,
      ...(hangsIn === null ? {} : { hangsIn }),
      ...(flow === null ? {} : { flow }),
      ...(here === 1 ? {} : { retired: true }),
    };
  };

  return {
    findRack: ask.get<RackFacts>(`select id, room, name, walk from p_rack t where id = ? and ${IN_HOUSE('t')}`),
    findSystem: system,
    hasSystem: (id) => system(id) !== undefined,
    findTank: (id) => whole(tank(id)),
    findTankByCode: (code) => whole(tankByCode(code)),
    findTankAt: (...place) => whole(tankAt(...place)),
    tanksOn: ask.values<string>(`select id from p_tank t where system = ? and ${IN_HOUSE('t')} order by id`),
    tanksOnRack: ask.values<string>(`select id from p_tank t where rack = ? and ${IN_HOUSE('t')} order by id`),
    hangingIn: ask.values<string>(`select code from p_tank t where hangs_in = ? and ${IN_HOUSE('t')} order by code`),
    comingTo: (id, except) => coming({ id, except: except ?? null }),
  };
}
