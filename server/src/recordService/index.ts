export { panelEvidence, timesGathered } from './panelEvidence.ts';
export * from './redecide.ts';
export * from './recordService.ts';
