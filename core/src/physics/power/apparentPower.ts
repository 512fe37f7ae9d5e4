import { powerInput, type PowerInput, type PowerOutput } from './schema.ts';

/**
 * Apparent power and power factor from a meter's readings. The breaker feels amperes, so it is the
 * volt-amperes, not the watts, that load a circuit.
 *
 * @param input volts (V), amps (A) and, where the meter shows them, watts (W)
 * @returns volt-amperes (VA) and the power factor, at most 1; `null` without watts or without load
 * @throws ZodError where a figure is impossible, watts beyond volts × amps among them
 * @example apparentPower({ volts: 120, amps: 2, watts: 144 }) // { voltAmperes: 240, powerFactor: 0.6 }
 */
export function apparentPower(input: PowerInput): PowerOutput {
  const { volts, amps, watts } = powerInput.parse(input);
  const voltAmperes = volts * amps;
  const powerFactor = watts === undefined || voltAmperes === 0 ? null : Math.min(1, watts / voltAmperes);
  return { voltAmperes, powerFactor };
}
