import type { Calculator } from './calculator.ts';
import { ampacityCalculator, breakerCalculator, voltageDropCalculator } from './conductors.ts';
import { powerCalculator, sagCalculator } from './meterReadings.ts';
import { sourceCalculator } from './sources.ts';
import { tripTimeCalculator } from './tripTimes.ts';

/** All calculators, in the order of how often they are asked for. */
export const CALCULATORS: readonly Calculator[] = [
  tripTimeCalculator,
  breakerCalculator,
  voltageDropCalculator,
  ampacityCalculator,
  powerCalculator,
  sagCalculator,
  sourceCalculator,
];
