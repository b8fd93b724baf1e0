// Months at Saltgrass Lane: crates as their senders send them, into hold tanks that stand empty; holds signed off; the shop sells.
import type { RoomView, TankCard } from '#contract/views.ts';
import { CALM_SYSTEM, compatibilityOf, isCost, STARTING_PLACES } from '#core/placement/index.ts';
import type { Sign } from '#core/rounds/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { prepareSystems } from '#server/placement/systems.ts';
import { speciesOf } from './crates.ts';
import { TANKS, SYSTEMS } from './rooms.ts';
import type { StoryBag, StoryCrate } from './stock.ts';
import type { Sender } from './suppliers.ts';
import type { Teller } from './teller.ts';

const ILLNESSES: readonly Sign[] = ['white spots', 'flashing', 'frayed fins', 'stringy faeces'];
const EARLY: readonly string[] = [
  'the tank is wanted for the next crate, all four eat and look well',
  'promised for Saturday, nothing seen since arrival',
  'school project starts tomorrow, no sign since day 2',
];
/** Heads that the shop does not sell: promised, shown, or nursed. */
const KEPT: Readonly<Record<string, number>> = { A5: 10, C2: 2, C4: 3, C6: 4, C8: 1 };
/** Treatment tanks that the last month's story needs. */
const SPOKEN_FOR: readonly string[] = ['Q1', 'Q2', 'Q5', 'Q6', 'Q8'];
const LITRES_A_HEAD = 2;
const ILL_CHANCE = 0.14;
const EARLY_CHANCE = 0.07;
const EARLY_BY_DAYS = 4;
const RECOUNT_CHANCE = 0.05;
/** A sale in this slot of an afternoon is likelier the more stands on the racks. */
const SALE_SLOTS = 7;
const HEADS_FOR_A_SURE_SALE = 420;

const within = (teller: Teller, [low, high]: readonly [number, number]) => low + teller.chance() * (high - low);
const wholeWithin = (teller: Teller, [low, high]: readonly [number, number]) => low + Math.floor(teller.chance() * (high - low + 1));

/** A crate of a sender, each species into a quarantine tank of its own that stands empty; undefined when none does. */
export function planCrate(
  teller: Teller,
  sender: Sender,
  daysAgo: number,
): { crate: StoryCrate; packedHours: number; lateHours: number } | undefined {
  const systemStates = prepareSystems(teller.house.client)();
  const empty = tanksOf(teller.house.view('room')).filter(({ code, occupants }) => occupants.length === 0 && !SPOKEN_FOR.includes(code));
  const free = [...empty.filter(({ purpose }) => purpose === 'quarantine'), ...empty.filter(({ purpose }) => purpose === 'treatment')];
  const offers = [...sender.offers];
  const bags: StoryBag[] = [];
  for (let lines = wholeWithin(teller, sender.lines); lines > 0 && offers.length > 0; lines -= 1) {
    const [offer] = offers.splice(Math.floor(teller.chance() * offers.length), 1);
    const index = free.findIndex((tank) => fits(offer!.species, offer!.sizeCm, tank, systemStates.get(tank.system)));
    if (index < 0) continue;
    const [tank] = free.splice(index, 1);
    for (let bag = wholeWithin(teller, offer!.line); bag > 0; bag -= 1) bags.push(bagOf(teller, sender, offer!, tank!.code));
  }
  if (bags.length === 0) return undefined;
  const { supplier, label, origin, stated, gPerL, lossRisk } = sender;
  return {
    crate: { key: `${sender.short}-${daysAgo}`, label, supplier, origin, stated, gPerL, lossRisk, bags },
    packedHours: within(teller, sender.packedHours),
    lateHours: Math.round(within(teller, sender.lateHours)),
  };
}

function bagOf(teller: Teller, sender: Sender, { species, bag, sizeCm }: Sender['offers'][number], tank: string): StoryBag {
  const foul = teller.chance() < sender.foul;
  let dead = 0;
  for (let head = 0; head < bag; head += 1) if (teller.chance() < (foul ? 0.3 : sender.deadInBag)) dead += 1;
  const tired = !foul && teller.chance() < sender.deadInBag * 4;
  const condition = foul ? 'poor' : tired ? 'tired' : 'fit';
  const asListed = dead === 0 && condition === 'fit';
  return {
    species,
    n: bag,
    box: 1,
    sizeCm,
    tank,
    ...(asListed ? {} : { landed: { alive: bag - dead, dead, condition, bagCondition: foul ? ('foul' as const) : ('sound' as const) } }),
  };
}

/** Illness comes to some lots in their first days. */
export function fallIll(
  teller: Teller,
  tank: string,
  day: number,
): { tank: string; day: number; round: 'morning'; sign: Sign; n: number }[] {
  if (teller.chance() >= ILL_CHANCE) return [];
  return [{ tank, day: day + 3 + Math.floor(teller.chance() * 5), round: 'morning', sign: teller.pick(ILLNESSES), n: 1 }];
}

const NEAR_PPT = 0.4;

