// May these fish live in that tank? Three levels: forbidden (a lead passes over it with a reason), costs (core/room/costs, taken knowingly), and nothing
// against it. What nobody knows counts as the worse, and says so.
import type { Purpose } from '../room/index.ts';
import { eats, type Sized, type MedicationFamily, type SpeciesFacts, packedIn } from '../species/index.ts';
import { DAY_MS } from '../time/index.ts';
import { costsOf, type ContactCosts } from './costs.ts';
import type { CostCode, CompatibilityCode, CompatibilityReason, CandidateTank, Newcomer, Resident, SystemState } from './placeFacts.ts';
import type { PlaceRules } from './placeRules.ts';

const HOLDING: readonly Purpose[] = ['quarantine', 'treatment', 'observation'];
const CLEARED_ONLY: readonly Purpose[] = ['sale', 'home', 'breeding'];

/** `coming` = others that are to go there and are not in it yet. */
type Surroundings = { residents: readonly Resident[]; coming?: readonly Resident[]; meets?: ContactCosts; rules: PlaceRules; now: number };

/**
 * Everything against putting the newcomer with these residents in this tank, forbidden first; empty = nothing is known against it. Temperature and salinity
 * are judged against the range that the species lives at, the gap to its bag at its release (core/bench/release); eating by length (species/eating).
 */
export function compatibilityOf(
  newcomer: Newcomer,
  tank: CandidateTank,
  { residents, coming = [], meets, rules, now }: Surroundings,
): CompatibilityReason[] {
  const { species } = newcomer;
  const reasons: CompatibilityReason[] = [];
  if (tank.purpose === 'customer' && !newcomer.quarantineDone) reasons.push({ code: 'fit.awayFromHome', facts: {} });
  if (CLEARED_ONLY.includes(tank.purpose) && !newcomer.quarantineDone)
    reasons.push({ code: 'fit.saleBeforeQuarantine', facts: { purpose: tank.purpose } });
  reasons.push(...fitSystemState(newcomer, tank.systemState, { heldDays: rules.heldDays, now }));
  if (species) {
    reasons.push(...fitWater(species, tank));
    if (species.jumps === true && !tank.lid) reasons.push({ code: 'fit.noLid', facts: { species: species.common } });
    reasons.push(...companyFits({ ...newcomer, species }, residents));
  }
  const costs = costsOf(newcomer, tank, { residents, coming, meets, rules });
  return [
    ...reasons,
    ...costs.map((cost): CompatibilityReason => (rules.leadOnly?.includes(cost.code as CostCode) ? { ...cost, lead: true } : cost)),
  ];
}

function fitWater(species: SpeciesFacts, tank: CandidateTank): CompatibilityReason[] {
  const { temperatureC: warmth } = species;
  // Where nobody wrote a range down, its kind of water is all that is known; that the rest is not is a cost of its own (./notKnown).
  const lives = species.salinityPpt ?? packedIn(species);
  // In quarantine sea fish may stand in what they were packed in: the system is matched to the bag and climbs back.
  const salt = HOLDING.includes(tank.purpose) ? { max: lives.max, min: Math.min(lives.min, packedIn(species).min) } : lives;
  if (!species.water.includes(tank.type) || tank.salinityPpt < salt.min || tank.salinityPpt > salt.max) {
    return [
      {
        code: 'fit.wrongWater',
        facts: { has: tank.type, salinityPpt: tank.salinityPpt, min: salt.min, max: salt.max, species: species.common },
      },
    ];
  }
  if (!warmth) return [];
  if (tank.temperatureC < warmth.min)
    return [{ code: 'fit.tooCold', facts: { hasC: tank.temperatureC, minC: warmth.min, species: species.common } }];
  if (tank.temperatureC > warmth.max)
    return [{ code: 'fit.tooWarm', facts: { hasC: tank.temperatureC, maxC: warmth.max, species: species.common } }];
  return [];
}

