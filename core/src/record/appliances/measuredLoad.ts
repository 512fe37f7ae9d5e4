import { VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { z } from 'zod';
import { usualError } from '../../facts/instruments/index.ts';
import { amps, sayNumber, sayQuantity, volts, watts, type Sentence } from '../../facts/quantities/index.ts';
import { apparentPower } from '../../physics/power/index.ts';
import type { Appliance } from '../../facts/appliances/index.ts';
import type { LoadInput } from '../entities/index.ts';
import * as messages from './messages.ts';

/** What a plug-in meter shows of one appliance. */
export const atThePlug = z.object({
  volts: volts.min(VOLTAGE_LIMITS.outletLeast, messages.aWorkingOutletHasAtLeast(VOLTAGE_LIMITS.outletLeast)),
  amps,
  watts: watts.nullable().default(null),
});
export type AtThePlug = z.input<typeof atThePlug>;

/** A load as it was measured. */
export interface MeasuredLoad {
  voltAmperes: number;
  /** How far off the volt-amperes may be, VA. */
  errorVoltAmperes: number;
  powerFactor: number | null;
  /** What the breaker feels, where it is far more than the watts. */
  feels: Sentence | null;
}

/** So much more volt-amperes than watts is worth a word. */
const FAR_MORE = 1.25;
/** Of a thing that draws next to nothing it is not. */
const LEAST_VA = 20;

/**
 * What a plug-in meter’s figures make of an appliance: the volt-amperes its circuit feels, how truly, and its power factor.
 *
 * @param input V, A and W as the meter shows them
 * @returns VA with their error, the power factor, and a word where volt-amperes are far more than watts
 * @throws ZodError where a figure is impossible, or watts exceed volts × amps
 * @example measuredLoad({ volts: 120, amps: 2, watts: 120 }).powerFactor // 0.5
 */
export function measuredLoad(input: AtThePlug): MeasuredLoad {
  const read = atThePlug.parse(input);
  const { voltAmperes, powerFactor } = apparentPower({
    volts: read.volts,
    amps: read.amps,
    ...(read.watts !== null && { watts: read.watts }),
  });
  const offV = usualError('plug-in-meter', 'voltage', read.volts) ?? 0;
  const offA = usualError('plug-in-meter', 'current', read.amps) ?? 0;
  // Of independent errors the squares add.
  const errorVoltAmperes = Math.hypot(offV * read.amps, offA * read.volts);
  const isFarMore = read.watts !== null && voltAmperes >= LEAST_VA && voltAmperes > FAR_MORE * read.watts;
  return {
    voltAmperes,
    errorVoltAmperes,
    powerFactor,
    feels: isFarMore
      ? messages.itUsesButTheBreakerAnd(
          sayQuantity(read.watts!, 'W', 0),
          sayQuantity(voltAmperes, 'VA', 0),
          sayQuantity(read.amps, 'A'),
          sayNumber(voltAmperes / read.watts!),
        )
      : null,
  };
}

/**
 * A common thing as a load of a circuit, by what is usual for it.
 *
 * @param thing of the list of common things
 * @returns a load, by its nameplate as it were
 * @example loadOf(findAppliances('kettle')[0]).watts // 1500
 */
export function loadOf({
  name,
  volts: on,
  watts: draws,
  powerFactor,
  start,
  turns,
  continuous,
}: Appliance): LoadInput {
  return {
    name,
    volts: on,
    watts: draws,
    voltAmperes: powerFactor === 1 ? null : Math.round(draws / powerFactor),
    continuous,
    onSeconds: turns?.on ?? null,
    offSeconds: turns?.off ?? null,
    surgeTimes: start?.times ?? null,
    surgeSeconds: start?.seconds ?? null,
  };
}
