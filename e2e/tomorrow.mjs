// Loaded before the server of a test: its time of day is so many milliseconds ahead. A real house has no way to move its clock, and a journey cannot wait for the morning.
const Real = Date;
const aheadMs = Number(process.env.AHEAD_MS);
globalThis.Date = class extends Real {
  constructor(...given) {
    if (given.length > 0) super(...given);
    else super(Real.now() + aheadMs);
  }
  static now() {
    return Real.now() + aheadMs;
  }
};
