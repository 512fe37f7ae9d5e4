import { sayConductor } from '../../code/sizing/index.ts';
import { VOLTAGE_LIMITS } from '../../facts/limits/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import type { FEEDER_GAUGES } from '../../facts/standards/index.ts';
import { STANDARD_RATINGS_AMPS } from '../../facts/standards/index.ts';
import type { CalculatorField } from './calculator.ts';
import * as messages from './messages.ts';

/** A field of a figure in its unit. */
export const figure = (
  name: string,
  label: string,
  unit: 'A' | 'V' | 'W' | '°C' | 'm' | '',
  initial: number | null,
): CalculatorField => ({ kind: 'figure', name, label, unit, initial });
/** A field of one of some options. */
export const choice = <V extends string | number>(
  name: string,
  label: string,
  options: readonly { value: V; label: string }[],
  initial: V,
): CalculatorField => ({ kind: 'choice', name, label, options, initial });
/** A current in words. */
export const inAmps = (value: number) => sayQuantity(value, 'A');

/** Standard ratings to choose from. */
export const RATINGS = STANDARD_RATINGS_AMPS.map((value) => ({ value, label: inAmps(value) }));
/** Copper or aluminum. */
export const MATERIAL = choice(
  'material',
  messages.material,
  [
    { value: 'copper', label: messages.copper },
    { value: 'aluminum', label: messages.aluminum },
  ],
  'copper',
);
/** Wire sizes to choose from. */
export const sizes = <G extends (typeof FEEDER_GAUGES)[number]>(gauges: readonly G[]) =>
  gauges.map((gauge) => ({
    value: gauge,
    label: sayConductor({ gauge, material: 'copper' }).replace(' copper', ''),
  }));
/** Temperatures to choose from. */
export const celsius = (values: readonly number[]) =>
  values.map((value) => ({ value, label: messages.degrees(value) }));

/** A run that loses more than this is too long, too thin, or has a bad connection, %. */
export const DROP_PERCENT = 100 * VOLTAGE_LIMITS.sagNoticed;
