export { atLocal, formatDay, formatTime, houseDay, isZone, localHour, parseLocal, startOfHouseDay } from './zone.ts';
export { readDate, type ReadDate } from './readDate.ts';
