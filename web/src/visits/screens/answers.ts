import { volts } from '@phylaxon/core/facts/quantities';
import { VISIT_OUTCOME_WORDS, type ScreenStep } from '@phylaxon/core/views/visit';
import { measureKey } from '@phylaxon/core/visit/gates';
import { soundFact, torqueLbIn, workOn } from '@phylaxon/core/visit/work';
import type { NextVisitStep, Proof, VisitFact, VisitPlan, WorkState } from '@phylaxon/core/visit/work';
import type { z } from 'zod';
import { toNumber } from '../../shared/ui/index.ts';
import type { Entered } from '../visitRecord/index.ts';
import * as messages from './messages.ts';

/** A reading that a step asks for. */
interface FigureAnswer {
  kind: 'figure';
  /** Where the step’s title does not name the reading. */
  label?: string;
  unit: string;
  schema: z.ZodType<number>;
  fact: (value: number) => VisitFact;
}

/** What was seen, of a few things. */
interface OutcomeAnswer {
  kind: 'outcome';
  outcomes: readonly { label: string; fact: VisitFact }[];
}

const WIRING = ['correct', 'reversed', 'open-ground', 'open-neutral'] as const;
const BUTTON = ['trips-and-resets', 'does-not-trip', 'will-not-reset'] as const;

const inVolts = (fact: (value: number) => VisitFact): FigureAnswer => ({
  kind: 'figure',
  unit: 'V',
  schema: volts,
  fact,
});

const outcomes = <O extends keyof typeof VISIT_OUTCOME_WORDS>(
  all: readonly O[],
  fact: (outcome: O) => Proof,
): OutcomeAnswer => ({
  kind: 'outcome',
  outcomes: all.map((one) => ({ label: VISIT_OUTCOME_WORDS[one], fact: fact(one) })),
});

/** How a step is answered; null where it is done and nothing is entered. */
export function answerOf(step: NextVisitStep): FigureAnswer | OutcomeAnswer | null {
  switch (step.kind) {
    case 'gate':
      return step.is === 'tester-proved'
        ? {
            ...inVolts((value) => ({ is: 'tester-proved', volts: value })),
            label: messages.knownLiveSource,
          }
        : null;
    case 'measure': {
      const { what } = step;
      return inVolts((value) => ({ is: 'measured', ...what, volts: value }));
    }
    case 'verify':
      return inVolts((value) => ({ is: 'verified', id: step.id, volts: value }));
    case 'step': {
      const { id, step: work } = step;
      if (work !== 'conductor-in') return null;
      const fact = (value: number): VisitFact => ({ is: 'step-done', id, step: work, torqueLbIn: value });
      return { kind: 'figure', label: messages.torqueYouSet, unit: 'lb·in', schema: torqueLbIn, fact };
    }
    case 'proof': {
      const { id, proof } = step;
      if (proof === 'outlet-wiring')
        return outcomes(WIRING, (outcome) => ({ is: 'proof', id, proof, outcome }));
      if (proof === 'test-button')
        return outcomes(BUTTON, (outcome) => ({ is: 'proof', id, proof, outcome }));
      if (proof !== 'off-output' && proof !== 'between-poles') return null;
      return inVolts((value) => ({ is: 'proof', id, proof, volts: value }));
    }
    default:
      return null;
  }
}

/** A step’s own name on its screen: it stays while others are answered. */
export const stepKey = (step: NextVisitStep): string =>
  step.kind === 'measure' ? measureKey(step.what) : JSON.stringify(step);

/** What was entered at a step: the fact it tells, or why it tells none; null where nothing was entered. */
export function readAnswer(
  step: NextVisitStep,
  entered: Entered,
): { fact: VisitFact } | { wrong: string } | null {
  const answer = answerOf(step);
  const text = entered[stepKey(step)] ?? '';
  if (answer === null || text === '') return null;
  if (answer.kind === 'outcome') {
    const chosen = answer.outcomes.find(({ label }) => label === text);
    return chosen ? { fact: chosen.fact } : null;
  }
  const value = toNumber(text);
  if (value === null) return null;
  const read = answer.schema.safeParse(value);
  return read.success ? { fact: answer.fact(read.data) } : { wrong: read.error.issues[0]!.message };
}

/** The fact a step tells by what was entered; null where it tells none. */
export function enteredFact(step: NextVisitStep, entered: Entered): VisitFact | null {
  const read = readAnswer(step, entered);
  return read && 'fact' in read ? read.fact : null;
}

/** The facts of the first steps of a screen: what was entered there, and what is only done. */
export const factsOf = (steps: readonly ScreenStep[], entered: Entered): VisitFact[] =>
  steps.flatMap((step) => (answerOf(step) === null ? soundFact(step) : enteredFact(step, entered)) ?? []);

/** Whether facts meet trouble: then they are told at once, and what to do is said. */
export function meetsTrouble(plan: VisitPlan, state: WorkState, facts: readonly VisitFact[]): boolean {
  let at: WorkState | null = state;
  for (const fact of facts) {
    at = workOn(plan, at, fact);
    if (at === null) return false;
    if (at.met !== null || at.gates.stop !== null) return true;
  }
  return false;
}
