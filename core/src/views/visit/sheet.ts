import { sayQuantity, sayTemperature, type Sentence } from '../../facts/quantities/index.ts';
import { atPlace } from '../../panel/layout/index.ts';
import { MAIN } from '../../visit/gates/index.ts';
import {
  taskKind,
  type WorkType,
  standingSteps,
  isStepSettled,
  statesOf,
  troubleOf,
  walk,
  type TaskState,
  type VisitFact,
  type VisitPlan,
  type WorkState,
} from '../../visit/work/index.ts';
import { GATE_WORDS, MEASURED_TO_WORDS } from './gateWords.ts';
import { FILL_WORDS, stepWords } from './stepWords.ts';
import { TASK_WORDS } from './taskWords.ts';
import { VISIT_OUTCOME_WORDS, PROOF_WORDS, SOURCE_WORDS, WAY_WORDS } from './wayWords.ts';
import type { VisitRecord, VisitStands, VisitStepRow } from './schema.ts';
import * as messages from './messages.ts';

/** A line of what happened. */
export interface SheetLine {
  entryId: string;
  at: string;
  /** Where: a circuit, or the panel. */
  where: string;
  what: string;
  /** With its unit; empty where there is none. */
  figure: Sentence;
  simulated: boolean;
  /** What it was told to mean, where it did not go well. */
  trouble: string | null;
}

const sourceOf = ({ sources }: VisitPlan, id: string) =>
  SOURCE_WORDS[sources.find((one) => one.id === id)!.kind];

/** What was told, and its figure. */
function say(
  plan: VisitPlan,
  fact: VisitFact,
  task: TaskState | undefined,
): { what: string; figure: string } {
  const plain = (what: string) => ({ what, figure: '' });
  const planned = plan.tasks.find(({ id }) => id === task?.id);
  switch (fact.is) {
    case 'tester-proved':
      return { what: messages.meterCheckedOnAKnownLive, figure: sayQuantity(fact.volts, 'V') };
    case 'source-isolated':
      return plain(messages.offAndLockedOut(sourceOf(plan, fact.id).name));
    case 'measured':
      return {
        what: messages.poleTo(fact.pole, MEASURED_TO_WORDS[fact.to]),
        figure: sayQuantity(fact.volts, 'V'),
      };
    case 'swapped':
      return plain(messages.doneAndSeated);
    case 'verified':
      return { what: PROOF_WORDS.verified.title, figure: sayQuantity(fact.volts, 'V') };
    case 'step-done': {
      const { title } = planned && task ? stepWords(fact.step, planned, task) : FILL_WORDS;
      return { what: title, figure: fact.torqueLbIn === null ? '' : messages.lbIn(fact.torqueLbIn) };
    }
    case 'found':
      return plain(messages.found(troubleOf(fact.trouble).words));
    case 'changed':
      return { what: messages.chosen(WAY_WORDS[fact.way].label), figure: changedTo(fact) };
    case 'proof': {
      const { title } = PROOF_WORDS[fact.proof];
      if ('volts' in fact) return { what: title, figure: sayQuantity(fact.volts, 'V') };
      if ('amps' in fact) return { what: title, figure: sayQuantity(fact.amps, 'A') };
      if ('outcome' in fact) return { what: title, figure: VISIT_OUTCOME_WORDS[fact.outcome] };
      return {
        what: title,
        figure: messages.ambient(sayTemperature(fact.surfaceC), sayTemperature(fact.ambientC)),
      };
    }
    case 'paused':
      return plain(messages.breakCoverOn);
    case 'taken-back':
      return plain(messages.correctionTheStepBeforeWas);
    case 'finished':
      return plain(messages.allWorkVerifiedRemaining);
    case 'abandoned':
      return plain('Left');
    default:
      return plain(GATE_WORDS[fact.is].done);
  }
}

function said(plan: VisitPlan, fact: VisitFact, task: TaskState | undefined, isTakenBack: boolean) {
  const { what, figure } = say(plan, fact, task);
  return { what: isTakenBack ? messages.enteredByMistake(what) : what, figure };
}

const changedTo = ({ space, ratingAmps }: { space: number | null; ratingAmps: number | null }): string =>
  space !== null ? messages.spaceInline(space) : ratingAmps !== null ? sayQuantity(ratingAmps, 'A') : '';

const taskOf = ({ tasks }: WorkState, fact: VisitFact): TaskState | undefined =>
  'id' in fact ? tasks.find(({ id, placeId }) => id === fact.id || placeId === fact.id) : undefined;

