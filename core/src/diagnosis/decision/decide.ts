import { hazardFrom, hazardToSend, isAtLeast, type Hazard } from '../../facts/hazards/index.ts';
import {
  ACTION_WORDS,
  ACTIONS,
  type ActionId,
  type Profile,
  type TestId,
} from '../../facts/vocabulary/index.ts';
import { outcomeOf, type Evidence } from '../evidence/index.ts';
import {
  forPerson,
  isDecisionSettled,
  mayDoInDanger,
  nextTests,
  rankedCauses,
  type Assessment,
  type Choice,
} from '../engine/index.ts';
import { ACTION_CAUTIONS, cautionOf, type CautionId } from './cautions.ts';
import { familyOf, type Decision, type NextTest } from './decision.ts';
import { because, makeReason } from './parts.ts';
import { byWeight, reasonsFor } from './reasons.ts';
import {
  assessRecord,
  replaceThisBreaker,
  needsWork,
  recordHazard,
  type RecordHazard,
  hasTrouble,
} from '../recordAssessment/index.ts';
import { notInspected } from './notInspected.ts';
import { resetLimit, type ResetLimit } from './resetLimit.ts';
import { restrictionOf, stopFor } from './stop.ts';
import { againstTheRest } from './tripRecordReason.ts';
import { wordingOf } from './wording.ts';
import { type FindOut, engineNext, findOut, likelyCauses, orAny, wouldOverturn } from './findOut.ts';
import { round } from './findOut.ts';
import * as messages from './messages.ts';

/**
 * Decide about one breaker: reset, resize, replace, not the breaker, measure this next, or keep.
 *
 * The record’s figures become findings. Findings that are hazards rule actions out, and a stop makes the panel safe
 * first. Within that the engine weighs the causes and picks the action with the least expected loss; the record’s limits
 * on resets and its sizing figures refine it. The words come from the action and the findings.
 *
 * @param evidence all that is known of the breaker (see `gatherEvidence`)
 * @param profile who is told; a homeowner hands over an electrician’s work, and is told so
 * @param chosen how the engine’s action is picked; `finalChoice` where nothing is left that is worth finding out
 * @returns the decision with its causes, reasons, hazards, next tests and cautions
 * @example decide(gatherEvidence(dossierOfANewBreaker)).family // 'need-more'
 */
export function decide(
  evidence: Evidence,
  profile: Profile = 'electrician',
  chosen: (assessed: Assessment, profile: Profile) => Choice = forPerson,
): Decision {
  const hazard = recordHazard(evidence);
  const assessed = assessRecord(evidence);
  const limit = resetLimit(evidence);
  const choice = withinRecord(evidence, assessed, chosen(assessed, profile), limit);
  const told =
    choice.action === 'gather-more'
      ? findOut(evidence, assessed, choice.limit)
      : carryOut(choice.action, evidence, assessed, hazard.own);
  const stop = stopFor(inItsWords(assessed.hazard, hazard.own), hazard.own);
  const words = ACTION_WORDS[choice.action];
  const isSuspected = hasTrouble(evidence) || hazard.own.level !== 'none';
  const causes = isSuspected ? likelyCauses(assessed) : [];
  const may = (test: NextTest) => choice.confidence < SURE && (!stop.active || mayDoInDanger(test.test));
  return {
    action: choice.action,
    family: familyOf(choice.action),
    headline: told.headline ?? words.headline,
    steps: [
      ...(told.firstSteps ?? []),
      ...(told.steps ?? words.steps),
      ...notInspected(choice.action, evidence),
    ],
    forElectrician: words.forElectrician,
    toAmps: told.toAmps ?? null,
    confidence: round(choice.confidence),
    stop,
    hazard: hazardToSend(hazard.own),
    untilRepaired: stop.active ? null : restrictionOf(hazard.own),
    panelHazard: hazardToSend(hazard.elsewhere),
    causes,
    reasons: againstTheRest(evidence, causes, [...told.reasons, ...panelReasons(hazard)]),
    overturnedBy: told.overturnedBy,
    next: told.next.filter(may),
    cautions: told.cautions.map((id) => cautionOf(id, evidence.policies)),
    also: besides(choice.action, assessed),
  };
}

/**
 * Decide about one breaker as if nothing were found elsewhere in its panel: for a list that tells such a finding once,
 * where it was found.
 *
 * @param evidence all that is known of the breaker
 * @returns the decision on its own findings; what stands is `decide(evidence)`
 * @example decideAlone(evidence).stop.isElsewhere // false
 */
