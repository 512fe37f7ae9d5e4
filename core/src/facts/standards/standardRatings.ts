/**
 * Standard ampere ratings of breakers, in A, ascending, from 15 A.
 *
 * Source: NEC (NFPA 70) 2023, 240.6(A).
 */
export const STANDARD_RATINGS_AMPS = [
  15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400,
] as const;
