export { atLocal, formatDay, formatTime, formatWall, houseDay, isZone, localHour, parseLocal, startOfHouseDay } from './zone.ts';
export { readDate, type ReadDate } from './readDate.ts';