export const decideAlone = (evidence: Evidence): Decision =>
  evidence.elsewhere.length === 0 ? decide(evidence) : decide({ ...evidence, elsewhere: [] });

/** From this confidence on no further test is worth naming. */
const SURE = 0.95;

interface RecordChoice {
  action: ActionId;
  confidence: number;
  /** Why a reset waits; null: nothing keeps it. */
  limit: ResetLimit | null;
}

/** How sure it is that something has to be found out first. */
const FIND_OUT_CONFIDENCE = { undecided: 0.5, limited: 0.6 } as const;

/** The engine’s action within what the record allows. */
function withinRecord(
  evidence: Evidence,
  assessed: Assessment,
  { action, confidence }: { action: ActionId; confidence: number },
  limit: ResetLimit | null,
): RecordChoice {
  if (assessed.hazard.level === 'stop') return { action, confidence, limit: null };
  const isReset = ACTIONS[action] === 'reset' && !hasHeld(evidence);
  if (limit && (isReset || action === 'gather-more'))
    return { action: 'gather-more', confidence: FIND_OUT_CONFIDENCE.limited, limit };
  const dealt = action === 'gather-more' ? dealWithRecordFinding(evidence, assessed) : null;
  if (dealt) return dealt;
  const resized = resize(evidence, action);
  if (resized) return { ...resized, limit: null };
  if (action === 'gather-more' || (action === 'keep' && !isAsked(evidence) && !isKept(confidence)))
    return { action: 'gather-more', confidence: FIND_OUT_CONFIDENCE.undecided, limit: null };
  return { action: ofThisBreaker(evidence, action), confidence, limit: null };
}

/** How sure the figures of the circuit are. */
const SURE_BY_FIGURES = 0.8;

/** Findings that need no diagnosis. */
const OF_THE_PANEL: ReadonlySet<TestId> = new Set<TestId>(['panel-age']);

/** Where nothing tripped, a finding of the record’s own figures or settings is dealt with. */
function dealWithRecordFinding(
  { handle, trips, complaint }: Evidence,
  { hazard }: Assessment,
): RecordChoice | null {
  const finding = hazard.findings.find(
    ({ isCombined, test, remedies }) => remedies.length > 0 && (isCombined || OF_THE_PANEL.has(test)),
  );
  if (!finding || handle !== 'on' || trips.length > 0 || complaint !== undefined) return null;
  return { action: finding.remedies[0]!, confidence: SURE_BY_FIGURES, limit: null };
}

const hasHeld = (evidence: Evidence): boolean => outcomeOf(evidence, 'reset-result') === 'holds';

/** Without a complaint nothing is diagnosed: a breaker is kept on measurements, or measured. */
const isAsked = (evidence: Evidence): boolean => needsWork(evidence);

/** From this confidence on measurements say that it is sound. */
const KEPT_FROM = 0.78;

const isKept = (confidence: number): boolean => confidence >= KEPT_FROM;

/** How sure a larger breaker, or another measurement of the load, is the right thing. */
const SIZE_UP_CONFIDENCE = 0.65;

/** Where the conductor and the load allow a larger breaker, and nothing else is wrong. */
function resize(evidence: Evidence, action: ActionId): Omit<RecordChoice, 'limit'> | null {
  const { sizing, sizingWithinError, trips } = evidence;
  const isIdle = action === 'keep' || action === 'gather-more';
  const isUncertain = sizingWithinError?.decision === 'keep';
  if (sizing?.decision === 'size-up' && isIdle && trips.length === 0 && !hasTrouble(evidence))
    return isUncertain
      ? { action: 'gather-more', confidence: FIND_OUT_CONFIDENCE.limited }
      : { action: 'size-up', confidence: SIZE_UP_CONFIDENCE };
  if (isUncertain && ACTIONS[action] === 'resize' && action !== 'size-down')
    return { action: 'gather-more', confidence: FIND_OUT_CONFIDENCE.limited };
  if (action === 'size-down' && sizing && (sizing.recommendedAmps ?? sizing.interimAmps) === null)
    return { action: 'rewire', confidence: FIND_OUT_CONFIDENCE.limited };
  return null;
}

