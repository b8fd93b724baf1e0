// The room: racks as they stand with who lives where; with a bag in hand also every tank's reasons against it.
import type { TankCard } from '#contract/views.ts';
import {
  CALM_SYSTEM,
  compatibilityOf,
  type CandidateTank,
  type ContactCosts,
  type Newcomer,
  type PlaceNeed,
  type SystemState,
} from '#core/placement/index.ts';
import { whoRestarts, type Placed } from '#core/quarantine/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { prepareBenchBag } from '../bench/known.ts';
import { makeAsk, number, pick, type RowOf } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags } from '../dock/bags.ts';
import { grouped } from '../now/rows.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareComing, type ComingLot } from '../placement/coming.ts';
import { prepareNeed } from '../placement/need.ts';
import { prepareSystems } from '../placement/systems.ts';
import { prepareWeak } from '../placement/weak.ts';
import { prepareSuspects } from '../rounds/suspects.ts';
import { prepareOccupants, type Living } from '../now/occupants.ts';
import type { MakeView } from './view.ts';

const TANK = pick(
  t.tank,
  'id',
  'entry',
  'rack',
  'system',
  'code',
  'volumeL',
  'purpose',
  'lid',
  'row',
  'column',
  'vessel',
  'hangsIn',
  'flow',
);
type TankRow = RowOf<typeof TANK>;

export const makeRoomView: MakeView<'room'> = (client) => {
  const ask = makeAsk(client);
  const racks = ask.all(
    pick(t.rack, 'id', 'name', 'room', 'walk'),
    `select id, name, room, walk from p_rack t where ${IN_HOUSE('t')} order by walk, name`,
  );
  const tanks = ask.all(
    TANK,
    `select id, entry, rack, system, code, volume_l volumeL, purpose, lid, "row", "column", vessel, hangs_in hangsIn, flow
     from p_tank t where ${IN_HOUSE('t')} order by "row", "column", code`,
  );
  const systems = ask.all(
    { ...pick(t.system, 'id', 'entry', 'name', 'type', 'volumeL'), temperatureC: number, salinityPpt: number, tanks: number },
    `select w.id, w.entry, w.name, w.type, w.volume_l volumeL, w.temperature_c temperatureC, w.salinity_ppt salinityPpt, (select count(*) from p_tank t where t.system = w.id and ${IN_HOUSE('t')}) tanks from now_system w order by w.name`,
  );
  const species = ask.all(pick(t.species, 'id', 'facts'), 'select id, facts from p_species');
  const coming = prepareComing(client);
  const oneBag = prepareBags(client, 'b.id = ?');
  const complete = prepareBenchBag(client);
  const occupants = prepareOccupants(client);
  const suspects = prepareSuspects(client);
  const systemStates = prepareSystems(client);
  const isWeak = prepareWeak(client);
  const need = prepareNeed(client);
  const rulesNow = ask.value(t.house.rules, 'select rules from p_house');
  const suppliers = ask.map(
    t.lot.id,
    t.lot.supplier,
    'select id, supplier from p_lot where supplier is not null and id in (select lot from now_standing)',
  );

  return ({ now, zone, query }) => {
    const living = occupants(zone);
    const waterById = new Map(systems().map((system) => [system.id, system]));
    const { systems: suspect, oddByTank } = suspects(now);
    const comingTo = coming.byTank();
    const [found] = query.bag ? oneBag(query.bag) : [];
    const bag = found && complete(found);
    const inHand = bag ? undefined : living.get(query.from ?? '')?.find(({ lot }) => lot === query.lot);
    const allSpecies = new Map(bag || inHand ? species().map(({ id, facts }) => [id, { id, ...facts }]) : []);
    const supplierById = bag || inHand ? suppliers() : undefined;
    const supplierOf = (lot: string) => supplierById?.get(lot) ?? undefined;
    const tankRows = tanks();
    const newcomer: Newcomer | undefined = bag
      ? {
          lot: bag.lot,
          n: bag.landed?.alive ?? bag.listed,
          sizeCm: bag.sizeCm,
          species: bag.species && allSpecies.get(bag.species.id),
          quarantineDone: isQuarantineDone(bag.lot, living),
          supplier: supplierOf(bag.lot),
          weak: bag.landed !== undefined && bag.landed.condition !== 'fit',
          guessed: bag.sure === 'guess',
          ...asksOf(need.ofBag(bag.bag)),
        }
      : inHand && {
          lot: inHand.lot,
          n: 1,
          atMost: inHand.n,
          sizeCm: inHand.sizeCm,
          species: inHand.species && allSpecies.get(inHand.species.id),
          quarantineDone: !inHand.quarantine,
          supplier: supplierOf(inHand.lot),
          weak: isWeak(inHand.lot, now),
          guessed: inHand.sure === 'guess',
          ...asksOf(need.ofLot(inHand.lot, now)),
        };
    // All bags of a lot may go to one tank: so it is judged, and one answer serves them all.
    const untanked = bag ? coming.untanked(bag.lot) : 0;
    const moreTo = (toCome: readonly ComingLot[], { lot, n }: Newcomer, tank: string) => {
      const chosen = toCome.find((comingLot) => comingLot.lot === lot)?.n ?? 0;
      if (!bag) return chosen;
      const goesTo = bag.tank ?? bag.planned;
      // On its way it is counted for itself, with what is meant for the same tank.
      if (!bag.landed) return chosen - (goesTo?.id === tank ? n : 0);
      // Here it is among them itself, unless it goes elsewhere.
      return untanked + chosen - (goesTo === undefined || goesTo.id === tank ? n : 0);
    };
    const rules = rulesNow() ?? STARTING_RULES;
    /** What stands against each tank, asked only with something in hand. */
    const judge = (who: Newcomer) => {
      const states = systemStates();
      const meets = meetingsBySystem(who, placedIn(tankRows, living));
      return (tank: TankRow, here: readonly Living[], toCome: readonly ComingLot[]) =>
        compatibilityOf({ ...who, more: moreTo(toCome, who, tank.id) }, placeOf(tank, states), {
          residents: here.map(({ lot, label, n, sizeCm, promised, sure, species: kind }) => ({
            lot,
            label,
            n,
            sizeCm,
            promised,
            supplier: supplierOf(lot),
            species: kind && allSpecies.get(kind.id),
            guessed: sure === 'guess',
          })),
          coming: toCome
            .filter(({ lot }) => lot !== who.lot)
            .map(({ species: kind, sure, ...card }) => ({
              ...card,
              guessed: sure === 'guess',
              species: kind === null ? undefined : allSpecies.get(kind),
            })),
          meets: meets(tank.system),
          rules: rules.places,
          now,
        });
    };
    const placeOf = (
      { system, purpose, lid, volumeL, vessel, flow }: TankRow,
      states: ReadonlyMap<string, SystemState>,
    ): CandidateTank => ({
      ...waterById.get(system)!,
      purpose,
      lid,
      volumeL,
      vessel,
      ...(flow === null ? {} : { flow }),
      systemState: states.get(system) ?? CALM_SYSTEM,
      suspect: suspect.has(system),
    });
    const reasonsOf = newcomer && judge(newcomer);
    const cards = tankRows.map((row): [string, TankCard] => {
      const { rack, hangsIn, flow, ...tank } = row;
      const here = living.get(tank.id) ?? [];
      const toCome = comingTo.get(tank.id) ?? [];
      return [
        rack,
        {
          ...tank,
          suspect: suspect.has(tank.system),
          coming: toCome.reduce((sum, { bags }) => sum + bags, 0),
          ...(hangsIn === null ? {} : { hangsIn }),
          ...(flow === null ? {} : { flow }),
          odd: oddByTank.get(tank.id) ?? [],
          occupants: here,
          reasons: reasonsOf?.(row, here, toCome),
        },
      ];
    });
    const byRack = grouped(cards, ([rack]) => rack);
    return {
      racks: racks().map((rack) => ({ ...rack, tanks: byRack.get(rack.id)?.map(([, card]) => card) ?? [] })),
      systems: [...waterById.values()],
      bag,
      ...(inHand ? { lot: { lot: inHand.lot, from: query.from! } } : {}),
    };
  };
};

