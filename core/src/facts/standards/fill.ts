/** Cubic inches that each conductor takes in a box, by its gauge. NEC 2023, Table 314.16(B)(1). */
export const BOX_VOLUMES_IN3 = { '14': 2, '12': 2.25, '10': 2.5, '8': 3, '6': 5 } as const;

/**
 * What else counts in a box, in conductors: a device on its strap, all internal clamps together, and equipment grounding
 * conductors, the first four together as one and each further one as a quarter. NEC 2023, 314.16(B)(2), (4) and (5).
 */
export const BOX_COUNTS = { device: 2, clamps: 1, firstGrounds: 4, grounds: 1, furtherGround: 0.25 } as const;

/** Share of a raceway’s area that conductors may fill, by how many there are. NEC 2023, Chapter 9, Table 1. */
export const RACEWAY_FILL_PERCENT = { one: 53, two: 31, more: 40 } as const;

/** Area of a THHN or THWN-2 conductor with its insulation, in². NEC 2023, Chapter 9, Table 5. */
export const THHN_AREAS_IN2 = {
  '14': 0.0097,
  '12': 0.0133,
  '10': 0.0211,
  '8': 0.0366,
  '6': 0.0507,
  '4': 0.0824,
  '3': 0.0973,
  '2': 0.1158,
  '1': 0.1562,
  '1/0': 0.1855,
  '2/0': 0.2223,
  '3/0': 0.2679,
  '4/0': 0.3237,
} as const;

/** Inner area of raceways, in², by trade size. NEC 2023, Chapter 9, Table 4, EMT and PVC Schedule 40. */
export const RACEWAY_AREAS_IN2 = {
  emt: { '1/2': 0.304, '3/4': 0.533, '1': 0.864, '1 1/4': 1.496, '1 1/2': 2.036, '2': 3.356 },
  'pvc-40': { '1/2': 0.285, '3/4': 0.508, '1': 0.832, '1 1/4': 1.453, '1 1/2': 1.986, '2': 3.291 },
} as const;
export const TRADE_SIZES = ['1/2', '3/4', '1', '1 1/4', '1 1/2', '2'] as const;
export type TradeSize = (typeof TRADE_SIZES)[number];
