import { currentFromTable, type FromTable } from '@phylaxon/core/views/csv';
import type { LoggedStretch, ProfileQuestion } from '@phylaxon/core/physics/profile';
import { readTable } from './readTable.ts';

/** What runs, with the name of a logged current instead of the current itself: it may be long. */
export type RunningQuestion = Omit<ProfileQuestion, 'logged'> & { loggedId: string | null };

/** The logged current that was opened last; the worker keeps it, so that it is not sent to and fro. */
let kept: { id: string; stretches: LoggedStretch[] } | null = null;

/** Read a logged current from a CSV file and keep it. */
export async function keepLogged(file: File): Promise<FromTable<{ id: string; stretches: number }>> {
  const read = currentFromTable(await readTable(file));
  if ('problems' in read) return read;
  kept = { id: crypto.randomUUID(), stretches: read.ok };
  return { ok: { id: kept.id, stretches: read.ok.length } };
}

/** The question as the core takes it. */
export const profileOf = ({ loggedId, ...question }: RunningQuestion): ProfileQuestion => ({
  ...question,
  logged: loggedId !== null && kept?.id === loggedId ? kept.stretches : [],
});
