// What a lead decides of water tests: how often each is asked in which phase, and its limits. Judgements to start from, without a source.

/** The filter is not ripe, or nobody knows; fish in quarantine; a treatment in the water; none of them. */
export const TEST_PHASES = ['unripe', 'quarantine', 'treated', 'settled'] as const;
export type TestPhase = (typeof TEST_PHASES)[number];
export const RULE_TESTS = ['ammonia', 'nitrite', 'nitrate', 'pH', 'salinity'] as const;
export type RuleTest = (typeof RULE_TESTS)[number];

/** mg/L; ammonia as nitrogen, nitrite and nitrate as the ion; ppt and °C from what the system is set to. */
export type WaterLimits = {
  freeAmmonia: number;
  ammonia: number;
  nitriteFresh: number;
  nitriteSalt: number;
  nitrate: number;
  pHLowFresh: number;
  pHHighFresh: number;
  pHLowSalt: number;
  pHHighSalt: number;
  salinityOff: number;
  temperatureOff: number;
  oxygenLow: number;
};

export type WaterTestRules = {
  /** Days from test to test; 0 = not asked. Of several phases the shortest counts. */
  every: Record<TestPhase, Record<RuleTest, number>>;
  /** While copper is in the water, days. */
  copperEveryDays: number;
  limits: WaterLimits;
  /** No more of a system at once, percent. */
  mostChangePercent: number;
  /** A change brings a value to so much of its limit, percent. */
  aimPercent: number;
  /** A value over its limit is read again within, hours. */
  retestH: number;
};
export type WaterTestSettings = { waterTests: WaterTestRules };

export const STARTING_WATER_TESTS: WaterTestSettings = {
  waterTests: {
    every: {
      unripe: { ammonia: 1, nitrite: 2, nitrate: 0, pH: 2, salinity: 7 },
      quarantine: { ammonia: 2, nitrite: 4, nitrate: 0, pH: 4, salinity: 7 },
      treated: { ammonia: 1, nitrite: 4, nitrate: 0, pH: 2, salinity: 2 },
      settled: { ammonia: 7, nitrite: 14, nitrate: 14, pH: 7, salinity: 7 },
    },
    copperEveryDays: 1,
    limits: {
      freeAmmonia: 0.05,
      ammonia: 0.5,
      nitriteFresh: 0.5,
      nitriteSalt: 2,
      nitrate: 50,
      pHLowFresh: 6,
      pHHighFresh: 8.2,
      pHLowSalt: 7.6,
      pHHighSalt: 8.5,
      salinityOff: 1.5,
      temperatureOff: 2,
      oxygenLow: 5,
    },
    mostChangePercent: 50,
    aimPercent: 50,
    retestH: 4,
  },
};
