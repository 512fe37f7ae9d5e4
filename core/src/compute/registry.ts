import type { z } from 'zod';
import { answerTripTime, tripTimeInput, tripTimeOutput } from '../physics/tripTimeQuery/index.ts';
import {
  effectiveRating,
  effectiveRatingInput,
  effectiveRatingOutput,
} from '../physics/breakerEstimate/index.ts';
import { heatInput, heatOutput, heatSurvey } from '../physics/heat/index.ts';
import { apparentPower, powerInput, powerOutput } from '../physics/power/index.ts';
import { legBalance, legBalanceInput, legBalanceOutput } from '../panel/legs/index.ts';
import { circuitGuess, circuitGuessInput, circuitGuessOutput } from '../panel/circuitGuess/index.ts';
import {
  circuitMap,
  circuitMapInput,
  circuitMapOutput,
  circuitMapRead,
  circuitMapReadInput,
  circuitMapReadOutput,
} from '../panel/circuitMap/index.ts';
import { spacePlan, spacePlanInput, spacePlanOutput } from '../panel/spacePlan/index.ts';
import { feeder, feederInput, feederOutput } from '../code/feeder/index.ts';
import { addedLoad, addedLoadInput, addedLoadOutput } from '../code/addedLoad/index.ts';
import { backup, backupInput, backupOutput } from '../code/backup/index.ts';
import { secondSource, secondSourceInput, secondSourceOutput } from '../code/secondSource/index.ts';
import { serviceLoad, serviceLoadInput, serviceLoadOutput } from '../code/serviceLoad/index.ts';
import { readingLine, readingLineInput, readingLineOutput } from '../record/readingLine/index.ts';
import { thermalSpots, thermalSpotsInput, thermalSpotsOutput } from '../physics/thermalPicture/index.ts';
import { mainCurrents, mainCurrentsInput, mainCurrentsOutput } from '../physics/mainCurrents/index.ts';
import {
  meterDifference,
  meterDifferenceInput,
  meterDifferenceOutput,
} from '../physics/meterDifference/index.ts';
import { sag, sagInput, sagOutput } from '../physics/sag/index.ts';
import { isolationInput, isolationOutput, isolationPlan } from '../diagnosis/isolation/index.ts';
import { profileInput, profileOutput, profileTimes } from '../physics/profile/index.ts';
import { sizing, sizingInput, sizingOutput } from '../code/sizing/index.ts';
import {
  loadCombinations,
  loadCombinationsInput,
  loadCombinationsOutput,
} from '../physics/loadCombinations/index.ts';
import {
  curveFitInput,
  curveFitOutput,
  fitCurve,
  tripWindow,
  tripWindowInput,
  tripWindowOutput,
} from '../physics/trip/index.ts';
import { panelReview, panelReviewInput, panelReviewOutput } from '../diagnosis/panelReview/index.ts';
import { visit, visitInput, visitOutput } from '../visit/gates/index.ts';
import { diagnose, diagnoseInput, diagnoseOutput } from '../diagnosis/engine/index.ts';

