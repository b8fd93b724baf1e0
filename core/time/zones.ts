// A time zone found by what people call it: the zone's own name, or the city in it, however it is written.
import { plain } from '../text/index.ts';

const keyOf = (name: string) =>
  plain(name)
    .replace(/[^a-z0-9+-]+/g, ' ')
    .trim();

/** The zones of `all` that `text` could mean, a zone that is called just so alone. @example findZones('berlin', all) → ['Europe/Berlin'] */
export function findZones(text: string, all: readonly string[]): string[] {
  const sought = keyOf(text);
  if (sought === '') return [];
  const keyed = all.map((zone) => ({ zone, key: keyOf(zone), city: keyOf(zone.split('/').at(-1)!) }));
  const exact = keyed.filter(({ key, city }) => key === sought || city === sought);
  const near = exact.length > 0 ? exact : keyed.filter(({ key }) => key.includes(sought));
  return near.map(({ zone }) => zone);
}
