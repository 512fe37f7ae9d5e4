import { volts } from '@phylaxon/core/facts/quantities';
import { VISIT_OUTCOME_WORDS, type VisitPart } from '@phylaxon/core/views/visit';
import { soundFact, torqueLbIn, workOn } from '@phylaxon/core/visit/work';
import type { Proof, VisitFact, VisitPlan, WorkState } from '@phylaxon/core/visit/work';
import type { z } from 'zod';
import * as messages from './messages.ts';

/** A reading that a part asks for. */
interface FigurePart {
  kind: 'figure';
  /** Where the part’s title does not name the reading. */
  label?: string;
  unit: string;
  schema: z.ZodType<number>;
  fact: (value: number) => VisitFact;
}

/** What was seen, of a few things. */
interface OutcomePart {
  kind: 'outcome';
  outcomes: readonly { label: string; fact: VisitFact }[];
}

const WIRING = ['correct', 'reversed', 'open-ground', 'open-neutral'] as const;
const BUTTON = ['trips-and-resets', 'does-not-trip', 'will-not-reset'] as const;

const inVolts = (fact: (value: number) => VisitFact): FigurePart => ({
  kind: 'figure',
  unit: 'V',
  schema: volts,
  fact,
});

const outcomes = <O extends keyof typeof VISIT_OUTCOME_WORDS>(
  all: readonly O[],
  fact: (outcome: O) => Proof,
): OutcomePart => ({
  kind: 'outcome',
  outcomes: all.map((one) => ({ label: VISIT_OUTCOME_WORDS[one], fact: fact(one) })),
});

/** How a part is answered; null where it is done and nothing is entered. */
export function answerOf(part: VisitPart): FigurePart | OutcomePart | null {
  switch (part.kind) {
    case 'gate':
      return part.is === 'tester-proved'
        ? {
            ...inVolts((value) => ({ is: 'tester-proved', volts: value })),
            label: messages.knownLiveSource,
          }
        : null;
    case 'measure': {
      const { what } = part;
      return inVolts((value) => ({ is: 'measured', ...what, volts: value }));
    }
    case 'verify':
      return inVolts((value) => ({ is: 'verified', id: part.id, volts: value }));
    case 'step': {
      const { id, step } = part;
      if (step !== 'conductor-in') return null;
      const fact = (value: number): VisitFact => ({ is: 'step-done', id, step, torqueLbIn: value });
      return { kind: 'figure', label: messages.torqueYouSet, unit: 'lb·in', schema: torqueLbIn, fact };
    }
    case 'proof': {
      const { id, proof } = part;
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

/** A part’s own name on its screen. */
export const partKey = (part: VisitPart): string => JSON.stringify(part);

/** What was answered on a screen, by part. */
export type Answers = ReadonlyMap<string, VisitFact>;

/** The facts of the parts up to one, as answered; a part that only is done counts once all before it are answered. */
export function factsUpTo(parts: readonly VisitPart[], answers: Answers, last: number): VisitFact[] {
  return parts.slice(0, last + 1).flatMap((part) => {
    const answered = answers.get(partKey(part));
    if (answered) return [answered];
    return answerOf(part) === null ? (soundFact(part) ?? []) : [];
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
