import type { TestResult } from '../../facts/vocabulary/index.ts';
import { ACTIONS } from '../../facts/vocabulary/index.ts';
import { assess, rankedCauses } from './assess.ts';
import { diagnoseInput, type DiagnoseInput, type Diagnosis } from './diagnosis.ts';
import { carriedBy, overturning } from './explain.ts';
import { hazardToSend, stopReasons } from '../../facts/hazards/index.ts';
import { nextTests } from './nextTests.ts';
import { isDecisionSettled } from './settled.ts';

/** So many of the next tests are asked what would overturn the verdict. */
const TOLD = 8;

/**
 * What it is, what to do, and which test next. The chance of every cause by Bayes’ rule over the table of signs;
 * the action of least expected loss; the tests by how much they are expected to lower that loss, less their own cost.
 *
 * @param input who asks, the latest outcome of each test that was done, and what is known of the breaker
 * @returns causes, highest first; tests not done yet that this person may do, best first; the verdict with the
 *   evidence that carried it; danger signs. A stop never goes with a reset.
 * @throws ZodError for an id that is not in the vocabulary, or a test given twice
 * @example diagnose({ profile: 'homeowner', evidence: [{ test: 'handle-finger-test', outcome: 'gives' }] })
 */
export function diagnose(input: DiagnoseInput): Diagnosis {
  const { profile, evidence, context } = diagnoseInput.parse(input);
  const assessed = assess(evidence as TestResult[], context);
  const tests = nextTests(assessed, profile);
  const { choice, hazard } = assessed;
  const ranked = rankedCauses(assessed);
  return {
    causes: ranked,
    nextTests: [...tests],
    verdict: {
      action: choice.action,
      family: ACTIONS[choice.action],
      confidence: choice.confidence,
      settled: isDecisionSettled(assessed, tests, profile),
      reasons: [...carriedBy(ranked[0]!.id, assessed)],
      overturnedBy: [...overturning(tests.slice(0, TOLD), assessed)],
    },
    also: assessed.also.map(({ cause, action, text }) => ({ cause, action, family: ACTIONS[action], text })),
    hazard: hazardToSend(hazard),
    stop: { active: hazard.level === 'stop', reasons: stopReasons(hazard) },
  };
}
