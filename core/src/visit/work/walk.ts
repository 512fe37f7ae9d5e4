import { advance, FACTS, isVerifiedDead, MAIN, notDead, type Fact } from '../gates/index.ts';
import { changeTask } from './changeTask.ts';
import { measuredTrouble, outputTrouble, proofTrouble, testerTrouble } from './judge.ts';
import { momentsAt } from './moments.ts';
import { isProofDue, missingProofs } from './proofs.ts';
import type { VisitFact, VisitPlan } from './schema.ts';
import { begun, isStepSettled, placesOf, type TaskState, type WorkState } from './state.ts';
import { dueStep } from './steps.ts';
import { RECORDED_STEPS, type StepId } from './stepIds.ts';
import { taskKind } from './taskKinds.ts';
import type { TroubleId } from './troubleIds.ts';
import { troubleOf } from './troubles.ts';

type Of<K extends VisitFact['is']> = Extract<VisitFact, { is: K }>;

const isGate = (fact: VisitFact): fact is Fact => (FACTS as readonly string[]).includes(fact.is);

const withTask = (state: WorkState, id: string, change: (task: TaskState) => TaskState): WorkState => ({
  ...state,
  tasks: state.tasks.map((task) => (task.id === id ? change(task) : task)),
});

/** What a trouble does to the visit. */
function meet(state: WorkState, trouble: TroubleId | null, id: string): WorkState {
  if (trouble === null) return state;
  const met = { ...state, met: { trouble, id } };
  switch (troubleOf(trouble).effect) {
    case 'again':
      return met;
    case 'choose':
      return withTask(met, id, (task) => ({ ...task, trouble }));
    case 'stop':
    case 'leave':
      return { ...met, ending: trouble };
  }
}

/** While something ends the visit: the cover on, then home. */
const endsWith = (state: WorkState, fact: VisitFact): boolean =>
  fact.is === (state.gates.coverOn ? 'abandoned' : 'cover-on');

const byPlace = ({ tasks }: WorkState, placeId: string) => tasks.find((task) => task.placeId === placeId);

/** What is asked of a gate beyond the gates themselves. */
function mayPass(state: WorkState, fact: Fact): boolean {
  switch (fact.is) {
    case 'swapped': {
      const task = byPlace(state, fact.id);
      return task?.given !== 'up' && task?.trouble === null && dueStep(task) === null;
    }
    case 'unlocked':
    case 'main-on':
      return state.tasks.every((task) => isStepSettled(state, task));
    case 'handle-on': {
      const task = byPlace(state, fact.id);
      if (!task || task.given === 'up' || task.trouble !== null) return false;
      return state.gates.swapped.has(fact.id) && !isProofDue(task, 'off-output');
    }
    default:
      return true;
  }
}

function troubleAt(state: WorkState, fact: Fact): TroubleId | null {
  switch (fact.is) {
    case 'tester-proved':
      return testerTrouble(fact.volts);
    case 'measured':
      return measuredTrouble(fact, state.gates);
    case 'verified':
      return outputTrouble(fact.volts);
    default:
      return null;
  }
}

function passGate(plan: VisitPlan, state: WorkState, fact: Fact): WorkState | null {
  if (!mayPass(state, fact)) return null;
  const gates = advance(placesOf(plan, state), state.gates, fact);
  if (gates === null) return null;
  // A meter that shows nothing afterwards may have shown nothing before.
  const isVoid = fact.is === 'tester-proved' && !gates.proved;
  const id = 'id' in fact ? (byPlace(state, fact.id)?.id ?? fact.id) : MAIN;
  const next = { ...state, gates: isVoid ? { ...gates, measured: new Map<string, number>() } : gates };
  return meet(next, troubleAt(state, fact), id);
}

function doStep(
  plan: VisitPlan,
  state: WorkState,
  { id, step, torqueLbIn }: Of<'step-done'>,
): WorkState | null {
  if (id === MAIN) {
    const isDue = step === 'fill' && !state.gates.coverOn && !state.holesFilled;
    return isDue && state.tasks.every((task) => isStepSettled(state, task))
      ? { ...state, holesFilled: true }
      : null;
  }
  const task = state.tasks.find((one) => one.id === id);
  if (!task || task.trouble !== null || dueStep(task) !== step) return null;
  if (!isVerifiedDead(placesOf(plan, state), state.gates)) return null;
  if (step === 'conductor-in' && torqueLbIn === null) return null;
  const next = withTask(state, id, (one) => ({ ...one, done: new Set([...one.done, step]) }));
  const isAllFilled = step === 'fill' && taskKind(task.work).isOfPanel === true;
  return isAllFilled ? { ...next, holesFilled: true } : next;
}

function prove(state: WorkState, fact: Of<'proof'>): WorkState | null {
  const task = state.tasks.find(({ id }) => id === fact.id);
  if (!task || task.given === 'up' || !state.gates.mainCameOn || !state.gates.mainOn) return null;
  const isOn = state.gates.on.has(task.placeId);
  if (fact.proof === 'off-output' ? isOn : !state.gates.verified.has(task.placeId)) return null;
  const trouble = proofTrouble(fact, task);
  const isPassed = trouble === null;
  const next = withTask(state, task.id, (one) => ({
    ...one,
    trouble: isPassed ? null : one.trouble,
    amps: fact.proof === 'current' ? fact.amps : one.amps,
    proofs: new Map([...one.proofs, [fact.proof, isPassed ? ('passed' as const) : ('failed' as const)]]),
  }));
  return meet(next, trouble, task.id);
}

