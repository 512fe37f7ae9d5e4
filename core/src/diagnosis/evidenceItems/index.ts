export { type CoolDown, coolDownOf, coolDownTimes } from './coolDown.ts';
export {
  type BreakerRecord,
  type EvidenceInput,
  type Evidence,
  type EvidenceItem,
  type Figure,
  type HeatFact,
  type LoadFact,
  type PanelFinding,
  type TripFact,
  itemOf,
  outcomeOf,
} from './evidence.ts';
export { familyBand, familyCurve } from './familyBand.ts';
export { counts, countsFrom, countsSince } from './freshness.ts';
export {
  type Timed,
  failedResets,
  handleAt,
  heldAt,
  nearest,
  nearestTo,
  notStruck,
  timed,
} from './history.ts';
export { latestOfEach } from './latestOfEach.ts';
export { marked } from './marked.ts';
export { METER_POINTS, type MeterPoint, type MeteredTest, meterPointsOf } from './meterPoints.ts';
export { withoutPassedOutage } from './poweredAgain.ts';
export { type BreakerEstimate, type TripTrial, tripTrial } from './tripTrial.ts';
export { orBeyond } from './withinError.ts';
