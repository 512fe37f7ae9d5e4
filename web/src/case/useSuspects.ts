import type { Suspect } from '@phylaxon/core/diagnosis/cases';
import { useCallback } from 'react';
import { api } from '../api/index.ts';
import { useAsked } from '../shared/index.ts';

/** A breaker that may be meant, with its site. */
export type Placed = Suspect & { siteId: string };

/** Every breaker at some sites, as a search for the right one looks at them; the sites as one text, with blanks. */
export function useSuspects(siteIds: string): { suspects: Placed[] | null; problem: string | null } {
  const ask = useCallback(async () => {
    const lists = await Promise.all(
      siteIds
        .split(' ')
        .filter(Boolean)
        .map(async (siteId) => (await api.suspects(siteId)).suspects.map((one) => ({ ...one, siteId }))),
    );
    return lists.flat();
  }, [siteIds]);
  const { answer, problem } = useAsked(ask);
  return { suspects: answer, problem };
}
