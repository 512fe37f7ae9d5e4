import type { VisitPart } from '@phylaxon/core/views/visit';
import type { VisitFact } from '@phylaxon/core/visit/work';
import { useState, type RefObject } from 'react';
import { toNumber, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from '../visitRecord/index.ts';
import { answerOf, factsUpTo, meetsTrouble, partKey } from './answers.ts';
import * as messages from './messages.ts';

/** A field for a reading. */
export interface Field {
  typed: string;
  wrong: string | null;
  /** It was read and meets no trouble. */
  isSound: boolean;
  type: (typed: string) => void;
  leave: () => void;
  enter: () => void;
}

/**
 * What is answered on a screen of several parts. A reading that meets trouble is told at once, with what was read before
 * it; all else is told together, each part as a fact of its own.
 *
 * @param form where its fields are
 */
export function useParts(parts: readonly VisitPart[], form: RefObject<HTMLFormElement | null>) {
  const { record, state, tell } = useVisitWork();
  const { busy, problem, run } = useAction();
  const [typed, setTyped] = useState<ReadonlyMap<string, string>>(new Map());
  const [answers, setAnswers] = useState<ReadonlyMap<string, VisitFact>>(new Map());
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map());

  const isMissing = (part: VisitPart, given: ReadonlyMap<string, VisitFact>) =>
    answerOf(part) !== null && !given.has(partKey(part));

  const put = (part: VisitPart, fact: VisitFact | null): ReadonlyMap<string, VisitFact> => {
    const next = new Map(answers);
    if (fact) next.set(partKey(part), fact);
    else next.delete(partKey(part));
    setAnswers(next);
    return next;
  };
  const send = (facts: readonly VisitFact[]) => void run(() => tell(facts));
  const sendAll = (given: ReadonlyMap<string, VisitFact>) => send(factsUpTo(parts, given, parts.length - 1));

  /** An answer is there: told at once where it meets trouble. Whether it was told. */
  const toldAtOnce = (part: VisitPart, given: ReadonlyMap<string, VisitFact>): boolean => {
    const facts = factsUpTo(parts, given, parts.indexOf(part));
    if (busy || !meetsTrouble(record.plan, state, facts)) return false;
    send(facts);
    return true;
  };

  const read = (part: VisitPart): ReadonlyMap<string, VisitFact> | null => {
    const answer = answerOf(part);
    if (answer?.kind !== 'figure') return answers;
    const value = toNumber(typed.get(partKey(part)) ?? '');
    if (value === null) return put(part, null);
    const result = answer.schema.safeParse(value);
    setWrong((before) => {
      const next = new Map(before);
      if (result.success) next.delete(partKey(part));
      else next.set(partKey(part), result.error.issues[0]!.message);
      return next;
    });
    return result.success ? put(part, answer.fact(result.data)) : (put(part, null), null);
  };

  const focus = (part: VisitPart) => {
    const fields = [...(form.current?.querySelectorAll<HTMLElement>('[data-part]') ?? [])];
    const at = fields.find(({ dataset }) => dataset.part === partKey(part));
    at?.querySelector<HTMLElement>('input, button')?.focus();
  };

  /** What is missing is told where it is missing. */
  const sendOrAsk = (given: ReadonlyMap<string, VisitFact>) => {
    const missing = parts.filter((part) => isMissing(part, given));
    if (missing.length === 0) return sendAll(given);
    setWrong(
      (before) =>
        new Map([
          ...missing.map(
            (part) =>
              [
                partKey(part),
                answerOf(part)!.kind === 'figure' ? messages.enterTheReading : messages.chooseWhatYouFound,
              ] as const,
          ),
          ...before,
        ]),
    );
    focus(missing[0]!);
  };

  const fieldOf = (part: VisitPart): Field => {
    const key = partKey(part);
    return {
      typed: typed.get(key) ?? '',
      wrong: wrong.get(key) ?? null,
      isSound: answers.has(key) && !wrong.has(key),
      type: (text) => {
        setTyped((before) => new Map([...before, [key, text]]));
        setWrong((before) => new Map([...before].filter(([one]) => one !== key)));
      },
      leave: () => {
        const given = read(part);
        if (given?.has(key)) toldAtOnce(part, given);
      },
      enter: () => {
        const given = read(part);
        if (!given || (given.has(key) && toldAtOnce(part, given))) return;
        const next = parts.find((one) => one !== part && isMissing(one, given));
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
    wrongAt: (part: VisitPart) => wrong.get(partKey(part)) ?? null,
    chosen: (part: VisitPart) => answers.get(partKey(part)) ?? null,
    choose: (part: VisitPart, fact: VisitFact) => {
      setWrong((before) => new Map([...before].filter(([one]) => one !== partKey(part))));
      toldAtOnce(part, put(part, fact));
    },
    /** The first part that waits for its answer: what comes after it is not done yet. */
    openAt: parts.findIndex((part) => isMissing(part, answers)),
    submit: () => sendOrAsk(answers),
  };
}
