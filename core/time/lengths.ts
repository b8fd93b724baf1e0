// How long things are, in the milliseconds that every instant is kept in. A day of the calendar is another thing (houseDay).

export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
/** Twenty-four hours. */
export const DAY_MS = 86_400_000;
