import { useState } from 'react';
import type { Pending } from '../api/index.ts';
import { sendEntry, usePanel } from '../stores/index.ts';

/** What became of an entry: stored, or kept here until the server is back. */
export type Outcome = 'stored' | 'waiting' | null;

/** Sends an entry, then asks for the board and the detail again; tells what became of it. */
export function useSend() {
  const refresh = usePanel((state) => state.refresh);
  const [outcome, setOutcome] = useState<Outcome>(null);
  const send = async (entry: Pending, onTaken: () => void) => {
    setOutcome(null);
    const became = await sendEntry(entry);
    // At once: a reload while the board is asked for again must not find the entry in the form.
    onTaken();
    setOutcome(became);
    if (became === 'stored') await refresh();
  };
  return { send, outcome };
}
