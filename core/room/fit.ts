// May these fish live in that tank? Hard reasons only, each with the numbers behind it: nothing is weighed here.
import { eats, type Sized } from '../species/eating.ts';
import type { SpeciesFacts } from '../species/entries.ts';
import { packedIn } from '../species/packed.ts';
import type { Purpose, TankFacts, WaterFacts } from './entries.ts';

export type FitCode =
  | 'fit.wrongWater'
  | 'fit.tooCold'
  | 'fit.tooWarm'
  | 'fit.noLid'
  | 'fit.eatsResidents'
  | 'fit.eatenByResidents'
  | 'fit.neverWith'
  | 'fit.keptAlone'
  | 'fit.saleBeforeHold'
  | 'fit.speciesUnknown'
  | 'fit.awayFromHome';

export type FitReason = { code: FitCode; facts: Record<string, string | number> };

export type Newcomer = { species?: SpeciesFacts; sizeCm?: number; lot: string; n: number; holdDone: boolean };
export type Resident = { species?: SpeciesFacts; sizeCm?: number; lot: string };
const HOLDING: readonly Purpose[] = ['hold', 'treatment', 'observation'];

/** `temperatureC` and `salinityPpt` of the water: the latest reading where there is one, else what it is set to. */
export type FitTank = Pick<TankFacts, 'purpose' | 'lid'> & Pick<WaterFacts, 'type' | 'temperatureC' | 'salinityPpt'>;

/**
 * Every hard reason against putting the newcomer with these residents in this tank; empty = none known.
 * Temperature and salinity are judged against the range the species is kept at; eating by length (species/eating).
 */
export function fit(newcomer: Newcomer, tank: FitTank, residents: readonly Resident[]): FitReason[] {
  const reasons: FitReason[] = [];
  if (tank.purpose === 'customer') reasons.push({ code: 'fit.awayFromHome', facts: {} });
  if (tank.purpose === 'sale' && !newcomer.holdDone) reasons.push({ code: 'fit.saleBeforeHold', facts: {} });
  const { species } = newcomer;
  if (!species) return [...reasons, { code: 'fit.speciesUnknown', facts: {} }];
  reasons.push(...fitWater(species, tank));
  if (species.jumps && !tank.lid) reasons.push({ code: 'fit.noLid', facts: { species: species.common } });
  return [...reasons, ...fitCompany({ ...newcomer, species }, residents)];
}

function fitWater(species: SpeciesFacts, tank: FitTank): FitReason[] {
  const { temperatureC: warmth } = species;
  // In quarantine sea fish may stand in what they were packed in: the system is matched to the bag and climbs back.
  const salt = HOLDING.includes(tank.purpose)
    ? { ...species.salinityPpt, min: Math.min(species.salinityPpt.min, packedIn(species).min) }
    : species.salinityPpt;
  if (!species.water.includes(tank.type) || tank.salinityPpt < salt.min || tank.salinityPpt > salt.max) {
    return [
      {
        code: 'fit.wrongWater',
        facts: { has: tank.type, salinityPpt: tank.salinityPpt, min: salt.min, max: salt.max, species: species.common },
      },
    ];
  }
  if (tank.temperatureC < warmth.min)
    return [{ code: 'fit.tooCold', facts: { hasC: tank.temperatureC, minC: warmth.min, species: species.common } }];
  if (tank.temperatureC > warmth.max)
    return [{ code: 'fit.tooWarm', facts: { hasC: tank.temperatureC, maxC: warmth.max, species: species.common } }];
  return [];
}

function fitCompany(newcomer: Newcomer & { species: SpeciesFacts }, residents: readonly Resident[]): FitReason[] {
  const reasons: FitReason[] = [];
  const said = new Set<string>();
  const say = (code: FitCode, facts: FitReason['facts']) => {
    const key = `${code} ${facts.resident ?? ''}`;
    if (!said.has(key)) reasons.push({ code, facts });
    said.add(key);
  };
  const { species } = newcomer;
  const one: Sized = { species, sizeCm: newcomer.sizeCm ?? species.adultCm };
  for (const resident of residents) {
    if (resident.lot === newcomer.lot || !resident.species) continue;
    const facts = { species: species.common, resident: resident.species.common };
    const other: Sized = { species: resident.species, sizeCm: resident.sizeCm ?? resident.species.adultCm };
    if (eats(one, other)) say('fit.eatsResidents', facts);
    if (eats(other, one)) say('fit.eatenByResidents', facts);
    if (species.neverWith.includes(resident.species.id) || resident.species.neverWith.includes(species.id)) say('fit.neverWith', facts);
    if (species.keptAlone || resident.species.keptAlone) say('fit.keptAlone', facts);
  }
  if (species.keptAlone && newcomer.n > 1) say('fit.keptAlone', { species: species.common, resident: 'its own kind' });
  return reasons;
}
