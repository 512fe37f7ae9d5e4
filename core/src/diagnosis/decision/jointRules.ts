import { outcomeOf, type Evidence } from '../evidence/index.ts';
import { because, doNext, notDone, reason, type RuleDecision } from './ruleDecision.ts';

/** What was seen at the terminal, the stab or the panel's metal. */
export function seenAtTerminal(evidence: Evidence): RuleDecision | null {
  const seen = outcomeOf(evidence, 'terminal-inspection');
  const reasons = [because(evidence, 'terminal-inspection', 3), because(evidence, 'terminal-temperature', 2)];
  if (outcomeOf(evidence, 'stab-inspection') === 'pitted-or-burnt') {
    return {
      action: 'replace-breaker-and-remake-joint',
      headline: 'Replace this breaker; move it off the burnt stab',
      confidence: 0.8,
      reasons: [
        because(evidence, 'stab-inspection', 3),
        reason(
          'never-one-sign',
          1,
          'One burnt stab does not condemn a panel: that takes two independent kinds of evidence.',
        ),
      ],
      overturnedBy: ['The mark wipes off and the metal below is smooth.'],
      next: notDone(evidence, [doNext('terminal-temperature', 'It shows whether the neighbors suffer too.')]),
      cautions: ['offUntilDone', 'dead', 'otherSources', 'advice'],
    };
  }
  if (seen === 'two-wires-one-terminal') {
    return {
      action: 'separate-conductors',
      confidence: 0.85,
      reasons,
      overturnedBy: ['The terminal is marked for two conductors.'],
      next: notDone(evidence, [
        doNext('clamp-current', 'Their total load decides between a joint and a second breaker.'),
      ]),
      cautions: ['dead', 'advice'],
    };
  }
  if (seen === 'loose') {
    return {
      action: 'remake-joint',
      confidence: 0.85,
      reasons,
      overturnedBy: ['Burnt metal under the screw: then the breaker goes too.'],
      next: notDone(evidence, [doNext('terminal-temperature', 'It proves the joint after it is remade.')]),
      cautions: ['dead', 'otherSources', 'advice'],
    };
  }
  if (seen === 'corroded' || outcomeOf(evidence, 'water-signs') === 'condensation-or-rust') {
    return {
      action: 'dry-and-inspect',
      confidence: 0.75,
      reasons: [because(evidence, 'water-signs', 3), ...reasons],
      overturnedBy: ['Old stains, long dry, and sound metal below.'],
      next: notDone(evidence, [doNext('terminal-inspection', 'It shows how far the damp has come.')]),
      cautions: ['dead', 'advice'],
    };
  }
  return null;
}

/** Warmer than its like, not yet urgent. */
export function warmJoint(evidence: Evidence): RuleDecision | null {
  const fact = evidence.heat.find(({ result }) => result.grade === 'repair-soon' || result.grade === 'watch');
  if (!fact) return null;
  const soon = fact.result.grade === 'repair-soon';
  return {
    action: soon ? 'remake-joint' : 'gather-more',
    headline: soon ? undefined : 'Warm for its load: measure again under full load',
    confidence: soon ? 0.7 : 0.5,
    reasons: [
      because(evidence, 'terminal-temperature', 3),
      because(evidence, 'face-temperature', 3),
      ...fact.result.reasons.filter((r) => r.code !== 'over-peers').map((r) => reason(r.code, 2, r.text)),
    ],
    overturnedBy: ['The same rise on its neighbors under the same load.'],
    next: notDone(evidence, [
      doNext('terminal-temperature', 'The terminal tells it more surely than the face.'),
      doNext('terminal-inspection', 'It shows what makes the heat.'),
    ]),
    cautions: ['dead', 'advice'],
  };
}
