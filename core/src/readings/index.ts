export * from './evidence.ts';
export { gatherEvidence } from './gatherEvidence.ts';
export { handleAt, standing } from './history.ts';
export { judgedTrips, paceOf, sayTrip, sayWindow } from './tripEvidence.ts';
export { loadFact } from './loadEvidence.ts';
