import { MAIN } from '../gates/index.ts';
import { momentsAt } from './moments.ts';
import { nextOf, type NextVisitStep } from './next.ts';
import type { VisitFact, VisitPlan } from './schema.ts';
import { placesOf, type TaskState, type WorkState } from './state.ts';
import type { StepId } from './stepIds.ts';
import type { ProofId } from './workKinds.ts';
import { reportedAt } from './troubles.ts';
import type { ReportedTrouble } from './troubleIds.ts';
import { workOn } from './walk.ts';

/** What is done on one screen: standing in the same spot, with the same hand. */
export type ScreenKind =
  | 'gate'
  | 'get-ready'
  | 'main-off'
  | 'source'
  | 'verify-dead'
  | 'prepare'
  | 'check-part'
  | 'install'
  | 'inspect'
  | 'make-safe'
  | 'choose'
  | 'close'
  | 'prove'
  | 'leave'
  | 'finish'
  | 'end';

/** A screen of a visit: its steps in their order; each stays a fact of its own, and passes its own gate. */
export interface VisitScreen {
  kind: ScreenKind;
  /** The place it is about; null: the panel. */
  id: string | null;
  steps: NextVisitStep[];
}

const WORK_SCREENS: Record<StepId, ScreenKind> = {
  mark: 'prepare',
  free: 'prepare',
  'rock-off': 'prepare',
  stab: 'prepare',
  'bring-cable': 'prepare',
  'ground-in': 'prepare',
  compare: 'check-part',
  click: 'check-part',
  'hook-press': 'install',
  'neutral-in': 'install',
  'join-tail': 'install',
  splice: 'install',
  'cut-back': 'install',
  compound: 'install',
  'conductor-in': 'install',
  inspect: 'inspect',
  'remove-bond': 'install',
  'move-neutrals': 'install',
  'check-separation': 'install',
  'fit-bond': 'install',
  'dry-out': 'install',
  'seal-entry': 'install',
  cap: 'make-safe',
  fill: 'install',
};

const PREPARE: readonly string[] = ['dressed', 'tester-proved'];
const MAIN_OFF: readonly string[] = ['handles-off', 'main-off', 'locked'];
const CLOSE: readonly string[] = ['cover-on', 'unlocked'];

/** The screen a step belongs on. A gate that nothing else goes with has one of its own. */
function screenFor(next: NextVisitStep, plan: VisitPlan, state: WorkState): Omit<VisitScreen, 'steps'> {
  const { tasks, gates, ending } = state;
  const taskAt = (placeId: string): TaskState => tasks.find((task) => task.placeId === placeId)!;
  switch (next.kind) {
    case 'gate':
      // The meter is verified again where the last point was measured.
      if (next.is === 'tester-proved' && !gates.coverOn && gates.measured.size > 0)
        return { kind: 'verify-dead', id: placesOf(plan, state).touched.at(-1)?.id ?? MAIN };
      if (PREPARE.includes(next.is) && gates.coverOn && !gates.handlesOff)
        return { kind: 'get-ready', id: null };
      if (MAIN_OFF.includes(next.is)) return { kind: 'main-off', id: null };
      if (CLOSE.includes(next.is) && ending === null && gates.stop === null)
        return { kind: 'close', id: null };
      return { kind: 'gate', id: next.is };
    case 'source':
      return { kind: 'source', id: next.id };
    case 'measure':
      return { kind: 'verify-dead', id: next.what.id };
    case 'step': {
      if (next.id === MAIN) return { kind: 'make-safe', id: null };
      const isGivenUp = tasks.find(({ id }) => id === next.id)!.given === 'up';
      return { kind: isGivenUp ? 'make-safe' : WORK_SCREENS[next.step], id: next.id };
    }
    case 'swapped':
      return { kind: 'install', id: taskAt(next.id).id };
    case 'handle-on':
    case 'verify':
      return { kind: 'prove', id: taskAt(next.id).id };
    case 'proof':
      return { kind: 'prove', id: next.id };
    case 'choose':
      return { kind: 'choose', id: next.id };
    default:
      return { kind: next.kind, id: null };
  }
}

/** What shows that a proof passed. */
const PASSED: Partial<Record<ProofId, object>> = {
  'off-output': { volts: 0 },
  'between-poles': { volts: 240 },
  'outlet-wiring': { outcome: 'correct' },
  'test-button': { outcome: 'trips-and-resets' },
};

