export { firstAtOrAfter, usualInterval, type Samples } from './samples.ts';
export * from './clock.ts';
export * from './overTime.ts';
export * from './envelope.ts';
export { currentSteps, type CurrentStep } from './steps.ts';
export type { KnownLoad } from './sizes.ts';
export * from './loadEvents.ts';
export * from './loadTurns.ts';
export * from './voltageEvents.ts';
