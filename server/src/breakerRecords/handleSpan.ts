import type { handleAt } from '@phylaxon/core/diagnosis/evidence';

/** Until when the handle stood how: one span after another, the last without end. */
export interface HandleSpan {
  /** First instant after the span; sorts after every instant for the last. */
  before: string;
  position: ReturnType<typeof handleAt>;
}
