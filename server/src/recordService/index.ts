export { panelEvidence, type PanelEvidence, timesGathered } from './panelEvidence.ts';
export * from './redecide.ts';
export * from './recordService.ts';
