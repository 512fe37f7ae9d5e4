import type { Board } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseView } from '@phylaxon/core/diagnosis/cases';
import { createContext, useContext } from 'react';
import type { Act } from './useCaseRecord.ts';
import * as messages from './messages.ts';

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
  if (!work) throw new Error('This entry belongs to a case.');
  return work;
}

/** What the breaker of a case is called, for an entry that has to wait. */
export const whereOf = ({ dossier }: CaseRecord): string =>
  dossier?.subject.circuit?.label ?? messages.theBreaker;

export const now = () => new Date().toISOString();
