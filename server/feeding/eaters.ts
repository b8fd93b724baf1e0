// Who is fed: every lot in every tank with its last meals, how long it went without, and what it is to be given next.
import type Database from 'better-sqlite3';
import type { Oddity, RoundTank } from '#contract/views.ts';
import { fastOf, type Fast, type FoodFacts } from '#core/feeding/index.ts';
import type { HouseRules } from '#core/settings/index.ts';
import type { SpeciesFacts } from '#core/species/index.ts';
import { makeAsk, orNull, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareOccupants, type Living } from '../now/occupants.ts';
import { prepareMeals, type Planned } from './plan.ts';

type Card = RoundTank['lots'][number];
export type LotEater = Pick<Card, 'lot' | 'label' | 'species' | 'is' | 'n' | 'sinceMs' | 'inQuarantine' | 'lastFed'> & {
  meal: Planned;
  /** The tank that they eat in. */
  tank: string;
  fast: Fast | undefined;
  sizeCm?: number;
  facts?: SpeciesFacts;
  guessed: boolean;
};
type Now = { now: number; zone: string; rules: HouseRules };

export type Eaters = {
  foods: (FoodFacts & { entry: string })[];
  eatersIn: (tank: { id: string; volumeL: number }, odd: readonly Oddity[]) => LotEater[];
};

export function prepareEaters(client: Database.Database) {
  const ask = makeAsk(client);
  const fed = ask.all(
    { lot: t.balance.lot, ...pick(t.feed, 'food', 'response', 'atMs'), tank: t.balance.place },
    `
    select b.place tank, b.lot, f.food, f.response, f.at_ms atMs from p_tank t cross join now_standing b on b.place = t.id
    join p_feed f on f.entry = (select entry from p_feed x where x.tank = b.place and x.lot = b.lot and x.voided_by is null order by x.at_ms desc, x.entry desc limit 1)`,
  );
  const eaten = ask.all(
    { lot: t.balance.lot, tank: t.balance.place, atMs: orNull(t.feed.atMs), seenMs: orNull(t.feed.atMs) },
    `
    select b.place tank, b.lot, (select at_ms from p_feed f where f.tank = b.place and f.lot = b.lot and f.voided_by is null and f.response in ('ate', 'charged') order by at_ms desc limit 1) atMs,
      (select at_ms from p_feed f where f.lot = b.lot and f.voided_by is null and f.response in ('ate', 'charged') and f.planned is not 1 order by at_ms desc limit 1) seenMs
    from p_tank t cross join now_standing b on b.place = t.id`,
  );
  const speciesFacts = ask.map(t.species.id, t.species.facts, 'select id, facts from p_species');
  const occupants = prepareOccupants(client);
  const mealsNow = prepareMeals(client);

  /** As the records stand; then who is to eat what at an instant, which may lie ahead. */
  return ({ zone, rules }: Pick<Now, 'zone' | 'rules'>): ((now: number) => Eaters) => {
    const living = occupants(zone);
    const meals = new Map(fed().map(({ tank, lot, ...meal }) => [`${tank}|${lot}`, meal]));
    const lastMeals = new Map(eaten().map(({ tank, lot, ...times }) => [`${tank}|${lot}`, times]));
    const allSpecies = speciesFacts();
    const mealsAt = mealsNow();
    return (now) => {
      const { foods, mealOf } = mealsAt({ now, zone, rules: rules.meals });
      const fastIn = (tank: string, { lot, sizeCm, species, sinceMs }: Living) =>
        fastOf(
          { sizeCm, species: species && allSpecies.get(species.id) },
          { lastMealMs: lastMeals.get(`${tank}|${lot}`)?.atMs ?? undefined, releasedMs: sinceMs },
          { now, zone, rules: rules.hungryAfterDays },
        );
      const eaterOf = (tank: { id: string; volumeL: number }, resident: Living, odd: readonly Oddity[]): LotEater => {
        const { lot, label, species, n, sizeCm, quarantine, sinceMs, sure } = resident;
        const lastFed = meals.get(`${tank.id}|${lot}`);
        const fast = fastIn(tank.id, resident);
        const known = species && allSpecies.get(species.id);
        const facts = known && species ? { id: species.id, ...known } : undefined;
        const meal = mealOf(
          {
            lot,
            ...(facts ? { species: facts } : {}),
            sizeCm,
            quarantine,
            fast,
            lastOffered: lastFed,
            seenMs: lastMeals.get(`${tank.id}|${lot}`)?.seenMs ?? undefined,
            notEatingMs: odd.find((oddity) => oddity.lot === lot && oddity.signs.includes('not eating'))?.atMs,
          },
          tank,
        );
        return {
          lot,
          tank: tank.id,
          label,
          species,
          is: known?.is,
          n,
          sinceMs,
          ...(quarantine ? { inQuarantine: true as const } : {}),
          lastFed,
          fast,
          meal,
          sizeCm,
          ...(facts ? { facts } : {}),
          guessed: sure === 'guess',
        };
      };
      return { foods, eatersIn: (tank, odd) => (living.get(tank.id) ?? []).map((resident) => eaterOf(tank, resident, odd)) };
    };
  };
}
