/**
 * Limits of times: of trips, of tests under load, and of how long a finding counts. Each comment gives the unit, the decision and the source. A limit
 * without a source is a scale of this program, from trade practice.
 */
export const TIME_LIMITS = {
  /** s: A trip faster than this is instantaneous. Source: UL 489, calibration. */
  magneticSeconds: 0.1,
  /** s: A trip up to here is immediate. */
  tripsAtOnceSeconds: 1,
  /** s: A trip up to here is within seconds. */
  tripsInSecondsSeconds: 60,
  /** s: A trip up to here is within minutes; later ones are after hours. */
  tripsInMinutesSeconds: 3600,
  /** s: A breaker of up to 50 A has to open at 135% of its rating within this time. Source: UL 489, calibration. */
  mustOpenSeconds: 3600,
  /** s: A load that holds this long is steady. Source: UL 489, calibration. */
  steadySeconds: 7200,
  /** s: Breakers that trip within this time tripped together. */
  togetherSeconds: 120,
  /** min: The least duration of a load test: connections and conductors warm up slower than breakers. */
  loadTestMinutes: 30,
  /** times: Time constants of the slowest breaker in a load test: within a twentieth of the final heat. Source: UL 489, calibration. */
  loadTestConstants: 3,
  /** min: The cool-down clock stays on the screen this long after it ran out. */
  coolDownShownMinutes: 15,
  /** h: Readings of one survey are this near in time. */
  surveyHours: 2,
  /** h: The current beside a temperature or a voltage is this near in time. */
  currentHours: 1,
  /** h: Voltages of one visit are this near in time. */
  visitHours: 12,
  /** h: A finding this shortly before a complaint belongs to it. */
  beforehandHours: 12,
  /** h: A trip on record this recent is the trip of the complaint. */
  recentTripHours: 24,
  /** days: An inspection without a finding says nothing about today after this time. */
  inspectionDays: 400,
  /** days: A result on record is not asked for again in an inspection without a cause within this time. */
  inspectionResultDays: 90,
  /** days: An inspection nobody went on with for this long is over. */
  inspectionLeftDays: 14,
  /** days: Legs unequal for this long are unequal for years. */
  unequalForYearsDays: 365,
  /** days: A round this shortly before a clock change stands for it. */
  exerciseAheadDays: 90,
  /** months: The season of the largest load is ahead within this time. */
  seasonAheadMonths: 5,
  /** months: The longest interval that maintenance can be set to. */
  dutyMostMonths: 60,
  /** months: The longest time until the parts behind the cover are inspected, for a breaker that stays in service. */
  insideMonths: 12,
  /** years: A breaker is newly installed up to here. */
  newYears: 0.25,
  /** years: A breaker is young up to here. */
  youngYears: 8,
  /** years: A breaker is old from here on. */
  oldYears: 30,
  /** years: A panel is old from here on. */
  oldPanelYears: 40,
  /** years: A trend that reaches its limit later than this does not matter. */
  trendYears: 15,
} as const;
