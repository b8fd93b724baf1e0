/** The handbook's page for what a station is for, by the beginning of its address. */
const JOBS = {
  '/dock/list': 'a-packing-list',
  '/dock': 'at-the-box',
  '/bench': 'acclimate',
  '/run': 'acclimate',
  '/rounds': 'rounds',
  '/room/acclimate': 'acclimate',
  '/room/moves': 'moves-and-sales',
  '/room': 'which-tank',
  '/tank': 'quarantine',
  '/lot': 'quarantine',
  '/species': 'the-first-day-of-a-house',
  '/house': 'the-first-day-of-a-house',
  '/logbook': 'undo-find-logbook',
  '/find': 'undo-find-logbook',
  '/today': 'today',
  '/you': 'keys-and-one-line',
} as const;

export const HANDBOOK_JOBS: readonly string[] = Object.values(JOBS);

export function handbookFor(pathname: string): string {
  const [, job] = Object.entries(JOBS).find(([start]) => pathname === start || pathname.startsWith(`${start}/`)) ?? [];
  return job === undefined ? '/handbook' : `/handbook#${job}`;
}
