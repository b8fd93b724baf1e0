export { atLocal, formatDay, formatTime, houseDay, isZone, localHour, parseLocal, startOfHouseDay } from './zone.ts';
