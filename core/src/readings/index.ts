export * from './evidence.ts';
export { gatherEvidence } from './gatherEvidence.ts';
export { handleAt, standing } from './history.ts';
export * from './familyBand.ts';
export * from './trials.ts';
export { judgedTrips, PACE_OUTCOMES, sayTrip, sayWindow } from './tripEvidence.ts';
export { loadFact } from './loadEvidence.ts';
