import { type TestResult, togetherWith, type Profile, type TestId } from '../../facts/vocabulary/index.ts';
import { assess } from './assess.ts';
import { nextTests } from './nextTests.ts';
import { worthAsking } from './settled.ts';
import type { Assessment } from '../actions/index.ts';

/** So far is looked ahead: beyond it nobody wants to know. */
const MOST = 6;

/**
 * About how many screens are left, if every answer is the likeliest one.
 *
 * @param asked screens answered so far
 * @param now tests that are being asked at this moment: their likeliest outcomes are taken as given
 * @returns 0 to 6
 * @example aboutLeft(assess([{ test: 'smell', outcome: 'hot-plastic' }]), 'homeowner', 1) // 0: danger stops it
 */
export function aboutLeft(
  assessed: Assessment,
  profile: Profile,
  asked: number,
  now: readonly TestId[] = [],
): number {
  let after = withLikeliest(assessed, now);
  for (let left = 0; left < MOST; left++) {
    const tests = nextTests(after, profile);
    const [next] = worthAsking(after, tests, profile, asked + left);
    if (!next) return left;
    const together = togetherWith(
      next,
      tests.map(({ id }) => id),
    );
    after = withLikeliest(after, together);
  }
  return MOST;
}

/** As it would stand after the likeliest outcome of each of some tests. */
function withLikeliest(assessed: Assessment, tests: readonly TestId[]): Assessment {
  const open = tests.filter((test) => !assessed.results.some((result) => result.test === test));
  if (open.length === 0) return assessed;
  const told = open.map((test) => ({ test, outcome: likeliest(test, assessed) }));
  const { results, known, circumstances, learned } = assessed;
  return assess([...results, ...told] as TestResult[], known, null, circumstances, learned);
}

function likeliest(test: TestId, { belief, likelihoods }: Assessment): string {
  let [best, most] = ['', -1];
  for (const [outcome, chances] of likelihoods.get(test)!) {
    const seen = chances.reduce((sum, chance, h) => sum + chance * belief[h]!, 0);
    if (seen > most) [best, most] = [outcome, seen];
  }
  return best;
}
