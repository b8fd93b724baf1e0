// When the house may be furnished and changed: ids new, codes free, the things named there; a tank with fish in it cannot vanish.
import { againstChange, refuse, type Refusal, type Context, type Rules } from '../journal/index.ts';
import { isTemporary, type RoomEntries, type TankFields, type ThingRetired } from './entries.ts';
import type { RoomState } from './state.ts';

const unknown = (what: string, path: string, id: string) => refuse('unknown', path, { what, id });

export const roomRules: Rules<RoomEntries, RoomState> = {
  'rack.added': {
    decide({ payload }, { state }) {
      return state.findRack(payload.rack) ? refuse('exists', 'rack', { what: 'rack', name: payload.name }) : [];
    },
    links: ({ rack }) => ({ makes: [rack] }),
  },
  'rack.changed': {
    decide({ payload }, { state }) {
      const known = state.findRack(payload.rack);
      return known ? againstChange({ ...payload, of: `rack:${payload.rack}` }, known, state) : unknown('rack', 'rack', payload.rack);
    },
    links: ({ rack }) => ({ needs: [rack] }),
  },
  'system.added': {
    decide({ payload }, { state }) {
      return state.findSystem(payload.system) ? refuse('exists', 'system', { what: 'system', name: payload.name }) : [];
    },
    links: ({ system }) => ({ makes: [system] }),
  },
  'system.changed': {
    decide({ payload }, { state }) {
      const known = state.findSystem(payload.system);
      return known
        ? againstChange({ ...payload, of: `system:${payload.system}` }, known, state)
        : unknown('system', 'system', payload.system);
    },
    links: ({ system }) => ({ needs: [system] }),
  },
  'systems.joined': {
    decide({ payload: { from, into, tanks } }, { state }) {
      if (from === into) return refuse('water.itself', 'into');
      const [system, otherSystem] = [state.findSystem(from), state.findSystem(into)];
      if (!system) return unknown('system', 'from', from);
      if (!otherSystem) return unknown('system', 'into', into);
      if (system.type !== otherSystem.type) return refuse('system.otherType', 'into', { from: system.type, into: otherSystem.type });
      const on = state.tanksOn(from);
      return on.length === tanks.length && on.every((tank) => tanks.includes(tank))
        ? []
        : refuse('system.tanksMoved', 'tanks', { system: system.name });
    },
    links: ({ from, into, tanks }) => ({ needs: [from, into, ...tanks] }),
  },
  'tank.added': {
    decide({ payload }, { state }) {
      if (state.findTank(payload.tank)) return refuse('exists', 'tank', { what: 'tank', name: payload.code });
      return tankStands(payload, payload.tank, state);
    },
    links: ({ tank, rack, system }) => ({ makes: [tank], needs: [rack, system] }),
  },
  'tank.changed': {
    decide({ payload }, { state }) {
      const known = state.findTank(payload.tank);
      if (!known || known.retired) return unknown('tank', 'tank', payload.tank);
      const against = againstChange<TankFields>({ ...payload, of: `tank:${payload.tank}` }, known, state);
      if (against.length > 0) return against;
      const changed = { ...known, ...payload.fields };
      return [...tankStands(changed, payload.tank, state), ...saleOnlyCleared(payload, state)];
    },
    links: ({ tank }) => ({ needs: [tank] }),
  },
  'thing.retired': {
    decide: ({ payload }, context) => decideRetired(payload, context),
    links: ({ id }) => ({ needs: [id] }),
  },
};

/** Its rack and water are there, its code and its place on the rack are free, and what hangs in a tank is that tank's water. */
function tankStands(tank: TankFields, id: string, state: RoomState): Refusal[] {
  if (!state.findRack(tank.rack)) return unknown('rack', 'rack', tank.rack);
  if (!state.findSystem(tank.system)) return unknown('system', 'system', tank.system);
  const namesake = state.findTankByCode(tank.code);
  if (namesake && namesake.id !== id) return refuse('exists', 'code', { what: 'tank', name: tank.code });
  if (tank.hangsIn !== undefined) {
    const around = state.findTank(tank.hangsIn);
    if (!around || around.retired || isTemporary(around) || around.id === id) return unknown('tank', 'hangsIn', tank.hangsIn);
    return around.system === tank.system ? [] : refuse('vessel.otherSystem', 'system', { tank: around.code });
  }
  if (tank.vessel === 'box' || tank.vessel === 'divider') return refuse('vessel.needsTank', 'hangsIn', { vessel: tank.vessel });
  if (isTemporary(tank)) return [];
  const there = state.findTankAt(tank.rack, tank.row, tank.column);
  return there && there.id !== id ? refuse('tank.placeTaken', 'column', { code: there.code }) : [];
}

/** A quarantine tank with fish in quarantine in it does not become a sale tank by a stroke of the pen. */
function saleOnlyCleared({ tank, fields }: { tank: string; fields: Partial<TankFields> }, state: RoomState): Refusal[] {
  if (fields.purpose !== 'sale') return [];
  return state.occupants(tank).some(({ lot }) => state.isInQuarantine(lot))
    ? refuse('fit.saleBeforeQuarantine', 'purpose', {}, 'lead')
    : [];
}

function decideRetired({ what, id }: ThingRetired, { state }: Context<RoomState>): Refusal[] {
  if (what === 'tool') return state.isTool(id) ? [] : unknown('tool', 'id', id);
  if (what === 'rack' || what === 'system') {
    const known = what === 'rack' ? state.findRack(id) : state.findSystem(id);
    if (!known) return unknown(what, 'id', id);
    const tanks = what === 'rack' ? state.tanksOnRack(id) : state.tanksOn(id);
    return tanks.length > 0 ? refuse('thing.inUse', 'id', { name: known.name, tanks: tanks.length }) : [];
  }
  const tank = state.findTank(id);
  if (!tank || tank.retired) return unknown('tank', 'id', id);
  const fish = state.occupants(id).reduce((sum, { n }) => sum + n, 0);
  if (fish > 0) return refuse('tank.notEmpty', 'id', { code: tank.code, n: fish });
  const hanging = state.hangingIn(id);
  if (hanging.length > 0) return refuse('tank.hasVessels', 'id', { code: tank.code, vessels: hanging.join(', ') });
  const coming = state.comingTo(id).reduce((sum, { bags }) => sum + bags, 0);
  return coming > 0 ? refuse('tank.expected', 'id', { code: tank.code, n: coming }) : [];
}
