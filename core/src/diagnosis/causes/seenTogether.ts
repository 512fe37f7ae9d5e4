import type { CauseId, TestId } from '../../facts/vocabulary/index.ts';
import type { TestResult } from './testResult.ts';

/** Two findings that together speak against a cause, though either alone may go with it. */
interface Against {
  findings: readonly [TestId, ...string[]][];
  cause: CauseId;
  times: number;
  why: string;
}

/** Where tests are not independent of each other: what was done in the one shows in the other. */
const AGAINST: readonly Against[] = [
  {
    findings: [
      ['reset-feel', 'clean-clicks'],
      ['power-after-reset', 'still-dead'],
    ],
    cause: 'incomplete-reset',
    times: 0.1,
    why: 'It has been reset all the way, and that changed nothing.',
  },
  {
    findings: [
      ['reset-feel', 'clean-clicks'],
      ['load-terminal-voltage', 'zero', 'one-pole-zero'],
    ],
    cause: 'incomplete-reset',
    times: 0.12,
    why: 'It has been reset all the way, and nothing comes out.',
  },
  {
    findings: [
      ['line-side-voltage', 'both-legs-normal'],
      ['main-load-side-voltage', 'both-missing', 'one-missing'],
    ],
    cause: 'supply-outage',
    times: 0.1,
    why: 'What arrives at the main and does not leave it is lost in the main.',
  },
  {
    findings: [
      ['power-loss-extent', 'whole-house'],
      ['line-side-voltage', 'both-missing'],
    ],
    cause: 'upstream-open',
    times: 0.1,
    why: 'With the whole house dead it is measured before the main: nothing of the house’s own lies there.',
  },
];

/**
 * By how much findings that stand together make a cause less likely than each by itself would; 1 if they do not.
 *
 * @example seenTogether('overload', []) // 1
 */
export function seenTogether(cause: CauseId, results: readonly TestResult[]): number {
  const found = new Map(results.map(({ test, outcome }) => [test, outcome]));
  const times = AGAINST.filter(
    (one) =>
      one.cause === cause &&
      one.findings.every(([test, ...outcomes]) => outcomes.includes(found.get(test) ?? '')),
  ).map((one) => one.times);
  return Math.min(1, ...times);
}
