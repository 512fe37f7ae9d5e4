import { keptPerObject } from '../../facts/kept/index.ts';
import {
  hazardFrom,
  hazardOf,
  isAtLeast,
  type Hazard,
  type HazardCircumstances,
  type HazardFinding,
} from '../../facts/hazards/index.ts';
import type { TestId } from '../../facts/vocabulary/index.ts';
import type { Evidence } from '../evidence/index.ts';
import { replacedForShorts } from '../wear/index.ts';
import { hasTrouble, resultsOf } from './recordResults.ts';
import { replaceThisBreaker, unpluggedInstantTrips } from './recordFacts.ts';
import * as messages from './messages.ts';

/** How dangerous a breaker’s own findings are, and those of the rest of its panel. */
export interface RecordHazard {
  own: Hazard;
  /** What was found elsewhere and concerns the whole panel. */
  elsewhere: Hazard;
}

/**
 * The hazards on record for a breaker, in the sentences of its entries.
 *
 * @param evidence what is known of the breaker
 * @returns its own, and those found elsewhere in the panel
 * @example recordHazard(gatherEvidence(dossier)).own.level // 'none'
 */
export const recordHazard = keptPerObject((evidence: Evidence): RecordHazard => {
  const { items, elsewhere } = evidence;
  const own = hazardOf(resultsOf(evidence), ownCircumstances(evidence));
  const said = own.findings.map((finding) => {
    const item = finding.isCombined ? undefined : items.find(({ test }) => test === finding.test);
    return item && item.outcome === finding.outcome ? { ...finding, text: item.text } : finding;
  });
  const placed = elsewhere.map(({ place, text, ...finding }) => ({
    ...finding,
    text: messages.at(place, text),
  }));
  return { own: { ...own, findings: said }, elsewhere: hazardFrom(placed) };
});

/**
 * What the record adds to the hazard of its results, with what was found elsewhere in the panel from `restrict` on.
 *
 * @param evidence what is known of the breaker
 * @returns circumstances as `hazardOf` takes them
 * @example circumstancesOf(evidence).findings // []
 */
export function circumstancesOf(evidence: Evidence): HazardCircumstances {
  const own = ownCircumstances(evidence);
  const { elsewhere } = recordHazard(evidence);
  const obeyed = elsewhere.findings.filter(({ level }) => isAtLeast(level, 'restrict'));
  return { ...own, findings: [...own.findings, ...obeyed] };
}

/**
 * Whether anything is wrong with the breaker itself, or somebody complained of it.
 *
 * @param evidence of the breaker
 * @returns whether it is diagnosed at all
 * @example needsWork(evidence) // false
 */
export const needsWork = (evidence: Evidence): boolean =>
  evidence.complaint !== undefined || hasTrouble(evidence) || recordHazard(evidence).own.level !== 'none';

/** What the record adds to the hazard of the breaker’s own results. */
export const ownCircumstances = (evidence: Evidence) => ({
  unpluggedTrips: unpluggedInstantTrips(evidence).length,
  carriesNothing: evidence.handle !== 'on',
  findings: [...clearedShorts(evidence), ...loadDoesNotFit(evidence)],
  foundElsewhere: new Set<TestId>(evidence.items.filter(({ ofPanel }) => ofPanel).map(({ test }) => test)),
});

/** The breaker has cleared as many short circuits as the chosen policy allows. */
function clearedShorts(evidence: Evidence): HazardFinding[] {
  const { wear, policies } = evidence;
  if (!replacedForShorts(wear, policies.afterDeadShort)) return [];
  const shorts = wear.magneticTrips;
  return [
    {
      test: 'trips-on-record',
      outcome: 'after-dead-short',
      level: 'repair',
      scope: 'breaker',
      resetMayCure: false,
      remedies: [replaceThisBreaker(evidence), 'replace-breaker-and-remake-joint', 'replace-panel'],
      isCombined: true,
      text: messages.theBreakerHasClearedYour(
        shorts === 1 ? messages.aShortCircuit : messages.shortCircuits(shorts),
        policies.afterDeadShort === 'each' ? messages.afterEachOne : messages.afterTheSecond,
      ),
    },
  ];
}

/** The load is more than this circuit can ever supply. */
function loadDoesNotFit({ sizing, sizingWithinError, breaker }: Evidence): HazardFinding[] {
  if (!sizing || (sizing.decision !== 'split' && sizing.decision !== 'rewire')) return [];
  // An unprotected wire comes first, and a load within the meter’s error is measured again first.
  if (sizingWithinError?.decision === 'keep' || breaker.ratingAmps > sizing.maxBreakerAmps) return [];
  return [
    {
      test: 'load-share',
      outcome: '100-to-135',
      level: 'repair',
      scope: 'circuit',
      resetMayCure: false,
      remedies:
        sizing.decision === 'split' ? ['split-circuit', 'shed-load', 'rewire'] : ['rewire', 'shed-load'],
      isCombined: true,
      text: sizing.reasons[0]?.text ?? messages.theLoadIsMoreThanThis,
    },
  ];
}
