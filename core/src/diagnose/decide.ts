import type { Evidence } from '../readings/index.ts';
import { ACTION_WORDS } from './actionWords.ts';
import { cautionText } from './cautions.ts';
import {
  openBeyondBreaker,
  overloaded,
  shortInWiring,
  snappedWithLoads,
  stillDead,
  supplyMissing,
} from './circuitRules.ts';
import { stopFor } from './dangers.ts';
import { familyOf, type Decision } from './decision.ts';
import { reason, type Finding, type Rule } from './finding.ts';
import { seenAtTerminal, warmJoint } from './jointRules.ts';
import {
  hotJoint,
  openBreaker,
  sluggishBreaker,
  tripsTooEarly,
  wornByClearedShorts,
  wornByShorts,
  wornMechanism,
  wrongPart,
} from './replaceRules.ts';
import {
  causeKnownAndGone,
  causeKnownAndThere,
  enoughTrials,
  neverFullyReset,
  trippedUnexplained,
} from './resetRules.ts';
import { loadDoesNotFit, oversizedBreaker, undersizedBreaker } from './resizeRules.ts';
import { nothingToGoBy, soundAsMeasured, surgeUnit } from './restRules.ts';

/** The rules in order of precedence: the first that speaks decides, the others are told beside it. */
const RULES: readonly Rule[] = [
  oversizedBreaker,
  stopRule,
  shortInWiring,
  hotJoint,
  supplyMissing,
  openBreaker,
  wornMechanism,
  wrongPart,
  sluggishBreaker,
  overloaded,
  tripsTooEarly,
  seenAtTerminal,
  openBeyondBreaker,
  warmJoint,
  wornByClearedShorts,
  causeKnownAndGone,
  causeKnownAndThere,
  enoughTrials,
  snappedWithLoads,
  neverFullyReset,
  stillDead,
  trippedUnexplained,
  loadDoesNotFit,
  wornByShorts,
  undersizedBreaker,
  surgeUnit,
  soundAsMeasured,
];

/**
 * Decide about one breaker: reset, resize, replace, not the breaker, measure this next, or keep.
 * Explicit rules, in order of precedence; danger signs stop everything else but do not silence an
 * oversized breaker.
 *
 * @param evidence all that is known of it (see `gatherEvidence`)
 * @returns the decision with its reasons by weight, what would overturn it, what to measure next,
 *   and the cautions that belong to it
 * @example decide(gatherEvidence(dossierOfANewBreaker)).family // 'need-more'
 */
export function decide(evidence: Evidence): Decision {
  const findings = RULES.map((rule) => rule(evidence)).filter((finding) => finding !== null);
  const [first = nothingToGoBy(evidence), ...rest] = findings;
  const stop = stopFor(evidence);
  const words = ACTION_WORDS[first.action];
  return {
    action: first.action,
    family: familyOf(first.action),
    headline: first.headline ?? words.headline,
    steps: [...(first.firstSteps ?? []), ...(first.steps ?? words.steps)],
    forElectrician: words.forElectrician,
    toAmps: first.toAmps ?? null,
    confidence: first.confidence,
    stop,
    reasons: byWeight(first),
    overturnedBy: first.overturnedBy,
    next: stop.active ? first.next.filter((test) => !test.energised && test.level > 0) : first.next,
    cautions: first.cautions.map((id) => cautionText(id, evidence.schools)),
    also: besides(first, rest),
  };
}

function byWeight(finding: Finding): Decision['reasons'] {
  const reasons = finding.reasons.filter((r) => r !== null);
  const once = reasons.filter((r, i) => reasons.findIndex((other) => other.code === r.code) === i);
  return once.sort((a, b) => b.weight - a.weight);
}

/** Danger signs by themselves: leave it off and call. */
function stopRule(evidence: Evidence): Finding | null {
  const stop = stopFor(evidence);
  if (!stop.active) return null;
  return {
    action: 'make-safe-and-call',
    confidence: 0.97,
    reasons: stop.reasons.map((text, i) => reason(`danger-${i + 1}`, 3, text)),
    overturnedBy: ['An electrician who has looked at it and logged what was found.'],
    next: [],
    cautions: ['advice'],
  };
}

/** Other findings that stand beside the first: never a reset or a larger breaker beside another fault. */
function besides(first: Finding, rest: Finding[]): Decision['also'] {
  const seen = new Set([first.action]);
  return rest.flatMap((finding) => {
    const family = familyOf(finding.action);
    if (seen.has(finding.action) || family === 'need-more' || family === 'keep') return [];
    if (family === 'reset' || finding.action === 'size-up') return [];
    seen.add(finding.action);
    const headline = finding.headline ?? ACTION_WORDS[finding.action].headline;
    const because = byWeight(finding)[0];
    return [{ action: finding.action, headline, text: because?.text ?? '' }];
  });
}
