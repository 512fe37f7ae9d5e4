import type { CaseRecord } from '@phylaxon/core/diagnosis/cases';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { api, isServerGone, type Pending } from '../api/index.ts';
import { sendEntry, useOutbox, useSettings } from '../stores/index.ts';
import { isInCase, withSent } from '@phylaxon/core/commands';

const say = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** What can be done in a case: sent, or kept here until the server is back. */
export type Act = (...entries: Pending[]) => Promise<void>;

/**
 * A case, kept up to date with the server and with what waits for it.
 *
 * @returns the case with everything that waits put in its place; `act` to do something in it
 */
export function useCaseRecord(caseId: string) {
  const [told, setTold] = useState<CaseRecord | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [heard, setHeard] = useState(true);
  const all = useOutbox((state) => state.waiting);
  const waiting = useMemo(
    () => all.filter((entry) => entry.refused === null && isInCase(entry, caseId, told)),
    [all, caseId, told],
  );
  const loadSettings = useSettings((state) => state.load);
  // A slow answer to an earlier question must not replace a later one.
  const asked = useRef(0);

  const load = useCallback(async () => {
    const turn = ++asked.current;
    try {
      const answer = await api.caseFile(caseId);
      if (turn !== asked.current) return;
      setTold(answer);
      setProblem(null);
    } catch (error) {
      if (turn === asked.current) setProblem(say(error));
    }
  }, [caseId]);

  useEffect(() => {
    const source = new EventSource(`/api/v1/cases/${caseId}/changes`);
    source.addEventListener('changed', () => {
      void load();
      void loadSettings().catch(() => undefined);
    });
    source.onopen = () => {
      setHeard(true);
      void load();
    };
    source.onerror = () => setHeard(false);
    return () => source.close();
  }, [caseId, load, loadSettings]);
  // What waited was stored, here or in another tab.
  useEffect(() => void Promise.resolve().then(load), [load, waiting.length]);

  const act: Act = useCallback(
    async (...entries) => {
      for (const entry of entries) await sendEntry(entry);
      await load();
    },
    [load],
  );

  const file = useMemo(() => told && withSent(told, waiting), [told, waiting]);
  return { file, waiting: waiting.length, problem, heard, act, reload: load };
}

/** Do something that cannot wait for the server: what went wrong, in words. */
export async function tryNow(work: () => Promise<unknown>): Promise<string | null> {
  try {
    await work();
    return null;
  } catch (error) {
    return isServerGone(error) ? 'The server does not answer: try again when it runs.' : say(error);
  }
}
