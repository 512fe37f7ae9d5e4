import {
  HAZARD_LEVELS,
  hazardToSend,
  NO_HAZARD,
  ofWholePanel,
  type HazardShape,
} from '../../facts/hazards/index.ts';
import { HEAT_GRADES } from '../../physics/heat/index.ts';
import { panelHazard } from './panelHazard.ts';
import type { Evidence, HeatFact } from '../../diagnosis/evidence/index.ts';
import type { Decision } from '../../diagnosis/decision/index.ts';
import type { BoardBreaker, BoardHeat, PanelSummary, DecisionSummary, Verdict } from './schema.ts';
import type { Breaker, Panel } from '../../record/entities/index.ts';
import * as messages from './messages.ts';

/**
 * A temperature as board and detail show it.
 *
 * @param fact what was measured, and how it is graded
 * @returns the same, without what only the core needs
 * @example heatView(fact).grade // 'normal'
 */
export function heatView({ point, at, surfaceC, ambientC, result, simulated }: HeatFact): BoardHeat {
  const { riseC, overPeersC, riseAtRatingC, grade } = result;
  return { point, at, surfaceC, ambientC, riseC, overPeersC, riseAtRatingC, grade, simulated };
}

/**
 * The graver of a breaker's temperatures.
 *
 * @param facts of one breaker
 * @returns the worse by grade; `null`: none was measured
 * @example gravestHeat([]) // null
 */
export function gravestHeat(facts: readonly HeatFact[]): BoardHeat | null {
  const [worst] = [...facts].sort(
    (a, b) => HEAT_GRADES.indexOf(b.result.grade) - HEAT_GRADES.indexOf(a.result.grade),
  );
  return worst ? heatView(worst) : null;
}

/**
 * A breaker as the board shows it, from its evidence and the decision that stands.
 *
 * @param evidence what is known of it
 * @param verdict the decision that stands
 * @param feeds the sub-panel behind it
 * @returns one entry of the board
 * @example boardBreakerOf(evidence, verdict).handle // 'on'
 */
export function boardBreakerOf(
  evidence: Evidence,
  verdict: Verdict,
  feeds: BoardBreaker['feeds'] = null,
): BoardBreaker {
  return {
    breaker: evidence.breaker,
    label: evidence.circuit?.label ?? null,
    handle: evidence.handle,
    load: evidence.load,
    heat: gravestHeat(evidence.heat),
    feeds,
    decision: decisionSummary(verdict),
  };
}

/**
 * What a board or a list shows of the decision that stands.
 *
 * @param verdict the decision that stands
 * @returns what is told of it in a line
 * @example decisionSummary(verdict).because // the reason that weighs most
 */
export function decisionSummary({ at, decision }: Verdict): DecisionSummary {
  const { action, family, headline, confidence, toAmps, stop, reasons, hazard, also } = decision;
  return {
    action,
    family,
    headline,
    confidence,
    toAmps,
    because: (stop.active ? stop.reasons[0] : reasons[0]?.text) ?? '',
    stop: stop.active,
    stopElsewhere: stop.isElsewhere,
    hazard: hazard ?? hazardToSend(NO_HAZARD),
    repair: stop.active && also[0] ? { action: also[0].action, headline: also[0].headline } : null,
    at,
  };
}

/** How pressing something is: 0 first, then by the level of the hazard, then by what is decided. */
const RANK = { stop: 0, restrict: 1, repair: 2, decided: 3, planned: 4, ask: 5, keep: 6 } as const;

/**
 * How pressing a decision is: 0 first. The hazard comes first, then what is decided.
 *
 * @param decision its family, its hazard, and whether it stops
 * @returns 0: now; larger: later
 * @example urgency({ family: 'keep', hazard: { level: 'none' }, stop: true }) // 0
 */
export function urgency({ family, hazard, stop }: Pressing): number {
  if (stop) return RANK.stop;
  if (hazard.level !== 'none') return RANK[hazard.level];
  if (family === 'need-more') return RANK.ask;
  if (family === 'keep') return RANK.keep;
  return family === 'reset' || family === 'resize' ? RANK.planned : RANK.decided;
}

type Pressing = Pick<Decision, 'family'> & { hazard: Pick<HazardShape, 'level'>; stop: boolean };

type Attention = PanelSummary['attention'][number];

/** A breaker as far as a list of what needs attention looks at it. */
export interface Judged {
  breaker: Pick<Breaker, 'id' | 'role' | 'space' | 'half' | 'poles'>;
  label: string | null;
  decision: DecisionSummary;
}

/**
 * What in a panel needs attention, the most pressing first. A finding that concerns the whole panel is listed once, as the
 * panel’s. Open slots are the panel’s own.
 *
 * @param panel its open slots
 * @param breakers with the decisions that stand
 * @returns the list, most pressing first
 * @example attentionOf({ holes: [] }, []) // []
 */
export function attentionOf(panel: Pick<Panel, 'holes'>, breakers: readonly Judged[]): Attention[] {
  const ofBreakers = breakers.flatMap(({ breaker, label, decision }): Attention[] => {
    // What was found elsewhere in the panel is listed there.
    const stop = decision.stop && !decision.stopElsewhere;
    const rank = urgency({ ...decision, stop });
    const { findings } = decision.hazard;
    const isOnlyPanels = findings.length > 0 && ofWholePanel(findings).length === findings.length;
    const isNothingOwn = decision.stopElsewhere && findings.length === 0;
    if (rank >= RANK.ask || isOnlyPanels || isNothingOwn) return [];
    return [
      {
        breakerId: breaker.id,
        space: breaker.space,
        label: label ?? (breaker.space === null ? messages.main : messages.space(breaker.space)),
        headline: decision.headline,
        because: decision.because,
        urgency: rank,
        stop,
      },
    ];
  });
  return [...ofPanel(breakers), ...ofBreakers, ...openings(panel)].sort((a, b) => a.urgency - b.urgency);
}

/** What concerns the whole panel: one entry for each level, at the first breaker it was logged at. */
function ofPanel(breakers: readonly Judged[]): Attention[] {
  const found = ofWholePanel(breakers.flatMap(({ decision }) => decision.hazard.findings));
  const { findings } = panelHazard(breakers);
  return HAZARD_LEVELS.flatMap((level): Attention[] => {
    const own = findings.filter((one) => one.level === level && found.some(({ text }) => text === one.text));
    const [first] = own;
    if (!first) return [];
    const at = breakers.find(({ breaker }) => breaker.id === first.breakerId)!;
    return [
      {
        breakerId: first.breakerId,
        space: at.breaker.space,
        label: messages.wholePanel,
        headline: at.decision.headline,
        because: [...new Set(own.map(({ text, place }) => messages.at(place, text)))].join(' '),
        urgency: RANK[first.level],
        stop: level === 'stop',
      },
    ];
  });
}

const openings = ({ holes }: Pick<Panel, 'holes'>): Attention[] =>
  holes.map((space) => ({
    breakerId: null,
    space,
    label: messages.openSlotAtSpace(space),
    headline: messages.haveAFillerPlateInstalled,
    because: messages.energizedPartsAreBehindTheOpen,
    urgency: RANK.restrict,
    stop: false,
  }));
