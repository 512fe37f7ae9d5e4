import { volts } from '@phylaxon/core/facts/quantities';
import { VISIT_OUTCOME_WORDS, type ScreenStep } from '@phylaxon/core/views/visit';
import { soundFact, torqueLbIn, workOn } from '@phylaxon/core/visit/work';
import type { Proof, VisitFact, VisitPlan, WorkState } from '@phylaxon/core/visit/work';
import type { z } from 'zod';
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
export function answerOf(step: ScreenStep): FigureAnswer | OutcomeAnswer | null {
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

/** A step’s own name on its screen. */
export const stepKey = (step: ScreenStep): string => JSON.stringify(step);

/** What was answered on a screen, by step. */
export type StepAnswers = ReadonlyMap<string, VisitFact>;

/** The facts of the steps up to one, as answered; a step that only is done counts once all before it are answered. */
export function factsUpTo(steps: readonly ScreenStep[], answers: StepAnswers, last: number): VisitFact[] {
  return steps.slice(0, last + 1).flatMap((step) => {
    const answered = answers.get(stepKey(step));
    if (answered) return [answered];
    return answerOf(step) === null ? (soundFact(step) ?? []) : [];
  });
}

/** Whether facts meet trouble: then they are told at once, and what to do is said. */
export function meetsTrouble(plan: VisitPlan, state: WorkState, facts: readonly VisitFact[]): boolean {
  let at: WorkState | null = state;
  for (const fact of facts) {
    at = workOn(plan, at, fact);
    if (at === null) return true;
    if (at.met !== null || at.gates.stop !== null) return true;
  }
  return false;
}
