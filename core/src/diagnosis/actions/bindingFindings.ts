import { outcomeHazard, type Hazard } from '../../facts/hazards/index.ts';
import {
  ACTIONS,
  type ActionId,
  type CauseId,
  type TestId,
  type TestResult,
} from '../../facts/vocabulary/index.ts';
import { endangers, ENERGISES } from './losses.ts';
import type { RemedialAction } from '../causeFacts/index.ts';
import type { Choice } from './chooseAction.ts';
import * as messages from './messages.ts';

/** A finding that decides whatever else tripped the breaker. Its remedies stand in the hazard table. */
interface BindingFinding {
  test: TestId;
  outcome: string;
  cause: CauseId;
  text: string;
  /** Everything else comes first: the finding decides only where nothing else is wrong. */
  last?: true;
  /** The finding decides nothing beside these outcomes, which have to be explained first. */
  unless?: Partial<Record<TestId, readonly string[]>>;
  /** The finding never decides by itself; the probabilities weigh it, and it is told beside their action. */
  beside?: true;
}

/** In the order in which they are acted on: first what leaves a hazard energized. */
const BINDING: readonly BindingFinding[] = [
  {
    test: 'trip-vs-curve',
    outcome: 'too-late-or-never',
    cause: 'stuck-breaker',
    text: messages.theBreakerTrippedFarTooLate,
  },
  {
    test: 'conductor-vs-breaker',
    outcome: 'wire-too-small',
    cause: 'oversized-breaker',
    text: messages.theWireIsTooSmallFor,
  },
  {
    test: 'stab-inspection',
    outcome: 'pitted-or-burnt',
    cause: 'burnt-stab',
    text: messages.theBusStabIsBurnedIt,
  },
  {
    test: 'terminal-inspection',
    outcome: 'discoloured-or-melted',
    cause: 'loose-terminal',
    text: messages.theTerminalHasOverheatedAnd,
  },
  {
    test: 'terminal-inspection',
    outcome: 'loose',
    cause: 'loose-terminal',
    text: messages.theTerminalIsLooseItHeats,
  },
  {
    test: 'terminal-temperature',
    outcome: 'over-15-over',
    cause: 'loose-terminal',
    text: messages.theTerminalIsMuchHotterThan,
  },
  {
    test: 'neutral-joint-inspection',
    outcome: 'loose-or-burnt',
    cause: 'shared-neutral-open',
    text: messages.theCircuitSNeutralIsLoose,
  },
  {
    test: 'test-button',
    outcome: 'does-not-trip',
    cause: 'electronic-unit-fault',
    text: messages.theTestButtonDoesNotTrip,
  },
  {
    test: 'terminal-inspection',
    outcome: 'corroded',
    cause: 'moisture',
    text: messages.theTerminalIsCorrodedMoisture,
  },
  {
    test: 'part-match',
    outcome: 'not-listed',
    cause: 'wrong-part',
    text: messages.theBreakerIsNotListedFor,
  },
  {
    test: 'terminal-inspection',
    outcome: 'two-wires-one-terminal',
    cause: 'shared-terminal',
    text: messages.twoConductorsAreUnderATerminal,
  },
  {
    test: 'water-signs',
    outcome: 'condensation-or-rust',
    cause: 'moisture',
    text: messages.thePanelShowsRustOr,
    beside: true,
  },
  {
    test: 'panel-age',
    outcome: 'family-withdrawn',
    cause: 'bus-failing',
    text: messages.thePanelBelongsToAWithdrawn,
    beside: true,
  },
  {
    test: 'reset-feel',
    outcome: 'hard-or-gritty',
    cause: 'worn-mechanism',
    text: messages.theHandleIsStiffOrGritty,
    unless: { 'reset-result-unplugged': ['trips-at-once'] },
  },
  {
    test: 'terminal-temperature',
    outcome: '3-to-15-over',
    cause: 'loose-terminal',
    text: messages.theTerminalIsWarmerThanSimilar,
    unless: { 'terminal-inspection': ['clean-and-tight'] },
    last: true,
  },
  {
    test: 'outlet-wiring',
    outcome: 'reversed',
    cause: 'open-wiring',
    text: messages.hotAndNeutralAreReversedAt,
    last: true,
  },
  {
    test: 'outlet-wiring',
    outcome: 'open-ground',
    cause: 'open-wiring',
    text: messages.theOutletHasNoGroundIf,
    last: true,
  },
];

/** Something else that needs an action of its own. */
export interface Also {
  cause: CauseId;
  action: RemedialAction;
  text: string;
}

/**
 * One look by itself is no surer than this. An eye seldom errs, but what it finds here is rare: in the study one in six
 * of such findings was a slip.
 */
const SURE_BY_ONE_LOOK = 0.85;
/** Two looks that call for the same work: sure unless both slipped. */
const SURE = 0.95;

/**
 * Whether an action rests on a single look, which is worth repeating before anything is cut or removed.
 *
 * @param results the latest outcome of each test
 * @param action the action decided on
 * @returns whether just one look calls for it
 * @example isByOneLook([{ test: 'conductor-vs-breaker', outcome: 'wire-too-small' }], 'size-down') // true
 */
export const isByOneLook = (results: readonly TestResult[], action: ActionId): boolean =>
  foundIn(results).filter((one) => dealsWith(one, action)).length === 1;

