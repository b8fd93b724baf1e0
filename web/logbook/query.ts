/** What the address of the logbook can ask for. */
export const ASKED = ['q', 'person', 'what', 'from', 'to', 'tank', 'lot'] as const;

/** Those parts of an address that ask for something. */
export function askedOf(query: URLSearchParams): Record<string, string> {
  return Object.fromEntries(ASKED.flatMap((name) => (query.get(name) ? [[name, query.get(name)!]] : [])));
}