/** Lots whose clock allows it leave their hold for a sale tank; a few leave early because a lead says so. */
export function clearQuarantines(teller: Teller, atMs: number): void {
  const room = teller.house.view('room');
  const clocks = new Map(teller.house.view('quarantine').quarantines.map(({ lot, clock }) => [lot, clock]));
  const tanks = tanksOf(room);
  let minute = atMs;
  // What still climbs back from a match waits until it is near to the sale racks.
  const climbing = new Set(
    room.systems
      .filter(({ id, salinityPpt }) => (SYSTEMS.find(({ system }) => system === id)?.salinityPpt ?? salinityPpt) - salinityPpt > NEAR_PPT)
      .map(({ id }) => id),
  );
  for (const tank of tanks.filter(
    ({ purpose, system }) => (purpose === 'quarantine' || purpose === 'treatment') && !climbing.has(system),
  )) {
    for (const { lot, species, n, quarantine, label } of tank.occupants) {
      const clock = clocks.get(lot);
      if (!quarantine || !species || !clock) continue;
      const over = clock.blockers.length === 0;
      const onlyDays = clock.blockers.every(({ why }) => why === 'days');
      const early = !over && onlyDays && clock.clear === clock.required - EARLY_BY_DAYS && teller.chance() < EARLY_CHANCE;
      if (!early && !over) continue;
      minute += MINUTE_MS;
      const overrules = early ? [{ code: 'quarantine.notOver' as const, reason: teller.pick(EARLY) }] : undefined;
      teller.tell(minute, early ? 'ines' : 'odalys', {
        kind: 'quarantine.signedOff',
        payload: { quarantine: quarantine.id, lot },
        ...(overrules ? { overrules } : {}),
      });
      const missing = teller.chance() < RECOUNT_CHANCE && n > 2;
      if (missing)
        teller.tell(minute, 'odalys', {
          kind: 'stock.counted',
          payload: { place: tank.id, lot, found: n - 1, onRecord: n, against: 'missing', note: 'tank emptied, no body found' },
        });
      moveOut(teller, minute, tanks, { tank, lot, label, n: missing ? n - 1 : n, species: species.id });
    }
  }
}

type Leaving = { tank: TankCard; lot: string; label: string; n: number; species: string };

function moveOut(teller: Teller, atMs: number, tanks: TankCard[], { tank, lot, label, n, species }: Leaving): void {
  const { adultCm, common, scientific } = speciesOf(species);
  const to = tanks.find(
    ({ purpose, occupants, volumeL, ...rest }) =>
      purpose === 'sale' &&
      occupants.every((occupant) => occupant.species?.id === species) &&
      occupants.reduce((sum, occupant) => sum + occupant.n, n) <= volumeL / LITRES_A_HEAD &&
      fits(species, adultCm!, { ...rest, purpose, occupants, volumeL }),
  );
  const move = { lot, from: tank.id, to: to?.id ?? ('sold' as const), n };
  teller.tell(atMs, 'odalys', {
    kind: 'stock.moved',
    payload: { moves: [move], ...(to ? {} : { why: 'to the trade: no room on the racks' }) },
  });
  to?.occupants.push({ lot, label, n, species: { id: species, common, scientific }, promised: false });
}

/** An afternoon in the shop: a few of what is cleared, now here, now there. */
export function sellSome(teller: Teller, slotMs: (slot: number) => number): void {
  const stand = tanksOf(teller.house.view('room'))
    .filter(({ purpose }) => purpose === 'sale')
    .flatMap(({ id, code, occupants }) =>
      occupants.map(({ lot, n, quarantine }, index) => ({ tank: id, lot, n: quarantine ? 0 : n - (index === 0 ? (KEPT[code] ?? 0) : 0) })),
    );
  for (let slot = 0; slot < SALE_SLOTS; slot += 1) {
    const open = stand.filter(({ n }) => n > 0);
    const heads = open.reduce((sum, { n }) => sum + n, 0);
    if (teller.chance() >= heads / HEADS_FOR_A_SURE_SALE) continue;
    const from = teller.pick(open);
    const n = Math.min(from.n, 1 + Math.floor(teller.chance() * 4));
    from.n -= n;
    teller.tell(slotMs(slot), 'wim', { kind: 'stock.moved', payload: { moves: [{ lot: from.lot, from: from.tank, to: 'sold', n }] } });
  }
}

/** The tanks proper, without buckets, boxes and dividers. */
export const tanksOf = (room: RoomView): TankCard[] => room.racks.flatMap(({ tanks }) => tanks.filter(({ vessel }) => vessel === 'tank'));

function fits(species: string, sizeCm: number, tank: TankCard, systemState = CALM_SYSTEM): boolean {
  const system = SYSTEMS.find((system) => system.system === TANKS.find(({ tank: id }) => id === tank.id)!.system)!;
  const { species: id, ...fields } = speciesOf(species);
  const against = compatibilityOf(
    { lot: '', n: 1, sizeCm, species: { id, ...fields }, quarantineDone: true },
    { ...system, ...tank, systemState },
    { residents: [], rules: STARTING_PLACES, now: 0 },
  );
  return against.every(({ code }) => isCost(code));
}
