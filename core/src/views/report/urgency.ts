import type { Urgency } from './schema.ts';

/** How soon, as a heading and in words. */
export const URGENCY_WORDS: Record<Urgency, { name: string; means: string }> = {
  now: { name: 'Now', means: 'Before anything there is used again.' },
  days: { name: 'Within days', means: 'It works today, and it is not safe to leave.' },
  weeks: { name: 'Within weeks', means: 'It fails sooner or later; better while it can be planned.' },
  plan: { name: 'To plan for', means: 'No danger today.' },
};
