/**
 * Sources on the load side of a panel: what of their output counts, and how far a bus may go above its rating where
 * source and main feed it from opposite ends, percent. NEC 2023, 705.12(B) and 705.28(A).
 */
export const BUS_SOURCES = { outputPercent: 125, oppositeEndPercent: 120 } as const;
