/** Limits on a 120 V point, in V: below `zero` it is dead, then low, then normal up to `high`. ANSI C84.1. */
export const LINE_VOLTAGE = { zero: 30, low: 110, high: 127, legsUnequal: 8 } as const;

export type VoltageWord = 'zero' | 'low' | 'normal' | 'high';

/**
 * The word for a voltage at a 120 V point, V.
 *
 * @param volts V
 * @returns the outcome’s id
 * @example voltageWord(118) // 'normal'
 */
export function voltageWord(volts: number): VoltageWord {
  if (volts < LINE_VOLTAGE.zero) return 'zero';
  if (volts < LINE_VOLTAGE.low) return 'low';
  return volts <= LINE_VOLTAGE.high ? 'normal' : 'high';
}
