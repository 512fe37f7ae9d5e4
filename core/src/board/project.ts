import { HEAT_GRADES } from '../heat/index.ts';
import type { Evidence, HeatFact } from '../readings/index.ts';
import type { Decision } from '../diagnose/index.ts';
import type { BoardBreaker, BoardHeat, PanelSummary, Verdict } from './schema.ts';

/** A temperature as board and sheet show it. */
export function heatView({ point, at, surfaceC, ambientC, result }: HeatFact): BoardHeat {
  const { riseC, overPeersC, riseAtRatingC, grade } = result;
  return { point, at, surfaceC, ambientC, riseC, overPeersC, riseAtRatingC, grade };
}

/** The graver of a breaker's temperatures. */
export function gravestHeat(facts: readonly HeatFact[]): BoardHeat | null {
  const [worst] = [...facts].sort(
    (a, b) => HEAT_GRADES.indexOf(b.result.grade) - HEAT_GRADES.indexOf(a.result.grade),
  );
  return worst ? heatView(worst) : null;
}

/** A breaker as the board shows it, from its evidence and the decision that stands. */
export function boardBreakerOf(evidence: Evidence, standing: Verdict): BoardBreaker {
  const { action, family, headline, confidence, toAmps, stop } = standing.decision;
  return {
    breaker: evidence.breaker,
    label: evidence.circuit?.label ?? null,
    handle: evidence.handle,
    load: evidence.load,
    heat: gravestHeat(evidence.heat),
    standing: {
      action,
      family,
      headline,
      confidence,
      toAmps,
      stop: stop.active,
      stopAtMain: stop.onlyAtMain,
      at: standing.at,
    },
  };
}

/** How pressing a decision is: 0 first. Danger, then conductors without protection, then repairs. */
export function urgency(decision: Pick<Decision, 'action' | 'family'> & { stop: boolean }): number {
  if (decision.stop) return 0;
  if (decision.action === 'replace-breaker-and-remake-joint' || decision.action === 'size-down') return 1;
  if (decision.family === 'replace') return 2;
  if (decision.family === 'not-the-breaker') return 3;
  if (decision.family === 'reset' || decision.family === 'resize') return 4;
  return decision.family === 'need-more' ? 5 : 6;
}

/**
 * What in a panel needs attention, the most pressing first; missing readings are left to the board. A
 * danger at the main is listed once, as the main's.
 */
export function attentionOf(breakers: readonly BoardBreaker[]): PanelSummary['attention'] {
  return breakers
    .filter(({ standing }) => urgency(standing) < 5 && !standing.stopAtMain)
    .sort((a, b) => urgency(a.standing) - urgency(b.standing))
    .map(({ breaker, label, standing }) => ({
      breakerId: breaker.id,
      label: label ?? (breaker.space === null ? 'Main' : `Space ${breaker.space}`),
      headline: standing.headline,
      stop: standing.stop,
    }));
}
