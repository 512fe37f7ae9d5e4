import { sayQuantity } from '../../facts/quantities/index.ts';
import type { Evidence } from '../evidence/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';
import { lastTrip } from './facts.ts';

const a = (value: number) => sayQuantity(value, 'A');

/** The breaker exceeds the largest its conductor may have: that goes before all else. */
export function oversizedBreaker(evidence: Evidence): RuleDecision | null {
  const { sizing, breaker } = evidence;
  if (!sizing || breaker.ratingAmps <= sizing.maxBreakerAmps) return null;
  const toAmps = sizing.recommendedAmps ?? sizing.interimAmps;
  const loadFits = sizing.decision === 'size-down';
  const common = {
    confidence: 0.95,
    reasons: [
      because(evidence, 'conductor-vs-breaker', 3),
      ...sizing.reasons
        .filter((r) => r.code !== 'conductor-unprotected' && r.code !== 'ampacity')
        .map((r) => reason(r.code, 2, r.text)),
    ],
    overturnedBy: [
      'The conductor proves thicker than recorded along its whole run.',
      'A fixed motor-compressor’s nameplate allows a larger breaker.',
    ],
    next: [doNext('terminal-inspection', 'An overloaded conductor may have cooked its terminal.')],
  };
  if (toAmps === null) {
    return {
      ...common,
      action: 'rewire',
      headline: 'Leave it off: this conductor is too small for any breaker here',
      cautions: ['offUntilDone', 'dead', 'advice'],
    };
  }
  return {
    ...common,
    action: 'size-down',
    toAmps,
    headline: loadFits
      ? `Install a ${a(toAmps)} breaker instead of ${a(breaker.ratingAmps)}`
      : `Install ${a(toAmps)} now; the load needs ${sizing.decision === 'split' ? 'splitting' : 'a larger conductor'}`,
    firstSteps: [
      ...(mayHaveNameplate(evidence) ? [NAMEPLATE] : []),
      loadFits
        ? `Until then keep the load below ${a(toAmps)}.`
        : `A ${a(toAmps)} breaker protects the conductor meanwhile; the load of ${a(sizing.loadAmps)} will not all run on it.`,
    ],
    cautions: ['neverLarger', 'dead', 'advice'],
  };
}

const NAMEPLATE =
  'First read the appliance’s nameplate: a motor-compressor’s may allow this very breaker. Enter it with the circuit.';
/** One wired-in appliance that starts with a surge, such as an air conditioner, whose nameplate nobody entered. */
function mayHaveNameplate({ circuit }: Evidence): boolean {
  if (!circuit || circuit.nameplate !== null) return false;
  const [only, ...others] = circuit.loads;
  return only !== undefined && others.length === 0 && only.surgeTimes !== null;
}

/** By the load as measured it would be resized, but the figure lies within its meter’s error of where it need not be. */
export function loadWithinError(evidence: Evidence): RuleDecision | null {
  const { sizing, sizingWithinError: within, breaker } = evidence;
  if (!sizing || sizing.decision === 'keep' || within?.decision !== 'keep') return null;
  if (sizing.decision === 'size-up' && lastTrip(evidence)) return null;
  return {
    action: 'gather-more',
    headline: `Measure the load again before you resize: ${a(sizing.loadAmps)} ± ${a(within.errorAmps)} is too near the limit`,
    steps: [
      'Clamp the conductor at the panel, or read each appliance at its plug once more, with everything on.',
      'Take the meter with the smaller error; zero a clamp first.',
    ],
    confidence: 0.6,
    reasons: [
      reason(
        'within-error',
        3,
        `The load is ${a(sizing.loadAmps)} ± ${a(within.errorAmps)}: a little less, within the meter’s error, and the ${a(breaker.ratingAmps)} breaker suits it.`,
      ),
      ...sizing.reasons.map((r) => reason(r.code, 1, r.text)),
    ],
    overturnedBy: ['A reading that lies clear of the limit.'],
    next: notDone(evidence, [doNext('clamp-current', 'What really runs together decides.')]),
    cautions: ['neverLarger', 'advice'],
  };
}

/** The load calls for more than this circuit can ever give. */
export function loadDoesNotFit(evidence: Evidence): RuleDecision | null {
  const { sizing } = evidence;
  if (!sizing || (sizing.decision !== 'split' && sizing.decision !== 'rewire')) return null;
  if (evidence.sizingWithinError?.decision === 'keep') return null;
  return {
    action: sizing.decision === 'split' ? 'split-circuit' : 'rewire',
    confidence: 0.8,
    reasons: [
      ...sizing.reasons.map((r, i) =>
        reason(r.code, i === 0 ? 3 : 2, r.text, { source: i === 0 ? CITATIONS.continuousLoad : undefined }),
      ),
      because(evidence, 'clamp-current', 1),
    ],
    overturnedBy: ['A load measured lower than its nameplate.', 'Loads that can never run together.'],
    next: notDone(evidence, [doNext('clamp-current', 'What really runs together decides.')]),
    cautions: ['neverLarger', 'advice'],
  };
}

/** A larger breaker is allowed, and nothing on record says that it is asked for to stop a trip. */
export function undersizedBreaker(evidence: Evidence): RuleDecision | null {
  const { sizing, breaker } = evidence;
  if (sizing?.decision !== 'size-up' || lastTrip(evidence)) return null;
  if (evidence.sizingWithinError?.decision === 'keep') return null;
  return {
    action: 'size-up',
    toAmps: sizing.recommendedAmps!,
    headline: `${a(sizing.recommendedAmps!)} would suit load and conductor better than ${a(breaker.ratingAmps)}`,
    confidence: 0.65,
    reasons: sizing.reasons.map((r, i) =>
      reason(r.code, i === 0 ? 3 : 2, r.text, { source: i === 0 ? CITATIONS.continuousLoad : undefined }),
    ),
    overturnedBy: [
      'Any part of the run, or a terminal, that is smaller than recorded.',
      'A trip on record: then less load, not more breaker.',
    ],
    next: [doNext('terminal-inspection', 'Every terminal on the run must be rated for it.')],
    cautions: ['dead', 'advice'],
  };
}
