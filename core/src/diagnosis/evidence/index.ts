export {
  coolDownOf,
  coolDownTimes,
  countsFrom,
  countsSince,
  failedResets,
  familyBand,
  familyCurve,
  handleAt,
  itemOf,
  marked,
  METER_POINTS,
  meterPointsOf,
  notStruck,
  outcomeOf,
  tripTrial,
  type BreakerEstimate,
  type BreakerRecord,
  type CoolDown,
  type EvidenceInput,
  type Evidence,
  type EvidenceItem,
  type Figure,
  type HeatFact,
  type LoadFact,
  type MeteredTest,
  type MeterPoint,
  type PanelFinding,
  type TripFact,
  type TripTrial,
} from '../evidenceItems/index.ts';
export { gatherEvidence } from './gatherEvidence.ts';
export * from './tripTrials.ts';
export { judgedTrips, resetOutcome, sayTrip, sayWindow } from './tripEvidence.ts';
export { asTrial, isolationTrials, type IsolationEvent } from './isolationEvidence.ts';
export { panelFindings } from './panelFindings.ts';
export { loadFact } from './loadEvidence.ts';
