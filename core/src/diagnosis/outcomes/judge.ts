import type { ClosedCase, OutcomeJudgment } from './schema.ts';
import { canPutRight, endangers } from '../engine/index.ts';

/**
 * Whether the decision of a closed case was right, by what it was confirmed to have been.
 *
 * To have it made safe is right where the cause endangers life, whatever is done afterwards. Where nothing had been decided, as when a
 * case is handed over, there is nothing to judge.
 *
 * @param closed the case, with the decision as it stood when it was closed
 * @returns null where it was never confirmed what it was
 * @throws never
 * @example judge({ ...closed, decision: null, confirmed: { cause: 'overload', who: 'homeowner', how: 'cured' } }) // 'left-open'
 */
export function judge({
  decision,
  confirmed,
}: Pick<ClosedCase, 'decision' | 'confirmed'>): OutcomeJudgment | null {
  if (confirmed === null) return null;
  if (decision === null || decision.action === 'gather-more') return 'left-open';
  const { action } = decision;
  const madeSafe = action === 'make-safe-and-call' && endangers(confirmed.cause);
  return madeSafe || canPutRight(action, confirmed.cause) ? 'right' : 'wrong';
}