const foundIn = (results: readonly TestResult[]): BindingFinding[] =>
  BINDING.filter(
    ({ test, outcome, unless }) =>
      results.some((result) => result.test === test && result.outcome === outcome) &&
      !results.some((result) => unless?.[result.test]?.includes(result.outcome)),
  );

const remediesOf = ({ test, outcome }: BindingFinding): readonly ActionId[] =>
  outcomeHazard(test, outcome)?.remedies ?? [];

const actionOf = (one: BindingFinding): RemedialAction => remediesOf(one)[0] as RemedialAction;

const dealsWith = (one: BindingFinding, chosen: ActionId): boolean => remediesOf(one).includes(chosen);

/** No surer than looks can be. */
const asSeen = (results: readonly TestResult[], choice: Choice): Choice =>
  isByOneLook(results, choice.action)
    ? { ...choice, confidence: Math.min(choice.confidence, SURE_BY_ONE_LOOK) }
    : choice;

/** What is decided, and what needs an action besides. */
export interface Bound {
  choice: Choice;
  also: Also[];
}

/**
 * Let the findings that bind decide: no probability explains them away.
 *
 * @param results the latest outcome of each test
 * @param choice what the probabilities alone lead to
 * @param leading the likeliest cause
 * @returns the action to act on first, and what needs an action besides
 * @example bindFindings([], choice, "overload").also // []
 */
export function bindFindings(results: readonly TestResult[], choice: Choice, leading: CauseId): Bound {
  const found = foundIn(results);
  const first = found.find(({ beside }) => !beside);
  if (!first || dealsWith(first, choice.action) || !yields(choice, leading, first))
    return { choice: asSeen(results, choice), also: besides(found, choice.action) };
  const bound = asSeen(results, { ...choice, action: actionOf(first), confidence: SURE });
  const also = besides(found, bound.action);
  // Each action is told once: the probabilities may have led to the lesser of two findings.
  const likely = also.some(({ action }) => action === choice.action)
    ? []
    : whatElse(choice, leading, first.cause);
  return { choice: bound, also: [...also, ...likely] };
}

const besides = (found: readonly BindingFinding[], chosen: ActionId): Also[] =>
  found
    .filter((one) => !dealsWith(one, chosen))
    .map((one) => ({ cause: one.cause, action: actionOf(one), text: one.text }))
    .filter(
      ({ cause, action }, i, all) =>
        all.findIndex((one) => one.cause === cause && one.action === action) === i,
    );

/** Whether the choice comes after the finding: it would leave the circuit energized, or is the lesser of two dangers. */
const yields = ({ action }: Choice, leading: CauseId, first: BindingFinding): boolean =>
  action === 'gather-more' || action === 'keep' || (!first.last && yieldsToGrave(action, leading, first));

const yieldsToGrave = (action: RemedialAction, leading: CauseId, first: BindingFinding): boolean =>
  leading === first.cause ||
  ENERGISES.has(action) ||
  (endangers(first.cause) && !endangers(leading) && action !== 'make-safe-and-call');

/** What the probabilities led to, beside what binds: never a reset or a larger breaker beside another fault. */
function whatElse({ action }: Choice, leading: CauseId, bound: CauseId): Also[] {
  if (action === 'gather-more' || action === 'size-up' || ACTIONS[action] === 'reset') return [];
  if (leading === bound) return [];
  return [{ cause: leading, action, text: messages.aSecondLikelyCauseTheFirst }];
}

/** How sure it is that making the panel safe comes first during a stop. */
const STOP_CONFIDENCE = 0.97;

/**
 * During a stop: make it safe. The repair, where it is known, is told beside it.
 *
 * @param results the latest outcome of each test
 * @param repair the best action that leaves nothing energized
 * @param leading the likeliest cause
 * @returns the action that makes it safe, with the repairs
 */
export function makeSafe(results: readonly TestResult[], repair: Choice, leading: CauseId): Bound {
  const action = 'make-safe-and-call';
  const also = besides(foundIn(results), action);
  const isKnown = repair.action !== action && repair.confidence >= REPAIR_KNOWN;
  const more =
    isKnown && !also.some((one) => one.action === repair.action) ? likelyRepair(repair, leading) : [];
  return { choice: { ...repair, action, confidence: STOP_CONFIDENCE }, also: [...more, ...also] };
}

/** From this confidence on, a repair is named during a stop. */
const REPAIR_KNOWN = 0.5;

const likelyRepair = ({ action }: Choice, cause: CauseId): Also[] =>
  action === 'gather-more' ? [] : [{ cause, action, text: messages.theLikelyRepairOnceThePanel }];

/**
 * What to do where a finding rules out the action that the probabilities lead to: deal with the finding.
 *
 * @param hazard of all findings
 * @param expected expected loss of the action that was ruled out
 * @returns the remedy of the most dangerous finding that has one; null: none has
 */
export function remedyFor(hazard: Hazard, expected: number): Choice | null {
  const finding = hazard.findings.find(({ resetMayCure, remedies }) => !resetMayCure && remedies.length > 0);
  if (!finding) return null;
  return { action: finding.remedies[0] as RemedialAction, confidence: SURE_BY_ONE_LOOK, expected };
}
