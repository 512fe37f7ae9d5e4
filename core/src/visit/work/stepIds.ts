/** What hands do at a place, with the panel dead and proved dead. */
export const STEPS = [
  'mark',
  'free',
  'rock-off',
  'stab',
  'compare',
  'click',
  'bring-cable',
  'ground-in',
  'hook-press',
  'neutral-in',
  'join-tail',
  'splice',
  'cut-back',
  'compound',
  'conductor-in',
  'cap',
  'fill',
] as const;
export type StepId = (typeof STEPS)[number];

/** What is done to a conductor before it goes under its screw again. */
export const BEFORE_ITS_SCREW = ['join-tail', 'splice', 'cut-back', 'compound'] as const satisfies StepId[];
export type ExtraStep = (typeof BEFORE_ITS_SCREW)[number];
