/**
 * Limits of a heat survey, in °C.
 *
 * Sources: ANSI/NETA MTS, thermographic survey: suggested actions by temperature rise (over similar
 * parts); UL 489, temperature rise of terminals of a standard-rated breaker at rated current (50 °C);
 * the absolute limit is a backstop of common practice.
 */
export const HEAT_LIMITS = {
  overPeersRepairSoonC: 3,
  overPeersUrgentC: 15,
  riseAtRatingWatchC: 35,
  riseAtRatingUrgentC: 50,
  surfaceUrgentC: 90,
  /** A spot thermometer's error, taken off a rise before it is scaled up. */
  instrumentErrorC: 2,
  /** Heat in a joint grows with about this power of the current. */
  currentExponent: 1.8,
  /** Peers are parts whose share of rating lies this near. */
  peerShareBand: 0.15,
  /** Below this share of rating a peer's rise is not scaled. */
  leastShareToScalePeer: 0.2,
  /** Below this share of rating a survey proves little. */
  leastShareToJudge: 0.4,
  /** A face that cannot be held for three seconds: a danger sign. */
  faceDangerC: 60,
} as const;
