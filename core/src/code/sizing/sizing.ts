import { atLeast, exceeds } from '../../facts/quantities/index.ts';
import { ampacity, lowestColumnAmps } from './ampacity.ts';
import { largestBreaker, standardRatingAtLeast, standardRatingAtMost } from './breakerLimits.ts';
import { connectedAmps, demandAmps } from './demand.ts';
import { explain } from './explain.ts';
import { sizingInput, type Sizing, type SizingInput, type SizingQuestion } from './schema.ts';
import type { SizingFigures } from './sizingFigures.ts';

/**
 * Whether the breaker of a branch circuit suits its conductor and loads, and which rating would.
 * The breaker protects the conductor, not the appliance.
 *
 * Source: NEC 2023, 210.20(A), 240.4(B), 240.4(D), 240.6(A), table 310.16, 440.22.
 *
 * @param input conductor, surroundings, loads (A), breaker (A), the loading policy and, for a fixed
 *   motor-compressor appliance, its nameplate
 * @returns all figures in A, the decision and its reasons
 * @throws ZodError where a figure is impossible
 * @example
 * sizing({ rules: 'split', conductor: { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' },
 *   terminalC: 75, loads: [{ id: 'press', amps: 10, continuous: false }], breakerAmps: 20,
 *   portableReceptacles: true }) // decision 'size-down', recommendedAmps 15, interimAmps 15
 */
export function sizing(input: SizingInput): Sizing {
  const question = sizingInput.parse(input);
  const figures = sizingFigures(question);
  const outcome = decide(question, figures);
  const oversized = isOversized(question, figures);
  return {
    loadAmps: figures.loadAmps,
    demandAmps: figures.demandAmps,
    ampacity: figures.ampacity,
    maxBreakerAmps: figures.maxBreakerAmps,
    minBreakerAmps: figures.minBreakerAmps,
    ...outcome,
    interimAmps: oversized && figures.maxBreakerAmps > 0 ? figures.maxBreakerAmps : null,
    reasons: explain(question, figures, outcome.decision, oversized),
  };
}

function sizingFigures(question: SizingQuestion): SizingFigures {
  const { conductor, loads, nameplate, portableReceptacles } = question;
  const carries = ampacity(question);
  const columnAmps = lowestColumnAmps(question);
  const loadAmps = connectedAmps(loads);
  const demand = demandAmps(question);
  const adequate =
    atLeast(carries, nameplate ? nameplate.minCircuitAmps : loadAmps) && atLeast(columnAmps, demand);
  return {
    loadAmps,
    demandAmps: demand,
    ampacity: carries,
    columnAmps,
    adequate,
    maxBreakerAmps:
      nameplate && adequate
        ? standardRatingAtMost(nameplate.maxBreakerAmps)
        : largestBreaker(conductor, carries, portableReceptacles),
    minBreakerAmps: standardRatingAtLeast(demand),
  };
}

const isOversized = (question: SizingQuestion, figures: SizingFigures) =>
  exceeds(question.breakerAmps, figures.maxBreakerAmps);

/** The smallest breaker for the load is one the conductor may have, and the conductor carries it. */
const fits = (figures: SizingFigures) =>
  figures.adequate && figures.minBreakerAmps !== null && figures.minBreakerAmps <= figures.maxBreakerAmps;

function decide(
  question: SizingQuestion,
  figures: SizingFigures,
): Pick<Sizing, 'decision' | 'recommendedAmps'> {
  if (isOversized(question, figures)) {
    return fits(figures)
      ? { decision: 'size-down', recommendedAmps: figures.maxBreakerAmps }
      : loadDoesNotFit(question);
  }
  if (atLeast(question.breakerAmps, figures.demandAmps)) {
    return figures.adequate
      ? { decision: 'keep', recommendedAmps: question.breakerAmps }
      : loadDoesNotFit(question);
  }
  return fits(figures)
    ? { decision: 'size-up', recommendedAmps: figures.minBreakerAmps }
    : loadDoesNotFit(question);
}

function loadDoesNotFit(question: SizingQuestion): Pick<Sizing, 'decision' | 'recommendedAmps'> {
  const eachFitsAlone = question.loads.every((load) => fits(sizingFigures({ ...question, loads: [load] })));
  return {
    decision: question.loads.length >= 2 && eachFitsAlone ? 'split' : 'rewire',
    recommendedAmps: null,
  };
}
