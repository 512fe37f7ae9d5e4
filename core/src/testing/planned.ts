import type { PlannedPanel } from '../views/planning/index.ts';

/** A panel of which nothing was planned, logged or entered yet. */
export const NOTHING_PLANNED = {
  peak: null,
  atMain: null,
  sheet: null,
  signs: [],
  corrections: [],
  sources: null,
  critical: [],
  proposals: [],
} satisfies Omit<PlannedPanel, 'panel' | 'breakers'>;
