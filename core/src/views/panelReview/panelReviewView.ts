import { recordHazard } from '../../diagnosis/decision/index.ts';
import {
  gatherFindings,
  panelReview,
  seasonOf,
  signsOf,
  type PanelOnRecord,
} from '../../diagnosis/panelReview/index.ts';
import { callFor } from '../../facts/hazards/index.ts';
import { PANEL_SIGN_WORDS, panelSign } from '../../facts/vocabulary/index.ts';
import { panelHazard, suspensionReasons } from '../board/index.ts';
import type { PanelReviewView } from './schema.ts';

/** Hazards on record for the whole panel, in words; null without any. */
function hazardOnRecord(evidence: PanelOnRecord['evidence']): PanelReviewView['hazard'] {
  const panel = panelHazard(
    evidence.map((one) => ({ breaker: one.breaker, decision: { hazard: recordHazard(one).own } })),
  );
  if (panel.follows === null) return null;
  const { use, now, waiting, who } = panel.follows;
  return {
    level: panel.level,
    findings: suspensionReasons({ panel }),
    use,
    now,
    call: panel.level === 'stop' ? callFor(who) : null,
    waiting,
  };
}

/**
 * The review of a panel from what is on record of it.
 *
 * @param site the site’s name
 * @param record the panel, what is known of its breakers and legs, what was found of it as a whole, and now
 * @returns the verdict with its signs, each with its origin
 * @example panelReviewOf('Shed', record).review.verdict // 'watch'
 */
export function panelReviewOf(site: string, record: PanelOnRecord): PanelReviewView {
  const { panel, evidence, now } = record;
  const findings = gatherFindings(record);
  const signs = signsOf(findings);
  const review = panelReview({ evidence: signs.map(({ sign }) => sign) });
  const hazard = hazardOnRecord(evidence);
  return {
    site,
    panel: {
      id: panel.id,
      name: panel.name,
      spaces: panel.spaces,
      family: panel.family,
      mainAmps: evidence.find(({ breaker }) => breaker.role === 'main')?.breaker.ratingAmps ?? null,
    },
    now,
    review: hazard?.level === 'stop' ? { ...review, soon: 'now' } : review,
    hazard,
    signs: signs.map((one) => {
      const { kind, bearing } = panelSign(one.sign);
      return { ...one, kind, bearing, ...PANEL_SIGN_WORDS[one.sign] };
    }),
    season: seasonOf(findings.seasonal, now)?.text ?? null,
  };
}
