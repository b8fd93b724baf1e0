export { DAY_MS, HOUR_MS, MINUTE_MS } from './lengths.ts';
export { atLocal, formatDay, formatTime, formatWall, houseDay, isZone, localHour, parseLocal, startOfHouseDay } from './zone.ts';
export { readDate, type ReadDate } from './readDate.ts';
export { graceDays, standEvery, type EveryStand } from './every.ts';
export { findZones } from './zones.ts';
export { inOrder, spansOf, type Gap, type Span } from './spans.ts';
