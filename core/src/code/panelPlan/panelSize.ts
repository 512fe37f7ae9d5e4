import { LOAD_LIMITS } from '../../facts/limits/index.ts';
import { atLeast } from '../../facts/quantities/index.ts';
import { PANEL_SIZES, SPARE_SHARE } from '../../facts/standards/index.ts';

/** The smallest panel with so many spaces and 20% to spare; `null`: none is made. */
export const spacesFor = (needed: number): number | null =>
  PANEL_SIZES.spaces.find((made) => atLeast(made, (1 + SPARE_SHARE) * needed)) ?? null;

/** The smallest bus that is made for a breaker; `null`: none. */
export const busFor = (breakerAmps: number): number | null =>
  PANEL_SIZES.busAmps.find((made) => made >= breakerAmps) ?? null;

/** The column of the ampacity table for terminals of a rating, °C. NEC 2023, 110.14(C)(1). */
export const terminalColumn = (ratingAmps: number): 60 | 75 =>
  ratingAmps <= LOAD_LIMITS.terminals60UpToAmps ? 60 : 75;
