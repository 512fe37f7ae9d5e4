import { z } from 'zod';
import { INSTRUMENT_READS, INSTRUMENTS, type KnownInstrument } from '../../facts/instruments/index.ts';
import { name } from '../../facts/quantities/index.ts';
import { id, instant } from '../entities/index.ts';
import * as messages from './messages.ts';

const KNOWN = INSTRUMENTS.filter((one) => one !== 'unknown') as [KnownInstrument, ...KnownInstrument[]];

const share = (most: number, what: string) =>
  z
    .number(messages.mustBeANumber(what))
    .min(0, messages.mustBeFrom0To(what, most))
    .max(most, messages.mustBeFrom0To(what, most));

/** Measurement categories, as they stand beside an instrument’s jacks. */
export const CATEGORIES = ['unknown', 'II', 'III', 'IV'] as const;

/** An instrument of somebody’s own: how truly it reads, and when it was proved last. */
export const ownInstrument = z.strictObject({
  id,
  name: name(messages.theInstrumentName),
  kind: z.enum(KNOWN, 'Choose the type of instrument.'),
  percent: share(20, messages.thePercentageOfTheReading),
  digits: share(50, messages.theNumberOfDigits),
  least: share(20, messages.theMinimumError),
  category: z.enum(CATEGORIES).default('unknown'),
  provedAt: instant.nullable().default(null).describe('verified on a known live source'),
});
export type OwnInstrument = z.infer<typeof ownInstrument>;

/**
 * A new instrument of a kind, as truly as is usual for it.
 *
 * @param kind of instrument
 * @returns its figures
 * @example usualAccuracy('clamp-meter') // { percent: 2, digits: 5, least: 0 }
 */
export function usualAccuracy(kind: KnownInstrument): Pick<OwnInstrument, 'percent' | 'digits' | 'least'> {
  const { percent = 0, digits = 0, least = 0 } = INSTRUMENT_READS[kind][0] ?? {};
  return { percent, digits, least };
}
