/** How soon a trip came: at once (a snap), within a minute, within the hour, later. */
export const PACES = ['at-once', 'seconds', 'minutes', 'hours'] as const;
export type Pace = (typeof PACES)[number];

/** Most loads that are told apart in one trial. */
export const MOST_CONNECTED = 14;

/** How a case may end. */
export const CASE_OUTCOMES = [
  'reset-holds',
  'replaced',
  'resized',
  'repaired-elsewhere',
  'handed-over',
  'not-found',
] as const;
export type CaseOutcome = (typeof CASE_OUTCOMES)[number];

/** Why a question has no answer: put off, beyond this person or place, or seen and not told apart. */
export const PASSES = ['skip', 'cannot', 'unsure'] as const;
export type Pass = (typeof PASSES)[number];

/** How it is known what a case was: seen or measured, or gone for good once that was put right. */
export const HOW_CONFIRMED = ['seen', 'measured', 'cured'] as const;
export type HowConfirmed = (typeof HOW_CONFIRMED)[number];
