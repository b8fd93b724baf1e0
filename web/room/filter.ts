// Which tanks of the house are drawn: by water, by clock, by what lives there, by what is empty. In the address, so that nothing is lost on the way to a tank and back.
import type { QuarantineCard, Occupant, RackCard, RoomView, TankCard } from '#contract/views.ts';
import { lookUpOf } from '../data/lookUp.ts';

export const CLOCKS = ['in quarantine', 'may leave', 'leaves within 3 days', 'restarted within a week'] as const;
export type ClockFilter = (typeof CLOCKS)[number];
export type Filter = { stage?: string; system?: string; clock?: ClockFilter; fish?: string; empty?: boolean; odd?: boolean };

export function filterOf(query: URLSearchParams): Filter {
  const clock = query.get('clock');
  return {
    stage: query.get('stage') ?? undefined,
    system: query.get('system') ?? undefined,
    clock: CLOCKS.find((known) => known === clock),
    fish: query.get('fish')?.trim() || undefined,
    empty: query.get('empty') === '1',
    odd: query.get('odd') === '1',
  };
}

export const isFiltered = ({ stage, system, clock, fish, empty, odd }: Filter): boolean =>
  Boolean(stage ?? system ?? clock ?? fish) || Boolean(empty) || Boolean(odd);

/** Racks with only the tanks that are asked for, in the order of the walk; racks without any are left out. */
export function filtered(
  view: RoomView,
  filter: Filter,
  given: { clocks: ReadonlyMap<string, QuarantineCard>; today: number },
): RackCard[] {
  if (!isFiltered(filter)) return view.racks;
  const wanted = fishWanted(view, filter.fish);
  const keeps = (tank: TankCard) =>
    (!filter.system || tank.system === filter.system) &&
    (!filter.empty || tank.occupants.length === 0) &&
    (!filter.odd || tank.suspect || tank.odd.length > 0) &&
    (!filter.stage || tank.occupants.some((occupant) => isAt(filter.stage!, occupant))) &&
    (!filter.clock || tank.occupants.some(({ lot }) => clockIs(filter.clock!, given.clocks.get(lot), given.today))) &&
    (!filter.fish || tank.occupants.some(({ lot }) => wanted.has(lot)));
  return view.racks.map((rack) => ({ ...rack, tanks: rack.tanks.filter(keeps) })).filter(({ tanks }) => tanks.length > 0);
}

/** Lots whose kind is called so, a letter or two wrong, or whose label holds the words. */
function fishWanted(view: RoomView, fish: string | undefined): Set<string> {
  if (!fish) return new Set();
  const here = view.racks.flatMap(({ tanks }) => tanks.flatMap(({ occupants }) => occupants));
  const kinds = new Map(
    here.flatMap(({ species }) => (species ? [[species.id, { ...species, alsoCalled: [] as string[] }] as const] : [])),
  );
  const found = new Set(
    lookUpOf([...kinds.values()])
      .find(fish, 5)
      .map(({ id }) => id),
  );
  const text = fish.toLowerCase();
  return new Set(
    here.filter(({ species, label }) => (species && found.has(species.id)) || label.toLowerCase().includes(text)).map(({ lot }) => lot),
  );
}

/** Fish of a promised lot are both cleared and, as many as are spoken for, promised. */
function isAt(stage: string, { quarantine, promised }: Occupant): boolean {
  if (stage === 'quarantine') return quarantine !== undefined;
  return !quarantine && (stage !== 'promised' || promised);
}

const SOON_DAYS = 3;
const LATELY_DAYS = 7;

function clockIs(filter: ClockFilter, quarantine: QuarantineCard | undefined, today: number): boolean {
  if (!quarantine) return false;
  const { blockers, earliestDay, restarts } = quarantine.clock;
  switch (filter) {
    case 'in quarantine':
      return true;
    case 'may leave':
      return blockers.length === 0;
    case 'leaves within 3 days':
      return earliestDay !== undefined && earliestDay - today <= SOON_DAYS;
    case 'restarted within a week':
      return restarts.some(({ day }) => today - day <= LATELY_DAYS);
  }
}

/** The slowest of a tank's clocks: the one that a picture of the tank shows. */
export function slowest(occupants: readonly Occupant[], clocks: ReadonlyMap<string, QuarantineCard>): QuarantineCard | undefined {
  const here = occupants.flatMap(({ lot }) => clocks.get(lot) ?? []);
  return here.reduce<QuarantineCard | undefined>(
    (last, quarantine) =>
      !last || quarantine.clock.required - quarantine.clock.clear > last.clock.required - last.clock.clear ? quarantine : last,
    undefined,
  );
}
