import type { LogbookGroup } from '#contract/views.ts';

/** What the address of the logbook can ask for. */
export const ASKED = ['q', 'person', 'what', 'from', 'to', 'tank', 'lot'] as const;

/** Those parts of an address that ask for something. */
export function askedOf(query: URLSearchParams): Record<string, string> {
  return Object.fromEntries(ASKED.flatMap((name) => (query.get(name) ? [[name, query.get(name)!]] : [])));
}

export const GROUP_WORDS: Record<LogbookGroup, string> = {
  arrivals: 'Crates and bags',
  acclimation: 'Acclimation',
  stock: 'Moves, counts, sales',
  rounds: 'Rounds, meals, losses',
  water: 'Water and treatments',
  quarantine: 'Quarantine',
  gear: 'Nets and tools',
  house: 'House and people',
  undone: 'What was undone',
};
