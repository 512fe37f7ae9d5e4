/** What somebody comes with. */
export const COMPLAINTS = ['dead', 'trips', 'lights', 'danger-sign', 'check'] as const;
export type Complaint = (typeof COMPLAINTS)[number];

/** Complaints in words. */
export const COMPLAINT_WORDS: Record<Complaint, string> = {
  dead: 'Something is dead',
  trips: 'A breaker trips',
  lights: 'Lights flicker, dim or get brighter',
  'danger-sign': 'Heat, smell, noise or water',
  check: 'Routine check, nothing is wrong',
};