/** A torque that any terminal might have; what was set is entered. */
const ANY_TORQUE_LB_IN = 25;

/**
 * The fact that takes a visit on where a step goes as it should.
 *
 * @param next what is next
 * @returns the fact; null where somebody has to choose, or nothing follows
 * @example soundFact({ kind: 'gate', is: 'dressed' }) // { is: 'dressed' }
 */
export function soundFact(next: NextVisitStep): VisitFact | null {
  switch (next.kind) {
    case 'gate':
      return next.is === 'tester-proved' ? { is: next.is, volts: 120 } : { is: next.is };
    case 'source':
      return { is: 'source-isolated', id: next.id };
    case 'measure':
      return { is: 'measured', ...next.what, volts: 0 };
    case 'step': {
      const torqueLbIn = next.step === 'conductor-in' ? ANY_TORQUE_LB_IN : null;
      return { is: 'step-done', id: next.id, step: next.step, torqueLbIn };
    }
    case 'swapped':
    case 'handle-on':
      return { is: next.kind, id: next.id };
    case 'verify':
      return { is: 'verified', id: next.id, volts: 120 };
    case 'proof':
      return { is: 'proof', id: next.id, proof: next.proof, ...PASSED[next.proof] } as VisitFact;
    default:
      return null;
  }
}

/**
 * The screen that is next: what is next, and all that follows in the same spot where each goes as it should. The gates
 * are as they are: each step is told as a fact of its own.
 *
 * @param plan what is to be done
 * @param state how far it is
 * @returns the screen with one step at least
 * @example screenOf(plan, begun(plan)).steps // [{ kind: 'gate', is: 'dressed' }]
 */
export function screenOf(plan: VisitPlan, state: WorkState): VisitScreen {
  const first = nextOf(plan, state);
  const screen = screenFor(first, plan, state);
  const steps = [first];
  for (let at = state; ;) {
    const fact = soundFact(steps.at(-1)!);
    const after = fact && workOn(plan, at, fact);
    if (!after) break;
    const next = nextOf(plan, after);
    const its = screenFor(next, plan, after);
    if (its.kind !== screen.kind || its.id !== screen.id) break;
    steps.push(next);
    at = after;
  }
  return { ...screen, steps };
}

/** What may be reported on a screen, with the steps before it that are done by then. */
export interface ScreenTrouble {
  id: string;
  trouble: ReportedTrouble;
  before: VisitFact[];
}

/**
 * What may be reported on the screen that is next. Whoever finds something at its third step has done the first two; a
 * reading that was not taken is never taken for good.
 *
 * @param plan what is to be done
 * @param state how far it is
 * @param answered the fact that was entered at a step and is not told yet; null: none was
 * @returns each trouble once
 * @example troublesOn(plan, begun(plan)) // []
 */
export function troublesOn(
  plan: VisitPlan,
  state: WorkState,
  answered: (step: NextVisitStep) => VisitFact | null = () => null,
): ScreenTrouble[] {
  const found = new Map<string, ScreenTrouble>();
  const before: VisitFact[] = [];
  let at = state;
  for (const step of screenOf(plan, state).steps) {
    for (const { id, moment } of momentsAt(plan, at))
      for (const trouble of reportedAt(moment)) {
        const key = `${id} ${trouble}`;
        const isHeard = workOn(plan, at, { is: 'found', id, trouble }) !== null;
        if (isHeard && !found.has(key)) found.set(key, { id, trouble, before: [...before] });
      }
    const fact = takesAnswer(step) ? answered(step) : soundFact(step);
    const after = fact && workOn(plan, at, fact);
    if (!after) break;
    before.push(fact!);
    at = after;
  }
  return [...found.values()];
}

/**
 * Whether a step is answered with a reading or with what was seen, and not by doing it.
 *
 * @param next what is next
 * @returns whether something is entered or chosen
 * @example takesAnswer({ kind: 'gate', is: 'dressed' }) // false
 */
export const takesAnswer = (next: NextVisitStep): boolean =>
  next.kind === 'measure' ||
  next.kind === 'verify' ||
  next.kind === 'proof' ||
  (next.kind === 'gate' && next.is === 'tester-proved') ||
  (next.kind === 'step' && next.step === 'conductor-in');
