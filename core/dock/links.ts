// What others rest on of the dock, by the ids under which it stands.

/** Other entries rest on a bag having landed through this id. */
export const landingOf = (bag: string): string => `landing of ${bag}`;

/** A float and a release rest on the choice of a tank through this id. */
export const tankOf = (bag: string): string => `tank of ${bag}`;
