import { keptPerObject } from '../../facts/kept/index.ts';
import {
  type BreakerRecord,
  type EvidenceInput,
  type Evidence,
  counts,
  failedResets,
  handleAt,
  heldAt,
  notStruck,
  latestOfEach,
  withoutPassedOutage,
  familyBand,
} from '../evidenceItems/index.ts';
import { heatEvidence, heatFacts } from './heatEvidence.ts';
import { isolationEvidence } from './isolationEvidence.ts';
import { loadAtTrip, loadEvidence, loadFact } from './loadEvidence.ts';
import { millivoltEvidence } from './millivoltEvidence.ts';
import { observationEvidence } from './observationEvidence.ts';
import { panelFindings } from './panelFindings.ts';
import { partEvidence } from './partEvidence.ts';
import { circuitSizing, sizingEvidence, sizingWithinError } from './sizingEvidence.ts';
import { wearOf } from '../wear/index.ts';
import { tripTrialsOf, breakerEstimate } from './tripTrials.ts';
import { tripEvidence, tripFacts } from './tripEvidence.ts';
import { lineSideEvidence, voltageEvidence } from './voltageEvidence.ts';

/**
 * Turn the record of a breaker into evidence: every reading, event, observation and computation as
 * the outcome of a test, the latest one of each test standing. Struck entries do not count.
 *
 * @param dossier the breaker, the panel's main and its other breakers
 * @returns evidence, each outcome with its figures and its sentence
 * @example gatherEvidence({ panel, policies, subject, main: null, others: [] }).handle // 'on'
 */
export function gatherEvidence(dossier: EvidenceInput): Evidence {
  const subject = counted(dossier.subject);
  const main = dossier.main && counted(dossier.main);
  const others = dossier.others.map(counted);
  // The main may stand among the others as well.
  const neighbors = (main && !others.includes(main) ? [main, ...others] : others).filter(
    ({ breaker }) => breaker.id !== subject.breaker.id,
  );
  const band = familyBand(subject.breaker.family, dossier.curves);
  const trips = tripFacts(subject, band);
  const trials = tripTrialsOf(subject.breaker, subject.entries.events, band, trips);
  const load = loadFact(subject);
  const heat = heatFacts(subject, others);
  const sizing = circuitSizing(subject, dossier.policies);
  const line = lineSideEvidence(subject, main);
  const handle = handleAt(subject.entries.events);
  const trippedSince = handle === 'tripped' ? heldAt(subject.entries.events) : null;
  const found = [
    ...observationEvidence(subject),
    ...voltageEvidence(subject),
    ...line.items,
    ...loadEvidence(subject, load, sizing),
    ...loadAtTrip(subject, trips, load),
    ...heatEvidence(heat),
    ...millivoltEvidence(subject, others),
    ...tripEvidence(subject, trips),
    ...isolationEvidence(subject),
    ...sizingEvidence(subject, sizing),
    ...partEvidence(subject.breaker, dossier.panel),
  ];
  const items = withoutPassedOutage(
    latestOfEach(found.filter((item) => counts(item, subject.since ?? null, trippedSince))),
  );
  const looked = new Set(items.map(({ test }) => test));
  return {
    breaker: subject.breaker,
    circuit: subject.circuit,
    policies: dossier.policies,
    handle,
    items,
    setAside: latestOfEach(found).filter(({ test }) => !looked.has(test)),
    elsewhere: neighbors.flatMap(panelFindings),
    trips,
    trials,
    estimate: breakerEstimate(subject.breaker.ratingAmps, trials),
    wear: wearOf(subject.breaker, subject.entries.events),
    failedResets: failedResets(subject.entries.events),
    lastReset: subject.entries.events.findLast((event) => event.kind === 'reset') ?? null,
    load,
    heat,
    sizing,
    sizingWithinError: sizingWithinError(subject, dossier.policies, sizing),
    learned: dossier.learned,
    lineSide: line.lineSide,
  };
}

/** A file with the entries that count; made once for each: a panel’s breakers are each held against all others. */
const counted = keptPerObject((file: BreakerRecord): BreakerRecord => ({
  ...file,
  entries: notStruck(file.entries),
}));
