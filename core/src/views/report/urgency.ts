import type { Urgency } from './schema.ts';
import * as messages from './messages.ts';

/** How soon, as a heading and in words. */
export const URGENCY_WORDS: Record<Urgency, { name: string; means: string }> = {
  now: { name: messages.now, means: messages.beforeAnythingThereIsUsedAgain },
  days: { name: messages.withinDays, means: messages.itWorksTodayButMustNot },
  weeks: {
    name: messages.withinWeeks,
    means: messages.itWillFailSoonerOrLater,
  },
  plan: { name: messages.planAhead, means: messages.noDangerToday },
};
