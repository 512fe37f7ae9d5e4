import { hazardFrom, hazardToSend, isAtLeast, type Hazard } from '../../facts/hazards/index.ts';
import { sayQuantity } from '../../facts/quantities/index.ts';
import {
  ACTION_WORDS,
  ACTIONS,
  CAUSES,
  PROFILE_LEVEL,
  sayOutcome,
  SENSE_IDS,
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
  overturning,
  rankedCauses,
  TRIALS,
  type Assessment,
  type Choice,
} from '../engine/index.ts';
import { ACTION_CAUTIONS, cautionOf, type CautionId } from './cautions.ts';
import { familyOf, type Decision, type NextTest } from './decision.ts';
import { because, doNext, notDone, makeReason } from './parts.ts';
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
import { findOutHeadline, wordingOf, type Wording } from './wording.ts';

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
  const stop = stopFor(assessed.hazard, hazard.own);
  const words = ACTION_WORDS[choice.action];
  const isSuspected = hasTrouble(evidence) || hazard.own.level !== 'none';
  const causes = isSuspected ? likelyCauses(assessed) : [];
  const may = (test: NextTest) =>
    (!stop.active || mayDoInDanger(test.test)) &&
    (choice.confidence < SURE || test.level <= PROFILE_LEVEL[profile]);
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

/** Above this confidence no test above the person’s level is worth naming. */
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

/** A decision but for what every one carries. */
interface Told extends Wording {
  reasons: Decision['reasons'];
  overturnedBy: string[];
  next: NextTest[];
  cautions: readonly CautionId[];
}

/** So many next tests and ways to overturn a decision are told. */
const MOST = { causes: 4, next: 3, overturning: 3 } as const;

function carryOut(action: ActionId, evidence: Evidence, assessed: Assessment, own: Hazard): Told {
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
      ? stopReasonsOf(evidence, assessed.hazard)
      : orAny(reasonsFor(action, evidence, assessed, own), evidence),
    overturnedBy: stops
      ? ['An electrician has checked it and logged what was found.']
      : wouldOverturn(assessed, others),
    next,
    // Work that is already done needs no caution.
    cautions: isWatched ? ['neverLarger'] : cautionsFor(action, leading, evidence, own),
  };
}

/** What stops everything, with its figures, and what else was found. */
const stopReasonsOf = (evidence: Evidence, { findings }: Hazard): Decision['reasons'] =>
  byWeight(
    findings.map(({ test, outcome, level, text, isCombined }, i) => {
      const weight = level === 'stop' ? 3 : 2;
      const own = isCombined ? null : because(evidence, test, weight);
      return own?.text === text ? own : makeReason(`${test}:${outcome}:${i}`, weight, text);
    }),
  );

/** A decision always tells what it rests on. */
const orAny = (reasons: Decision['reasons'], evidence: Evidence): Decision['reasons'] =>
  reasons.length > 0 ? reasons : [nothingLogged(evidence)];

const nothingLogged = ({ items }: Evidence): Decision['reasons'][number] =>
  makeReason(
    'nothing-logged',
    1,
    items[0]?.text ?? 'Nothing is logged yet that tells a good breaker from a bad one.',
  );

/** The first looks at a breaker that nobody complains of. */
const FIRST_LOOKS: readonly [TestId, string][] = [
  ['sound', 'Sizzling means stop. Listen before you touch anything.'],
  ['smell', 'A hot-plastic smell means stop.'],
  ['handle-finger-test', 'A tripped breaker may look on.'],
  ['outlet-voltage', 'It shows with the cover closed whether the circuit has power.'],
  ['load-share', 'It shows how much the breaker carries.'],
  ['face-temperature', 'Heat shows a failing connection before anything else does.'],
  ['conductor-vs-breaker', 'The breaker must suit its conductor.'],
];

/** Before a breaker is turned on for a trial, somebody listens, smells, looks and feels. */
function sensesFirst(evidence: Evidence, tests: readonly NextTest[]): NextTest[] {
  if (!tests.some(({ test }) => TRIALS.has(test))) return [...tests];
  const looks = notDone(
    evidence,
    SENSE_IDS.map((test) => doNext(test, 'Look, listen and smell before anyone touches a handle.')),
  );
  return [...looks, ...tests.filter(({ test }) => !looks.some((look) => look.test === test))];
}

