import type { Board } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseView } from '@phylaxon/core/diagnosis/cases';
import { createContext, useContext, useState } from 'react';
import type { Act } from './useCaseRecord.ts';

/** What every step works with. */
export interface StepWork {
  file: CaseRecord;
  /** How it stands, and about how many screens are left. */
  view: CaseView & { left: number };
  act: Act;
  /** The panel as it hangs; `null`: none is drawn, or it is not here yet. */
  board: Board | null;
}

const Work = createContext<StepWork | null>(null);
export const StepWorkProvider = Work.Provider;

export function useStepWork(): StepWork {
  const work = useContext(Work);
  if (!work) throw new Error('A step stands in a case.');
  return work;
}

/**
 * Do something once, so that nothing is sent twice; what goes wrong is told here.
 *
 * @returns `once`: busy from the tap until the next step has taken this one’s place; `again`: for what leaves the step
 *   where it is, free when it is done
 */
export function useCaseAction() {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const doing = async (work: () => Promise<void>, freeAgain: boolean) => {
    if (busy) return;
    setBusy(true);
    setProblem(null);
    try {
      await work();
      if (freeAgain) setBusy(false);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
      setBusy(false);
    }
  };
  return {
    busy,
    problem,
    once: (work: () => Promise<void>) => doing(work, false),
    again: (work: () => Promise<void>) => doing(work, true),
  };
}

/** What the breaker of a case is called, for an entry that has to wait. */
export const whereOf = ({ dossier }: CaseRecord): string => dossier?.subject.circuit?.label ?? 'the breaker';

export const now = () => new Date().toISOString();
