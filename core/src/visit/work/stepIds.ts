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
  'inspect',
  'remove-bond',
  'move-neutrals',
  'check-separation',
  'fit-bond',
  'dry-out',
  'seal-entry',
  'cap',
  'fill',
] as const;
export type StepId = (typeof STEPS)[number];

/** What is done to a conductor before it goes under its screw again. */
export const BEFORE_ITS_SCREW = ['join-tail', 'splice', 'cut-back', 'compound'] as const satisfies StepId[];
export type ExtraStep = (typeof BEFORE_ITS_SCREW)[number];

/** Steps that the record follows at once: they are not taken back. */
export const RECORDED_STEPS = [
  'inspect',
  'check-separation',
  'fit-bond',
  'seal-entry',
  'fill',
] as const satisfies StepId[];
