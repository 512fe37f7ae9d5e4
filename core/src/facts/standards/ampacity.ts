import * as messages from './messages.ts';

/** Conductor sizes this program knows, thinnest first (AWG). */
export const GAUGES = ['14', '12', '10', '8', '6', '4', '3', '2', '1', '1/0', '2/0', '3/0', '4/0'] as const;
export type Gauge = (typeof GAUGES)[number];

/** And those of feeders and services, in kcmil from 250 on. */
export const FEEDER_GAUGES = [...GAUGES, '250', '300', '350', '400', '500', '600'] as const;
export type FeederGauge = (typeof FEEDER_GAUGES)[number];

export const MATERIALS = ['copper', 'aluminum'] as const;
export type Material = (typeof MATERIALS)[number];

/** Temperature columns of the ampacity table, in °C. */
export const COLUMNS_C = [60, 75, 90] as const;
export type ColumnC = (typeof COLUMNS_C)[number];

type Row = Record<ColumnC, number>;

const row = (at60: number, at75: number, at90: number): Row => ({ 60: at60, 75: at75, 90: at90 });

/**
 * Allowable ampacity in A at 30 °C, not more than three current-carrying conductors, by material,
 * gauge and temperature column. Aluminum 14 is not made.
 *
 * Source: NEC (NFPA 70) 2023, table 310.16.
 */
export const AMPACITY: { copper: Record<FeederGauge, Row>; aluminum: Partial<Record<FeederGauge, Row>> } = {
  copper: {
    '14': row(15, 20, 25),
    '12': row(20, 25, 30),
    '10': row(30, 35, 40),
    '8': row(40, 50, 55),
    '6': row(55, 65, 75),
    '4': row(70, 85, 95),
    '3': row(85, 100, 115),
    '2': row(95, 115, 130),
    '1': row(110, 130, 145),
    '1/0': row(125, 150, 170),
    '2/0': row(145, 175, 195),
    '3/0': row(165, 200, 225),
    '4/0': row(195, 230, 260),
    250: row(215, 255, 290),
    300: row(240, 285, 320),
    350: row(260, 310, 350),
    400: row(280, 335, 380),
    500: row(320, 380, 430),
    600: row(350, 420, 475),
  },
  aluminum: {
    '12': row(15, 20, 25),
    '10': row(25, 30, 35),
    '8': row(35, 40, 45),
    '6': row(40, 50, 55),
    '4': row(55, 65, 75),
    '3': row(65, 75, 85),
    '2': row(75, 90, 100),
    '1': row(85, 100, 115),
    '1/0': row(100, 120, 135),
    '2/0': row(115, 135, 150),
    '3/0': row(130, 155, 175),
    '4/0': row(150, 180, 205),
    250: row(170, 205, 230),
    300: row(195, 230, 260),
    350: row(210, 250, 280),
    400: row(225, 270, 305),
    500: row(260, 310, 350),
    600: row(285, 340, 385),
  },
};

/**
 * Whether a conductor is made: aluminum is not in 14 AWG.
 *
 * @param conductor gauge and material
 * @returns whether the table has it
 * @example isMade({ gauge: '14', material: 'aluminum' }) // false
 */
export const isMade = ({ gauge, material }: { gauge: FeederGauge; material: Material }): boolean =>
  AMPACITY[material][gauge] !== undefined;

/** What is said of one that is not; nothing that is worked out from a conductor is looked at then. */
export const NOT_MADE = { path: ['gauge'], message: messages.aluminumIsNotMadeIn14, abort: true };

/**
 * Ambient correction in percent. `percent[column][i]` holds for ambients up to and including
 * `upToC[i]`; a column shorter than the bands ends there: the conductor may carry nothing above.
 *
 * Source: NEC (NFPA 70) 2023, table 310.15(B)(1).
 */
export const AMBIENT_FACTOR: { upToC: readonly number[]; percent: Record<ColumnC, readonly number[]> } = {
  upToC: [10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 85],
  percent: {
    60: [129, 122, 115, 108, 100, 91, 82, 71, 58, 41],
    75: [120, 115, 111, 105, 100, 94, 88, 82, 75, 67, 58, 47, 33],
    90: [115, 112, 108, 104, 100, 96, 91, 87, 82, 76, 71, 65, 58, 50, 41, 29],
  },
};

/**
 * Adjustment in percent for the number of current-carrying conductors run together, up to and
 * including `upTo`; the last band is open.
 *
 * Source: NEC (NFPA 70) 2023, table 310.15(C)(1).
 */
export const ADJUSTMENT_FACTOR = [
  { upTo: 3, percent: 100 },
  { upTo: 6, percent: 80 },
  { upTo: 9, percent: 70 },
  { upTo: 20, percent: 50 },
  { upTo: 30, percent: 45 },
  { upTo: 40, percent: 40 },
  { upTo: Infinity, percent: 35 },
] as const;

/**
 * The largest breaker a small conductor may have, in A, whatever its ampacity.
 *
 * Source: NEC (NFPA 70) 2023, 240.4(D).
 */
export const SMALL_CONDUCTOR_LIMIT_AMPS: Record<Material, Partial<Record<FeederGauge, number>>> = {
  copper: { '14': 15, '12': 20, '10': 30 },
  aluminum: { '12': 15, '10': 25 },
};
