import type { LOAD_STATES } from '@phylaxon/core/record/entities';
import { capital } from '../words/index.ts';
import * as messages from './messages.ts';

type LoadState = (typeof LOAD_STATES)[number];

/** What ran while something was measured, in words. */
export const LOAD_STATE_WORDS: Record<LoadState, string> = {
  unknown: messages.notNoted,
  'no-load': messages.noLoad,
  normal: messages.usualLoad,
  'everything-on': messages.everythingOn,
};

/** As one is picked. */
export const LOAD_STATE_OPTIONS = (Object.entries(LOAD_STATE_WORDS) as [LoadState, string][]).map(
  ([value, words]) => ({ value, label: capital(words) }),
);
