import { HEAT_GRADES } from '../../physics/heat/index.ts';
import type { Evidence, HeatFact } from '../../diagnosis/evidence/index.ts';
import type { Decision } from '../../diagnosis/decision/index.ts';
import type { BoardBreaker, BoardHeat, PanelSummary, DecisionSummary, Verdict } from './schema.ts';
import type { Breaker, Panel } from '../../record/entities/index.ts';

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
    decision: summaryOf(verdict),
  };
}

/**
 * What a board or a list shows of the decision that stands.
 *
 * @param verdict the decision that stands
 * @returns what is told of it in a line
 * @example summaryOf(verdict).because // the reason that weighs most
 */
export function summaryOf({ at, decision }: Verdict): DecisionSummary {
  const { action, family, headline, confidence, toAmps, stop, reasons } = decision;
  return {
    action,
    family,
    headline,
    confidence,
    toAmps,
    because: (stop.active ? stop.reasons[0] : reasons[0]?.text) ?? '',
    stop: stop.active,
    stopAtMain: stop.onlyAtMain,
    at,
  };
}

/**
 * How pressing a decision is: 0 first. Danger, then conductors without protection, then repairs.
 *
 * @param decision its action and family, and whether it stops
 * @returns 0: at once; larger: later
 * @example urgency({ action: 'keep', family: 'keep', stop: true }) // 0
 */
export function urgency(decision: Pick<Decision, 'action' | 'family'> & { stop: boolean }): number {
  if (decision.stop) return 0;
  if (decision.action === 'replace-breaker-and-remake-joint' || decision.action === 'size-down') return 1;
  if (decision.family === 'replace') return 2;
  if (decision.family === 'not-the-breaker') return 3;
  if (decision.family === 'reset' || decision.family === 'resize') return 4;
  return decision.family === 'need-more' ? 5 : 6;
}

type Attention = PanelSummary['attention'][number];

/** A breaker as far as a list of what needs attention looks at it. */
export interface Judged {
  breaker: Pick<Breaker, 'id' | 'space'>;
  label: string | null;
  decision: DecisionSummary;
}

/** Before this rank something is to be done; what only lacks readings is left to the board. */
const RESTING = 5;

/**
 * What in a panel needs attention, the most pressing first. A danger at the main is listed once, as the
 * main's. Openings left open are the panel's own.
 *
 * @param panel its openings left open
 * @param breakers with the decisions that stand
 * @returns the list, most pressing first
 * @example attentionOf({ holes: [] }, []) // []
 */
export function attentionOf(panel: Pick<Panel, 'holes'>, breakers: readonly Judged[]): Attention[] {
  const ofBreakers = breakers
    .filter(({ decision }) => urgency(decision) < RESTING && !decision.stopAtMain)
    .map(({ breaker, label, decision }) => ({
      breakerId: breaker.id,
      space: breaker.space,
      label: label ?? (breaker.space === null ? 'Main' : `Space ${breaker.space}`),
      headline: decision.headline,
      because: decision.because,
      urgency: urgency(decision),
      stop: decision.stop,
    }));
  return [...ofBreakers, ...openings(panel)].sort((a, b) => a.urgency - b.urgency);
}

const openings = ({ holes }: Pick<Panel, 'holes'>): Attention[] =>
  holes.map((space) => ({
    breakerId: null,
    space,
    label: `Open hole at space ${space}`,
    headline: 'Have a filler plate installed',
    because: 'Live parts lie behind an open hole in the cover. Until then keep hands and things away.',
    urgency: 1,
    stop: false,
  }));
