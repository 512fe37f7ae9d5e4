import type { LOAD_STATES } from '@phylaxon/core/record/entities';
import { capital } from '../words/index.ts';

type LoadState = (typeof LOAD_STATES)[number];

/** What ran while something was measured, in words. */
export const LOAD_STATE_WORDS: Record<LoadState, string> = {
  unknown: 'not noted',
  'no-load': 'nothing running',
  normal: 'usual load',
  'everything-on': 'everything on',
};

/** As one is picked. */
export const LOAD_STATE_OPTIONS = (Object.entries(LOAD_STATE_WORDS) as [LoadState, string][]).map(
  ([value, words]) => ({ value, label: capital(words) }),
);
