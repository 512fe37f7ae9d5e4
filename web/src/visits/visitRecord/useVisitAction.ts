import { useState } from 'react';
import { sayError } from '../../shared/ui/index.ts';

/** One thing at a time; what went wrong is told. */
export function useVisitAction() {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const once = async (work: () => Promise<void>) => {
    if (busy) return;
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(sayError(error));
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, once };
}
