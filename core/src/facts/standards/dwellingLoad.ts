/**
 * How the load of a dwelling is counted, VA and percent. NEC 2023, 220.41, 220.45 and 220.52 to 220.57, 220.60, 220.82,
 * 220.83, 220.87; the least service of a dwelling by 230.79(C).
 */
export const DWELLING_LOAD = {
  vaPerFt2: 3,
  circuitVa: 1500,
  /** General lighting counts in steps: so many percent of what lies below each. */
  lightingSteps: [
    { upToVa: 3000, percent: 100 },
    { upToVa: 120_000, percent: 35 },
    { upToVa: Infinity, percent: 25 },
  ],
  /** From so many appliances fastened in place on, of at least so many VA each, these count less. */
  fixed: { from: 4, ofVa: 500, percent: 75 },
  dryerLeastVa: 5000,
  vehicleLeastVa: 7200,
  motorExtraPercent: 25,
  optionalFirstVa: 10_000,
  existingFirstVa: 8000,
  restPercent: 40,
  /** Electric heating by the optional way: central or under few controls, and under four or more. */
  heatPercent: { central: 65, separate: 40, separateFrom: 4 },
  measuredPercent: 125,
  /** A recording stands for a year from so many days on. */
  measuredLeastDays: 30,
  continuousPercent: 125,
  leastServiceAmps: 100,
} as const;

/**
 * What one household range counts, kW. NEC 2023, table 220.55: column B up to 8.75 kW, column C up to 12 kW, and note 1.
 */
export const RANGE_LOAD = {
  smallUpToKw: 8.75,
  smallPercent: 80,
  usualUpToKw: 12,
  usualKw: 8,
  /** For each whole kW beyond, halves counted up. */
  percentEachKw: 5,
} as const;

/** The conductors of a dwelling’s service or main feeder need this share of its rating. NEC 2023, 310.12(A) and (B). */
export const DWELLING_SERVICE = { share: 0.83, fromAmps: 100, toAmps: 400 } as const;
