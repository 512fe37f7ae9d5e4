import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { isServerGone, type Sendable } from '../../shared/api/index.ts';
import { invalidateRecord, recordQueries } from '../../shared/queries/index.ts';
import { sendEntries, useChanges, useCommands, useOutbox } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** What can be done in a case: sent, or kept here until the server is back. */
export type Act = (...entries: Sendable[]) => Promise<void>;

/**
 * A case, kept up to date with the server and with what waits for it.
 *
 * @returns the case with everything that waits put in its place; `act` to do something in it
 */
export function useCaseRecord(caseId: string) {
  const { data: told = null, error } = useQuery(recordQueries.case(caseId));
  const heard = useChanges(`/cases/${caseId}`);
  const all = useOutbox((state) => state.waiting);
  const commands = useCommands();
  const waiting = useMemo(
    () =>
      commands ? all.filter((entry) => entry.refused === null && commands.isInCase(entry, caseId, told)) : [],
    [all, caseId, told, commands],
  );
  const act: Act = useCallback(async (...entries) => {
    await sendEntries(...entries);
    await invalidateRecord();
  }, []);
  const file = useMemo(
    () => told && (commands ? commands.withSent(told, waiting) : told),
    [told, waiting, commands],
  );
  return { file, waiting: waiting.length, problem: error?.message ?? null, heard, act };
}

/** Do something that cannot wait for the server: what went wrong, in words. */
export async function tryNow(work: () => Promise<unknown>): Promise<string | null> {
  try {
    await work();
    return null;
  } catch (error) {
    if (isServerGone(error)) return messages.theServerIsNotAnsweringTry;
    return error instanceof Error ? error.message : String(error);
  }
}
