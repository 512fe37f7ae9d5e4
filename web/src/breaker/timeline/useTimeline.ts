import { TIMELINE_KINDS, type TimelineKind } from '@phylaxon/core/views/timeline';
import { useInfiniteQuery } from '@tanstack/react-query';
import { recordQueries } from '../../shared/queries/index.ts';
import { toInstant, useSettled } from '../../shared/ui/index.ts';

/** What of a timeline a person wants to see. Dates are local days. */
export interface TimelineChoice {
  kinds: readonly TimelineKind[];
  text: string;
  from: string;
  to: string;
}
export const EVERYTHING: TimelineChoice = { kinds: TIMELINE_KINDS, text: '', from: '', to: '' };

/** From the first moment of one day to the last of another. */
const days = ({ from, to }: TimelineChoice) => ({
  ...(from && { from: toInstant(`${from}T00:00:00`) }),
  ...(to && { to: toInstant(`${to}T23:59:59.999`) }),
});

/** A breaker’s timeline as it is wanted, page by page. */
export function useTimeline(breakerId: string, wanted: TimelineChoice) {
  const text = useSettled(wanted.text);
  const { data, error, hasNextPage, fetchNextPage } = useInfiniteQuery(
    recordQueries.timeline(breakerId, { kinds: wanted.kinds, text, ...days(wanted) }),
  );
  return {
    entries: data?.pages.flatMap(({ entries }) => entries) ?? [],
    counts: data?.pages.at(-1)?.counts ?? null,
    problem: error?.message ?? null,
    hasOlder: hasNextPage,
    older: () => void fetchNextPage(),
  };
}
