import type { SpotId, TestId } from '@phylaxon/core/facts/vocabulary';

interface SpotWords {
  title: string;
  /** All is as it should be. */
  nothing: string;
}

/** What is done at each spot, and how it is said that nothing is amiss there. */
export const SPOT_WORDS: Record<SpotId, SpotWords> = {
  senses: {
    title: 'Check the closed panel first. Don’t touch a handle yet.',
    nothing: 'I checked all of these. None apply.',
  },
  handle: {
    title: 'Look at the handle, then push it lightly with one finger',
    nothing: 'The handle is on and firm',
  },
  memory: { title: 'Before and after the trouble started', nothing: 'None of these' },
  inside: {
    title: 'Turn off the main and lock it out. Verify absence of voltage, then remove the cover and inspect.',
    nothing: 'I inspected all of these. All normal.',
  },
};

/** What is done for each look, in a word, where the list is read standing. */
export const LOOK_WORDS: Partial<Record<TestId, string>> = {
  sound: 'Listen',
  smell: 'Smell',
  'water-signs': 'Look',
  'panel-touch': 'Feel',
  'light-behaviour': 'Lights',
};
