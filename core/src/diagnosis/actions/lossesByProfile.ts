import { keptPerObject } from '../../facts/kept/index.ts';
import type { Hazard } from '../../facts/hazards/index.ts';
import { ACTION_WORDS, type Profile } from '../../facts/vocabulary/index.ts';
import { NEEDLESS } from './losses.ts';
import type { RemedialAction } from '../causeFacts/index.ts';
import {
  leastLossAction,
  chanceItHelps,
  REMEDIAL_ACTIONS,
  LEAST_CONFIDENCE,
  type Choice,
  type LossTable,
} from './chooseAction.ts';
import type { Assessment } from './assessment.ts';

/** Actions that are work for a qualified electrician. */
const BY_ELECTRICIAN: ReadonlySet<RemedialAction> = new Set(
  REMEDIAL_ACTIONS.filter((action) => ACTION_WORDS[action].forElectrician),
);

/** To have an electrician come where anybody could have put it right, and where it takes one. */
const CALLED = { needlessly: 14, rightly: 1.5 } as const;

/**
 * The losses of somebody who has the work of an electrician done: whatever is wrong, to call one is one action. What only
 * parts one electrician’s work from another’s is no reason to ask this person more.
 * @param profile who is at work
 * @param table what each action costs under each cause
 * @returns the table; for a homeowner all of an electrician’s work costs as its cheapest does
 * @example lossesOf('electrician', table) // table
 */
export const lossesOf = (profile: Profile, table: LossTable): LossTable =>
  profile === 'electrician' ? table : withElectricianAsOne(table);

/** A table with an electrician’s work as one action. */
const withElectricianAsOne = keptPerObject((table: LossTable): LossTable => ({
  ...table,
  losses: table.losses.map((loss, i) => {
    const causes = table.right.length;
    const action = REMEDIAL_ACTIONS[Math.floor(i / causes)]!;
    return lossTold(action, loss, calledFor(table.right[i % causes]));
  }),
}));

/** How an electrician is called: where anybody could have put it right, where it takes one, or where the utility does too. */
type Called = 'needlessly' | 'rightly' | 'utilityToo';

function calledFor(right: RemedialAction | undefined): Called {
  if (right === 'replace-main') return 'utilityToo';
  return right === undefined || BY_ELECTRICIAN.has(right) ? 'rightly' : 'needlessly';
}

/**
 * Where half the house is dead and the street is lit nobody without a meter can tell a lost leg from a main’s dead pole: the
 * utility comes first, and says which.
 */
function lossTold(action: RemedialAction, loss: number, called: Called): number {
  if (called === 'utilityToo' && action === 'call-utility') return 0;
  if (!BY_ELECTRICIAN.has(action)) return loss;
  return called === 'needlessly' ? CALLED.needlessly : CALLED.rightly;
}

/** From this confidence on the electrician’s work is named; below it is said that one is needed, and why. */
const SURE_OF_THE_WORK = 0.7;
/** What somebody’s own action may be expected to lose at most, to be named. */
const MOST_LOST = NEEDLESS['shed-load'] + CALLED.needlessly;

/**
 * What this person is told to do: the choice, or, where all that is left to find out takes the cover off, to hand it over.
 *
 * @param assessed what the evidence comes to
 * @param profile who is at work
 * @returns action, confidence 0 to 1, expected loss
 * @example forPerson(assess([]), 'electrician').action // the choice itself
 */
export function forPerson(assessed: Assessment, profile: Profile): Choice {
  const { choice, table, probabilities, hazard } = assessed;
  if (profile === 'electrician' || hazard.level === 'stop') return choice;
  const own = leastLossAction(lossesOf(profile, table), probabilities);
  if (!BY_ELECTRICIAN.has(own.action)) {
    // What was seen binds for whoever sees it.
    if (choice.action !== 'gather-more' && BY_ELECTRICIAN.has(choice.action)) return named(choice, hazard);
    const confidence = chanceItHelps(own.action, table, probabilities);
    return own.expected > MOST_LOST || confidence < LEAST_CONFIDENCE
      ? { ...choice, action: 'gather-more', confidence: 0 }
      : { ...choice, ...own, confidence };
  }
  return named(choice, hazard);
}

/** What a finding asks for is named; what is only likely, where it is likely enough. */
const named = (choice: Choice, { findings }: Hazard): Choice =>
  choice.action !== 'gather-more' &&
  BY_ELECTRICIAN.has(choice.action) &&
  (choice.confidence >= SURE_OF_THE_WORK ||
    findings.some(({ remedies }) => remedies.some((remedy) => remedy === choice.action)))
    ? choice
    : { ...choice, action: 'gather-more', confidence: 0 };
