/** So many things happen on a visit at most. */
export const MOST_VISIT_FACTS = 400;

/** What may be done to a place with the panel dead. */
export const WORKS = ['replace', 'new-breaker', 'move', 'remake-joint'] as const;
export type WorkType = (typeof WORKS)[number];

/** How a breaker’s own neutral is connected: not at all, by a pigtail to the bar, or by sitting on the bar. */
export const NEUTRALS = ['none', 'pigtail', 'plug-on'] as const;

/** Other sources that may feed a panel from its load side. */
export const SOURCE_KINDS = ['solar', 'battery', 'generator', 'vehicle'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** What proves the work once the power is back. */
export const PROOFS = [
  'off-output',
  'between-poles',
  'outlet-wiring',
  'test-button',
  'current',
  'temperature',
] as const;
export type ProofId = (typeof PROOFS)[number];
