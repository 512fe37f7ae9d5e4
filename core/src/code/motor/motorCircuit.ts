import { z } from 'zod';
import { oneOf } from '../../facts/quantities/index.ts';
import { MOTOR_AMPS, MOTOR_PERCENT, type FeederGauge } from '../../facts/standards/index.ts';
import { standardRatingAtLeast, thinnestConductor } from '../sizing/index.ts';
import * as messages from './messages.ts';

/** Horsepowers of the table, as they are written. */
export const MOTOR_NAMES = MOTOR_AMPS.map(({ name }) => name) as [string, ...string[]];

export const motorCircuitInput = z.object({
  horsepower: z.enum(MOTOR_NAMES, messages.chooseAMotor),
  volts: oneOf([115, 230], messages.chooseAVoltage),
});
export type MotorCircuitInput = z.input<typeof motorCircuitInput>;

/** What a motor’s branch circuit needs. */
export interface MotorCircuit {
  /** By the table, not by the nameplate. */
  fullLoadAmps: number;
  conductorAmps: number;
  gauge: FeederGauge | null;
  /** The largest inverse-time breaker that is usual; the next standard rating up is allowed. */
  breakerAmps: number | null;
}

/**
 * The branch circuit of one single-phase motor: conductor for 125% of the table’s full-load current, inverse-time breaker of
 * at most 250% of it, rounded up to a standard rating. The breaker stands above the conductor’s ampacity: the motor’s own overload
 * protection guards the conductor.
 *
 * Source: NEC 2023, Table 430.248, 430.22, Table 430.52(C)(1) and 430.52(C)(1)(a).
 *
 * @param input horsepower as the table writes it; 115 or 230 V
 * @returns full-load and conductor current (A), copper gauge by the 60 °C column, largest breaker (A)
 * @throws ZodError where the table has no such motor
 * @example motorCircuit({ horsepower: '1 1/2', volts: 230 }) // { fullLoadAmps: 10, conductorAmps: 12.5, gauge: '14', breakerAmps: 25 }
 */
export function motorCircuit(input: MotorCircuitInput): MotorCircuit {
  const { horsepower, volts } = motorCircuitInput.parse(input);
  const fullLoadAmps = MOTOR_AMPS.find(({ name }) => name === horsepower)![volts];
  const conductorAmps = (MOTOR_PERCENT.conductor / 100) * fullLoadAmps;
  return {
    ...{ fullLoadAmps, conductorAmps },
    gauge: thinnestConductor('copper', conductorAmps, 60),
    breakerAmps: standardRatingAtLeast((MOTOR_PERCENT.breaker / 100) * fullLoadAmps),
  };
}
