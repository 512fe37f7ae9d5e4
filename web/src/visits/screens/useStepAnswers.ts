import type { ScreenStep } from '@phylaxon/core/views/visit';
import type { VisitFact } from '@phylaxon/core/visit/work';
import { useState, type RefObject } from 'react';
import { toNumber, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { answerOf, factsUpTo, meetsTrouble, stepKey } from './answers.ts';
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
 * @param form where its fields are
 */
export function useStepAnswers(steps: readonly ScreenStep[], form: RefObject<HTMLFormElement | null>) {
  const { record, state, tell } = useVisitWork();
  const { busy, problem, run } = useAction();
  const [typed, setTyped] = useState<ReadonlyMap<string, string>>(new Map());
  const [answers, setAnswers] = useState<ReadonlyMap<string, VisitFact>>(new Map());
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map());

  const isMissing = (step: ScreenStep, given: ReadonlyMap<string, VisitFact>) =>
    answerOf(step) !== null && !given.has(stepKey(step));

  const put = (step: ScreenStep, fact: VisitFact | null): ReadonlyMap<string, VisitFact> => {
    const next = new Map(answers);
    if (fact) next.set(stepKey(step), fact);
    else next.delete(stepKey(step));
    setAnswers(next);
    return next;
  };
  const send = (facts: readonly VisitFact[]) => void run(() => tell(facts));
  const sendAll = (given: ReadonlyMap<string, VisitFact>) => send(factsUpTo(steps, given, steps.length - 1));

  /** An answer is there: told at once where it meets trouble. Whether it was told. */
  const toldAtOnce = (step: ScreenStep, given: ReadonlyMap<string, VisitFact>): boolean => {
    const facts = factsUpTo(steps, given, steps.indexOf(step));
    if (busy || !meetsTrouble(record.plan, state, facts)) return false;
    send(facts);
    return true;
  };

  const read = (step: ScreenStep): ReadonlyMap<string, VisitFact> | null => {
    const answer = answerOf(step);
    if (answer?.kind !== 'figure') return answers;
    const value = toNumber(typed.get(stepKey(step)) ?? '');
    if (value === null) return put(step, null);
    const result = answer.schema.safeParse(value);
    setWrong((before) => {
      const next = new Map(before);
      if (result.success) next.delete(stepKey(step));
      else next.set(stepKey(step), result.error.issues[0]!.message);
      return next;
    });
    return result.success ? put(step, answer.fact(result.data)) : (put(step, null), null);
  };

  const focus = (step: ScreenStep) => {
    const fields = [...(form.current?.querySelectorAll<HTMLElement>('[data-step]') ?? [])];
    const at = fields.find(({ dataset }) => dataset.step === stepKey(step));
    at?.querySelector<HTMLElement>('input, button')?.focus();
  };

  /** What is missing is told where it is missing. */
  const sendOrAsk = (given: ReadonlyMap<string, VisitFact>) => {
    const missing = steps.filter((step) => isMissing(step, given));
    if (missing.length === 0) return sendAll(given);
    setWrong(
      (before) =>
        new Map([
          ...missing.map(
            (step) =>
              [
                stepKey(step),
                answerOf(step)!.kind === 'figure' ? messages.enterTheReading : messages.chooseWhatYouFound,
              ] as const,
          ),
          ...before,
        ]),
    );
    focus(missing[0]!);
  };

  const fieldOf = (step: ScreenStep): ReadingField => {
    const key = stepKey(step);
    return {
      typed: typed.get(key) ?? '',
      wrong: wrong.get(key) ?? null,
      isSound: answers.has(key) && !wrong.has(key),
      type: (text) => {
        setTyped((before) => new Map([...before, [key, text]]));
        setWrong((before) => new Map([...before].filter(([one]) => one !== key)));
      },
      leave: () => {
        const given = read(step);
        if (given?.has(key)) toldAtOnce(step, given);
      },
      enter: () => {
        const given = read(step);
        if (!given || (given.has(key) && toldAtOnce(step, given))) return;
        const next = steps.find((one) => one !== step && isMissing(one, given));
        if (!given.has(key)) sendOrAsk(given);
        else if (next) focus(next);
        else sendAll(given);
      },
    };
  };

  return {
    busy,
    problem,
    fieldOf,
    wrongAt: (step: ScreenStep) => wrong.get(stepKey(step)) ?? null,
    chosen: (step: ScreenStep) => answers.get(stepKey(step)) ?? null,
    choose: (step: ScreenStep, fact: VisitFact) => {
      setWrong((before) => new Map([...before].filter(([one]) => one !== stepKey(step))));
      toldAtOnce(step, put(step, fact));
    },
    /** The first step that waits for its answer: what comes after it is not done yet. */
    openAt: steps.findIndex((step) => isMissing(step, answers)),
    submit: () => sendOrAsk(answers),
  };
}
