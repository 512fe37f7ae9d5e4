import { keptPerObject } from '../../facts/kept/index.ts';
import { hazardOf, outcomeLevel, panelFindingsAt, type HazardFinding } from '../../facts/hazards/index.ts';
import { atPlace } from '../../panel/layout/index.ts';
import {
  type BreakerRecord,
  type EvidenceItem,
  type PanelFinding,
  handleAt,
  latestOfEach,
} from '../evidenceItems/index.ts';
import { heatEvidence, heatFacts } from './heatEvidence.ts';
import { observationEvidence } from './observationEvidence.ts';
import { lineSideEvidence, voltageEvidence } from './voltageEvidence.ts';

/**
 * Findings logged at one breaker that concern the whole panel. At the main, everything from `restrict` on does: the main
 * carries the whole panel.
 *
 * @param record the breaker with its entries, voided ones left out
 * @returns findings of panel or supply scope
 * @example panelFindings(record).map(({ outcome }) => outcome) // ['one-leg-missing']
 */
export const panelFindings = keptPerObject((record: BreakerRecord): PanelFinding[] => {
  const { breaker } = record;
  const items = latestOfEach([
    ...observationEvidence(record),
    ...voltageEvidence(record),
    ...lineSideEvidence(record, null).items,
    ...heatEvidence(heatFacts(record, [])),
  ]).filter((item) => counts(item, record.since ?? null));
  const { findings } = hazardOf(items, { carriesNothing: handleAt(record.entries.events) !== 'on' });
  const text = (finding: HazardFinding) =>
    finding.isCombined ? finding.text : items.find(({ test }) => test === finding.test)!.text;
  return panelFindingsAt(findings, breaker.role === 'main').map((finding) => ({
    ...finding,
    breakerId: breaker.id,
    place: atPlace(breaker),
    text: text(finding),
  }));
});

/** What stops counts until another outcome stands in its place; anything else belongs to its case. */
const counts = ({ test, outcome, at }: EvidenceItem, since: string | null): boolean =>
  since === null || at >= since || outcomeLevel(test, outcome) === 'stop';