function findOut(evidence: Evidence, assessed: Assessment, limit: ResetLimit | null): Told {
  if (limit) return { ...limit, reasons: byWeight(limit.reasons), steps: [] };
  if (evidence.sizingWithinError?.decision === 'keep' && !hasTrouble(evidence))
    return measureLoadAgain(evidence);
  const isDiagnosed = needsWork(evidence);
  const looks = notDone(
    evidence,
    FIRST_LOOKS.map(([test, why]) => doNext(test, why)),
  );
  const tests = isDiagnosed || looks.length === 0 ? nextTests(assessed, 'electrician') : [];
  const own = isDiagnosed || looks.length === 0 ? engineNext(assessed, tests) : looks;
  const next = sensesFirst(evidence, own);
  const known = evidence.items.filter(({ test }) => test !== 'handle-position');
  const reasons = isDiagnosed
    ? reasonsFor('gather-more', evidence, assessed, assessed.hazard)
    : known
        .slice(0, MOST.next)
        .map(({ test, outcome, text, figures }) => makeReason(`${test}:${outcome}`, 1, text, { figures }));
  return {
    headline: findOutHeadline(evidence, own[0]?.test, known.length > 0),
    steps: [],
    reasons: orAny(reasons, evidence),
    overturnedBy: isDiagnosed ? wouldOverturn(assessed, tests) : ['Any of the readings below.'],
    next,
    cautions: next.some(({ test }) => TRIALS.has(test))
      ? ['reset', 'cool', 'neverLarger']
      : next.some(({ energised }) => energised)
        ? ['live']
        : [],
  };
}

/** A load so near the limit that the meter’s error decides is measured again before anything is resized. */
function measureLoadAgain(evidence: Evidence): Told {
  const { sizing, sizingWithinError: within, breaker } = evidence;
  const load = `${sayQuantity(sizing!.loadAmps, 'A')} ± ${sayQuantity(within!.errorAmps, 'A')}`;
  const text = `The load is ${load}. A little less, within the meter’s error, and the ${sayQuantity(breaker.ratingAmps, 'A')} breaker suits it.`;
  return {
    headline: `Measure the load again before you resize: ${load} is too near the limit`,
    steps: [
      'Clamp the conductor at the panel, or read each appliance at its plug again, with everything on.',
      'Use the meter with the smaller error. Zero a clamp meter first.',
    ],
    reasons: byWeight([
      makeReason('within-error', 3, text),
      ...sizing!.reasons.map((one) => makeReason(one.code, 1, one.text)),
    ]),
    overturnedBy: ['A reading that lies clear of the limit.'],
    next: notDone(evidence, [doNext('clamp-current', 'What really runs together decides.')]),
    cautions: ['neverLarger', 'advice'],
  };
}

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

/** What is worth doing next, and which causes it separates. */
function engineNext(assessed: Assessment, tests: readonly { id: TestId }[]): NextTest[] {
  const [first, second] = rankedCauses(assessed);
  const why = `It separates “${CAUSES[first!.id]}” from “${CAUSES[second!.id]}”.`;
  return tests.slice(0, MOST.next).map(({ id }) => doNext(id, why));
}

/** Outcomes that would lead to another action, as sentences. */
function wouldOverturn(assessed: Assessment, tests: readonly { id: TestId }[]): string[] {
  const told = overturning(tests.slice(0, MOST.next * 2), assessed, MOST.overturning).map(
    ({ test, outcome, action }) => `${sayOutcome(test, outcome)}: then “${ACTION_WORDS[action].headline}”.`,
  );
  return told.length > 0 ? told : ['A reading that contradicts one of those above.'];
}

/** A cause is told from this probability on, the first of them from the second figure on. */
const LIKELY = { told: 0.03, first: 0.2 } as const;

/** The likeliest causes, with their probabilities. */
const likelyCauses = (assessed: Assessment): Decision['causes'] =>
  rankedCauses(assessed)
    .filter((_one, _i, [first]) => first!.probability >= LIKELY.first)
    .filter(({ probability }, i) => i === 0 || probability >= LIKELY.told)
    .slice(0, MOST.causes)
    .map(({ id, probability }) => ({ id, name: CAUSES[id], probability: round(probability) }));

/** Rounded, so that the same record gives the same decision on every machine. */
const round = (share: number) => Math.round(share * 1000) / 1000;

/** What was found elsewhere in the panel, beside a decision of the breaker’s own. */
const panelReasons = ({ elsewhere }: RecordHazard): Decision['reasons'] =>
  elsewhere.findings
    .filter(({ level }) => isAtLeast(level, 'restrict'))
    .map(({ test, outcome, text }) => makeReason(`panel ${test}:${outcome}`, 1, text));

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
