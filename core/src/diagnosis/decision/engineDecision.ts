import { CAUSE_IDS } from '../causes/index.ts';
import { itemOf, outcomeOf, type Evidence } from '../evidence/index.ts';
import {
  ACTION_WORDS,
  type ActionId,
  CAUSE_WORDS,
  type CauseId,
  sayOutcome,
  WATCH_IT,
} from '../../facts/vocabulary/index.ts';
import { byEarlierCases } from './byEarlierCases.ts';
import { byItsRecord } from './byItsRecord.ts';
import { ACTION_CAUTIONS, type CautionId } from './cautions.ts';
import type { Decision } from './decision.ts';
import {
  type Assessment,
  carriedBy,
  type Diagnosis,
  isByOneLook,
  isSettled,
  nextTests,
  overturning,
  rankedCauses,
} from '../engine/index.ts';
import { doNext, reason, type RuleDecision } from './ruleDecision.ts';

/** So many causes, reasons, next tests and ways to overturn it are told. */
const TOLD = { causes: 4, reasons: 5, next: 3, overturning: 3 } as const;
/** A cause less likely than this is not worth a line. */
const LIKELY = 0.03;
/** Weights in nats from which a reason carries the decision, or supports it; less than the last says nothing. */
const NATS = { carries: 2, supports: 0.7, says: 0.2 } as const;

/** While none is likelier than this they are not worth telling. */
const LEADS = 0.2;

/** The likeliest causes, with their chances, as a decision tells them. */
export const likelyCauses = (assessed: Assessment): Decision['causes'] =>
  rankedCauses(assessed)
    .filter((_one, _i, [first]) => first!.probability >= LEADS)
    .filter(({ probability }, i) => i === 0 || probability >= LIKELY)
    .slice(0, TOLD.causes)
    // Rounded, so that the same record gives the same decision on every machine.
    .map(({ id, probability }) => ({ id, name: CAUSE_WORDS[id], probability: round(probability) }));

const round = (share: number) => Math.round(share * 1000) / 1000;

/** What the engine decides about a breaker, in words; on the main a breaker’s replacement is the main’s. */
export function engineDecision(evidence: Evidence, assessed: Assessment): RuleDecision {
  const action = ofThisBreaker(evidence, assessed.choice.action);
  const [leading] = rankedCauses(assessed);
  const tests = nextTests(assessed, 'electrician');
  const next = isSettled(assessed, tests, 'electrician') ? [] : engineNext(assessed, tests);
  // What a test to do next would change is told with it (see wouldChange).
  const others = tests.filter(({ id }) => !next.some(({ test }) => test === id));
  const watched = action === 'reset-and-watch' && outcomeOf(evidence, 'reset-result') === 'holds';
  return {
    action,
    confidence: round(assessed.choice.confidence),
    reasons: engineReasons(evidence, assessed),
    overturnedBy: wouldOverturn(assessed, others),
    next,
    // What is done already needs no caution.
    cautions: watched ? ['neverLarger'] : cautionsFor(action, leading!.id, evidence),
    ...(watched ? { headline: WATCH_IT.headline, steps: [...WATCH_IT.steps] } : {}),
  };
}

/** Those of the action, and of what is wrong: one that may not open is not made dead by its own handle. */
function cautionsFor(action: ActionId, leading: CauseId, evidence: Evidence): CautionId[] {
  const usual = ACTION_CAUTIONS[action].filter((id) => id !== 'noMoreResets' || hasShorted(evidence));
  return leading === 'stuck-breaker' && action.startsWith('replace') ? ['deadAtMain', ...usual] : usual;
}

/** Whether it ever opened on a short: then each further trip pits its contacts. */
const hasShorted = (evidence: Evidence): boolean =>
  evidence.wear.magneticTrips > 0 ||
  outcomeOf(evidence, 'reset-result') === 'trips-at-once' ||
  outcomeOf(evidence, 'reset-result-unplugged') === 'trips-at-once' ||
  outcomeOf(evidence, 'insulation-resistance') === 'near-zero';

/** A larger breaker is never the answer to a trip; the main is replaced by another road. */
function ofThisBreaker(evidence: Evidence, action: ActionId): ActionId {
  if (action === 'size-up' && evidence.trips.length > 0) return 'shed-load';
  return action === 'replace-breaker' && evidence.breaker.role === 'main' ? 'replace-main' : action;
}

/** The evidence that carried it, heaviest first; where none weighs much, the one that weighs most. */
function engineReasons(evidence: Evidence, assessed: Assessment): RuleDecision['reasons'] {
  const [leading] = rankedCauses(assessed);
  const told = carriedBy(leading!.id, assessed)
    .filter(({ weight }, i) => i === 0 || Math.abs(weight) >= NATS.says)
    .slice(0, TOLD.reasons)
    .map(({ test, weight, text }) => {
      const item = itemOf(evidence, test);
      const size = Math.abs(weight);
      return reason(
        `${test}:${item?.outcome ?? ''}`,
        size >= NATS.carries && weight > 0 ? 3 : size >= NATS.supports && weight > 0 ? 2 : 1,
        `${weight < 0 ? 'Against it: ' : ''}${item?.text ?? text}`,
        { figures: item?.figures ?? [], source: item?.source },
      );
    });
  const bench = leading!.id === 'weak-breaker' || leading!.id === 'stuck-breaker' ? 3 : 1;
  return [
    ...told,
    byOneLook(assessed),
    staysOpen(assessed),
    byItsRecord(evidence, bench),
    byEarlierCases(assessed),
  ];
}

/** What rests on one look is looked at twice before anything is cut. */
const byOneLook = ({ results, choice: { action } }: Assessment): RuleDecision['reasons'][number] =>
  isByOneLook(results, action)
    ? reason(
        'one-look',
        1,
        'One look says so, and looks err. Check it a second time before anything is cut or taken out.',
      )
    : null;

/** A cause less likely than this is not among those that stay open. */
const OPEN_FROM = 0.1;

/** Where several causes come to the same work: what stays open, and that it changes nothing. */
function staysOpen({
  probabilities,
  table,
  choice: { action },
}: Assessment): RuleDecision['reasons'][number] {
  const same = CAUSE_IDS.map((cause, i) => ({ cause, chance: probabilities[i]!, does: table.does[i]! }))
    .filter(({ chance, does }) => chance >= OPEN_FROM && (does as readonly string[]).includes(action))
    .sort((a, b) => b.chance - a.chance);
  if (same.length < 2) return null;
  const names = same.slice(0, 3).map(({ cause }) => `“${CAUSE_WORDS[cause]}”`);
  return reason('stays-open', 1, `It could be any of these, and the work is the same: ${names.join(', ')}.`);
}

/** What is worth doing next, and what it parts. */
function engineNext(assessed: Assessment, tests: Diagnosis['nextTests']): RuleDecision['next'] {
  const [first, second] = rankedCauses(assessed);
  const tells = `It tells “${CAUSE_WORDS[first!.id]}” from “${CAUSE_WORDS[second!.id]}”.`;
  return tests.slice(0, TOLD.next).map(({ id }) => doNext(id, tells));
}

/** Outcomes that would lead elsewhere, as sentences. */
function wouldOverturn(assessed: Assessment, tests: Diagnosis['nextTests']): string[] {
  const told = overturning(tests.slice(0, TOLD.next * 2), assessed)
    .slice(0, TOLD.overturning)
    .map(
      ({ test, outcome, action }) => `${sayOutcome(test, outcome)}: then “${ACTION_WORDS[action].headline}”.`,
    );
  return told.length > 0 ? told : ['A reading that contradicts one of those above.'];
}
