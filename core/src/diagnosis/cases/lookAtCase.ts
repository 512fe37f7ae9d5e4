import {
  assessRecord,
  decide,
  noMoreTrials,
  wouldChange,
  type Decision,
  type NextTest,
} from '../decision/index.ts';
import type { PriorContext } from '../causes/index.ts';
import { coolDownOf, isolationTrials, outcomeOf, type CoolDown, type Evidence } from '../evidence/index.ts';
import {
  CAUSES,
  PROFILE_LEVEL,
  SENSE_IDS,
  spotOf,
  TESTS,
  togetherWith,
  type Profile,
  type SenseId,
  type TestId,
} from '../../facts/vocabulary/index.ts';
import { isAnsweredAsItStands, wasReset } from './answered.ts';
import { caseEvidence } from './caseEvidence.ts';
import { noteCardFor, type NoteCard } from './noteCard.ts';
import { screensAsked } from './screensAsked.ts';
import { standInDanger, type StandInEntry } from './standInDanger.ts';
import { BARE, isByReset } from './stepTests.ts';
import { isDecidedOnRecord } from './decidedOnRecord.ts';
import { isolationOf, tripsAtOnceWithLoads, type Isolation } from './isolation.ts';
import type { CaseRecord } from './schema.ts';
import type { CaseStep } from './caseStep.ts';
import {
  relevantTests,
  finalChoice,
  nextTests,
  rankedCauses,
  TRIALS,
  worthAsking,
  type Assessment,
} from '../engine/index.ts';
import * as messages from './messages.ts';

/** A case as it stands: the next step, the possible causes, the decision. */
export interface CaseView {
  step: CaseStep;
  /** Why this is next. */
  why: string;
  /** Other tests that are worth doing, best first. */
  others: TestId[];
  /** Every cause with more than a trace of a chance, likeliest first. */
  causes: Decision['causes'];
  decision: Decision;
  /** Once it is decided: of each test to do next, the outcomes that would lead to another decision. */
  changes: ReturnType<typeof wouldChange>;
  isolation: Isolation | null;
  coolDown: CoolDown | null;
  /** The outcome of each test as it stands, with its sentence. */
  items: Evidence['items'];
  /** What is connected to the circuit, as far as is known. */
  loads: string[];
  /** Where what was complained of does not show: what to note when it comes again. */
  noteCard: NoteCard | null;
  /** What is known of the breaker: an answer that it cannot give is not offered. */
  known: PriorContext;
  /** Whether it may be switched on once more: no danger, the policy’s limit not reached, nothing found that needs work. */
  mayReset: boolean;
  /** On a demo site: what the simulated stand-in told of the danger that stops it, where nobody else told of any. */
  standInTold: StandInEntry[];
}

/** Losses that are not one breaker’s. */
const WIDE = ['half-the-house', 'whole-house'];
const SHOWN_FROM = 0.01;

/**
 * What is next in a case, and how it stands. Danger stops it; what the record decided already stands first; then the
 * senses before any hand; then which breaker it is; then whatever the engine finds worth doing most and this person may
 * do, until it is decided.
 *
 * @param file the case with its evidence
 * @param profile who is at work
 * @returns the next step, the possible causes and the decision
 * @example lookAtCase(freshCase, 'homeowner').step // { kind: 'looks', spot: 'senses', tests: ['sound', 'smell', …] }
 */
export function lookAtCase(file: CaseRecord, profile: Profile): CaseView {
  const evidence = caseEvidence(file);
  const standing = file.decision ?? decide(evidence, profile);
  const assessed = assessRecord(evidence);
  const loads = file.case.candidates ?? evidence.circuit?.loads.map(({ name }) => name) ?? [];
  const isolation = isolationIn(file, evidence, assessed, loads);
  const mayReset = !standing.stop.active && !noMoreTrials(evidence);
  const state = { file, profile, evidence, decision: standing, assessed, isolation, mayReset };
  const { step, why, others, decision = standing } = nextStep(state);
  // Of a closed case: as it stood.
  const causes = file.decision?.causes ?? causesNow(assessed);
  return {
    step,
    why,
    others,
    causes,
    decision,
    changes: step.kind === 'decided' && !file.decision ? wouldChange(evidence, decision, profile) : {},
    isolation,
    coolDown: coolDownOf(evidence),
    items: evidence.items,
    loads,
    noteCard:
      step.kind === 'decided'
        ? noteCardFor(file.case.complaint, decision, causes[0]?.id ?? 'no-fault', evidence.setAside)
        : null,
    known: assessed.known,
    mayReset,
    standInTold: step.kind === 'stop' && file.site.demo ? standInDanger(file) : [],
  };
}

/** Possible causes, by all that is known so far. */
const causesNow = (assessed: Assessment): Decision['causes'] =>
  rankedCauses(assessed)
    .filter(({ probability }, i) => i === 0 || probability >= SHOWN_FROM)
    .slice(0, 8)
    .map(({ id, probability }) => ({ id, name: CAUSES[id], probability }));

function isolationIn(
  { case: about, dossier }: CaseRecord,
  evidence: Evidence,
  assessed: Assessment,
  loads: readonly string[],
): Isolation | null {
  if (!dossier) return null;
  const trials = isolationTrials(
    dossier.subject.entries.events.filter((event) => event.struck === null),
  ).filter((event) => event.caseId === about.id);
  // Where it never tripped at once with its loads, nothing says that one of them is faulty.
  const begun = trials.some(({ connected }) => connected.length > 0);
  if (!begun && !tripsAtOnceWithLoads(evidence)) return null;
  return isolationOf(
    evidence,
    loads,
    trials,
    new Map(rankedCauses(assessed).map((one) => [one.id, one.probability])),
  );
}

