import {
  TIMELINE_KINDS,
  type Timeline,
  type TimelineEntry,
  type TimelineKind,
} from '@phylaxon/core/views/timeline';
import { useEffect, useState } from 'react';
import { api } from '../api/index.ts';
import { sayError, toInstant } from '../shared/index.ts';
import { usePanel } from '../stores/index.ts';

/** What of a timeline a person wants to see. Dates are local days. */
export interface Wanted {
  kinds: readonly TimelineKind[];
  text: string;
  from: string;
  to: string;
}
export const EVERYTHING: Wanted = { kinds: TIMELINE_KINDS, text: '', from: '', to: '' };

interface Told {
  entries: TimelineEntry[];
  next: string | null;
  counts: Timeline['counts'] | null;
  problem: string | null;
}
const NOTHING: Told = { entries: [], next: null, counts: null, problem: null };

/** From the first moment of one day to the last of another. */
const days = ({ from, to }: Wanted) => ({
  ...(from && { from: toInstant(`${from}T00:00:00`) }),
  ...(to && { to: toInstant(`${to}T23:59:59.999`) }),
});

/** A breaker’s timeline as it is wanted; asked for again when something was logged. */
export function useTimeline(breakerId: string, wanted: Wanted) {
  const generation = usePanel((state) => state.generation);
  const [told, setTold] = useState<Told>(NOTHING);
  const { kinds, text, from, to } = wanted;
  const asked = kinds.join(',');

  useEffect(() => {
    let current = true;
    const timer = setTimeout(
      () => {
        const filter = {
          kinds: asked.split(',') as TimelineKind[],
          text,
          ...days({ kinds: [], text, from, to }),
        };
        api.timeline(breakerId, filter).then(
          (timeline) => current && setTold({ ...timeline, problem: null }),
          (error: Error) => current && setTold((before) => ({ ...before, problem: error.message })),
        );
      },
      text ? 200 : 0,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [breakerId, generation, asked, text, from, to]);

  const older = async () => {
    if (told.next === null) return;
    try {
      const timeline = await api.timeline(breakerId, { kinds, text, ...days(wanted), before: told.next });
      setTold((before) => ({
        ...timeline,
        problem: null,
        entries: [...before.entries, ...timeline.entries],
      }));
    } catch (error) {
      setTold((before) => ({ ...before, problem: sayError(error) }));
    }
  };
  return { ...told, older };
}
