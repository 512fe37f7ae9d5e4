import { useEffect, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { Button } from './Button.tsx';
import * as messages from './messages.ts';

export interface Versioned {
  /** The version the form was filled from; sent along, so that a change made meanwhile is not overwritten. */
  version: number;
  /** Somebody changed it since, and there is something typed here that is not stored. */
  isStale: boolean;
  takeTheirs: () => void;
  keepMine: () => void;
}

/**
 * Keep a form to what it is about while others may change that too. With nothing typed it follows; with
 * something typed it stays and says so.
 *
 * @param version what the thing is at now
 * @param start what the form shows of the thing as it is now
 * @param draft what is kept of the form for a reload: it counts as typed, and goes when the form follows
 */
export function useVersioned<V extends FieldValues, C, T>(
  form: UseFormReturn<V, C, T>,
  version: number,
  start: () => V,
  draft: { restored: boolean; forget: () => void },
): Versioned {
  // `theirs`: the form is to show the thing as it is at that version; else it keeps what is in it.
  const [based, setBased] = useState({ version, theirs: false });
  const { reset, formState } = form;
  const isTyped = formState.isDirty || draft.restored;
  if (version !== based.version && !isTyped) setBased({ version, theirs: true });
  useEffect(() => {
    if (!based.theirs) return;
    reset(start());
    draft.forget();
    // Only another version makes the form start anew, not another `start` for the same.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [based, reset]);
  return {
    version: based.version,
    isStale: version !== based.version && isTyped,
    takeTheirs: () => setBased({ version, theirs: true }),
    keepMine: () => setBased({ version, theirs: false }),
  };
}

/** Says that what the form is about was changed elsewhere, and lets the person choose. */
export function StaleNote({ versioned }: { versioned: Versioned }) {
  if (!versioned.isStale) return null;
  return (
    <div role="alert" className="border-l-4 border-heed bg-bone-raised py-2 pl-3">
      <p className="font-semibold">{messages.thisWasChangedElsewhereInThe}</p>
      <p className="mt-1 flex flex-wrap gap-2">
        <Button look="quiet" onClick={versioned.takeTheirs}>
          {messages.showTheCurrentVersion}
        </Button>
        <Button look="quiet" onClick={versioned.keepMine}>
          {messages.keepMyEntryReadyToSave}
        </Button>
      </p>
    </div>
  );
}
