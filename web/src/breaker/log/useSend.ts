import { useState } from 'react';
import type { Sendable } from '../../shared/api/index.ts';
import { sendEntries } from '../../shared/stores/index.ts';

/** What became of an entry: stored, or kept here until the server is back. */
export type Outcome = 'stored' | 'waiting' | null;

/** Sends an entry; tells what became of it. */
export function useSend() {
  const [outcome, setOutcome] = useState<Outcome>(null);
  const send = async (entry: Sendable, onTaken: () => void) => {
    setOutcome(null);
    const became = await sendEntries(entry);
    onTaken();
    setOutcome(became);
  };
  return { send, outcome };
}
