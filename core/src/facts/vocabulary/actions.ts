/**
 * The fixed words of a diagnosis: causes, actions, tests and their outcomes. Ids never change; the
 * words shown to people are the interface's own.
 *
 * Level 0: look, listen, touch the closed cover. Level 1: plug-in tools or records, cover closed.
 * Level 2: cover off or a meter inside the panel, qualified persons only. `energised` tests are
 * diagnostic measurements on live parts; nothing is ever changed live. `danger` outcomes stop the
 * case by themselves.
 */
export const FAMILIES = ['reset', 'resize', 'replace', 'not-the-breaker', 'keep', 'need-more'] as const;
export type Family = (typeof FAMILIES)[number];

/** The highest level of test each profile is offered. */
export const PROFILE_LEVEL = { homeowner: 1, electrician: 2 } as const;
export type Profile = keyof typeof PROFILE_LEVEL;

/** Why a homeowner may not measure, look or log there. */
export const BEHIND_THE_COVER =
  'This is behind the cover: work for a qualified electrician, not a homeowner.';

/** What may be done, with the family each action belongs to. */
export const ACTIONS = {
  'complete-reset': 'reset',
  'reset-and-watch': 'reset',
  'reset-other-device': 'reset',
  'size-down': 'resize',
  'size-up': 'resize',
  'split-circuit': 'resize',
  rewire: 'resize',
  'replace-breaker': 'replace',
  'replace-breaker-and-remake-joint': 'replace',
  'replace-panel': 'replace',
  'replace-main': 'replace',
  'shed-load': 'not-the-breaker',
  'repair-appliance': 'not-the-breaker',
  'repair-wiring': 'not-the-breaker',
  'separate-conductors': 'not-the-breaker',
  'dry-and-inspect': 'not-the-breaker',
  'cool-surroundings': 'not-the-breaker',
  'call-utility': 'not-the-breaker',
  'remake-joint': 'not-the-breaker',
  'make-safe-and-call': 'not-the-breaker',
  'repair-neutral': 'not-the-breaker',
  'replace-device': 'not-the-breaker',
  'wait-for-supply': 'not-the-breaker',
  'correct-directory': 'not-the-breaker',
  keep: 'keep',
  'gather-more': 'need-more',
} as const satisfies Record<string, Family>;
export type ActionId = keyof typeof ACTIONS;
