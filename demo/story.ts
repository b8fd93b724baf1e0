// 120 days at Saltgrass Lane, ending at the opening time with a marine crate half landed.
import { HOUSE_ACTOR } from '#core/journal/index.ts';
import { STARTING_RULES, type HouseRules } from '#core/settings/index.ts';
import { MINUTE_MS, DAY_MS, HOUR_MS, atLocal, houseDay } from '#core/time/index.ts';
import { speciesOf, tellFloat, tellLanding, tellList, tellRelease } from './crates.ts';
import { clearQuarantines, fallIll, planCrate, sellSome } from './history.ts';
import { makeMatching, type Matching } from './matching.ts';
import { beginMonos, wakeMonos, watchMonos, type Monos } from './monos.ts';
import { PAST } from './pastCrates.ts';
import { isPassedBy, reasonsForPassingBy, tellRoomDay } from './roomDays.ts';
import { HOUSE_NAME, PEOPLE, RACKS, SUPPLIERS, TANKS, TOOLS, SYSTEMS, ZONE } from './rooms.ts';
import { tellRound, type Trouble } from './rounds.ts';
import { SPECIES } from './species.ts';
import { tellChores } from './chores.ts';
import { tellSeen } from './seen.ts';
import { tellWaterTests } from './waterTests.ts';
import { tellKitchen } from './kitchen.ts';
import {
  tellCleanWater,
  tellFoods,
  tellHandover,
  tellOldClaim,
  tellOrders,
  tellPhotograph,
  tellPlans,
  tellPreparing,
} from './lastMinutes.ts';
import { EXPECTED_CRATE, OPEN_CRATE, OPEN_LANDED, OPENING } from './stock.ts';
import { SENDERS } from './suppliers.ts';
import { makeTeller, type Teller } from './teller.ts';

/** Saltgrass Lane has its own ways, by what it is and how long it was closed. */
const HOUSE_RULES: HouseRules = {
  ...STARTING_RULES,
  houseMethods: {
    ...STARTING_RULES.houseMethods,
    short: { ...STARTING_RULES.houseMethods.short, fresh: 'drip' },
    long: { ...STARTING_RULES.houseMethods.long, fresh: 'float and net', marine: 'match, float, net', invertebrates: 'drip' },
  },
};
const MATCHED_BY_HAND_C = 25;
const MATCHED_BY_HAND_PPT = 32.6;
const AS_PACKED_PPT = 28.4;
const DAYS = 120;
const systemOf = (id: string): string => TANKS.find(({ tank }) => tank === id)!.system;
const SEED = 20260303;
const RISK_DAYS = 3;
const HOME_RISK = 0.0002;

type Story = {
  teller: Teller;
  today: number;
  opensAtMs: number;
  at: (daysAgo: number, hour: number, minute?: number) => number;
  /** What newcomers risk in their first days, and after. */
  risks: Map<string, { risk: number; fromMs: number; after: number }>;
  troubles: Trouble[];
  matching: Matching;
  /** On the bench since the day before. */
  monos?: Monos;
};

/** Writes the whole story into an empty `file`. The same `opensAtMs` gives the same journal. `meet` sees the house before the first act. Returns the open house. */
export function tellStory(file: string, opensAtMs: number, meet: (house: Teller['house']) => void = () => undefined) {
  const today = houseDay(opensAtMs, ZONE);
  const at = (daysAgo: number, hour: number, minute = 0) => atLocal(today - daysAgo, { hour, minute }, ZONE);
  const teller = makeTeller(file, SEED, at(DAYS, 6));
  meet(teller.house);
  const story: Story = { teller, today, opensAtMs, at, risks: new Map(), troubles: troubles(today), matching: makeMatching(teller) };
  tellSetUp(story);
  tellOpening(story);
  for (let daysAgo = DAYS - 1; daysAgo > 0; daysAgo -= 1) tellDay(story, daysAgo);
  watchMonos(teller, story.monos!, at);
  tellThisMorning(story);
  wakeMonos(teller, story.monos!, at(0, 7, 35));
  teller.tell(at(0, 7, 36), 'ines', ...reasonsForPassingBy(story.today));
  tellOldClaim(story);
  tellPlans(story);
  tellOrders(story);
  tellPreparing(story);
  tellCleanWater(story);
  tellPhotograph(story);
  tellHandover(story);
  tellFoods(story);
  tellKitchen(story);
  tellChores(story);
  tellSeen(story);
  tellWaterTests(story);
  teller.finish();
  return teller.house;
}

