import { visitAnswer, type VisitFault } from '../simulate/panel/index.ts';
import {
  momentsAt,
  nextOf,
  reportedAt,
  taskKind,
  visitPlan,
  walk,
  WAYS,
  workOn,
  type NextVisitStep,
  type VisitFact,
  type VisitPlan,
  type VisitTask,
  type WorkState,
  type WorkType,
} from '../visit/work/index.ts';
import { uuid } from './builders.ts';

export const aVisitTask = (change: Partial<VisitTask> = {}): VisitTask => ({
  id: uuid(1),
  work: 'replace',
  breakerId: uuid(1),
  partId: uuid(901),
  label: 'Loft lights',
  space: 7,
  half: null,
  from: null,
  poles: 1,
  ratingAmps: 15,
  kind: 'standard',
  family: '',
  neutral: 'none',
  conductor: null,
  receptacles: true,
  proposalId: null,
  why: '',
  ...change,
});

/** A task of any kind, with what its kind takes. */
export function aTaskOf(work: WorkType, change: Partial<VisitTask> = {}): VisitTask {
  const { drawing, isOfPanel = false } = taskKind(work);
  const task = aVisitTask(change);
  return {
    ...task,
    work,
    breakerId: drawing === 'installed' || isOfPanel ? null : task.breakerId,
    partId: drawing === 'installed' || drawing === 'replaced' ? task.partId : null,
    from: drawing === 'moved' ? task.space + 20 : null,
  };
}

export const aVisitPlan = (change: Partial<VisitPlan> = {}): VisitPlan =>
  visitPlan.parse({ tasks: [aVisitTask()], off: 'its main breaker', minutes: 30, ...change });

/** What to choose where a place has trouble. */
export type Choose = (next: Extract<NextVisitStep, { kind: 'choose' }>, state: WorkState) => VisitFact;

/**
 * A visit as a made-up house lets it go, told step by step.
 *
 * @param until it stops there; else at its end, or where somebody would have to choose
 */
export function visitIn(
  fault: VisitFault,
  plan: VisitPlan,
  {
    until = () => false,
    choose,
  }: { until?: (next: NextVisitStep, state: WorkState) => boolean; choose?: Choose } = {},
): { facts: VisitFact[]; next: NextVisitStep; state: WorkState } {
  const facts: VisitFact[] = [];
  for (;;) {
    const { state } = walk(plan, facts);
    const next = nextOf(plan, state);
    if (until(next, state) || facts.length > 400) return { facts, next, state };
    const fact =
      next.kind === 'choose'
        ? choose?.(next, state)
        : visitAnswer({ seed: 'test', fault, told: facts }, state, next);
    if (!fact) return { facts, next, state };
    facts.push(fact);
  }
}

/** Every answer to what is next, good and bad, and everything that may be reported there, that is not refused. */
export function answersTo(plan: VisitPlan, state: WorkState): VisitFact[] {
  const next = nextOf(plan, state);
  const asked = (): VisitFact[] => {
    switch (next.kind) {
      case 'gate':
        return next.is === 'tester-proved'
          ? [0, 120, 400].map((volts) => ({ is: next.is, volts }) as VisitFact)
          : [{ is: next.is } as VisitFact];
      case 'source':
        return [{ is: 'source-isolated', id: next.id }];
      case 'measure':
        return [0, 38, 121].map((volts) => ({ is: 'measured', ...next.what, volts }));
      case 'step':
        return [{ is: 'step-done', id: next.id, step: next.step, torqueLbIn: 25 }];
      case 'choose':
        return WAYS.map((way) => ({ is: 'changed', id: next.id, way, space: 9, ratingAmps: 10 }));
      case 'swapped':
      case 'handle-on':
        return [{ is: next.kind, id: next.id }];
      case 'verify':
        return [0, 96, 120, 140].map((volts) => ({ is: 'verified', id: next.id, volts }));
      case 'proof':
        return (PROOF_ANSWERS[next.proof] ?? []).map(
          (answer) => ({ is: 'proof', id: next.id, proof: next.proof, ...answer }) as VisitFact,
        );
      case 'leave':
        return [{ is: 'abandoned' }];
      case 'finish':
        return [{ is: 'finished' }];
      case 'end':
        return [];
    }
  };
  const found = momentsAt(plan, state).flatMap(({ id, moment }) =>
    reportedAt(moment).map((trouble): VisitFact => ({ is: 'found', id, trouble })),
  );
  return [...asked(), ...found].filter((fact) => workOn(plan, state, fact) !== null);
}
const PROOF_ANSWERS: Record<string, object[]> = {
  'off-output': [{ volts: 0 }, { volts: 20 }, { volts: 120 }],
  'between-poles': [{ volts: 0 }, { volts: 200 }, { volts: 240 }],
  'outlet-wiring': ['correct', 'reversed', 'open-ground', 'open-neutral'].map((outcome) => ({ outcome })),
  'test-button': ['trips-and-resets', 'does-not-trip', 'will-not-reset'].map((outcome) => ({ outcome })),
};
