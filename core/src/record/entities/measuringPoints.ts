/**
 * Where a voltage is taken: `leg-a` and `leg-b` at the main’s line side to neutral, `legs` from one leg, or one pole, to the
 * other, all else to neutral.
 */
export const VOLTAGE_POINTS = [
  'outlet',
  'load-terminal',
  'load-terminal-2',
  'leg-a',
  'leg-b',
  'legs',
] as const;
/** Millivolts are taken across the closed breaker, line to load. */
export const MILLIVOLT_POINTS = ['across'] as const;
export const POWER_POINTS = ['plug'] as const;
export const CURRENT_POINTS = ['conductor', 'plug'] as const;
export const TEMPERATURE_POINTS = ['face', 'terminal'] as const;

/** Points that lie behind the cover: for qualified persons. */
export const INSIDE_POINTS: readonly string[] = [
  'load-terminal',
  'load-terminal-2',
  'leg-a',
  'leg-b',
  'legs',
  'across',
  'conductor',
  'terminal',
];

export const LOAD_STATES = ['unknown', 'no-load', 'normal', 'everything-on'] as const;

/** The unit each quantity is kept in. */
export const QUANTITY_UNITS = {
  voltage: 'V',
  current: 'A',
  temperature: '°C',
  power: 'W',
  millivolts: 'mV',
} as const;
export type Quantity = keyof typeof QUANTITY_UNITS;
export type QuantityUnit = (typeof QUANTITY_UNITS)[Quantity];
