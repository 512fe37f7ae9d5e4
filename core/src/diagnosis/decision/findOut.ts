import { sayQuantity } from '../../facts/quantities/index.ts';
import { ACTION_WORDS, CAUSES, sayOutcome, SENSE_IDS, type TestId } from '../../facts/vocabulary/index.ts';
import type { Evidence } from '../evidence/index.ts';
import { nextTests, overturning, rankedCauses, TRIALS, type Assessment } from '../engine/index.ts';
import type { CautionId } from './cautions.ts';
import type { Decision, NextTest } from './decision.ts';
import { doNext, notDone, makeReason } from './parts.ts';
import { byWeight, reasonsFor } from './reasons.ts';
import { needsWork, hasTrouble } from '../recordAssessment/index.ts';
import type { ResetLimit } from './resetLimit.ts';
import { findOutHeadline, type Wording } from './wording.ts';
import * as messages from './messages.ts';

/** A decision but for what every one carries. */
export interface FindOut extends Wording {
  reasons: Decision['reasons'];
  overturnedBy: string[];
  next: NextTest[];
  cautions: readonly CautionId[];
}

/** So many next tests and ways to overturn a decision are told. */
const MOST = { causes: 4, next: 3, overturning: 3 } as const;

/** A decision always tells what it rests on. */
export const orAny = (reasons: Decision['reasons'], evidence: Evidence): Decision['reasons'] =>
  reasons.length > 0 ? reasons : [nothingLogged(evidence)];

const nothingLogged = ({ items }: Evidence): Decision['reasons'][number] =>
  makeReason('nothing-logged', 1, items[0]?.text ?? messages.noEntrySoFarSeparatesA);

/** The first looks at a breaker that nobody complains of. */
const FIRST_LOOKS: readonly [TestId, string][] = [
  ['sound', messages.sizzlingMeansStopListenBefore],
  ['smell', messages.aSmellOfHotPlasticMeans],
  ['handle-finger-test', messages.aTrippedBreakerCanLookOn],
  ['outlet-voltage', messages.thisShowsWithTheCoverClosed],
  ['load-share', messages.thisShowsHowMuchCurrentThe],
  ['face-temperature', messages.heatIsTheFirstSignOf],
  ['conductor-vs-breaker', messages.theBreakerMustSuitItsConductor],
];

/** Before a breaker is turned on for a trial, somebody listens, smells, looks and feels. */
function sensesFirst(evidence: Evidence, tests: readonly NextTest[]): NextTest[] {
  if (!tests.some(({ test }) => TRIALS.has(test))) return [...tests];
  const looks = notDone(
    evidence,
    SENSE_IDS.map((test) => doNext(test, messages.lookListenAndSmellBeforeAnyone)),
  );
  return [...looks, ...tests.filter(({ test }) => !looks.some((look) => look.test === test))];
}

export function findOut(evidence: Evidence, assessed: Assessment, limit: ResetLimit | null): FindOut {
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
    overturnedBy: isDiagnosed ? wouldOverturn(assessed, tests) : [messages.anyOfTheReadingsBelow],
    next,
    cautions: next.some(({ test }) => TRIALS.has(test))
      ? ['reset', 'cool', 'neverLarger']
      : next.some(({ energised }) => energised)
        ? ['live']
        : [],
  };
}

/** A load so near the limit that the meter’s error decides is measured again before anything is resized. */
function measureLoadAgain(evidence: Evidence): FindOut {
  const { sizing, sizingWithinError: within, breaker } = evidence;
  const load = `${sayQuantity(sizing!.loadAmps, 'A')} ± ${sayQuantity(within!.errorAmps, 'A')}`;
  const text = messages.theLoadIsIfItIs(load, sayQuantity(breaker.ratingAmps, 'A'));
  return {
    headline: messages.measureTheLoadAgainBeforeYou(load),
    steps: [messages.clampTheConductorAtThePanel, messages.useTheMoreAccurateMeterZero],
    reasons: byWeight([
      makeReason('within-error', 3, text),
      ...sizing!.reasons.map((one) => makeReason(one.code, 1, one.text)),
    ]),
    overturnedBy: [messages.aReadingClearOfTheLimit],
    next: notDone(evidence, [doNext('clamp-current', messages.theLoadsThatActuallyRun)]),
    cautions: ['neverLarger', 'advice'],
  };
}

/** What is worth doing next, and which causes it separates. */
export function engineNext(assessed: Assessment, tests: readonly { id: TestId }[]): NextTest[] {
  const [first, second] = rankedCauses(assessed);
  const why = messages.thisTestTellsFrom(CAUSES[first!.id], CAUSES[second!.id]);
  return tests.slice(0, MOST.next).map(({ id }) => doNext(id, why));
}

/** Outcomes that would lead to another action, as sentences. */
export function wouldOverturn(assessed: Assessment, tests: readonly { id: TestId }[]): string[] {
  const told = overturning(tests.slice(0, MOST.next * 2), assessed, MOST.overturning).map(
    ({ test, outcome, action }) => messages.then(sayOutcome(test, outcome), ACTION_WORDS[action].headline),
  );
  return told.length > 0 ? told : [messages.aReadingThatContradictsOneOf];
}

/** A cause is told from this probability on, the first of them from the second figure on. */
const LIKELY = { told: 0.03, first: 0.2 } as const;

/** The likeliest causes, with their probabilities. */
export const likelyCauses = (assessed: Assessment): Decision['causes'] =>
  rankedCauses(assessed)
    .filter((_one, _i, [first]) => first!.probability >= LIKELY.first)
    .filter(({ probability }, i) => i === 0 || probability >= LIKELY.told)
    .slice(0, MOST.causes)
    .map(({ id, probability }) => ({ id, name: CAUSES[id], probability: round(probability) }));

/** Rounded, so that the same record gives the same decision on every machine. */
export const round = (share: number) => Math.round(share * 1000) / 1000;
