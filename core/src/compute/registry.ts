import type { z } from 'zod';
import { heatInput, heatOutput, heatSurvey } from '../heat/index.ts';
import { apparentPower, powerInput, powerOutput } from '../power/index.ts';
import { sizing, sizingInput, sizingOutput } from '../sizing/index.ts';
import { tripWindow, tripWindowInput, tripWindowOutput } from '../trip/index.ts';

/** One calculation that other programs may ask for: its question, its answer, what it does. */
export interface Computation<In extends z.ZodType, Out extends z.ZodType> {
  summary: string;
  input: In;
  output: Out;
  run: (input: z.input<In>) => z.input<Out>;
}

const computation = <In extends z.ZodType, Out extends z.ZodType>(entry: Computation<In, Out>) => entry;

/** Every calculation that is reachable from outside, by its name in the compute API. */
export const COMPUTATIONS = {
  power: computation({
    summary: 'Apparent power and power factor from volts, amps and watts',
    input: powerInput,
    output: powerOutput,
    run: apparentPower,
  }),
  'trip-window': computation({
    summary: 'How soon a sound thermal-magnetic breaker may, and must, open',
    input: tripWindowInput,
    output: tripWindowOutput,
    run: tripWindow,
  }),
  sizing: computation({
    summary: 'Whether the breaker of a branch circuit suits its conductor and loads',
    input: sizingInput,
    output: sizingOutput,
    run: sizing,
  }),
  heat: computation({
    summary: 'Grade temperatures of joints under load',
    input: heatInput,
    output: heatOutput,
    run: heatSurvey,
  }),
};

export type ComputationName = keyof typeof COMPUTATIONS;
