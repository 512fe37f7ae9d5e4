import type { Calculator } from './calculator.ts';
import { ampacityCalculator, breakerCalculator, voltageDropCalculator } from './conductors.ts';
import { circuitLoadCalculator, heatCalculator, legBalanceCalculator } from './circuits.ts';
import { boxFillCalculator, racewayFillCalculator } from './fills.ts';
import { hiddenLoadCalculator } from './houseMeter.ts';
import { compressorCalculator, motorCalculator } from './motors.ts';
import { powerCalculator, sagCalculator } from './meterReadings.ts';
import { sourceCalculator } from './sources.ts';
import { tripTimeCalculator } from './tripTimes.ts';

/** All calculators, in the order of how often they are asked for. */
export const CALCULATORS: readonly Calculator[] = [
  tripTimeCalculator,
  circuitLoadCalculator,
  breakerCalculator,
  voltageDropCalculator,
  ampacityCalculator,
  powerCalculator,
  sagCalculator,
  heatCalculator,
  legBalanceCalculator,
  motorCalculator,
  compressorCalculator,
  boxFillCalculator,
  racewayFillCalculator,
  hiddenLoadCalculator,
  sourceCalculator,
];
