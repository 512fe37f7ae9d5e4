import type { ScreenStep } from '@phylaxon/core/views/visit';
import { useState, type RefObject } from 'react';
import { useAction } from '../../shared/ui/index.ts';
import { useVisitWork, type Entered } from '../visitRecord/index.ts';
import { answerOf, enteredFact, factsOf, meetsTrouble, readAnswer, stepKey } from './answers.ts';
import * as messages from './messages.ts';

/** A field for a reading. */
export interface ReadingField {
  typed: string;
  wrong: string | null;
  /** It was read and meets no trouble. */
  isSound: boolean;
  type: (typed: string) => void;
  leave: () => void;
  enter: () => void;
}

/**
 * What is answered on a screen of several steps. A reading that meets trouble is told at once, with what was read before
 * it; all else is told together, each step as a fact of its own.
 *
 * @param screen where its fields are
 */
export function useStepAnswers(steps: readonly ScreenStep[], screen: RefObject<HTMLElement | null>) {
  const { record, state, tell, entered, enter } = useVisitWork();
  const { busy, problem, run } = useAction();
  /** Fields that were left or asked for: what is wrong there is said, not while it is typed. */
  const [checked, setChecked] = useState<ReadonlySet<string>>(new Set());

  const isMissing = (step: ScreenStep) => answerOf(step) !== null && enteredFact(step, entered) === null;
  const check = (...some: readonly ScreenStep[]) =>
    setChecked((before) => new Set([...before, ...some.map(stepKey)]));
  const tellAll = () => void run(() => tell(factsOf(steps, entered)));

  /** An answer is there: told on the spot where it meets trouble. Whether it was told. */
  const tellTrouble = (step: ScreenStep, now: Entered): boolean => {
    const facts = factsOf(steps.slice(0, steps.indexOf(step) + 1), now);
    if (busy || enteredFact(step, now) === null || !meetsTrouble(record.plan, state, facts)) return false;
    void run(() => tell(facts));
    return true;
  };

  const focus = (step: ScreenStep) => {
    const places = [...(screen.current?.querySelectorAll<HTMLElement>('[data-step]') ?? [])];
    const at = places.find(({ dataset }) => dataset.step === stepKey(step));
    at?.querySelector<HTMLElement>('input, button')?.focus();
  };

  /** All is told, or what is missing is said where it is missing. */
  const submit = () => {
    const missing = steps.filter(isMissing);
    if (missing.length === 0) return tellAll();
    check(...missing);
    focus(missing[0]!);
  };

  const wrongAt = (step: ScreenStep): string | null => {
    if (!checked.has(stepKey(step))) return null;
    const read = readAnswer(step, entered);
    if (read) return 'wrong' in read ? read.wrong : null;
    return answerOf(step)?.kind === 'figure' ? messages.enterTheReading : messages.chooseWhatYouFound;
  };

  const fieldOf = (step: ScreenStep): ReadingField => {
    const typed = entered[stepKey(step)] ?? '';
    const leave = () => {
      if (typed !== '') check(step);
      return tellTrouble(step, entered);
    };
    return {
      typed,
      wrong: wrongAt(step),
      isSound: enteredFact(step, entered) !== null,
      type: (text) => enter(stepKey(step), text),
      leave,
      enter: () => {
        if (leave()) return;
        const next = isMissing(step) ? undefined : steps.find(isMissing);
        if (next) focus(next);
        else submit();
      },
    };
  };

  return {
    busy,
    problem,
    fieldOf,
    wrongAt,
    chosen: (step: ScreenStep) => entered[stepKey(step)] ?? null,
    choose: (step: ScreenStep, label: string) => {
      enter(stepKey(step), label);
      tellTrouble(step, { ...entered, [stepKey(step)]: label });
    },
    /** The first step that waits for its answer: what comes after it is not done yet. */
    openAt: steps.findIndex(isMissing),
    submit,
  };
}