interface CaseState {
  file: CaseRecord;
  profile: Profile;
  evidence: Evidence;
  decision: Decision;
  assessed: Assessment;
  isolation: Isolation | null;
  mayReset: boolean;
}

type Next = Pick<CaseView, 'step' | 'why' | 'others'> & {
  /** What is decided in the end, where nothing is left to find out. */
  decision?: Decision;
};
const just = (step: CaseStep, why: string, others: TestId[] = []): Next => ({ step, why, others });

function nextStep(state: CaseState): Next {
  const { file, profile, evidence, decision, isolation, mayReset } = state;
  if (file.case.closedAt !== null) return just({ kind: 'decided' }, '');
  if (decision.stop.active) return just({ kind: 'stop' }, '');
  if (file.partGone) return just({ kind: 'gone' }, '');
  if (isDecidedOnRecord(file, profile, decision)) return just({ kind: 'decided' }, '');
  // A trial that was put aside is due again once it has tripped since: it is another question then.
  const tripped = evidence.trips.at(-1)?.event.at ?? '';
  const passed = new Set(
    file.case.passed.filter(({ test, at }) => !(TRIALS.has(test) && at < tripped)).map(({ test }) => test),
  );
  const open = SENSE_IDS.filter((test) => outcomeOf(evidence, test) === undefined && !passed.has(test));
  const extent = outcomeOf(evidence, 'power-loss-extent');
  const atThePanel = extent !== 'one-device' && file.case.complaint !== 'check';
  // All of them or none yet: one that is left over waits until the engine asks for it.
  if (atThePanel && open.length === SENSE_IDS.length) return sensesFirst(open);
  const wide = extent !== undefined && WIDE.includes(extent);
  const isOneBreaker = file.case.complaint === 'dead' || file.case.complaint === 'trips';
  if (!file.dossier && file.panel !== null && isOneBreaker && !wide && extent !== 'one-device')
    return just({ kind: 'find' }, messages.theHandleOfATrippedBreaker);
  if (isolation && isolation.found === null && isolation.connect !== null && mayReset && !passed.has(BARE))
    return just({ kind: 'isolate' }, messages.theBreakerTripsWithItsLoads);
  return byTheEngine(state, passed, open);
}

const sensesFirst = (tests: SenseId[]): Next =>
  just({ kind: 'looks', spot: 'senses', tests }, messages.checkThePanelWithTheCover);

function byTheEngine(
  { file, profile, evidence, decision, assessed, mayReset }: CaseState,
  passed: Set<TestId>,
  open: SenseId[],
): Next {
  const may = (test: TestId) => TESTS[test].level <= PROFILE_LEVEL[profile];
  const left = (test: TestId) =>
    !passed.has(test) &&
    // How often it tripped is on its record.
    !(test === 'trips-on-record' && file.dossier !== null) &&
    (mayReset || !TRIALS.has(test)) &&
    !isAnsweredAsItStands(file, evidence, test);
  const mine = nextTests(assessed, profile).filter(({ id }) => left(id));
  const needsMore = decision.family === 'need-more';
  // A rule may ask for what was told already, hoping for a figure: it is not asked twice. A reset that is on record, and
  // counted, may be due again.
  const mayRepeat = (test: TestId) => file.dossier !== null && (isByReset(test) || test === BARE);
  const told = (test: TestId) => !mayRepeat(test) && outcomeOf(evidence, test) !== undefined;
  const bears = relevantTests(assessed.results, assessed.known);
  const asked: NextTest[] = needsMore
    ? decision.next.filter(({ test }) => left(test) && !told(test) && bears(test))
    : [];
  const worth = worthAsking(assessed, mine, profile, screensAsked(file));
  const done = worth.length === 0;
  const due = done ? asked.filter(({ test }) => may(test)).map(({ test }) => test) : worth;
  const [top] = due;
  if (top === undefined) {
    if (!needsMore) return just({ kind: 'decided' }, '');
    const last = decide(evidence, profile, finalChoice);
    if (last.family !== 'need-more') return { ...just({ kind: 'decided' }, ''), decision: last };
    const wouldTell = [
      ...asked.map(({ test }) => test),
      ...nextTests(assessed, 'electrician').map(({ id }) => id),
    ].filter((test) => (may(test) ? passed.has(test) : left(test)));
    return just({ kind: 'electrician', tests: [...new Set(wouldTell)].slice(0, 4) }, '');
  }
  const others = due.slice(1, 4);
  const why = whyNext(assessed, decision, top);
  const isHandled = top === BARE || isByReset(top);
  if (isHandled && open.length === SENSE_IDS.length) return sensesFirst(open);
  if (top === BARE) return just({ kind: 'reset', unplugged: true }, why, others);
  if (isByReset(top) && !(top === 'power-after-reset' && wasReset(file, evidence))) {
    return just({ kind: 'reset', unplugged: false }, why, others);
  }
  const spot = spotOf(top);
  const together = togetherWith(top, [...due, ...mine.map(({ id }) => id)]);
  if (spot !== null && together.length > 1) {
    const elsewhere = due.filter((test) => !together.includes(test)).slice(0, 3);
    return just({ kind: 'looks', spot, tests: together }, why, elsewhere);
  }
  return just({ kind: 'ask', test: top }, why, others);
}

function whyNext(assessed: Assessment, decision: Decision, test: TestId): string {
  const said = decision.next.find((next) => next.test === test)?.why;
  if (said) return said;
  const [first, second] = rankedCauses(assessed);
  return messages.thisTestTellsFrom(CAUSES[first!.id], CAUSES[second!.id]);
}
