/**
 * Limits of connections, contacts and insulation. Each comment gives the unit, the decision and the source. A limit
 * without a source is a scale of this program, from trade practice.
 */
export const CONNECTION_LIMITS = {
  /** times: Millivolt drop above this many times the median of similar breakers is raised. */
  dropRaised: 1.5,
  /** times: Millivolt drop above this many times the median of similar breakers is high. */
  dropHigh: 3,
  /** A: Millivolt drop below this current says nothing about the contacts. */
  dropLeastAmps: 1,
  /** Ω: Insulation resistance below this is a short circuit. */
  insulationShort: 2000,
  /** Ω: Insulation resistance below this is low. Source: ANSI/NETA MTS, insulation resistance of low-voltage conductors. */
  insulationLow: 1e6,
  /** Ω: The resistance of the sound connections of one device, hot and neutral together. */
  soundDevice: 0.006,
  /** Ω: A plug-in tester shows a neutral above this as open. */
  openNeutral: 5,
  /** W: Heat in one connection from here on warms it. */
  warmWatts: 2,
  /** W: Heat in one connection from here on makes it hot: repair it soon. */
  hotWatts: 10,
  /** W: Heat in one connection from here on makes it glow: repair it at once. */
  glowWatts: 30,
} as const;
