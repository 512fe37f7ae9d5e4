export * from './hypotheses.ts';
export * from './likelihood.ts';
export * from './isRareWhenSound.ts';
export * from './prior.ts';
export * from './posterior.ts';
export * from './learned.ts';
