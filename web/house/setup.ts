// What a house must have before its first crate can be landed, in the order in which it is easiest to set up. No screen in here.
import type { HouseView } from '#contract/views.ts';
import { WATER_TYPES, type WaterType } from '#core/species/index.ts';
import { drawTanksAt } from '../parts/drawTanksAt.ts';

/** `needed` = without it no bag comes into a tank; the others help and may wait. */
export type SetupStep = { id: string; name: string; why: string; to: string; done: boolean; needed: boolean };
type Furnished = Pick<HouseView, 'species' | 'systems' | 'tanks' | 'suppliers' | 'people' | 'opened'>;

/** Kinds of water with tanks of which none is for quarantine. */
export function lacksQuarantine({ systems, tanks }: Pick<HouseView, 'systems' | 'tanks'>): WaterType[] {
  const typeOf = new Map(systems.map(({ id, type }) => [id, type]));
  const kept = new Set(tanks.map(({ system }) => typeOf.get(system)));
  const held = new Set(tanks.filter(({ purpose }) => purpose === 'quarantine').map(({ system }) => typeOf.get(system)));
  return WATER_TYPES.filter((type) => kept.has(type) && !held.has(type));
}

export function setupSteps(view: Furnished): SetupStep[] {
  const lacking = lacksQuarantine(view);
  const here = view.people.filter(({ leftAct }) => !leftAct).length;
  return [
    {
      id: 'species',
      name: 'Species',
      why: 'what you keep; the starter list is two taps, your own a CSV',
      to: '/species?open=import',
      done: view.species.length > 0,
      needed: true,
    },
    {
      id: 'systems',
      name: 'Systems',
      why: 'tanks that share a sump; skip it when each stands alone',
      to: '/house?part=systems',
      done: view.systems.length > 0,
      needed: false,
    },
    {
      id: 'racks',
      name: 'Racks and tanks',
      why: 'drawn as they stand, a rack at a time',
      to: '/house?part=racks',
      done: view.tanks.length > 0,
      needed: true,
    },
    {
      id: 'quarantine tanks',
      name: lacking.length > 0 ? `Quarantine tanks for ${lacking.join(' and ')} water` : 'Quarantine tanks',
      why: 'newcomers go nowhere else before they are cleared',
      to: drawTanksAt(lacking[0]),
      done: view.tanks.length > 0 && lacking.length === 0,
      needed: true,
    },
    {
      id: 'suppliers',
      name: 'Suppliers',
      why: 'who sends the crates',
      to: '/house?part=suppliers',
      done: view.suppliers.length > 0,
      needed: true,
    },
    {
      id: 'people',
      name: 'People',
      why: 'everybody signs in with a PIN of their own',
      to: '/house?part=people',
      done: here > 1,
      needed: false,
    },
    {
      id: 'opening',
      name: 'What lives here already',
      why: 'so that the counts are right from the first day; your own list or a lot at a time',
      to: '/house?part=opening',
      done: view.opened > 0,
      needed: false,
    },
  ];
}

/** What to do next: what is needed before what may wait. */
export const nextStep = (steps: readonly SetupStep[]): SetupStep | undefined =>
  steps.find(({ done, needed }) => needed && !done) ?? steps.find(({ done }) => !done);
export const isReady = (steps: readonly SetupStep[]): boolean => steps.every(({ done, needed }) => done || !needed);