/**
 * Everything that happened on a visit, line by line.
 *
 * @param record the visit
 * @returns lines, oldest first
 * @example sheetLines({ ...record, steps: [] }) // []
 */
export function sheetLines({ plan, steps }: Pick<VisitRecord, 'plan' | 'steps'>): SheetLine[] {
  const states = statesOf(
    plan,
    steps.map(({ fact }) => fact),
  );
  return steps.map(({ entryId, at, simulated, fact }: VisitStepRow, i) => {
    const state = states[i + 1] ?? states.at(-1)!;
    const task = taskOf(state, fact);
    const where = task
      ? plan.tasks.find(({ id }) => id === task.id)!.label
      : 'id' in fact && fact.id === MAIN && fact.is === 'measured'
        ? messages.loadSideOfTheMain
        : messages.panel;
    return {
      entryId,
      at,
      where,
      simulated,
      ...said(plan, fact, task, steps[i + 1]?.fact.is === 'taken-back'),
      trouble: state.met === null ? null : troubleOf(state.met.trouble).words,
    };
  });
}

/**
 * How a visit stands.
 *
 * @param record the visit
 * @returns planned, under way, finished, or left before it was
 * @example standsAs({ ...record, steps: [] }) // 'planned'
 */
export function standsAs({ plan, steps }: Pick<VisitRecord, 'plan' | 'steps'>): VisitStands {
  const { state } = walk(
    plan,
    steps.map(({ fact }) => fact),
  );
  return standsIn(state, steps.length > 0);
}

/**
 * How a visit stands, where its state is known.
 *
 * @param state how far it is
 * @param isBegun whether anything has happened
 * @returns planned, under way, finished, or left before it was
 * @example standsIn(begun(plan), false) // 'planned'
 */
export function standsIn({ finished, gates }: WorkState, isBegun: boolean): VisitStands {
  if (!isBegun) return 'planned';
  if (finished) return 'finished';
  return gates.abandoned ? 'left' : 'under-way';
}

/**
 * How long the power was off.
 *
 * @param steps of a visit
 * @returns min; `null`: it was not off, or is still
 * @example minutesTaken([]) // null
 */
export function minutesTaken(steps: readonly Pick<VisitStepRow, 'at' | 'fact'>[]): number | null {
  const standing = standingSteps(steps);
  const at = (is: VisitFact['is']) => standing.find(({ fact }) => fact.is === is)?.at;
  const [off, on] = [at('main-off'), at('main-on')];
  return off && on ? Math.max(1, Math.round((Date.parse(on) - Date.parse(off)) / 60_000)) : null;
}

/** What became of each thing that was to be done. */
export interface TaskEnd {
  label: string;
  place: string;
  became: string;
  /** It was done and proved. */
  isProved: boolean;
}

/**
 * What became of each thing that was to be done.
 *
 * @param record the visit
 * @returns one line a task
 * @example taskEnds({ ...record, steps: [] })[0].became // 'Not done'
 */
export function taskEnds({ plan, steps }: Pick<VisitRecord, 'plan' | 'steps'>): TaskEnd[] {
  const { state } = walk(
    plan,
    steps.map(({ fact }) => fact),
  );
  return plan.tasks.map((task): TaskEnd => {
    const now = state.tasks.find(({ id }) => id === task.id)!;
    const { isOfPanel = false } = taskKind(task.work);
    const isIn = isOfPanel
      ? isStepSettled(state, now) && now.given !== 'up'
      : state.gates.swapped.has(now.placeId);
    const isProved =
      isIn &&
      (isOfPanel || state.gates.verified.has(now.placeId)) &&
      state.ending === null &&
      now.given !== 'up';
    const place = isOfPanel
      ? messages.wholePanel
      : atPlace({ space: now.space, poles: task.poles, half: now.isElsewhere ? null : task.half });
    const label = isOfPanel ? TASK_WORDS[task.work].name : task.label;
    return { label, place, became: becameOf(task.work, now, isIn, isProved), isProved };
  });
}

function becameOf(work: WorkType, now: TaskState, isIn: boolean, isProved: boolean): string {
  if (!isIn) return now.given === 'up' ? messages.leftForAnotherDayCircuitDe : messages.notDone;
  if (taskKind(work).isOfPanel) return TASK_WORDS[work].became;
  const done = now.isOldPart ? messages.oldBreakerReinstalled : TASK_WORDS[work].became;
  const rating = ['replaced', 'installed'].includes(taskKind(work).drawing)
    ? `, ${sayQuantity(now.ratingAmps, 'A')}`
    : '';
  return `${done}${rating}${isProved ? messages.verified : messages.notVerifiedLeftOff}`;
}
