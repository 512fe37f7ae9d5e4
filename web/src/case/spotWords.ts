import type { SpotId, TestId } from '@phylaxon/core/facts/vocabulary';

interface SpotWords {
  title: string;
  /** All is as it should be. */
  nothing: string;
}

/** What is done at each spot, and how it is said that nothing is amiss there. */
export const SPOT_WORDS: Record<SpotId, SpotWords> = {
  senses: {
    title: 'Stand at the closed panel. Touch no handle yet',
    nothing: 'I did all this: nothing of it',
  },
  handle: { title: 'The handle: look, then one finger', nothing: 'It is on, and firm' },
  memory: { title: 'What you remember of it', nothing: 'None of these' },
  inside: {
    title: 'Panel dead and proved dead: look inside',
    nothing: 'I looked at all of it: as it should be',
  },
};

/** What is done for each look, in a word, where the list is read standing. */
export const LOOK_WORDS: Partial<Record<TestId, string>> = {
  sound: 'Listen',
  smell: 'Smell',
  'water-signs': 'Look',
  'panel-touch': 'Feel',
  'light-behaviour': 'The lights',
};
