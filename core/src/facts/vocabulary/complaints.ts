/** What somebody comes with. */
export const COMPLAINTS = ['dead', 'trips', 'lights', 'danger-sign', 'check'] as const;
export type Complaint = (typeof COMPLAINTS)[number];

/** Complaints in words. */
export const COMPLAINT_WORDS: Record<Complaint, string> = {
  dead: 'Something is dead',
  trips: 'A breaker trips',
  lights: 'The lights flicker, dim or flare',
  'danger-sign': 'Heat, a smell, a noise or water',
  check: 'A check, nothing is wrong',
};