function mayFinish(state: WorkState): boolean {
  const { gates, tasks } = state;
  return (
    gates.coverOn &&
    gates.mainOn &&
    gates.mainCameOn &&
    tasks.every(
      (task) =>
        isStepSettled(state, task) && (task.given === 'up' || missingProofs(state, task).length === 0),
    )
  );
}

/**
 * The visit one fact on.
 *
 * @param plan what is to be done
 * @param state how far it is
 * @param fact what happened
 * @returns how far it is then; `null`: that was not allowed
 * @example workOn(plan, begun(plan), { is: 'main-off' }) // null
 */
export function workOn(plan: VisitPlan, state: WorkState, fact: VisitFact): WorkState | null {
  if (state.finished || state.gates.abandoned) return null;
  if (fact.is === 'taken-back') return state.beforeLast;
  if (state.ending !== null && !endsWith(state, fact)) return null;
  if (state.paused && fact.is === 'paused') return null;
  const next = stepOn(plan, { ...state, met: null, paused: false, beforeLast: null }, fact);
  return next && { ...next, beforeLast: mayTakeBack(fact) ? { ...state, beforeLast: null } : null };
}

function stepOn(
  plan: VisitPlan,
  before: WorkState,
  fact: Exclude<VisitFact, { is: 'taken-back' }>,
): WorkState | null {
  if (isGate(fact)) return passGate(plan, before, fact);
  switch (fact.is) {
    case 'step-done':
      return doStep(plan, before, fact);
    case 'found':
      return momentsAt(plan, before).some(
        ({ id, moment }) => id === fact.id && troubleOf(fact.trouble).at.includes(moment),
      )
        ? meet(before, fact.trouble, fact.id)
        : null;
    case 'changed':
      return changeTask(before, fact);
    case 'proof':
      return prove(before, fact);
    case 'paused':
      // Whatever happens while nobody is there: the meter is verified again.
      return before.gates.coverOn
        ? { ...before, paused: true, gates: { ...before.gates, proved: false, provedSince: false } }
        : null;
    case 'finished':
      return mayFinish(before) ? { ...before, finished: true } : null;
  }
}

/**
 * Whether a step may be taken back as a mistake by the step after it. A measurement is not taken back: it is made again.
 * Neither is what the record followed.
 *
 * @param fact the step
 * @returns whether it may
 * @example mayTakeBack({ is: 'measured', id: 'main', pole: 1, to: 'neutral', volts: 0.2 }) // false
 */
export function mayTakeBack(fact: VisitFact): boolean {
  switch (fact.is) {
    case 'swapped':
    case 'found':
    case 'finished':
    case 'abandoned':
    case 'measured':
    case 'tester-proved':
    case 'taken-back':
      return false;
    case 'step-done':
      return !(RECORDED_STEPS as readonly StepId[]).includes(fact.step);
    case 'proof':
      return fact.proof !== 'off-output';
    default:
      return true;
  }
}

/**
 * The steps of a visit that count: without those that were taken back, and without what took them back.
 *
 * @param steps of a visit, in their order
 * @returns those that count
 * @example standingSteps([{ fact: { is: 'dressed' } }, { fact: { is: 'taken-back' } }]) // []
 */
export const standingSteps = <T extends { fact: VisitFact }>(steps: readonly T[]): T[] =>
  steps.filter(({ fact }, i) => fact.is !== 'taken-back' && steps[i + 1]?.fact.is !== 'taken-back');

/** What a visit has come to. */
export interface Walked {
  state: WorkState;
  /** Index of the first fact that was not allowed; it and all after it do not count. */
  refused: number | null;
}

/**
 * A visit as far as it has come.
 *
 * @param plan what is to be done
 * @param facts what happened, in its order
 * @returns how far it is, and what was not allowed
 * @example walk(plan, []).state.gates.coverOn // true
 */
export function walk(plan: VisitPlan, facts: readonly VisitFact[]): Walked {
  const states = statesOf(plan, facts);
  return { state: states.at(-1)!, refused: states.length > facts.length ? null : states.length - 1 };
}

/** Up to 2026 other sources were isolated once the main was locked: what was recorded so counts as isolated before it. */
function sourcesFirst(facts: readonly VisitFact[]): readonly VisitFact[] {
  const off = facts.findIndex(({ is }) => is === 'main-off');
  const locked = facts.findIndex(({ is }) => is === 'locked');
  const isEarlier = ({ is }: VisitFact, i: number) => is === 'source-isolated' && i > locked;
  if (off < 0 || locked < 0 || !facts.some(isEarlier)) return facts;
  return [
    ...facts.slice(0, off),
    ...facts.filter(isEarlier),
    ...facts.slice(off).filter((fact, i) => !isEarlier(fact, off + i)),
  ];
}

/**
 * How far a visit was before anything, and after each thing that happened.
 *
 * @param plan what is to be done
 * @param facts what happened, in its order
 * @returns one state more than facts; it ends before the first that was not allowed
 * @example statesOf(plan, []).length // 1
 */
export function statesOf(plan: VisitPlan, facts: readonly VisitFact[]): WorkState[] {
  const states = [begun(plan)];
  for (const fact of sourcesFirst(facts)) {
    const next = workOn(plan, states.at(-1)!, fact);
    if (next === null) break;
    states.push(next);
  }
  return states;
}

/**
 * What is not verified dead yet.
 *
 * @param plan what is to be done
 * @param state how far the visit is
 * @returns in the order in which it is measured; nothing while the cover is on
 * @example leftToMeasure(plan, begun(plan)) // []
 */
export const leftToMeasure = (plan: VisitPlan, state: WorkState) =>
  notDead(placesOf(plan, state), state.gates);