/** A larger breaker is never the answer to a trip. A main is replaced as a main. */
function ofThisBreaker(evidence: Evidence, action: ActionId): ActionId {
  if (action === 'size-up' && evidence.trips.length > 0) return 'shed-load';
  return action === 'replace-breaker' ? replaceThisBreaker(evidence) : action;
}

function carryOut(action: ActionId, evidence: Evidence, assessed: Assessment, own: Hazard): FindOut {
  const leading = rankedCauses(assessed)[0]!.id;
  // Of a breaker that nobody suspects nothing more is asked.
  const tests = needsWork(evidence) ? nextTests(assessed, 'electrician') : [];
  const next = isDecisionSettled(assessed, tests, 'electrician') ? [] : engineNext(assessed, tests);
  const others = tests.filter(({ id }) => !next.some(({ test }) => test === id));
  const isWatched = action === 'reset-and-watch' && hasHeld(evidence);
  const stops = assessed.hazard.level === 'stop';
  return {
    ...wordingOf(action, evidence, leading),
    reasons: stops
      ? stopReasonsOf(evidence, inItsWords(assessed.hazard, own))
      : orAny(reasonsFor(action, evidence, assessed, own), evidence),
    overturnedBy: stops ? [messages.anElectricianHasCheckedThe] : wouldOverturn(assessed, others),
    next,
    // Work that is already done needs no caution.
    cautions: isWatched ? ['neverLarger'] : cautionsFor(action, leading, evidence, own),
  };
}

/** The hazard that a decision obeys, with the breaker’s own findings in the record’s words: those carry the figures. */
const inItsWords = (hazard: Hazard, own: Hazard): Hazard => ({
  ...hazard,
  findings: hazard.findings.map(
    (finding) =>
      own.findings.find(({ test, outcome }) => test === finding.test && outcome === finding.outcome) ??
      finding,
  ),
});

/** What stops everything, with its figures, and what else was found. */
const stopReasonsOf = (evidence: Evidence, { findings }: Hazard): Decision['reasons'] =>
  byWeight(
    findings.map(({ test, outcome, level, text, isCombined }, i) => {
      const weight = level === 'stop' ? 3 : 2;
      const own = isCombined ? null : because(evidence, test, weight);
      return own?.text === text ? own : makeReason(`${test}:${outcome}:${i}`, weight, text);
    }),
  );

/** Cautions of the action, and of the cause: a breaker that may not open does not de-energize its circuit. */
function cautionsFor(
  action: ActionId,
  leading: string,
  evidence: Evidence,
  own: Hazard,
): readonly CautionId[] {
  // A hazard tells by itself what stays off until it is repaired.
  const isRestricted = isAtLeast(own.level, 'restrict');
  const usual = ACTION_CAUTIONS[action]
    .filter((id) => id !== 'noMoreResets' || hasShorted(evidence))
    .filter((id) => id !== 'offUntilDone' || !isRestricted);
  return leading === 'stuck-breaker' && action.startsWith('replace') ? ['deadAtMain', ...usual] : usual;
}

/** Whether it ever opened on a short circuit: then each further trip pits its contacts. */
const hasShorted = (evidence: Evidence): boolean =>
  evidence.wear.magneticTrips > 0 ||
  outcomeOf(evidence, 'reset-result') === 'trips-at-once' ||
  outcomeOf(evidence, 'reset-result-unplugged') === 'trips-at-once' ||
  outcomeOf(evidence, 'insulation-resistance') === 'near-zero';

/** What was found elsewhere in the panel, beside a decision of the breaker’s own. */
const panelReasons = ({ elsewhere }: RecordHazard): Decision['reasons'] =>
  elsewhere.findings
    .filter(({ level }) => isAtLeast(level, 'restrict'))
    .map(({ test, outcome, text }) => makeReason(`panel:${test}:${outcome}`, 1, text));

/** Other findings and causes that need an action of their own. */
function besides(chosen: ActionId, { also, hazard }: Assessment): Decision['also'] {
  const own = hazardFrom(hazard.findings.filter(({ isCombined }) => isCombined)).findings.flatMap(
    ({ remedies: [remedy], remedies, text }) =>
      remedy === undefined || remedies.includes(chosen) ? [] : [{ action: remedy, text }],
  );
  const all = [...also, ...own].filter(({ action }) => action !== chosen);
  return all
    .filter(({ action }, i) => all.findIndex((one) => one.action === action) === i)
    .map(({ action, text }) => ({ action, headline: ACTION_WORDS[action].headline, text }));
}
