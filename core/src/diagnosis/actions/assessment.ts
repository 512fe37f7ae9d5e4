import type { PriorContext, Learned, LikelihoodTable } from '../causes/index.ts';
import type { Hazard, HazardCircumstances } from '../../facts/hazards/index.ts';
import type { TestResult } from '../../facts/vocabulary/index.ts';
import type { Also } from './bindingFindings.ts';
import type { Choice, LossTable } from './chooseAction.ts';

/** How likely each cause is, how dangerous the findings are, and the action that follows. */
export interface Assessment {
  results: readonly TestResult[];
  /** What is known of the breaker, and what the outcomes tell about it. */
  known: PriorContext;
  /** The results that the probabilities come from. */
  weighed: readonly TestResult[];
  /** How likely each outcome is under each hypothesis, by what is known. */
  likelihoods: LikelihoodTable;
  /** Probability of each hypothesis: a cause at one place of the path. */
  belief: Float64Array;
  /** Probability of each cause, in the vocabulary’s order. */
  probabilities: Float64Array;
  hazard: Hazard;
  /** What the record adds to the hazard of the results. */
  circumstances: HazardCircumstances;
  /** How confirmed outcomes of earlier cases moved the probabilities; null: not at all. */
  learned: Learned | null;
  table: LossTable;
  choice: Choice;
  /** Other findings and causes that need an action of their own. */
  also: Also[];
}
