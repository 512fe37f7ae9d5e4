import { STORY_KINDS, type Story, type StoryEntry, type StoryKind } from '@phylaxon/core/views/timeline';
import { useEffect, useState } from 'react';
import { api } from '../api/index.ts';
import { sayError, toInstant } from '../shared/index.ts';
import { usePanel } from '../stores/index.ts';

/** What of a story a person wants to see. Dates are local days. */
export interface Wanted {
  kinds: readonly StoryKind[];
  text: string;
  from: string;
  to: string;
}
export const EVERYTHING: Wanted = { kinds: STORY_KINDS, text: '', from: '', to: '' };

interface Told {
  entries: StoryEntry[];
  next: string | null;
  counts: Story['counts'] | null;
  problem: string | null;
}
const NOTHING: Told = { entries: [], next: null, counts: null, problem: null };

/** From the first moment of one day to the last of another. */
const days = ({ from, to }: Wanted) => ({
  ...(from && { from: toInstant(`${from}T00:00:00`) }),
  ...(to && { to: toInstant(`${to}T23:59:59.999`) }),
});

/** A breaker’s story as it is wanted; asked for again when something was logged. */
export function useStory(breakerId: string, wanted: Wanted) {
  const generation = usePanel((state) => state.generation);
  const [told, setTold] = useState<Told>(NOTHING);
  const { kinds, text, from, to } = wanted;
  const asked = kinds.join(',');

  useEffect(() => {
    let current = true;
    const timer = setTimeout(
      () => {
        const filter = {
          kinds: asked.split(',') as StoryKind[],
          text,
          ...days({ kinds: [], text, from, to }),
        };
        api.story(breakerId, filter).then(
          (story) => current && setTold({ ...story, problem: null }),
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
      const story = await api.story(breakerId, { kinds, text, ...days(wanted), before: told.next });
      setTold((before) => ({ ...story, problem: null, entries: [...before.entries, ...story.entries] }));
    } catch (error) {
      setTold((before) => ({ ...before, problem: sayError(error) }));
    }
  };
  return { ...told, older };
}
