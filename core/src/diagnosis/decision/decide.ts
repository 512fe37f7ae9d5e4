import type { Evidence } from '../evidence/index.ts';
import { ACTION_WORDS, type Profile } from '../../facts/vocabulary/index.ts';
import { againstTheRest } from './byItsRecord.ts';
import { cautionOf } from './cautions.ts';
import {
  openBeyondBreaker,
  overloaded,
  shortInWiring,
  instantTripWithLoads,
  stillDead,
  supplyMissing,
} from './circuitRules.ts';
import { stopFor } from './dangers.ts';
import { dangersIn } from '../danger/index.ts';
import { familyOf, type Decision } from './decision.ts';
import { engineDecision, likelyCauses } from './engineDecision.ts';
import { reason, type RuleDecision, type Rule } from './ruleDecision.ts';
import { assessRecord, circumstancesOf, hasTrouble, resultsOf } from './fromRecord.ts';
import { seenAtTerminal, warmJoint } from './jointRules.ts';
import { type Also, type Assessment, forPerson, mayDoInDanger } from '../engine/index.ts';
import {
  hotJoint,
  openBreaker,
  sluggishBreaker,
  tripsTooEarly,
  wornMechanism,
  wrongPart,
} from './replaceRules.ts';
import { wornByClearedShorts, wornByShorts } from './wearRules.ts';
import {
  causeKnownAndGone,
  causeKnownAndThere,
  enoughTrials,
  neverFullyReset,
  trippedUnexplained,
} from './resetRules.ts';
import { loadDoesNotFit, loadWithinError, oversizedBreaker, undersizedBreaker } from './resizeRules.ts';
import { nothingToGoBy, soundAsMeasured, surgeProtector } from './restRules.ts';

/** Settled by figures, by a chosen policy or by danger: no likelihood weighs against them. */
const order = (rule: Rule) => ({ rule, binds: () => true });
/** A sign that means one thing by itself: where the engine has enough to decide, it decides. */
const sign = (rule: Rule) => ({ rule, binds: () => false });
/** A sign that condemns nothing before its own questions are answered: until then it binds. */
const proof = (rule: Rule) => ({ rule, binds: ({ action }: RuleDecision) => familyOf(action) !== 'replace' });

/** In order of precedence: the first that speaks is looked at, the others are told beside it. */
const RULES = [
  order(oversizedBreaker),
  order(shortAlone),
  order(stopRule),
  order(shortInWiring),
  sign(hotJoint),
  order(supplyMissing),
  proof(openBreaker),
  sign(wornMechanism),
  order(wrongPart),
  sign(sluggishBreaker),
  order(overloaded),
  proof(tripsTooEarly),
  sign(seenAtTerminal),
  sign(openBeyondBreaker),
  sign(warmJoint),
  order(wornByClearedShorts),
  order(causeKnownAndGone),
  order(causeKnownAndThere),
  order(enoughTrials),
  sign(instantTripWithLoads),
  sign(neverFullyReset),
  sign(stillDead),
  sign(trippedUnexplained),
  order(loadDoesNotFit),
  order(loadWithinError),
  order(wornByShorts),
  order(undersizedBreaker),
  order(surgeProtector),
  order(soundAsMeasured),
];

/**
 * Decide about one breaker: reset, resize, replace, not the breaker, measure this next, or keep.
 *
 * Danger, sizing, the chosen policies and what has just been put right bind. All else is weighed: the chance of every
 * cause by all that is on record, the bench’s and the ledger’s figures among it, and the action of least expected loss.
 * Where that is not enough to decide, the first sign that means something by itself does.
 *
 * @param evidence all that is known of it (see `gatherEvidence`)
 * @param profile who is told: a homeowner has an electrician’s work done, and hears so where more cannot be found out
 * @returns the decision with the causes it may have, its reasons by weight, what would overturn it, what to measure
 *   next, and the cautions that belong to it
 * @example decide(gatherEvidence(dossierOfANewBreaker)).family // 'need-more'
 */