function tellSetUp({ teller, at }: Story): void {
  const atMs = at(DAYS, 6);
  const people = PEOPLE.map(({ pin: _pin, ...person }) => ({ kind: 'person.added' as const, payload: person }));
  teller.tell(atMs, HOUSE_ACTOR, { kind: 'house.configured', payload: { name: HOUSE_NAME, zone: ZONE, rules: HOUSE_RULES } }, people[0]!);
  teller.tell(atMs, 'ines', ...people.slice(1));
  teller.tell(
    atMs,
    'ines',
    ...RACKS.map((payload) => ({ kind: 'rack.added' as const, payload })),
    ...SYSTEMS.map((payload) => ({ kind: 'system.added' as const, payload })),
  );
  teller.tell(atMs, 'ines', ...TANKS.map((payload) => ({ kind: 'tank.added' as const, payload })));
  teller.tell(
    atMs,
    'ines',
    ...SPECIES.map((payload) => ({ kind: 'species.added' as const, payload })),
    ...SUPPLIERS.map((payload) => ({ kind: 'supplier.added' as const, payload })),
    ...TOOLS.map((payload) => ({ kind: 'tool.added' as const, payload })),
  );
}

function tellOpening({ teller, at }: Story): void {
  for (const [index, [tank, species, n, sizeCm]] of OPENING.entries()) {
    const atMs = at(DAYS, 7, index);
    const lot = teller.id();
    const open = speciesOf(species).jumps && !TANKS.find(({ code }) => code === tank)!.lid;
    teller.tell(atMs, 'ines', {
      kind: 'lot.opened',
      payload: { lot, species, label: speciesOf(species).common, tank, n, sizeCm, origin: 'bred' },
      ...(open ? { overrules: [{ code: 'fit.noLid', reason: 'the water stands a hand below the rim' }] } : {}),
    });
    if (tank === 'A5')
      teller.tell(atMs, 'ines', {
        kind: 'lot.promised',
        payload: { promise: teller.id(), lot, n: 8, forWhom: 'Mossbank school, freshwater tank' },
      });
  }
}

/** What the scenario wants seen on the opening day. */
function troubles(today: number): Trouble[] {
  return [
    { tank: 'Q8', day: today - 4, round: 'morning', sign: 'white spots', n: 1 },
    ...[21, 14].map((days): Trouble => ({ tank: 'S2', day: today - days, round: 'evening', sign: 'scrape', n: 1 })),
    { tank: 'S2', day: today - 7, round: 'evening', sign: 'scrape', n: 1 },
    { tank: 'S2', day: today - 1, round: 'evening', sign: 'scrape', n: 1 },
    ...[3, 2, 1].map((days): Trouble => ({ tank: 'D2', day: today - days, round: 'morning', sign: 'not eating', n: 1 })),
    { tank: 'C4', day: today - 1, round: 'evening', sign: 'chased', n: 1 },
    { tank: 'F7', day: today - 1, round: 'evening', sign: 'fast breathing', n: 2 },
  ];
}

function tellDay(story: Story, daysAgo: number): void {
  const { teller, today, at, risks } = story;
  const day = today - daysAgo;
  const walk = {
    day,
    troubles: story.troubles,
    riskOf: (lot: string, atMs: number) => {
      const newcomer = risks.get(lot);
      if (!newcomer) return HOME_RISK;
      return atMs < newcomer.fromMs + RISK_DAYS * DAY_MS ? newcomer.risk / 2 : newcomer.after;
    },
    passedBy: (tank: string) => isPassedBy(tank, daysAgo),
  };
  story.matching.climb(at(daysAgo, 7, 40));
  const past = PAST.find((crate) => crate.daysAgo === daysAgo);
  const early = past && past.at[0] < 8;
  if (past && early) tellPastCrate(story, past);
  tellRound(teller, { ...walk, round: 'morning', atMs: at(daysAgo, early ? 9 : 8, 5) });
  if (past && !early) tellPastCrate(story, { ...past, at: [Math.max(10, past.at[0]), past.at[1]] });
  for (const sender of SENDERS.filter(({ days }) => days.includes(daysAgo))) {
    const plan = planCrate(teller, sender, daysAgo);
    if (!plan) continue;
    tellPastCrate(story, { daysAgo, at: [10, Math.floor(teller.chance() * 40)], ...plan });
    for (const tank of new Set(plan.crate.bags.map((bag) => bag.tank!))) story.troubles.push(...fallIll(teller, tank, day));
  }
  clearQuarantines(teller, at(daysAgo, 13, 5));
  sellSome(teller, (slot) => at(daysAgo, 13, 50 + slot * 29));
  tellRoomDay(teller, daysAgo, (hour, minute) => at(daysAgo, hour, minute));
  if (daysAgo === 1) story.monos = beginMonos(teller, at);
  tellRound(teller, { ...walk, round: 'evening', atMs: at(daysAgo, 17, 20) });
}

