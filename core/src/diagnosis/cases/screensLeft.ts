import { assessRecord } from '../decision/index.ts';
import type { Profile } from '../../facts/vocabulary/index.ts';
import { caseEvidence } from './caseEvidence.ts';
import type { CaseRecord } from './schema.ts';
import { screensAsked } from './screensAsked.ts';
import { testsOf } from './stepTests.ts';
import type { CaseStep } from './caseStep.ts';
import { aboutLeft } from '../engine/index.ts';

/** Steps that ask something. */
const ASKING: readonly CaseStep['kind'][] = ['looks', 'find', 'reset', 'isolate', 'ask'];

/**
 * About how many screens are left in a case: the one that is shown, and those after the answers that are likeliest.
 *
 * @param step the one that is shown
 * @returns 0 where it is decided, or where nothing is asked
 * @example screensLeft(freshCase, 'homeowner', lookAtCase(freshCase, 'homeowner').step) // 5
 */
export function screensLeft(file: CaseRecord, profile: Profile, step: CaseStep): number {
  if (!ASKING.includes(step.kind)) return 0;
  const assessed = assessRecord(caseEvidence(file));
  return 1 + aboutLeft(assessed, profile, screensAsked(file) + 1, testsOf(step));
}
