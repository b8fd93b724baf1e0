// The house's time zone: the only file that touches the zone library.
// Everything stored is UTC milliseconds; a zone is used to name days and to show times.
import { TZDate } from '@date-fns/tz';
import { DAY_MS, MINUTE_MS } from './lengths.ts';

const DAY_CACHE_LIMIT = 20_000;
const startCache = new Map<string, Map<number, number>>();

/** True when `zone` is an IANA name that this machine knows, such as `Europe/Lisbon`. */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/**
 * The house day of an instant: whole days since 1970-01-01 by the wall calendar of `zone`.
 * Local midnight to local midnight; a 23 h or 25 h day of a clock change counts as one.
 * @example houseDay(Date.UTC(2026, 2, 2, 23, 30), 'Europe/Lisbon') === 20514
 */
export function houseDay(ms: number, zone: string): number {
  // No zone is a day or more off UTC, so the house day is the UTC day or one beside it.
  const day = Math.floor(ms / DAY_MS);
  if (ms < startOfHouseDay(day, zone)) return day - 1;
  return ms < startOfHouseDay(day + 1, zone) ? day : day + 1;
}

/** The instant at which house day `day` begins in `zone`. */
export function startOfHouseDay(day: number, zone: string): number {
  // Zone look-ups are slow and days repeat: asked for every day of every quarantine, so each is looked up once.
  let starts = startCache.get(zone);
  if (!starts) startCache.set(zone, (starts = new Map<number, number>()));
  const known = starts.get(day);
  if (known !== undefined) return known;
  if (starts.size >= DAY_CACHE_LIMIT) starts.clear();
  const start = atLocal(day, { hour: 0, minute: 0 }, zone);
  starts.set(day, start);
  return start;
}

/** The instant of a wall time on a house day. A time that a clock change skips lands just after the gap. */
export function atLocal(day: number, time: { hour: number; minute: number }, zone: string): number {
  const date = new Date(day * DAY_MS);
  return new TZDate(date.getUTCFullYear(), date.getUTCMonth(), date.getUTCDate(), time.hour, time.minute, zone).getTime();
}

/** Clocks change on a quarter of an hour, so one look-up serves all its instants. */
const QUARTER_MS = 900_000;
const OFFSET_CACHE_LIMIT = 20_000;
const offsetCache = new Map<string, Map<number, number>>();

/** The wall time of an instant in `zone`, as if it were UTC. */
function wallOf(ms: number, zone: string): Date {
  let offsets = offsetCache.get(zone);
  if (!offsets) offsetCache.set(zone, (offsets = new Map<number, number>()));
  const quarter = Math.floor(ms / QUARTER_MS);
  let offset = offsets.get(quarter);
  if (offset === undefined) {
    if (offsets.size >= OFFSET_CACHE_LIMIT) offsets.clear();
    offset = -new TZDate(ms, zone).getTimezoneOffset() * MINUTE_MS;
    offsets.set(quarter, offset);
  }
  return new Date(ms + offset);
}

/** Wall hour (0–23) of an instant in `zone`. */
export function localHour(ms: number, zone: string): number {
  return wallOf(ms, zone).getUTCHours();
}

/**
 * Reads `2026-03-03T07:40` as a wall time in `zone`; a value with an offset or `Z` is an instant.
 * Throws a RangeError when it is neither.
 */
export function parseLocal(text: string, zone: string): number {
  const wall = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/.exec(text);
  if (wall) {
    const [year, month, date, hour, minute] = wall.slice(1).map(Number) as [number, number, number, number, number];
    if (month < 1 || month > 12 || date < 1 || date > 31 || hour > 23 || minute > 59) throw new RangeError(`not a time: ${text}`);
    return new TZDate(year, month - 1, date, hour, minute, zone).getTime();
  }
  const ms = /^\d{4}-\d{2}-\d{2}T.*(Z|[+-]\d{2}:\d{2})$/.test(text) ? Date.parse(text) : Number.NaN;
  if (Number.isNaN(ms)) throw new RangeError(`not a time: ${text} (write 2026-03-03T07:40)`);
  return ms;
}

/** `07:40` in the house. */
export function formatTime(ms: number, zone: string): string {
  const local = wallOf(ms, zone);
  return `${String(local.getUTCHours()).padStart(2, '0')}:${String(local.getUTCMinutes()).padStart(2, '0')}`;
}

/** `2026-03-03T07:40` in the house: what `parseLocal` reads. */
export function formatWall(ms: number, zone: string): string {
  const day = new Date(houseDay(ms, zone) * DAY_MS).toISOString().slice(0, 10);
  return `${day}T${formatTime(ms, zone)}`;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** `Tue 3 Mar` of a house day. */
export function formatDay(day: number): string {
  const date = new Date(day * DAY_MS);
  return `${WEEKDAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
}