/** Invertebrates bear next to no treatment, whatever is written of their species; of a fish that nobody could name, that was named by a guess, or of which nobody wrote what harms it, nothing is known to be harmless. */
export function shyOf(
  { species, guessed }: Pick<Newcomer, 'species' | 'guessed'>,
  family: MedicationFamily,
): 'shy' | 'not known' | undefined {
  if (!species) return 'not known';
  if (species.is !== 'fish') return 'shy';
  if (!species.shyOf) return 'not known';
  if (species.shyOf.includes(family)) return 'shy';
  return guessed ? 'not known' : undefined;
}

/** What a system is under, or has held and may hold still, that these fish do not bear: the same for fish that come to it and for its water that comes to them. */
export function fitTreatments(
  newcomer: Pick<Newcomer, 'species' | 'guessed'>,
  { treatments, held }: Pick<SystemState, 'treatments' | 'held'>,
  given: { heldDays: number; now: number },
): CompatibilityReason[] {
  const name = newcomer.species?.common ?? 'unnamed fish';
  const running = treatments.flatMap((family): CompatibilityReason[] => {
    const shy = shyOf(newcomer, family);
    return shy ? [{ code: 'fit.shyOfTreatment', facts: { family, species: name, known: shy === 'shy' } }] : [];
  });
  const left = held.flatMap((treatment): CompatibilityReason[] => {
    const shy = shyOf(newcomer, treatment.family);
    // Copper stays in rock, sand and silicone: only a test tells that it is gone.
    const gone =
      treatment.family === 'copper'
        ? treatment.zeroTested
        : treatment.zeroTested || given.now - treatment.endedAtMs > given.heldDays * DAY_MS;
    return shy && !gone && !treatments.includes(treatment.family)
      ? [{ code: 'fit.heldTreatment', facts: { family: treatment.family, species: name, atMs: treatment.endedAtMs } }]
      : [];
  });
  return [...running, ...left];
}

function fitSystemState(newcomer: Newcomer, systemState: SystemState, given: { heldDays: number; now: number }): CompatibilityReason[] {
  const { ill } = systemState;
  const illness: CompatibilityReason[] =
    ill && !ill.lots.includes(newcomer.lot) ? [{ code: 'fit.illHere', facts: { what: ill.what } }] : [];
  return [...fitTreatments(newcomer, systemState, given), ...illness];
}

/** A fish that nobody measured may be full grown when it eats, and young when it is eaten. */
const SMALLEST_SHARE = 1 / 3;
type SizedFact = { eater: Sized; eaten: Sized; known: boolean };
const sized = (species: SpeciesFacts, sizeCm: number | undefined): SizedFact => ({
  eater: { species, sizeCm: sizeCm ?? species.adultCm ?? Infinity },
  eaten: { species, sizeCm: sizeCm ?? (species.adultCm ?? 0) * SMALLEST_SHARE },
  known: sizeCm !== undefined,
});

function companyFits(newcomer: Newcomer & { species: SpeciesFacts }, residents: readonly Resident[]): CompatibilityReason[] {
  const reasons: CompatibilityReason[] = [];
  const said = new Set<string>();
  const say = (code: CompatibilityCode, facts: CompatibilityReason['facts']) => {
    const key = `${code} ${facts.resident}`;
    if (!said.has(key)) reasons.push({ code, facts });
    said.add(key);
  };
  const { species } = newcomer;
  const fact = sized(species, newcomer.sizeCm);
  for (const resident of residents) {
    if (resident.lot === newcomer.lot || !resident.species) continue;
    const facts = { species: species.common, resident: resident.species.common };
    const otherFact = sized(resident.species, resident.sizeCm);
    const assumed: CompatibilityReason['facts'] = fact.known && otherFact.known ? {} : { assumed: true };
    if (eats(fact.eater, otherFact.eaten)) say('fit.eatsResidents', { ...facts, ...assumed });
    if (eats(otherFact.eater, fact.eaten)) say('fit.eatenByResidents', { ...facts, ...assumed });
    if (species.neverWith.includes(resident.species.id) || resident.species.neverWith.includes(species.id)) say('fit.neverWith', facts);
    if (species.keptAlone || resident.species.keptAlone) say('fit.keptAlone', facts);
  }
  if (species.keptAlone && newcomer.n > 1) say('fit.keptAlone', { species: species.common, resident: 'its own kind' });
  return reasons;
}
