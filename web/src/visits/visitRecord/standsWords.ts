import type { VisitStands } from '@phylaxon/core/views/visit';

/** How a visit stands, in a list. */
export const STANDS_WORDS: Record<VisitStands, string> = {
  planned: 'planned',
  'under-way': '▸ In progress',
  finished: '✓ Completed and tested',
  left: '✕ ended early',
};
