import { FEEDER_GAUGES, type FeederGauge, type Material } from './ampacity.ts';

/** Each row holds service conductors up to these; the grounding electrode conductor is of copper. */
const ELECTRODE_ROWS: readonly (Record<Material, FeederGauge> & { electrode: string })[] = [
  { copper: '2', aluminum: '1/0', electrode: '8' },
  { copper: '1/0', aluminum: '3/0', electrode: '6' },
  { copper: '3/0', aluminum: '250', electrode: '4' },
  { copper: '350', aluminum: '500', electrode: '2' },
  { copper: '600', aluminum: '600', electrode: '1/0' },
];
const sizeOf = (gauge: FeederGauge) => FEEDER_GAUGES.indexOf(gauge);

/**
 * The copper grounding electrode conductor of a service. NEC 2023, Table 250.66.
 *
 * @param gauge largest service conductor
 * @param material of the service conductors
 * @returns its gauge, AWG
 * @example electrodeConductor('2/0', 'copper') // '4'
 */
export const electrodeConductor = (gauge: FeederGauge, material: Material): string =>
  ELECTRODE_ROWS.find((row) => sizeOf(gauge) <= sizeOf(row[material]))!.electrode;

/** A circuit that is extended by more than this at a new panel needs AFCI protection, m. NEC 2023, 210.12(E). */
export const EXTENDED_CIRCUIT_M = 1.83;

/** Working space before a panel: width, depth and height, m. NEC 2023, 110.26(A), up to 150 V to ground. */
export const WORKING_SPACE_M = { wide: 0.762, deep: 0.914, high: 1.98 } as const;

/** Ratings that panels of dwellings are made for, A, and the spaces they are made with. Trade sizes, not of a standard. */
export const PANEL_SIZES = {
  busAmps: [60, 100, 125, 150, 200, 225, 400],
  spaces: [4, 6, 8, 12, 16, 20, 24, 30, 40, 42, 54, 60, 84],
} as const;

/** Share of spaces that a new panel has to spare. Trade practice. */
export const SPARE_SHARE = 0.2;