const asksOf = (need: PlaceNeed | 'nothing') => (need === 'nothing' ? {} : { need });
const placedIn = (tanks: readonly TankRow[], living: ReadonlyMap<string, Living[]>): Placed[] =>
  tanks
    .filter(({ purpose }) => purpose !== 'customer')
    .flatMap(({ id, system }) =>
      (living.get(id) ?? []).map(({ lot, label, quarantine }) => ({
        lot,
        label,
        tank: id,
        system,
        inQuarantine: quarantine !== undefined,
      })),
    );

/** The tanks of a system share who lives on it, and what a newcomer to it means. */
function meetingsBySystem(newcomer: Newcomer, placed: readonly Placed[]): (system: string) => ContactCosts | undefined {
  const bySystem = grouped(placed, ({ system }) => system);
  const known = new Map<string, ContactCosts | undefined>();
  return (system) => {
    if (!known.has(system)) known.set(system, meetingsAt(system, newcomer, bySystem.get(system) ?? []));
    return known.get(system);
  };
}

/** Who of a system loses clear days; how many each loses is the clocks' to say. */
function meetingsAt(system: string, { lot, quarantineDone }: Newcomer, placed: readonly Placed[]): ContactCosts | undefined {
  if (placed.some((fish) => fish.lot === lot && fish.system === system)) return undefined;
  const { restarted, exposed, newcomerExposed } = whoRestarts(
    { lot, inQuarantine: !quarantineDone, fromSystem: '', toSystem: system },
    placed,
  );
  return {
    restarted: [...new Map(restarted.map(({ lot: id, label }) => [id, { label }])).values()],
    exposed: [...new Set(exposed.map(({ label }) => label))],
    newcomerMeets: newcomerExposed,
  };
}

/** Some of the lot live in a tank and no quarantine is open: it is over, or was before the records began. */
function isQuarantineDone(lot: string, living: ReadonlyMap<string, Living[]>): boolean {
  const standing = [...living.values()].flat().filter((resident) => resident.lot === lot);
  return standing.length > 0 && !standing.some((resident) => resident.quarantine);
}