/** One calculation that other programs may ask for: its question, its answer, what it does. */
export interface Computation<In extends z.ZodType, Out extends z.ZodType> {
  summary: string;
  /** Where a question may be longer than usual: so many bytes. */
  bodyLimitBytes?: number;
  /** It may take long: a server works it out in a thread of its own. */
  isHeavy?: true;
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
    run: (input) => tripWindow(input),
  }),
  'effective-rating': computation({
    isHeavy: true,
    summary: 'What the trips and holds on record say about one breaker',
    input: effectiveRatingInput,
    output: effectiveRatingOutput,
    run: (input) => effectiveRating(input),
  }),
  'opening-time': computation({
    isHeavy: true,
    summary: 'Trip time at a current after an earlier load: for any sound breaker, and for this one',
    input: tripTimeInput,
    output: tripTimeOutput,
    run: answerTripTime,
  }),
  'curve-fit': computation({
    isHeavy: true,
    summary: 'Fit the edges of a printed trip curve with thermal models, by least squares',
    input: curveFitInput,
    output: curveFitOutput,
    run: fitCurve,
  }),
  profile: computation({
    isHeavy: true,
    summary: 'Trip time with loads that cycle and surge, or with a recorded current',
    input: profileInput,
    output: profileOutput,
    run: profileTimes,
  }),
  'load-combinations': computation({
    isHeavy: true,
    summary:
      'Combinations of a circuit’s loads that can run together indefinitely, and those that may trip it',
    input: loadCombinationsInput,
    output: loadCombinationsOutput,
    run: loadCombinations,
  }),
  diagnose: computation({
    summary: 'Likely causes, what to do, and the next test',
    input: diagnoseInput,
    output: diagnoseOutput,
    run: diagnose,
  }),
  'isolation-plan': computation({
    isHeavy: true,
    summary: 'Which loads to connect for each test, to find the faulty one at the lowest expected cost',
    input: isolationInput,
    output: isolationOutput,
    run: isolationPlan,
  }),
  sizing: computation({
    summary: 'Whether a branch-circuit breaker suits its conductor and loads',
    input: sizingInput,
    output: sizingOutput,
    run: sizing,
  }),
  feeder: computation({
    summary: 'Ampacity of a feeder or service, and whether breaker and load suit it',
    input: feederInput,
    output: feederOutput,
    run: feeder,
  }),
  'service-load': computation({
    summary: 'Calculated load of a dwelling by each method of NEC Article 220',
    input: serviceLoadInput,
    output: serviceLoadOutput,
    run: serviceLoad,
  }),
  'added-load': computation({
    summary: 'Whether a new load fits at every node from its branch to the service',
    input: addedLoadInput,
    output: addedLoadOutput,
    run: addedLoad,
  }),
  'second-source': computation({
    summary: 'Whether solar, a battery, a vehicle or a generator may feed a panel from its load side',
    input: secondSourceInput,
    output: secondSourceOutput,
    run: secondSource,
  }),
  backup: computation({
    isHeavy: true,
    summary: 'Which loads a backup source carries and starts, and in which order',
    input: backupInput,
    output: backupOutput,
    run: backup,
  }),
  'space-plan': computation({
    isHeavy: true,
    summary: 'How to make room in a panel with the least work',
    input: spacePlanInput,
    output: spacePlanOutput,
    run: spacePlan,
  }),
  'circuit-map': computation({
    isHeavy: true,
    summary: 'Which breakers to turn off together, to map circuits in few rounds',
    input: circuitMapInput,
    output: circuitMapOutput,
    run: circuitMap,
  }),
  'circuit-map-read': computation({
    isHeavy: true,
    summary: 'Which breaker feeds each outlet or fixture, from the rounds in which it was dead',
    input: circuitMapReadInput,
    output: circuitMapReadOutput,
    run: circuitMapRead,
  }),
  'circuit-guess': computation({
    isHeavy: true,
    summary: 'What each circuit of a panel probably feeds, with probabilities',
    input: circuitGuessInput,
    output: circuitGuessOutput,
    run: circuitGuess,
  }),
  heat: computation({
    summary: 'Grade connection temperatures under load',
    input: heatInput,
    output: heatOutput,
    run: heatSurvey,
  }),
  'meter-difference': computation({
    summary: 'Current of a circuit from the utility meter, read with the circuit off and on',
    input: meterDifferenceInput,
    output: meterDifferenceOutput,
    run: meterDifference,
  }),
  'main-currents': computation({
    isHeavy: true,
    summary: 'Currents at the main compared with the circuits: imbalance, unexplained current, neutral',
    input: mainCurrentsInput,
    output: mainCurrentsOutput,
    run: mainCurrents,
  }),
  sag: computation({
    isHeavy: true,
    summary: 'Location of a bad connection in a run, from voltages with no load and with a known load',
    input: sagInput,
    output: sagOutput,
    run: sag,
  }),
  'leg-balance': computation({
    isHeavy: true,
    summary: 'Which circuits to move to the other leg: the best plan for each number of moves',
    input: legBalanceInput,
    output: legBalanceOutput,
    run: legBalance,
  }),
  'reading-line': computation({
    isHeavy: true,
    summary: 'Meaning of a typed, pasted or dictated line, and the parts not understood',
    input: readingLineInput,
    output: readingLineOutput,
    run: readingLine,
  }),
  'thermal-spots': computation({
    isHeavy: true,
    summary: 'Hot spots in an infrared image and their positions on the board',
    bodyLimitBytes: 8 * 1024 ** 2,
    input: thermalSpotsInput,
    output: thermalSpotsOutput,
    run: thermalSpots,
  }),
  visit: computation({
    summary: 'Gates of a visit: which steps are allowed next, and what may be touched',
    input: visitInput,
    output: visitOutput,
    run: visit,
  }),
  'panel-review': computation({
    summary: 'Whether a panel as a whole is failing, based on independent kinds of evidence',
    input: panelReviewInput,
    output: panelReviewOutput,
    run: panelReview,
  }),
};

export type ComputationName = keyof typeof COMPUTATIONS;
