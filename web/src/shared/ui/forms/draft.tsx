import { useEffect, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import * as messages from './messages.ts';

const keyOf = (name: string) => `phylaxon-draft-${name}`;

function kept<T = object>(name: string): T | null {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(name)) ?? 'null') as T | null;
  } catch {
    return null;
  }
}

/** What a form starts with: what was typed into it before a reload and not stored, else `start`. */
export const withDraft = <V extends FieldValues>(name: string, start: V): V => ({ ...start, ...kept(name) });

/**
 * Keep what is typed into a form until it is stored, so that it survives a reload of the page. The
 * time of an entry is not kept: a form opened again is about now.
 *
 * @param name tells this form from all others
 * @param start what the form starts with when nothing is kept
 * @returns whether something was kept from before, `forget` to be called when it is stored, and `clear`, which
 *   empties the form as well
 */
export function useDraft<V extends FieldValues, C, T>(
  name: string,
  form: UseFormReturn<V, C, T>,
  start: () => V,
) {
  const [restored, setRestored] = useState(() => kept(name) !== null);
  const { subscribe, reset } = form;
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          const rest: Record<string, unknown> = { ...values, at: undefined };
          sessionStorage.setItem(keyOf(name), JSON.stringify(rest));
        },
      }),
    [name, subscribe],
  );
  const forget = () => {
    sessionStorage.removeItem(keyOf(name));
    setRestored(false);
  };
  const clear = () => {
    reset(start());
    forget();
  };
  return { restored, forget, clear };
}

/**
 * State that survives a reload of the page until it is forgotten, for what is told step by step and not in a form.
 *
 * @param mayRestore whether what was kept still holds
 */
export function useKept<T>(
  name: string,
  start: T,
  mayRestore: (value: T) => boolean = () => true,
): [T, (value: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => {
    const before = kept<T>(name);
    return before !== null && mayRestore(before) ? before : start;
  });
  const keep = (next: T) => {
    sessionStorage.setItem(keyOf(name), JSON.stringify(next));
    setValue(next);
  };
  const forget = () => sessionStorage.removeItem(keyOf(name));
  return [value, keep, forget];
}

/** Says that a form holds what was typed before, and offers to empty it. */
export function DraftNote({ draft }: { draft: { restored: boolean; clear: () => void } }) {
  if (!draft.restored) return null;
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-3 border-l-4 border-heed pl-3">
      {messages.restoredFromAnEarlierEntryNot}
      <button
        type="button"
        onClick={draft.clear}
        className="min-h-11 font-semibold underline underline-offset-4"
      >
        {messages.clearThisForm}
      </button>
    </p>
  );
}