function tellPastCrate(
  { teller, at, risks, matching }: Story,
  { daysAgo, at: [hour, minute], packedHours, lateHours, crate }: (typeof PAST)[number],
): void {
  let atMs = at(daysAgo, hour, minute);
  const bags = tellList(teller, crate, {
    atMs: atMs - 5 * MINUTE_MS,
    packedAtMs: atMs - packedHours * HOUR_MS,
    promisedAtMs: atMs - lateHours * HOUR_MS,
  });
  teller.tell(atMs, 'bram', { kind: 'crate.arrived', payload: { crate: crate.key, carton: lateHours > 6 ? 'damp' : 'dry' } });
  const landed = bags.map((bag) => {
    atMs += MINUTE_MS;
    const bagC = Math.round((crate.stated.temperatureC! - teller.chance() * 3) * 10) / 10;
    return { bag: tellLanding(teller, crate, bag, { atMs, who: 'bram', bagC }), bagC };
  });
  const living = landed.filter(({ bag }) => bag.landed?.alive !== 0);
  const floats = living.map(({ bag, bagC }) => {
    atMs += MINUTE_MS;
    const alive = bag.landed?.alive ?? bag.n;
    return { bag, alive, ...tellFloat(teller, bag, { atMs, who: 'bram', bagC, n: alive }) };
  });
  for (const system of new Set(floats.map(({ bag }) => systemOf(bag.tank!))))
    matching.matchTo(system, crate.stated.salinityPpt, atMs + MINUTE_MS);
  const quarantineOpen = new Set<string>();
  for (const { bag, alive, run, dueAtMs } of floats.toSorted((a, b) => a.dueAtMs - b.dueAtMs)) {
    atMs = Math.max(atMs, dueAtMs) + MINUTE_MS;
    tellRelease(teller, bag, { atMs, who: 'bram', alive, run, quarantineOpen: quarantineOpen.has(bag.lot) });
    quarantineOpen.add(bag.lot);
    risks.set(
      bag.lot,
      crate.kept ? { risk: 0, fromMs: atMs, after: 0 } : { risk: crate.lossRisk ?? HOME_RISK, fromMs: atMs, after: HOME_RISK },
    );
  }
}

/** The opening day up to the opening time: the late crate comes, ten bags land, two are out, two afloat. */
function tellThisMorning({ teller, at, opensAtMs }: Story): void {
  tellList(teller, EXPECTED_CRATE, { atMs: at(0, 5, 30), packedAtMs: at(0, 5, 30), promisedAtMs: at(0, 11) });
  const bags = tellList(teller, OPEN_CRATE, { atMs: at(0, 5, 40), packedAtMs: at(2, 20, 30), promisedAtMs: at(1, 21, 40) });
  teller.tell(at(0, 6, 40), 'bram', { kind: 'crate.arrived', payload: { crate: OPEN_CRATE.key, carton: 'damp', note: 'heat pack cold' } });
  const bagC = 21.8;
  const landed = bags
    .slice(0, OPEN_LANDED)
    .map((bag, index) => tellLanding(teller, OPEN_CRATE, bag, { atMs: at(0, 6, 44) + index * 3 * MINUTE_MS, who: 'bram', bagC }));
  const [afloat, soft, , , , fireAfloat, foul] = landed as [
    (typeof landed)[0],
    (typeof landed)[0],
    (typeof landed)[0],
    (typeof landed)[0],
    (typeof landed)[0],
    (typeof landed)[0],
    (typeof landed)[0],
  ];
  // The tell-tale bags, in their first minute.
  for (const bag of [soft, foul])
    teller.tell(at(0, 7, 12), 'bram', {
      kind: 'reading.taken',
      payload: {
        subject: { kind: 'bag', id: bag.bag },
        quantity: 'salinity',
        reading: { value: AS_PACKED_PPT, typed: `${AS_PACKED_PPT} ppt`, method: 'meter', source: 'measured' },
      },
    });
  for (const [bag, minute] of [
    [soft, 13],
    [foul, 15],
  ] as const) {
    teller.tell(at(0, 7, minute), 'bram', { kind: 'bag.assigned', payload: { bag: bag.bag, lot: bag.lot, tank: bag.tank! } });
    // Matched by hand, cup by cup: nothing is left to float, and the salinity is near the tank's.
    const matched = [
      ['temperature', MATCHED_BY_HAND_C, '°C', 'in the water'],
      ['salinity', MATCHED_BY_HAND_PPT, 'ppt', 'meter'],
    ] as const;
    for (const [quantity, value, unit, method] of matched)
      teller.tell(at(0, 7, minute), 'bram', {
        kind: 'reading.taken',
        payload: {
          subject: { kind: 'bag', id: bag.bag },
          quantity,
          reading: { value, typed: `${value} ${unit}`, method, source: 'measured' },
        },
      });
    tellRelease(teller, bag, { atMs: at(0, 7, minute + 1), who: 'bram', alive: bag.landed!.alive, quarantineOpen: false });
  }
  tellFloat(teller, afloat, { atMs: at(0, 7, 30), who: 'bram', bagC, n: 4 });
  tellFloat(teller, fireAfloat, { atMs: at(0, 7, 34), who: 'bram', bagC, n: 2 });
  if (opensAtMs < at(0, 7, 34)) throw new Error('the demo opens at 07:40; an earlier --clock would cut its story short');
}
