import type { Profile } from '../../facts/vocabulary/index.ts';
import type { Assessment } from './assessment.ts';
import { remedyFor } from './bindingFindings.ts';
import { chanceItHelps, LEAST_CONFIDENCE, REMEDIAL_ACTIONS, type Choice } from './chooseAction.ts';
import { leadingCause } from './decideOn.ts';
import { staysEnergized } from './losses.ts';
import { proofNeeded } from './proof.ts';
import { forPerson } from './lossesByProfile.ts';

/** An action is named at the end if it is at least as likely right as not. */
const LIKELIER_THAN_NOT = 0.5;

/**
 * What is decided once no test is left that is worth its price: a case never ends without an answer. A homeowner hands over
 * what takes an electrician; an electrician acts on the likeliest cause, or else on the gravest finding. Nothing is left on
 * or reset on less than even odds.
 *
 * @param assessed what the evidence comes to
 * @param profile who is at work
 * @returns the action that is most likely right within what the hazard allows
 * @example finalChoice(assess([{ test: 'smell', outcome: 'hot-plastic' }]), 'electrician').action // 'make-safe-and-call'
 */
export function finalChoice(assessed: Assessment, profile: Profile): Choice {
  const choice = forPerson(assessed, profile);
  if (choice.action !== 'gather-more' || profile === 'homeowner') return choice;
  const { table, probabilities, hazard, results, known } = assessed;
  const isUnproven = proofNeeded(leadingCause(probabilities), results, known) !== null;
  const byChance = REMEDIAL_ACTIONS.filter(
    (action) => !table.ruledOut.has(action) && !(action === 'replace-breaker' && isUnproven),
  )
    .map((action): Choice => ({
      ...choice,
      action,
      confidence: chanceItHelps(action, table, probabilities),
    }))
    .sort((a, b) => b.confidence - a.confidence);
  const [best] = byChance;
  if (best && best.confidence >= LIKELIER_THAN_NOT) return best;
  const repair = byChance.find(({ action }) => action !== 'gather-more' && !staysEnergized(action));
  return (
    remedyFor(hazard, choice.expected) ?? (repair && repair.confidence >= LEAST_CONFIDENCE ? repair : choice)
  );
}
