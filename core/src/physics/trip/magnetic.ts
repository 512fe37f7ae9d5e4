/** Multiples of the rating at which the magnetic trip acts: the most sensitive unit's and the least's. */
export const MAGNETIC_PICKUP = { mostSensitive: 6, leastSensitive: 20 } as const;

/** A magnetic trip takes half a cycle to three cycles of 60 Hz, in s. */
export const MAGNETIC_SECONDS = { mostSensitive: 0.5 / 60, leastSensitive: 3 / 60 } as const;
