import { isAtLeast, type Hazard } from '../../facts/hazards/index.ts';
import { CITATIONS } from '../../facts/standards/index.ts';
import { ACTIONS, CAUSES, type ActionId, type TestId } from '../../facts/vocabulary/index.ts';
import { CAUSE_IDS } from '../causes/index.ts';
import { itemOf, type Evidence } from '../evidence/index.ts';
import { carriedBy, isByOneLook, rankedCauses, soundMeasurements, type Assessment } from '../engine/index.ts';
import type { WeighedReason } from './decision.ts';
import { earlierCasesReason } from './earlierCasesReason.ts';
import { because, makeReason } from './parts.ts';
import { causeRemoved } from '../recordAssessment/index.ts';
import { tripRecordReason } from './tripRecordReason.ts';
import * as messages from './messages.ts';

/** So many of the engine’s reasons are told. */
const MOST_WEIGHED = 5;
/** Weights in nats from which a reason carries the decision, or supports it; less than the last says nothing. */
const NATS = { carries: 2, supports: 0.7, says: 0.2 } as const;

type Reasons = (WeighedReason | null)[];

/**
 * Why a decision was made: the findings that call for it, the evidence for its cause, its figures and its limits.
 *
 * @param action the action decided on
 * @param evidence what is known of the breaker
 * @param assessed what the engine makes of it
 * @param hazard the breaker’s own findings
 * @returns reasons, each once, the heaviest first
 */
export function reasonsFor(
  action: ActionId,
  evidence: Evidence,
  assessed: Assessment,
  hazard: Hazard,
): WeighedReason[] {
  return byWeight(
    action === 'keep'
      ? soundReasons(evidence, assessed)
      : [
          ...findingReasons(action, evidence, hazard),
          ...sizingReasons(action, evidence),
          ...(causeRemoved(evidence)
            ? [makeReason('cause-removed', 3, messages.theBreakerTrippedForAKnown)]
            : []),
          ...weighedReasons(evidence, assessed),
        ],
  );
}

/** Each reason once, the heaviest first. */
export function byWeight(reasons: Reasons): WeighedReason[] {
  const told = reasons.filter((one) => one !== null);
  return told
    .filter((one, i) => told.findIndex((other) => other.code === one.code) === i)
    .sort((a, b) => b.weight - a.weight);
}

/** What was found that calls for this action, or for another beside it. */
const findingReasons = (action: ActionId, evidence: Evidence, { findings }: Hazard): Reasons =>
  // What was measured comes before what was worked out from it.
  [...findings]
    .sort((a, b) => Number(a.isCombined) - Number(b.isCombined))
    .map(({ test, outcome, remedies, level, text, isCombined }) => {
      const calls = remedies.includes(action) || isAtLeast(level, 'restrict');
      // A finding that calls for other work stands beside the decision and does not support it.
      const weight = calls ? 3 : remedies.length === 0 ? 2 : 1;
      return (
        (isCombined ? null : because(evidence, test, weight)) ??
        makeReason(`${test}:${outcome}${isCombined ? ' together' : ''}`, weight, text)
      );
    });

/** The measurements that say the breaker is sound. */
function soundReasons(evidence: Evidence, assessed: Assessment): Reasons {
  return [
    ...soundMeasurements(assessed.results).map((test) => because(evidence, test, 2)),
    evidence.estimate?.rating.judgement === 'sound' ? tripRecordReason(evidence, 2) : null,
    because(evidence, 'conductor-vs-breaker', 1),
    ...weighedReasons(evidence, assessed).map((one) => one && { ...one, weight: 1 as const }),
  ];
}

/** The figures of the conductor and the load, where the rating or the circuit changes. */
function sizingReasons(action: ActionId, { sizing }: Evidence): Reasons {
  if (!sizing || ACTIONS[action] !== 'resize') return [];
  return sizing.reasons
    .filter(({ code }) => code !== 'conductor-unprotected' && code !== 'ampacity')
    .map(({ code, text }, i) =>
      makeReason(code, i === 0 ? 3 : 2, text, { source: i === 0 ? CITATIONS.continuousLoad : undefined }),
    );
}

/** The evidence for the leading cause, the heaviest first; at least the one that weighs most. */
function weighedReasons(evidence: Evidence, assessed: Assessment): Reasons {
  const [leading] = rankedCauses(assessed);
  const told = carriedBy(leading!.id, assessed)
    .filter(({ weight }, i) => i === 0 || Math.abs(weight) >= NATS.says)
    .slice(0, MOST_WEIGHED)
    .map(({ test, weight, text }) => reasonOfTest(evidence, test, weight, text));
  const carriesRecord = leading!.id === 'weak-breaker' || leading!.id === 'stuck-breaker';
  return [
    ...told,
    oneLookReason(assessed),
    otherCausesReason(assessed),
    tripRecordReason(evidence, carriesRecord ? 3 : 1),
    earlierCasesReason(assessed),
  ];
}

function reasonOfTest(evidence: Evidence, test: TestId, nats: number, text: string): WeighedReason {
  const item = itemOf(evidence, test);
  const weight = nats >= NATS.carries ? 3 : nats >= NATS.supports ? 2 : 1;
  return makeReason(
    `${test}:${item?.outcome ?? ''}`,
    weight,
    `${nats < 0 ? messages.evidenceAgainst : ''}${item?.text ?? text}`,
    { figures: item?.figures ?? [], source: item?.source },
  );
}

/** An action that rests on one look: the look is repeated before anything is cut or removed. */
const oneLookReason = ({ results, choice: { action } }: Assessment): WeighedReason | null =>
  isByOneLook(results, action) ? makeReason('one-look', 1, messages.thisIsBasedOnOneObservation) : null;

/** A cause less likely than this is not among those that remain possible. */
const POSSIBLE_FROM = 0.1;

/** Where several causes call for the same work: which remain possible. */
function otherCausesReason({ probabilities, table, choice: { action } }: Assessment): WeighedReason | null {
  const same = CAUSE_IDS.map((cause, i) => ({ cause, chance: probabilities[i]!, does: table.does[i]! }))
    .filter(({ chance, does }) => chance >= POSSIBLE_FROM && (does as readonly string[]).includes(action))
    .sort((a, b) => b.chance - a.chance);
  if (same.length < 2) return null;
  const names = same.slice(0, 3).map(({ cause }) => `“${CAUSES[cause]}”`);
  return makeReason('same-work', 1, messages.severalCausesArePossibleAndThe(names.join(', ')));
}
