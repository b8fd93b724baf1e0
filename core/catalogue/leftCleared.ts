// The house's own question of an act: who was cleared before it, meets fish in quarantine by it, and is not put in quarantine again by it. A screen opens such holds
// itself; one line, another client, a page that had not loaded may not have known.
import { refuse, type Refusal } from '../journal/index.ts';
import { whoMeets, whoRestarts, type Placed } from '../quarantine/index.ts';
import type { Role } from '../roles/index.ts';
import type { Entry } from './payloads.ts';
import type { HouseState } from './state.ts';

/** A cleared lot, and the water in which it meets fish in quarantine. */
export type LeftCleared = { lot: string; label: string; system: string };

/** Cleared fish that meet fish in quarantine by one entry. What was so before the act decides: `state` is asked before any of it is written. */
export function clearedMet(entry: Entry, act: readonly Entry[], state: HouseState): LeftCleared[] {
  const stands = new Map(act.flatMap((entry) => (entry.kind === 'lot.split' ? [[entry.payload.child, entry.payload.lot] as const] : [])));
  const going = (lot: string, into: readonly string[], inQuarantine: boolean) =>
    into.flatMap((tank) => metByNewcomer({ lot, known: stands.get(lot) ?? lot, inQuarantine, tank }, state));
  switch (entry.kind) {
    case 'stock.moved':
      return entry.payload.moves.flatMap(({ lot, to }) => going(lot, [to], isInQuarantine(stands.get(lot) ?? lot, state)));
    case 'fish.released':
      return going(entry.payload.lot, [entry.payload.tank], isInQuarantine(entry.payload.lot, state));
    case 'acclimation.released': {
      const { lot, into, run } = entry.payload;
      const known = state.findRun(run);
      const homes = (known?.home ?? []).map((tank) => state.findTank(tank)?.system);
      const elsewhere = into.map(({ tank }) => tank).filter((tank) => !homes.includes(state.findTank(tank)?.system));
      return going(lot, elsewhere, !known?.cleared || state.findOpenQuarantine(lot) !== undefined);
    }
    case 'tool.used':
      return metByTool(entry.payload, entry.occurredAtMs, state);
    case 'water.exchanged': {
      const { tank, fromTank } = entry.payload;
      return fromTank === undefined ? [] : metBySystem(fromTank, tank, state);
    }
    case 'tank.changed': {
      const tank = state.findTank(entry.payload.tank);
      const to = entry.payload.fields.system;
      return !tank || to === undefined || to === tank.system
        ? []
        : metByJoining([livingIn([tank.id], tank.system, state), livingOf(to, state)]);
    }
    case 'systems.joined':
      return metByJoining([livingOf(entry.payload.from, state), livingOf(entry.payload.into, state)]);
    default:
      return [];
  }
}

/** Of those met, whom the act does not put in quarantine again. Whoever may write the entry may leave them cleared, knowingly. */
export function leftCleared(
  met: readonly LeftCleared[],
  { act, state, rank }: { act: readonly Entry[]; state: HouseState; rank: Role },
): Refusal[] {
  const opened = new Set(act.flatMap((entry) => (entry.kind === 'quarantine.opened' ? [entry.payload.lot] : [])));
  const left = [...new Map(met.map((placed) => [placed.lot, placed])).values()].filter(({ lot }) => !opened.has(lot));
  return left.flatMap(({ lot, label, system }) =>
    refuse('cost.leftCleared', 'again', { who: label, lot, type: state.findSystem(system)!.type, size: left.length }, rank),
  );
}

const isInQuarantine = (lot: string, state: HouseState): boolean => state.findOpenQuarantine(lot) !== undefined || !state.isInTank(lot);

function livingIn(tanks: readonly string[], system: string, state: HouseState): Placed[] {
  return tanks.flatMap((tank) =>
    state.occupants(tank).map(({ lot }) => ({
      lot,
      label: state.findLot(lot)?.label ?? lot,
      tank,
      system,
      inQuarantine: state.findOpenQuarantine(lot) !== undefined,
    })),
  );
}
const livingOf = (system: string, state: HouseState): Placed[] => livingIn(state.tanksOn(system), system, state);

function metByNewcomer(
  { lot, known, inQuarantine, tank }: { lot: string; known: string; inQuarantine: boolean; tank: string },
  state: HouseState,
): LeftCleared[] {
  const facts = state.findTank(tank);
  // In a customer's tank nobody of the house is met.
  if (!facts || facts.purpose === 'customer') return [];
  const living = livingOf(facts.system, state);
  if (living.some((placed) => placed.lot === known)) return [];
  const who = whoRestarts({ lot: known, inQuarantine, fromSystem: '', toSystem: facts.system }, living);
  const itself = who.newcomerExposed ? [{ lot, label: state.findLot(known)?.label ?? lot, system: facts.system }] : [];
  return [...who.exposed, ...itself];
}

/** Wet from elsewhere when it went in, or from a tank before in the same action. */
function metByTool({ tool, tanks }: { tool: string; tanks: readonly string[] }, atMs: number, state: HouseState): LeftCleared[] {
  const wet = new Set(state.wetFrom(tool, atMs));
  return tanks.flatMap((tank) => {
    const met = [...wet].flatMap((from) => metBySystem(from, tank, state));
    wet.add(tank);
    return met;
  });
}

function metBySystem(fromTank: string, toTank: string, state: HouseState): LeftCleared[] {
  const [from, to] = [state.findTank(fromTank), state.findTank(toTank)];
  if (!from || !to || from.system === to.system || to.purpose === 'customer') return [];
  if (!livingOf(from.system, state).some(({ inQuarantine }) => inQuarantine)) return [];
  return livingOf(to.system, state).filter(({ inQuarantine }) => !inQuarantine);
}

function metByJoining([standing, newcomers]: [Placed[], Placed[]]): LeftCleared[] {
  const apart = [standing.map((placed) => ({ ...placed, system: 'one' })), newcomers.map((placed) => ({ ...placed, system: 'other' }))];
  const systems = new Map([...standing, ...newcomers].map(({ lot, system }) => [lot, system]));
  return whoMeets(['one', 'other'], apart.flat()).exposed.map((met) => ({ ...met, system: systems.get(met.lot)! }));
}