export function decide(evidence: Evidence, profile: Profile = 'electrician'): Decision {
  const spoken = RULES.flatMap(({ rule, binds }) => {
    const finding = rule(evidence);
    return finding ? [{ finding, binding: binds(finding) }] : [];
  });
  const trouble = hasTrouble(evidence);
  const assessed = assessRecord(evidence);
  const first = weighed(evidence, assessed, spoken, profile);
  const rest = spoken.map(({ finding }) => finding).filter((finding) => finding !== first);
  const stop = stopFor(evidence);
  const words = ACTION_WORDS[first.action];
  const causes = trouble ? likelyCauses(assessed) : [];
  return {
    action: first.action,
    family: familyOf(first.action),
    headline: first.headline ?? words.headline,
    steps: [...(first.firstSteps ?? []), ...(first.steps ?? words.steps)],
    forElectrician: words.forElectrician,
    toAmps: first.toAmps ?? null,
    confidence: first.confidence,
    stop,
    causes,
    reasons: againstTheRest(evidence, causes, byWeight(first)),
    overturnedBy: first.overturnedBy,
    next: stop.active ? first.next.filter(({ test }) => mayDoInDanger(test)) : first.next,
    cautions: first.cautions.map((id) => cautionOf(id, evidence.policies)),
    also: besides(first, rest, assessed.also),
  };
}

/** A rule that spoke, and whether the engine may decide otherwise. */
interface Spoken {
  finding: RuleDecision;
  binding: boolean;
}

/**
 * What binds; else what the engine decides, where it agrees with a sign in the sign’s words, with its own figure of how
 * sure. It resets nothing that anything binding further down forbids.
 */
function weighed(
  evidence: Evidence,
  assessed: Assessment,
  spoken: readonly Spoken[],
  profile: Profile,
): RuleDecision {
  const [seen] = spoken;
  if (seen?.binding) return seen.finding;
  const choice = forPerson(assessed, profile);
  // Where nobody complains of anything, that nothing is wrong is no news.
  const asked = hasTrouble(evidence) || evidence.complaint !== undefined;
  if (!asked || choice.action === 'gather-more') return seen?.finding ?? nothingToGoBy(evidence);
  const found = engineDecision(evidence, { ...assessed, choice });
  const bound = spoken.find(({ binding }) => binding);
  if (bound && familyOf(found.action) === 'reset') return bound.finding;
  return seen?.finding.action === found.action ? inTheWordsOf(seen.finding, found) : found;
}

const inTheWordsOf = (sign: RuleDecision, found: RuleDecision): RuleDecision => ({
  ...sign,
  confidence: found.confidence,
  reasons: [...sign.reasons, ...found.reasons],
  overturnedBy: [...sign.overturnedBy, ...found.overturnedBy].slice(0, 4),
  next: [...sign.next, ...found.next].filter(
    ({ test }, i, all) => all.findIndex((other) => other.test === test) === i,
  ),
});

function byWeight(finding: RuleDecision): Decision['reasons'] {
  const reasons = finding.reasons.filter((r) => r !== null);
  const once = reasons.filter((r, i) => reasons.findIndex((other) => other.code === r.code) === i);
  return once.sort((a, b) => b.weight - a.weight);
}

/** Where nothing but a short in the wiring is dangerous, it stays off, and what is to be done is known. */
function shortAlone(evidence: Evidence): RuleDecision | null {
  const signs = dangersIn(resultsOf(evidence), circumstancesOf(evidence));
  return signs.every(({ by }) => by === null) ? shortInWiring(evidence) : null;
}

/** Danger signs by themselves: leave it off and call. */
function stopRule(evidence: Evidence): RuleDecision | null {
  const stop = stopFor(evidence);
  if (!stop.active) return null;
  return {
    action: 'make-safe-and-call',
    confidence: 0.97,
    reasons: stop.reasons.map((text, i) => reason(`danger-${i + 1}`, 3, text)),
    overturnedBy: ['An electrician who has looked at it and logged what was found.'],
    next: [],
    cautions: ['advice'],
  };
}

/** Other findings that stand beside the first: never a reset or a larger breaker beside another fault. */
function besides(first: RuleDecision, rest: RuleDecision[], engine: readonly Also[]): Decision['also'] {
  const seen = new Set<string>([first.action]);
  const told = rest.flatMap((finding) => {
    const family = familyOf(finding.action);
    if (seen.has(finding.action) || family === 'need-more' || family === 'keep') return [];
    if (family === 'reset' || finding.action === 'size-up') return [];
    seen.add(finding.action);
    const headline = finding.headline ?? ACTION_WORDS[finding.action].headline;
    const because = byWeight(finding)[0];
    return [{ action: finding.action, headline, text: because?.text ?? '' }];
  });
  const more = engine.filter(({ action }) => !seen.has(action));
  return [
    ...told,
    ...more.map(({ action, text }) => ({ action, headline: ACTION_WORDS[action].headline, text })),
  ];
}
