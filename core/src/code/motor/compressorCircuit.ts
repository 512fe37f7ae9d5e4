import { z } from 'zod';
import { amps, exceeds } from '../../facts/quantities/index.ts';
import type { FeederGauge } from '../../facts/standards/index.ts';
import { standardRatingAtLeast, standardRatingAtMost, thinnestConductor } from '../sizing/index.ts';
import * as messages from './messages.ts';

export const compressorCircuitInput = z
  .object({
    minimumAmpacity: amps.positive(messages.enterTheMinimum).describe('minimum circuit ampacity, A'),
    maximumBreaker: amps.describe('maximum overcurrent protection, A'),
  })
  .refine(({ minimumAmpacity, maximumBreaker }) => !exceeds(minimumAmpacity, maximumBreaker), {
    path: ['maximumBreaker'],
    message: messages.maximumBelowMinimum,
  });
export type CompressorCircuitInput = z.input<typeof compressorCircuitInput>;

/** What an air conditioner or heat pump needs by its nameplate. */
export interface CompressorCircuit {
  gauge: FeederGauge | null;
  /** The smallest breaker that carries it, A; `null`: no standard rating lies between minimum and maximum. */
  leastBreakerAmps: number | null;
  /** The largest that its nameplate allows, A. */
  mostBreakerAmps: number;
}

/**
 * The circuit of an air conditioner or heat pump by its nameplate: the conductor carries at least the minimum circuit ampacity, the
 * breaker is a standard rating from there to the nameplate’s maximum.
 *
 * Source: NEC 2023, 440.4(B), 440.22 and 440.35.
 *
 * @param input the nameplate’s minimum circuit ampacity and maximum overcurrent protection, A
 * @returns copper gauge by the 60 °C column, smallest and largest breaker (A)
 * @throws ZodError where the maximum is below the minimum
 * @example compressorCircuit({ minimumAmpacity: 23, maximumBreaker: 40 }) // { gauge: '10', leastBreakerAmps: 25, mostBreakerAmps: 40 }
 */
export function compressorCircuit(input: CompressorCircuitInput): CompressorCircuit {
  const { minimumAmpacity, maximumBreaker } = compressorCircuitInput.parse(input);
  const mostBreakerAmps = standardRatingAtMost(maximumBreaker);
  const least = standardRatingAtLeast(minimumAmpacity);
  return {
    gauge: thinnestConductor('copper', minimumAmpacity, 60),
    leastBreakerAmps: least !== null && least <= mostBreakerAmps ? least : null,
    mostBreakerAmps,
  };
}
